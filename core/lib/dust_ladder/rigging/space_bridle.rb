module DustLadder
  module Rigging
    # Three or four legs from one hook, or points that share a reeved sling. How they share depends on their stretch, so
    # the pose is the elastic one, and the worst is looked for in every corner of weight, CG box and leg tolerance
    # (handbook, sections 3.4 and 3.5).
    class SpaceBridle < Bridle
      # The worst case was not asked for yet: only how it hangs nominally.
      class Pending < NotKnown; end

      # A leg as it hangs: level distance of its point from the plumb line, height of the hook above it, length; m.
      Leg = Struct.new(:run, :height, :length) do
        def deg_from_horizontal = Math.atan2(height, run) * 180 / Math::PI
      end
      # The pose in the load's own axes, as of Statics::PlaneHang. tops: where each leg hangs from; uppers: legs above a
      # beam; plumb: the direction of plumb.
      Pose = Struct.new(:legs, :up, :hook, :cg, :margin, :tilt_deg, :tops, :uppers, :plumb) do
        def hook_from_cg = hook.zip(cg).map { |place, centre| place - centre }
        def strands = legs + uppers
        def between? = true
      end
      KEPT = 8
      @worked = {}

      # Envelopes that were worked out before: most changes of a plan leave the bridle as it is.
      def self.worked(key)
        @worked.clear if @worked.size >= KEPT && !@worked.key?(key)
        @worked[key] ||= yield
      end

      # sling_of: from a leg's index to its sling's data, or nil.
      def initialize(document, load, rules, sling_of)
        super(document, load, rules)
        @sling_of = sling_of
        @reeved = document.dig("rigging", "reeved", "pairs") || []
      end

      def by_hand? = false
      def one_hook? = !reeved? && !under_beam?
      def reeved? = @reeved.any?

      def measure
        @points = @load.points.map(&:at)
        @cg = @load.cg
        reeved_soundly
        envelope.nominal
        self
      rescue Statics::Equilibrium::NotFound, Statics::Envelope::TurnsOver => error
        raise Impossible.new(error.what, pointer: @hook_height.pointer)
      end

      def envelope
        @envelope ||= SpaceBridle.worked(envelope_key) do
          Statics::Envelope.new(
            rig,
            body: 0,
            masses: [ @load.least_kg, @load.planned_kg ],
            half_widths: @load.cg_half_width,
            tolerance: @rules[:leg_length_tolerance],
            halt: true
          )
        end
      end

      def pose = @pose ||= seen(envelope.nominal)
      def nominal = @nominal ||= pulls(envelope.nominal.tensions, pose, "nominal")
      # Does a leg hang slack, nominally?
      def slack_now?(index) = envelope.nominal.tensions[line_of[index]] <= 0.0
      def worst = @worst ||= nominal.each_index.map { |index| [ nominal[index], worst_of(index) ].max_by(&:tension) }
      def pulls_of(index)
        [ nominal[index], *corners_seen.map { |corner, pose| pulls(corner.tensions, pose, words(corner))[index] } ]
      end
      def corners = corners_seen.map { |corner, pose| [ words(corner), pose ] }
      def poses = @poses ||= [ pose ] + corners_seen.map(&:last)

      # Legs that may carry nothing somewhere in the corners, by index.
      def idle
        @idle ||= points.each_index.select { |index| least_tensions[line_of[index]] <= 0.0 || slack_now?(index) }
      end
      # Three legs need all three; of four, one may hang slack.
      def slack? = idle.any? && points.size < 4
      def steepest = poses.max_by(&:tilt_deg)

      # Height of the pendulum that holds as firmly, m. Where some corner would turn over that is Impossible.
      def least_margin
        corners_of
        margins.min
      end

      # Shares by hand, level and stiff: as equalised, kg. Raises NotKnown.
      def equalised
        Statics::Level.public_send(
          points.size == 3 ? :three_point_shares : :least_norm_shares,
          @load.planned_kg,
          plan,
          heights
        )
      end

      # Of the level pose, m: points from the plumb line, [x, y], and the hook above each.
      def plan = points.map { |point| [ point[0] - cg[0], point[1] - cg[1] ] }
      def heights = points.map { |point| pose.hook[2] - point[2] }

      private

      def corners_of
        raise Pending, "the worst case is being worked out" if @hasty && !envelope.worked?

        envelope.corners
      rescue Statics::Equilibrium::NotFound, Statics::Envelope::TurnsOver => error
        raise Impossible.new(error.what, pointer: @hook_height.pointer)
      end

      def least_tensions = corners_of && envelope.least_tensions
      def margins = [ Statics::Stability.new(envelope.nominal).margin(0) ]
      def envelope_key
        [ points, cg, @load.cg_half_width, [ @load.least_kg, @load.planned_kg ], lengths, points.each_index.map { |index|
          stiffness(index)
        }, @reeved, @rules[:leg_length_tolerance] ]
      end

      def rig = Statics::Rig.new(bodies: bodies, lines: lines)
      def bodies
        [ Statics::Rig::Body.new(
          name: "load",
          mass: @load.planned_kg,
          cg: cg,
          points: points.each_with_index.to_h { |at, index|
            [ index.to_s, at ]
          }
        ) ]
      end

      # One line a leg; a reeved pair is one line over the hook.
      def lines
        line_of.each_with_index.group_by(&:first).values.map do |some|
          legs = some.map(&:last)
          nodes = legs.size == 1 ? [ "hook", "load.#{legs[0]}" ] : [ "load.#{legs[0]}", "hook", "load.#{legs[1]}" ]
          { name: legs.join(" "), nodes: nodes, rest: legs.sum { |leg| lengths[leg] }, stiffness: stiffness(legs[0]) }
        end
      end

      # The line of each leg.
      def line_of
        @line_of ||= begin
          first = points.each_index.map { |index| (@reeved.find { |pair| pair.include?(index) } || [ index ]).min }
          first.map { |index| first.uniq.index(index) }
        end
      end

      def line_names
        line_of.each_with_index.group_by(&:first).values.map { |some| some.map { |_, leg| names[leg] }.join(" to ") }
      end

      def reeved_soundly
        return if @reeved.empty?

        flat = @reeved.flatten
        raise Impossible.new(
          "a reeved sling joins two points that the load has, each once",
          pointer: "/rigging/reeved/pairs"
        ) unless flat.uniq.size == flat.size && flat.all? { |index|
                   index < points.size
                 }
        @reeved.each { |one, other|
          raise Impossible.new(
            "a reeved pair is one sling: #{names[one]} and #{names[other]} have two",
            pointer: "/rigging/legs/#{other}/sling"
          ) if @sling_of.call(one)&.fetch("number") != @sling_of.call(other)&.fetch(
            "num" \
              "ber"
          )
        }
      end

      def stiffness(index) = stiffness_of(@sling_of.call(index), "#{names[index]} leg", "/rigging/legs/#{index}/sling")

      # Axial stiffness of a sling, kg: one leg's rating over its stretch there.
      def stiffness_of(sling, name, pointer)
        raise NotKnown.new(
          "how the legs share depends on their slings: none is chosen for the #{name}",
          pointer: pointer
        ) unless sling
        rating = sling.dig(
          "tag",
          "vertical_kg"
        ) or raise NotKnown.new(
          "the tag of #{sling['number']} gives no figure for one leg: its stretch is not known", pointer: pointer
        )
        raise NotKnown.new(
          "the tag of #{sling['number']} gives no figure above nothing",
          pointer: pointer
        ) unless rating.positive?

        rating / @rules[:stretch_at_wll, sling["kind"]]
      end

      def level_lengths
        height = @hook_height.value
        points.map do |point|
          over = height - point[2]
          raise Impossible.new("the hook is not above the points", pointer: @hook_height.pointer) unless over.positive?

          Math.sqrt((point[0] - cg[0])**2 + (point[1] - cg[1])**2 + over**2)
        end
      end

      # A pose of the rig as the load sees it.
      def seen(hang)
        hook = in_load(hang, hang.rig.hook)
        tops = threads.map { |_, top, _| top.zero? && !under_beam? || top == 1 ? hook : nil }
        legs = threads.each_with_index.map do |(line, top, bottom), index|
          from, to = [ top, bottom ].map { |node| place(hang, hang.rig.lines[line].nodes[node]) }
          tops[index] ||= in_load(hang, from)
          leg_between(from, to)
        end
        centre = hang.rig.bodies[0].cg
        Pose.new(
          legs,
          hang.pose.up(0),
          hook,
          centre,
          nil,
          hang.pose.tilt_deg(0),
          tops,
          uppers_of(hang),
          under_beam? ? hang.pose.up(0) : hook.zip(centre).map { |place, middle|
            place - middle
          }
        )
      end

      def under_beam? = false
      def uppers_of(_hang) = []

      # Line of each leg, and which of its nodes are the leg's top and its point.
      def threads
        @threads ||= points.each_index.map do |index|
          pair = @reeved.find { |some| some.include?(index) }
          [ line_of[index], pair ? 1 : 0, pair && index == pair.min ? 0 : (pair ? 2 : 1) ]
        end
      end

      # A node's place in the world.
      def place(hang, (body, own)) = body ? hang.pose.place(body, own) : own

      # A place of the world in the load's own axes.
      def in_load(hang, place)
        turn, centre, own = hang.pose.turns[0], hang.pose.centres[0], hang.rig.bodies[0].cg
        x, y, z = place[0] - centre[0], place[1] - centre[1], place[2] - centre[2]
        [ turn[0] * x + turn[3] * y + turn[6] * z + own[0], turn[1] * x + turn[4] * y + turn[7] * z + own[1],
          turn[2] * x + turn[5] * y + turn[8] * z + own[2] ]
      end

      def leg_between(from, to)
        x, y, z = to[0] - from[0], to[1] - from[1], to[2] - from[2]
        Leg.new(Math.hypot(x, y), -z, Math.sqrt(x * x + y * y + z * z))
      end

      def corners_seen = @corners_seen ||= corners_of.map { |corner| [ corner, seen(corner.hang) ] }

      def worst_of(index)
        corner, pose = corners_seen.max_by { |one, _| one.tensions[line_of[index]] }
        pulls(corner.tensions, pose, words(corner))[index]
      end

      def pulls(tensions, pose, corner)
        pose.legs.each_with_index.map { |leg, index|
          tensions[line_of[index]].then { |tension|
            Pull.new(tension * leg.height / leg.length, tension, leg, corner)
          }
        }
      end
      def words(corner)
        "#{Bridle.words([ corner.cg, corner.lengths ], line_names)}, weight #{corner.weight.positive? ? 'high' : 'low'}"
      end
    end
  end
end
