module DustLadder
  module Rigging
    # Three or four legs from one hook. How they share depends on their stretch, so the pose is the elastic one, and the
    # worst is looked for in every corner of weight, CG box and leg tolerance (handbook, sections 3.4 and 3.5).
    class SpaceBridle < Bridle
      # A leg as it hangs: level distance of its point from the plumb line, height of the hook above it, length; m.
      Leg = Struct.new(:run, :height, :length) do
        def deg_from_horizontal = Math.atan2(height, run) * 180 / Math::PI
      end
      # The pose in the load's own axes, as of Statics::PlaneHang.
      Pose = Struct.new(:legs, :up, :hook, :cg, :margin, :tilt_deg) do
        def hook_from_cg = hook.zip(cg).map { |place, centre| place - centre }
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
      end

      def measure
        @points = @load.points.map(&:at)
        @cg = @load.cg
        envelope.nominal
        self
      rescue Statics::Equilibrium::NotFound => error
        raise Impossible.new(error.what, pointer: @hook_height.pointer)
      end

      def envelope
        @envelope ||= begin
          widths = @load.cg_half_width
          masses = [ @load.least_kg, @load.planned_kg ]
          stiff = points.each_index.map { |index| stiffness(index) }
          self.class.worked([ points, cg, widths, masses, lengths, stiff, @rules[:leg_length_tolerance] ]) do
            Statics::Envelope.new(rig(stiff), body: 0, masses: masses, half_widths: widths, tolerance: @rules[:leg_length_tolerance]).tap(&:corners)
          end
        end
      end

      def pose = @pose ||= seen(envelope.nominal)
      def nominal = @nominal ||= pulls(envelope.nominal.tensions, pose, "nominal")
      def worst = @worst ||= nominal.each_index.map { |index| [ nominal[index], worst_of(index) ].max_by(&:tension) }
      def pulls_of(index) = [ nominal[index], *corners_seen.map { |corner, pose| pulls(corner.tensions, pose, words(corner))[index] } ]
      def corners = corners_seen.map { |corner, pose| [ words(corner), pose ] }
      def poses = @poses ||= [ pose ] + corners_seen.map(&:last)

      # Legs that may carry nothing somewhere in the corners, by index.
      def idle = @idle ||= points.each_index.select { |index| envelope.least_tensions[index] <= 0.0 || envelope.nominal.tensions[index] <= 0.0 }
      # Three legs need all three; of four, one may hang slack.
      def slack? = idle.any? && points.size < 4
      def steepest = poses.max_by(&:tilt_deg)

      # Height of the pendulum that holds as firmly, m; below zero where some corner would turn over.
      def least_margin
        margin = Statics::Stability.new(envelope.nominal).margin(0)
        envelope.stable? && envelope.nominal.stable? ? margin : [ margin, -1e-3 ].min
      end

      # Shares by hand, level and stiff: as equalised, kg. Raises NotKnown.
      def equalised = Statics::Level.public_send(points.size == 3 ? :three_point_shares : :least_norm_shares, @load.planned_kg, plan, heights)

      # Of the level pose, m: points from the plumb line, [x, y], and the hook above each.
      def plan = points.map { |point| [ point[0] - cg[0], point[1] - cg[1] ] }
      def heights = points.map { |point| pose.hook[2] - point[2] }

      private

      def rig(stiff)
        body = Statics::Rig::Body.new(name: "load", mass: @load.planned_kg, cg: cg, points: points.each_with_index.to_h { |at, index| [ index.to_s, at ] })
        Statics::Rig.new(bodies: [ body ], lines: points.each_index.map { |index| { name: index.to_s, nodes: [ "hook", "load.#{index}" ], rest: lengths[index], stiffness: stiff[index] } })
      end

      # Axial stiffness of a leg, kg: one leg's rating over its stretch there.
      def stiffness(index)
        sling = @sling_of.call(index) or raise NotKnown.new("how three or four legs share depends on their slings: none is chosen for the #{names[index]} leg", pointer: "/rigging/legs/#{index}/sling")
        rating = sling.dig("tag", "vertical_kg") or raise NotKnown.new("the tag of #{sling['number']} gives no figure for one leg: its stretch is not known", pointer: "/rigging/legs/#{index}/sling")
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
        turn, centre = hang.pose.turns[0], hang.pose.centres[0]
        cg = hang.rig.bodies[0].cg
        from = centre.map { |part| -part }
        own = [ 0, 1, 2 ].map { |axis| turn[axis] * from[0] + turn[3 + axis] * from[1] + turn[6 + axis] * from[2] + cg[axis] }
        legs = hang.rig.lines.map do |line|
          x, y, z = hang.pose.place(0, line.nodes[1][1])
          Leg.new(Math.hypot(x, y), -z, Math.sqrt(x * x + y * y + z * z))
        end
        Pose.new(legs, hang.pose.up(0), own, cg, nil, hang.pose.tilt_deg(0))
      end

      def corners_seen = @corners_seen ||= envelope.corners.map { |corner| [ corner, seen(corner.hang) ] }

      def worst_of(index)
        corner, pose = corners_seen.max_by { |one, _| one.tensions[index] }
        pulls(corner.tensions, pose, words(corner))[index]
      end

      def pulls(tensions, pose, corner) = tensions.zip(pose.legs).map { |tension, leg| Pull.new(tension * leg.height / leg.length, tension, leg, corner) }
      def words(corner) = "#{Bridle.words([ corner.cg, corner.lengths ], names)}, weight #{corner.weight.positive? ? 'high' : 'low'}"
    end
  end
end
