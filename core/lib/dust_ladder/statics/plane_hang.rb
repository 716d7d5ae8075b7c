module DustLadder
  module Statics
    # How a load really hangs on one hook from one or two points, legs taken as stiff. Hook, points and
    # centre of gravity (CG) then lie in one vertical plane with the CG plumb under the hook, so the pose
    # follows in closed form. Points and CG are [x, y, z] in m in the load's own axes, z up.
    module PlaneHang
      # One leg in the hanging pose: level distance of its point from the plumb line (positive on its own
      # side), height of the hook above the point, length; all m.
      Leg =
        Struct.new(:run, :height, :length) { def deg_from_horizontal = Math.atan2(height, run.abs) * 180 / Math::PI }

      # up: the world's up in the load's axes. margin: depth of the CG below the points' line or below the
      # hook, whichever is less, m; negative when it would turn over. hook: its place in the load's axes.
      Pose =
        Struct.new(:legs, :up, :hook, :cg, :margin) do
          # As of SpaceBridle::Pose: all legs hang from the hook.
          def strands = legs
          def tops = Array.new(legs.size) { hook }
          def plumb = hook_from_cg
          # The hook from the CG, in the load's axes, m.
          def hook_from_cg = hook.zip(cg).map { |place, centre| place - centre }

          def tilt_deg = Math.acos(up[2].clamp(-1.0, 1.0)) * 180 / Math::PI
          def pitch_deg = -Math.asin(up[0].clamp(-1.0, 1.0)) * 180 / Math::PI
          def roll_deg = Math.atan2(up[1], up[2]) * 180 / Math::PI
          def between? = legs.all? { |leg| leg.run >= -1e-9 && leg.height.positive? }
        end

      # points: one or two [x, y, z]; lengths: their legs; cg: [x, y, z]. Answers with a Pose.
      # Raises NotKnown when legs of these lengths do not meet over these points.
      def self.pose(points, lengths, cg) = rig(points, lengths).pose(cg)

      # The same for many places of the CG: a rig that answers to pose(cg), and to hook(cg) with the hook's place alone.
      def self.rig(points, lengths)
        points.size == 1 ? Single.new(points[0], lengths[0]) : Pair.new(*points, *lengths)
      end

      # One leg: the point hangs plumb under the hook, the CG plumb under the point.
      class Single
        def initialize(point, length)
          @point = point
          @length = length
        end

        def hook(cg) = pose(cg).hook

        def pose(cg)
          dx, dy, dz = @point[0] - cg[0], @point[1] - cg[1], @point[2] - cg[2]
          depth = Math.sqrt(dx * dx + dy * dy + dz * dz)
          up = depth < 1e-9 ? [ 0.0, 0.0, 1.0 ] : [ dx / depth, dy / depth, dz / depth ]
          hook = [ @point[0] + up[0] * @length, @point[1] + up[1] * @length, @point[2] + up[2] * @length ]
          Pose.new([ Leg.new(0.0, @length, @length) ], up, hook, cg, dz.negative? ? -depth : depth)
        end
      end

      # Two legs: a triangle over the points' line, free to turn about that line.
      # In its plane A is at (0, 0), B at (spread, 0), the hook at (along, rise).
      class Pair
        def initialize(a, b, length_a, length_b)
          @a = a
          @lengths = [ length_a, length_b ]
          @ux, @uy, @uz = b[0] - a[0], b[1] - a[1], b[2] - a[2]
          @spread = Math.sqrt(@ux * @ux + @uy * @uy + @uz * @uz)
          raise NotKnown, "both points are at one place" if @spread < 1e-9

          @ux /= @spread
          @uy /= @spread
          @uz /= @spread
          @along = (length_a * length_a - length_b * length_b + @spread * @spread) / (2 * @spread)
          rise_squared = length_a * length_a - @along * @along
          unless rise_squared.positive?
            raise NotKnown, "the legs do not meet: together they are shorter than the spread"
          end

          @rise = Math.sqrt(rise_squared)
        end

        def hook(cg)
          _, _, px, py, pz = above_line(cg)
          at(px, py, pz)
        end

        def pose(cg)
          cg_along, depth, px, py, pz = above_line(cg)
          down_along, down_rise = cg_along - @along, -depth - @rise
          drop = Math.sqrt(down_along * down_along + down_rise * down_rise)
          raise NotKnown, "the centre of gravity is at the hook" if drop < 1e-9

          down_along /= drop
          down_rise /= drop
          up = [
            -(down_along * @ux + down_rise * px),
            -(down_along * @uy + down_rise * py),
            -(down_along * @uz + down_rise * pz)
          ]
          margin = depth.negative? || depth < drop ? depth : drop
          Pose.new(legs(down_along, down_rise), up, at(px, py, pz), cg, margin)
        end

        private

        # Where the CG is along the points' line, how deep below it, negative above it, and the way up across it.
        def above_line(cg)
          gx, gy, gz = cg[0] - @a[0], cg[1] - @a[1], cg[2] - @a[2]
          cg_along = gx * @ux + gy * @uy + gz * @uz
          # From the CG towards the line, or, with the CG above it, away from the CG.
          px, py, pz = cg_along * @ux - gx, cg_along * @uy - gy, cg_along * @uz - gz
          depth = Math.sqrt(px * px + py * py + pz * pz)
          px, py, pz = across if depth < 1e-9
          scale = depth < 1e-9 ? 1.0 : (pz.negative? ? -depth : depth)
          [ cg_along, pz.negative? ? -depth : depth, px / scale, py / scale, pz / scale ]
        end

        # The hook's place with this way up across the line.
        def at(px, py, pz)
          [
            @a[0] + @along * @ux + @rise * px,
            @a[1] + @along * @uy + @rise * py,
            @a[2] + @along * @uz + @rise * pz
          ]
        end

        def legs(down_along, down_rise)
          far = @spread - @along
          [
            Leg.new(-@along * down_rise + @rise * down_along, -@along * down_along - @rise * down_rise, @lengths[0]),
            Leg.new(-far * down_rise - @rise * down_along, far * down_along - @rise * down_rise, @lengths[1])
          ]
        end

        # Up across a line that the CG lies on: the nearest to the load's own up.
        def across
          px, py, pz = -@uz * @ux, -@uz * @uy, 1 - @uz * @uz
          scale = Math.sqrt(px * px + py * py + pz * pz)
          raise NotKnown, "the two points stand one over the other" if scale < 1e-9

          [ px / scale, py / scale, pz / scale ]
        end
      end
      private_constant :Single, :Pair
    end
  end
end
