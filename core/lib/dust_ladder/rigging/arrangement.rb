module DustLadder
  module Rigging
    # How a load hangs from one hook: its legs' lengths, how it hangs nominally, and the worst of what the weight's
    # range, the CG's box and the length tolerance allow, corner by corner (handbook, section 3.5), as the legs were
    # made and as they stretch: stretch never helps (section 15). Siblings are Bridle, SpaceBridle and UnderBeam; each
    # says how it hangs nominally (#pose, #as_made) and in every corner (#all).
    class Arrangement
      # How often the lengths are taken back to what was made.
      MOST_TAKEN_BACK = 60

      attr_reader :points, :cg
      # May the worst case wait, where it takes long? Then whoever asks for it is told so.
      attr_writer :hasty

      # The one of a plan. rigging: a Plan::Rigging. load: a Load::PlannedLoad. sling_of: from a leg's index to its
      # sling's data, or nil. beam: a PlannedBeam, or nil. above, hung_below: as of UnderBeam.
      def self.of(rigging, load, rules, sling_of, beam: nil, above: nil, hung_below: nil)
        return UnderBeam.new(rigging, load, rules, sling_of, beam, above, hung_below) if beam

        in_plane = load.points.size <= 2 && rigging.pairs.empty?
        (in_plane ? Bridle : SpaceBridle).new(rigging, load, rules, sling_of)
      end

      def initialize(rigging, load, rules, sling_of)
        @rigging = rigging
        @load = load
        @rules = rules
        @sling_of = sling_of
        @reeved = rigging.pairs
        @leg_lengths = LegLengths.new(rigging, load, in_plane: by_hand?)
      end

      # Raises NotKnown, Impossible where it cannot be built or hang.
      def measure
        @leg_lengths.angle_fields
        @points = @load.points.map(&:at)
        @cg = @load.cg
        upright if @points.size == 2
        reeved_soundly
        by_hand? ? as_made : pose
        self
      end

      def names = @load.points.map(&:name)
      # Legs, and slings above a beam.
      def strand_names = names
      # Lines between hook and a beam, as of a Rig.
      def lines_above = []
      # Are its shares worked out by hand? One or two legs hang in one plane with the CG: their pose has a closed form.
      def by_hand? = false
      # May all legs be rated together, hanging straight from one hook?
      def one_hook? = !reeved?
      def reeved? = @reeved.any?
      # Is every pose known?
      def worked? = true

      # From a leg's point towards what it hangs from, in the load's axes, m.
      def direction(pose, index) = pose.tops[index].zip(points[index]).map { |top, point| top - point }
      # What a leg presses into the load along the level, nominally and at most, kg.
      def thrust(index) = level_part(nominal[index])
      def worst_thrust(index) = all.map { |hung| level_part(hung.pull(index)) }.max

      # How far apart the outermost of what goes into the hook stand at worst, degrees.
      def hook_spread_deg
        all
          .map do |hung|
            leans = (hung.uppers.any? ? hung.uppers : hung.legs).map { |strand| 90 - strand.deg_from_horizontal }
            leans.size == 2 ? leans.sum : leans.size > 2 ? 2 * leans.max : 0.0
          end
          .max
      end

      # Leg lengths, bearing to bearing, m: as typed, or made up to hang level under the hook height.
      def lengths = @lengths ||= @leg_lengths.to_a
      # Angles of legs as typed, as Fields, degrees from the horizontal.
      def angle_fields = @leg_lengths.angle_fields

      # Raises NotKnown where it is not known how far the legs stretch, and so how level and how high the load hangs.
      def stretch_known! = nil

      # Hook bearing above the load's lowest corner along plumb, m: nominally, and the least and most of all corners.
      def hook_above_base = pose.above_base(@load.size)

      # The hook's height as it is set, before anything stretches, m; nil when it is not by the hook's height.
      def hook_set = @rigging.by_hook_height? ? @rigging.hook_height.value : nil

      def hook_range
        stretch_known!
        @hook_range ||= all.map { |hung| hung.above_base(@load.size) }.minmax
      end

      # Pulls on each leg in the nominal pose, as made. Raises NotKnown when a leg would hang slack.
      def nominal = @nominal ||= points.each_index.map { |index| as_made.pull(index) }

      # The Pull on each leg at its worst corner.
      def worst
        @worst ||=
          begin
            nominal
            points.each_index.map { |index| all.max_by { |hung| hung.tension(index) }.pull(index) }
          end
      end

      # The most that a point of the load is pulled with, kg.
      def at_point(index) = worst[index].tension

      # Every Pull on one leg, nominal first, then corner by corner.
      def pulls_of(index) = [ nominal[index], *all.map { |hung| hung.pull(index) } ]

      # Every pose: nominal, and at each corner of the weight's range, the CG's box and the legs' tolerance.
      def poses = all
      def slack? = idle.any? && points.size < 4
      # Legs that may carry nothing somewhere in the corners, by index; one or two are told by slack?.
      def idle = @idle ||= points.each_index.select { |index| all.any? { |hung| hung.tension(index) <= 0.0 } }
      # Does a leg hang slack, nominally?
      def slack_now?(index) = pose.tension(index) <= 0.0
      # The pose that hangs furthest off level.
      def steepest = all.min_by { |hung| hung.up[2] }

      # Height of the pendulum that holds as firmly as the load does, m.
      def least_margin = Statics::Stability.new(Statics::Equilibrium.of(rig)).margin(0)

      # The flattest that each leg stands in any corner, degrees from the horizontal.
      def flattest_deg = @flattest_deg ||= strand_names.each_index.map { |index| flattest(index).deg_from_horizontal }

      # The pose leg that stands flattest, of one strand's over all corners.
      def flattest(index) = flattest_of(index).strands[index]
      def flattest_of(index) = all.min_by { |hung| hung.rise(index) }

      # Shares by hand, level and stiff: as equalised, kg. Raises NotKnown.
      def equalised
        by = points.size == 3 ? :three_point_shares : :least_norm_shares
        Statics::Level.public_send(by, @load.planned_kg, plan, heights)
      end

      # Of the level pose, m: points from the plumb line, [x, y], and the hook above each.
      def plan = points.map { |point| [ point[0] - cg[0], point[1] - cg[1] ] }
      def heights = points.map { |point| as_made.hook[2] - point[2] }

      # Which line of the rig a leg is, or is part of.
      def line_index(leg) = line_of[leg]

      # What hangs, as a Rig of bodies and lines.
      def rig = Statics::Rig.new(bodies: bodies, lines: lines)

      private

      def level_part(pull) = pull.tension * pull.leg.run.abs / pull.leg.length
      def nominal_corner(made) = Corner.new(nil, nil, nil, made, line_names)
      def tolerance = @rules[:leg_length_tolerance]
      # Length and stiffness of each line.
      def rests = @rests ||= legs_by_line.map { |legs| legs.sum { |leg| lengths[leg] } }
      def stiffnesses = @stiffnesses ||= legs_by_line.map { |legs| stiffness(legs[0]) }

      # All that the corners depend on.
      def corners_key
        weights = DustLadder.known { [ @load.least_kg, @load.planned_kg ] }
        stiff = DustLadder.known { stiffnesses }
        [ points, cg, @load.cg_half_width, weights, rests, stiff, @reeved, tolerance, line_names ]
      end

      def impossible(words) = Impossible.new(words, pointer: @leg_lengths.pointer)

      # The line of each leg.
      def line_of
        @line_of ||=
          begin
            first = points.each_index.map { |index| (@reeved.find { |pair| pair.include?(index) } || [ index ]).min }
            first.map { |index| first.uniq.index(index) }
          end
      end

      # The legs, by index, that each line is or is part of: one, or a reeved pair.
      def legs_by_line
        @legs_by_line ||= line_of.each_with_index.group_by(&:first).values.map { |some| some.map(&:last) }
      end

      def line_names = @line_names ||= legs_by_line.map { |legs| names.values_at(*legs).join(" to ") }

      def upright
        a, b = points
        return if Math.hypot(b[0] - a[0], b[1] - a[1]) > 1e-6

        raise Impossible.new(
          "the points stand over one another: two legs need a spread",
          pointer: @load.pointer("points", 1, "x")
        )
      end

      def reeved_soundly
        return if @reeved.empty?

        flat = @reeved.flatten
        unless flat.uniq.size == flat.size && flat.all? { |index| index < points.size }
          raise Impossible.new(
            "a reeved sling joins two points that the load has, each once",
            pointer: @rigging.reeved.pointer("pairs")
          )
        end

        one, other = @reeved.find { |pair| @rigging.legs.values_at(*pair).map(&:sling).uniq.size > 1 }
        return unless one

        raise Impossible.new(
          "a reeved pair is one sling: #{names[one]} and #{names[other]} have two",
          pointer: @rigging.legs[other].pointer("sling")
        )
      end

      def stiffness(index)
        leg = @rigging.legs[index]
        stiffness_of(@sling_of.call(index), "#{names[index]} leg", leg.pointer("sling"), leg.hitch)
      end

      # Axial stiffness of a sling, kg: one part's rating over its stretch there; a basket has two parts.
      def stiffness_of(sling, name, pointer, hitch = "vertical")
        Slings::Stretch.of(sling, @rules, name: name, pointer: pointer).stiffness * (hitch == "basket" ? 2 : 1)
      end

      def bodies
        at = points.each_with_index.to_h { |place, index| [ index.to_s, place ] }
        [ Statics::Rig::Body.new(name: "load", mass: @load.planned_kg, cg: cg, points: at) ]
      end

      # One line a leg; a reeved pair is one line over the hook.
      def lines
        legs_by_line.map do |legs|
          nodes = legs.size == 1 ? [ "hook", "load.#{legs[0]}" ] : [ "load.#{legs[0]}", "hook", "load.#{legs[1]}" ]
          {
            name: legs.join(" "),
            nodes: nodes,
            rest: legs.sum { |leg| lengths[leg] },
            stiffness: stiffness(legs[0])
          }
        end
      end
    end
  end
end
