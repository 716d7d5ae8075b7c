module DustLadder
  module Rigging
    # A load whose legs hang from a beam, and the beam from the hook: the elastic pose of both bodies, and its corners.
    # Lower slings and fittings load the beam, and all above it, with their own weight.
    class UnderBeam < Arrangement
      BEAM = 1

      attr_reader :beam

      # beam: a PlannedBeam. upper_sling_of: from an upper sling's index to its data, or nil. hung_below: kg of slings
      # and fittings that hang from each hole of the beam, by leg; whoever calls it may be told that one is not known.
      def initialize(rigging, load, rules, sling_of, beam, upper_sling_of, hung_below)
        super(rigging, load, rules, sling_of)
        @beam = beam
        @upper_sling_of = upper_sling_of
        @hung_below = hung_below
      end

      def measure
        beam.chosen
        beam.sound
        super
      end

      def one_hook? = false
      def worked? = envelope.worked? && made_envelope.worked?
      def names_above = beam.uppers.map(&:name)
      def strand_names = names + names_above
      def lines_above = lines.drop(points.size)

      # A bail goes into the hook alone.
      def hook_spread_deg = beam.bail? ? 0.0 : super

      # Lengths of the legs, bearing to bearing, m: as typed, or made up to hang level under a level beam.
      def lengths
        return super if @rigging.by_lengths?
        if @rigging.by_angles?
          raise Impossible.new(
            "angles are typed for legs from one hook, not below a beam",
            pointer: @rigging.pointer("set_by")
          )
        end

        @lengths ||= level.legs
      end

      # Lengths of the slings above the beam, bearing to bearing, m.
      def upper_lengths
        @upper_lengths ||=
          @rigging.by_lengths? ? beam.uppers.map { |upper| upper.long.positive } : level.uppers
      end

      # Worst and nominal Pull of a sling above the beam.
      def upper_nominal(index) = as_made.upper_pull(index)
      def upper_worst(index) = all.max_by { |pose| pose.tensions[points.size + index] }.upper_pull(index)

      # The beam with what it is marked with, and what hangs from it beside the load.
      def rated = @rated ||= beam.rated(hung_below)

      # What slings and fittings below weigh on the beam, kg, by leg.
      def hung_below = @hung_masses ||= points.each_index.map { |leg| @hung_below.call(leg) }

      # Its corners as they stretch.
      def envelope = @envelope ||= Worked.of(envelope_key) { envelope_of }
      # Its corners with every line as long as it was made.
      def made_envelope
        @made_envelope ||=
          Worked.of([ :made, *envelope_key ]) do
            envelope_of(base: envelope, settle: method(:taken_back))
          end
      end

      def pose = @pose ||= turning { seen(envelope.nominal, nominal_corner(false)) }
      def as_made = @as_made ||= turning { seen(made_envelope.nominal, nominal_corner(true)) }
      def beam_tilt_deg = envelope.nominal.pose.tilt_deg(BEAM)

      # Every pose with its corner in words: [[words, Equilibrium], ...], nominal first.
      def hangs = all.map { |pose| [ pose.corner.words, pose.hang ] }
      def slack_now?(index) = pose.tensions[index] <= 0.0

      # Where holes and eyes are, in the load's axes, as it hangs nominally.
      def beam_places
        body = beam.body
        places =
          body.points.transform_values do |at|
            centred = at.zip(body.cg).map { |one, centre| one - centre }
            PoseUnderBeam.in_load(envelope.nominal, envelope.nominal.pose.place(BEAM, centred))
          end
        %w[hole eye bail]
          .map { |name| places.select { |key, _| key.start_with?(name) }.values }
          .then { |holes, eyes, bail| [ holes, eyes + bail ] }
      end

      # Height of the pendulum that holds as firmly, m, of load and beam, the less of both.
      def least_margin = [ 0, BEAM ].map { |body| Statics::Stability.new(envelope.nominal).margin(body) }.min

      # Level pose: the hook above each point, and points from the plumb line.
      def heights = points.map { |point| pose.hook[2] - point[2] }

      private

      def all
        @all ||=
          begin
            raise Pending, "the worst case is being worked out" if @hasty && !worked?

            turning { [ as_made, pose, *corner_poses ] }
          end
      end

      def envelope_of(**made)
        Statics::Envelope.new(
          rig,
          body: 0,
          masses: [ @load.least_kg, @load.planned_kg ],
          half_widths: @load.cg_half_width,
          tolerance: tolerance,
          halt: true,
          **made,
          read: method(:read),
          read_near: read_near,
          # The hook stands above the lowest corner of the base, whichever that is.
          read_greatest: [ [ 0, 1, 2, 3 ] ]
        )
      end

      # Every corner as it stretches and as made.
      def corner_poses
        [ [ envelope, false ], [ made_envelope, true ] ].flat_map do |envelope, made|
          envelope.corners.map { |corner| seen(corner.hang, corner_of(corner, made)) }
        end
      end

      def corner_of(corner, made) = Corner.new(corner.weight, corner.cg, corner.lengths, made, line_names)

      # What else is read from a pose: the hook's height over the base, the legs' directions in the load's axes, and
      # what the beam carries.
      def read(hang)
        seen = seen(hang, nil)
        directions = directions? ? points.each_index.flat_map { |index| unit(direction(seen, index)) } : []
        [ *above_corners(seen), *directions, *rated.parts(hang, BEAM, beam.used_span).map(&:demand) ]
      end

      # The hook above each corner of the base, along plumb, m.
      def above_corners(seen)
        length, width = @load.size
        [ 0.0, length ].product([ 0.0, width ]).map do |x, y|
          (seen.hook[0] - x) * seen.up[0] + (seen.hook[1] - y) * seen.up[1] + seen.hook[2] * seen.up[2]
        end
      end

      NEAR_M = 1e-4
      NEAR_DIRECTION = 2e-5
      NEAR_KG = 1e-6

      # Does any fitting ask which way it is pulled?
      def directions? = @rigging.legs.any? { |leg| leg.fittings.any? }

      # How much of each figure that is read is nothing.
      def read_near
        beam_parts = rated.count(points.each_index.map { |leg| beam.hole(leg) }.uniq.size)
        Array.new(
          4,
          NEAR_M
        ) + Array.new(
          directions? ? 3 * points.size : 0,
          NEAR_DIRECTION
        ) + Array.new(beam_parts, NEAR_KG * @load.planned_kg)
      end

      def unit(way) = Math.sqrt(way.sum { |part| part * part }).then { |long| way.map { |part| part / long } }

      def turning
        yield
      rescue Statics::Equilibrium::NotFound, Statics::Envelope::TurnsOver => error
        raise impossible(error.what)
      end

      # The pose whose lines are, stretched, as long as they were made; four legs share by their stretch and are taken
      # back alike, by as much as the one that stretches most.
      def taken_back(hang)
        wanted = hang.rig.lines.map(&:rest)
        enough = (points.size > 2 ? ALIKE_ENOUGH : BACK_ENOUGH) * @load.planned_kg
        last, before = hang, nil
        MOST_TAKEN_BACK.times do
          found = Statics::Equilibrium.of(
            hang.rig.with(rests: wanted.zip(strains(last)).map { |rest, strain| rest / (1 + strain) }),
            start: last.pose
          )
          off = last.tensions.zip(found.tensions).map { |one, other| (one - other).abs }.max
          return found if (before ? off * off / before : off) < enough

          last, before = found, off
        end
        last
      end
      # Each time what is left is smaller by the strain itself, as it was the time before.
      BACK_ENOUGH = 1e-7
      # Where the legs are taken back alike, lengths are only as made as that.
      ALIKE_ENOUGH = 1e-4

      def strains(hang)
        found = hang.tensions.zip(hang.rig.lines).map { |tension, line| tension / line.stiffness }
        points.size > 2 ? found.fill(found.first(points.size).max, 0, points.size) : found
      end

      # A pose of the rig as the load sees it.
      def seen(hang, corner) = PoseUnderBeam.seen(hang, points, line_of, corner, uppers: !beam.bail?)

      def level = @level ||= LevelUnderBeam.new(@rigging, @load, beam, hung_below)

      def bodies = super + [ beam.body(hung_below) ]

      def lines
        below = super.each_with_index.map { |line, index| line.merge(nodes: [ beam.node(index), "load.#{index}" ]) }
        return below + [ bail ] if beam.bail?

        below +
          beam.uppers.map do |upper|
            {
              name: upper.name,
              nodes: [ "hook", "beam.eye #{upper.index}" ],
              rest: upper_lengths[upper.index],
              stiffness: upper_stiffness(upper)
            }
          end
      end

      def bail
        stiffness = PlannedBeam::BAIL_STIFF * (@load.planned_kg + beam.mass)
        { name: "bail", nodes: %w[hook beam.bail], rest: PlannedBeam::BAIL_M, stiffness: stiffness }
      end

      def line_names = @line_names ||= names + (beam.bail? ? [ "bail" ] : names_above)
      def upper_stiffness(upper) = stiffness_of(@upper_sling_of.call(upper.index), upper.name, upper.pointer("sling"))

      def envelope_key
        above = beam.bail? ? [ beam.bail_at ] : beam.uppers.map { |upper| upper_stiffness(upper) }
        [ *corners_key, directions?, beam.piece, upper_lengths, beam.holes, points.each_index.map { |leg|
          beam.hole(leg)
        }, hung_below, above ]
      end
    end
  end
end
