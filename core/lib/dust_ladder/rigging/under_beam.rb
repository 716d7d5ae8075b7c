module DustLadder
  module Rigging
    # A load whose legs hang from a beam, and the beam from the hook: the elastic pose of both bodies, and its corners.
    class UnderBeam < SpaceBridle
      BEAM = 1
      TRIES = 30

      attr_reader :beam

      # beam: a PlannedBeam. upper_sling_of: from an upper sling's index to its data, or nil.
      def initialize(document, load, rules, sling_of, beam, upper_sling_of)
        super(document, load, rules, sling_of)
        @beam = beam
        @upper_sling_of = upper_sling_of
      end

      def measure
        beam.chosen
        beam.sound
        super
      end

      def names_above = beam.uppers.map(&:name)
      def strand_names = names + names_above

      def lines_above = lines.drop(points.size)

      # Lengths of the slings above the beam, bearing to bearing, m.
      def upper_lengths
        @upper_lengths ||= @set_by == "leg_lengths" ? beam.uppers.map { |upper| upper.length.positive } : level.uppers
      end
      # Worst and nominal Pull of a sling above the beam.
      def upper_nominal(index) = above(envelope.nominal.tensions, pose, "nominal")[index]
      def upper_worst(index)
        [ upper_nominal(index), *corners_seen.map { |corner, pose|
          above(corner.tensions, pose, words(corner))[index]
        } ].max_by(&:tension)
      end

      # Every pose with its corner in words: [[words, Equilibrium], ...], nominal first.
      def hangs
        @hangs ||= [ [ "nominal", envelope.nominal ], *corners_of.map { |corner| [ words(corner), corner.hang ] } ]
      end
      def beam_tilt_deg = envelope.nominal.pose.tilt_deg(BEAM)

      # Where holes and eyes are, in the load's axes, as it hangs nominally.
      def beam_places
        body = beam.body
        places = body.points.transform_values { |at|
          in_load(
            envelope.nominal,
            envelope.nominal.pose.place(
              BEAM,
              at.zip(body.cg).map { |one, centre|
                one - centre
              }
            )
          )
        }
        [ "hole", "eye", "bail" ].map { |name|
          places.select { |key, _|
            key.start_with?(name)
          }.values
        }.then { |holes, eyes, bail| [ holes, eyes + bail ] }
      end

      private

      # A level load under a level beam: where the beam and the hook stand along the load, and lengths, m.
      Level = Struct.new(:along, :hook, :legs, :uppers)

      def level_lengths = level.legs

      def level
        @level ||= begin
          gaps = points.map { |point| @hook_height.value - beam.headroom - beam.depth - point[2] }
          raise Impossible.new(
            "the beam is not above the points",
            pointer: @hook_height.pointer
          ) unless gaps.all?(&:positive?)

          along = balanced(gaps)
          across = middle_across
          hook = (@load.planned_kg * cg[0] + beam.mass * along) / (@load.planned_kg + beam.mass)
          legs = points.each_with_index.map { |point, index|
            Math.sqrt((along + beam.hole(index) - point[0])**2 + (across - point[1])**2 + gaps[index]**2)
          }
          Level.new(
            along,
            hook,
            legs,
            beam.eyes.map { |eye|
              Math.hypot(beam.eyes.size == 1 ? 0.0 : hook - along - eye, beam.headroom)
            }.first(beam.uppers.size)
          )
        end
      end

      # Across the load the beam stands over the CG where legs on both sides hold it, else over the points' line.
      def middle_across
        sides = points.map { |point| point[1] }
        groups.any? { |_, some| some.size > 1 } ? cg[1] : sides.sum / sides.size
      end

      def groups = points.each_index.group_by { |index| beam.hole(index) }.sort.to_h

      # Where the beam's middle stands along the load so that the legs' level pulls cancel, m.
      def balanced(gaps)
        raise Impossible.new(
          "all legs hang from one hole of the beam: two are needed",
          pointer: "/rigging/legs/0/hole"
        ) if groups.size < 2

        pulls = ->(along) { level_pull(along, gaps) }
        one = groups.sum { |hole, some| some.sum { |index| points[index][0] } / some.size - hole } / groups.size
        other = one + 0.01
        TRIES.times do
          here, there = pulls.(one), pulls.(other)
          break if here.abs < 1e-9 * @load.planned_kg || (here - there).abs < 1e-12

          one, other = one - here * (other - one) / (there - here), one
        end
        one
      end

      # What of the legs' level pulls is left over with the beam's middle at a place, kg.
      def level_pull(along, gaps)
        shares = groups.map do |hole, some|
          weights = side_weights(some, gaps)
          leans = some.map { |index| (along + hole - points[index][0]) / gaps[index] }
          [ some.each_with_index.sum { |index, place|
            weights[place] * (points[index][0] - cg[0] - leans[place] * (points[index][2] - cg[2]))
          }, weights.zip(leans).sum { |weight, lean|
               weight * lean
             } ]
        end
        first, last = shares.first, shares.last
        raise Impossible.new(
          "the CG cannot hang between these holes",
          pointer: "/rigging/beam/span"
        ) if (last[0] - first[0]).abs < 1e-9

        carried = @load.planned_kg * last[0] / (last[0] - first[0])
        carried * first[1] + (@load.planned_kg - carried) * last[1]
      end

      # How the legs of one hole share its part: across the load their level pulls cancel.
      def side_weights(some, gaps)
        return [ 1.0 ] if some.size == 1
        raise Impossible.new(
          "more than two legs hang from one hole",
          pointer: "/rigging/legs/#{some[2]}/hole"
        ) if some.size > 2

        arms = some.map { |index| (points[index][1] - cg[1]) / gaps[index] }
        raise Impossible.new(
          "both legs of one hole stand on one side of the CG",
          pointer: "/load/points/#{some[0]}/y"
        ) unless (arms[0] * arms[1]).negative?

        [ arms[1] / (arms[1] - arms[0]), -arms[0] / (arms[1] - arms[0]) ]
      end

      def bodies = super + [ beam.body ]

      def lines
        below = super.each_with_index.map { |line, index| line.merge(nodes: [ beam.node(index), "load.#{index}" ]) }
        return below + [ {
          name: "bail",
          nodes: [ "hook", "beam.bail" ],
          rest: PlannedBeam::BAIL_M,
          stiffness: PlannedBeam::BAIL_STIFF * (@load.planned_kg + beam.mass)
        } ] if beam.bail?

        below + beam.uppers.map { |upper|
          {
            name: upper.name,
            nodes: [ "hook", "beam.eye #{upper.index}" ],
            rest: upper_lengths[upper.index],
            stiffness: upper_stiffness(upper)
          }
        }
      end

      def line_names = names + (beam.bail? ? [ "bail" ] : names_above)

      def upper_stiffness(upper) = stiffness_of(@upper_sling_of.call(upper.index), upper.name, upper.pointer("sling"))

      # The slings above are strands beside the legs.
      def uppers_of(hang)
        beam.bail? ? [] : hang.rig.lines.drop(points.size).map { |line|
          leg_between(
            *line.nodes.map { |node|
              place(hang, node)
            }
          )
        }
      end
      def above(tensions, pose, corner)
        tensions.drop(points.size).zip(pose.uppers).map { |tension, leg|
          Pull.new(tension * leg.height / leg.length, tension, leg, corner)
        }
      end
      def envelope_key
        super + [ beam.data, upper_lengths, beam.holes, beam.bail? ? [] : beam.uppers.map { |upper|
          upper_stiffness(upper)
        } ]
      end
      def margins = [ 0, BEAM ].map { |body| Statics::Stability.new(envelope.nominal).margin(body) }
      # Only all that hangs is plumb under the hook: the load leans as its own axes say.
      def under_beam? = true
    end
  end
end
