module DustLadder
  module Statics
    # How one load hangs from one hook on tension-only lines that stretch (handbook, section 3.4), told in the load's
    # own axes. The load turns until its CG hangs plumb below the hook, so that all that is not known is where the
    # hook is, seen from the load: three numbers. Its energy over g, with T the tensions and d the CG's distance below
    # the hook, is the stretch of the lines less W x d; where its slope is nothing all forces and moments balance, and
    # the pose holds where its second derivative has no direction downward. Masses and tensions in kg, lengths in m. A
    # line may run over the hook to a second point (a reeved sling).
    class HookHang
      # Cannot be found: no pose was reached in which all forces balance.
      class NotFound < NotKnown; end

      # hook: its place in the load's axes. up: the world's up there, a unit vector. drop: CG below the hook, m.
      # tensions: by line, kg. holds: or would it turn over? worth: the energy, kg m.
      Found = Struct.new(:hook, :up, :drop, :tensions, :holds) do
        def tilt_deg = Math.atan2(Math.hypot(up[0], up[1]), up[2]) * 180 / Math::PI
      end

      MOST_STEPS = 60
      MOST_DOWNHILL = 400
      MOST_SHARE = 0.35
      BALANCE = 1e-10
      NEUTRAL = 1e-9
      # Share of the weight under which a line counts as only just taut.
      JUST_TAUT = 1e-7
      # What counts as near level: further over the load is lost anyway.
      NEAR_DEG = 40.0

      # ends: for each line the one or two points that it holds, [[x, y, z], ...]. stiffnesses: axial, kg, by line.
      def initialize(ends, stiffnesses)
        @ends = ends
        @stiffnesses = stiffnesses
        @tensions = Array.new(ends.size, 0.0)
      end

      # weight: kg. cg: [x, y, z]. rests: lengths by line, m. start: a hook's place to begin from, or nil for level.
      # Raises NotFound with the reason.
      def find(weight, cg, rests, start = nil)
        @weight, @rests = weight, rests
        @cx, @cy, @cz = cg
        found = start && newton(start)
        return found if found&.holds && found.tilt_deg < NEAR_DEG

        from_level or raise NotFound, "how the load hangs was not found: no pose near level in which the forces balance"
      end

      private

      # Newton's pose when it is near level and holds; else where the load comes to rest by itself, if that is near
      # level; else Newton's when it is near: then nothing near level holds, and that is told. At last wherever it
      # comes to rest.
      def from_level
        found = newton(level)
        return found if found&.holds && found.tilt_deg < NEAR_DEG

        rest = downhill
        return rest if rest && rest.tilt_deg < NEAR_DEG

        found && found.tilt_deg < NEAR_DEG ? found : rest || found
      end

      # The hook plumb above the CG of a level load, as high as its lines are long.
      def level
        heights =
          @ends.each_with_index.flat_map do |ends, line|
            part = @rests[line] / ends.size
            ends.map do |x, y, z|
              over = part**2 - (x - @cx)**2 - (y - @cy)**2
              over.positive? ? z + Math.sqrt(over) : z + 0.1 * part
            end
          end
        [ @cx, @cy, [ heights.sum / heights.size, @cz + 1e-3 ].max ]
      end

      def newton(start)
        Budget.ask!
        x, y, z = start
        last = Float::INFINITY
        MOST_STEPS.times do |step|
          evaluate(x, y, z)
          off = [ @gx.abs, @gy.abs, @gz.abs ].max
          return found(x, y, z) if off < BALANCE * @weight

          dx, dy, dz = solve(NEUTRAL * @weight)
          return if dx.nil?

          largest = Math.sqrt(dx * dx + dy * dy + dz * dz)
          share = largest > MOST_SHARE * @drop ? MOST_SHARE * @drop / largest : 1.0
          # Lines that come and go make it jump to and fro: shorter steps end that.
          share *= 0.5 if off > last && step > 6
          last = off
          x += share * dx
          y += share * dy
          z += share * dz
        end
        nil
      end

      # Always to less energy, from level, in steps that shorten when they do not help.
      def downhill
        x, y, z = level
        worth = evaluate(x, y, z)
        hold = 1.0
        MOST_DOWNHILL.times do
          Budget.ask!
          return newton([ x, y, z ]) if [ @gx.abs, @gy.abs, @gz.abs ].max < @weight * 1e-5

          dx, dy, dz = solve(hold * @weight / @drop)
          if dx
            largest = Math.sqrt(dx * dx + dy * dy + dz * dz)
            share = largest > MOST_SHARE * @drop ? MOST_SHARE * @drop / largest : 1.0
            tried = [ x + share * dx, y + share * dy, z + share * dz ]
            after = evaluate(*tried)
          end
          if dx && after < worth
            x, y, z = tried
            worth = after
            hold = [ hold / 3, 1e-9 ].max
          else
            hold *= 4
            return if hold > 1e12

            evaluate(x, y, z)
          end
        end
        nil
      end

      # Energy, slope and second derivative with the hook here; skipped: lines taken as slack.
      def evaluate(x, y, z, skipped = nil)
        nx, ny, nz = x - @cx, y - @cy, z - @cz
        drop = Math.sqrt(nx * nx + ny * ny + nz * nz)
        drop = 1e-12 if drop < 1e-12
        nx /= drop
        ny /= drop
        nz /= drop
        weight = @weight
        side = -weight / drop
        gx, gy, gz = -weight * nx, -weight * ny, -weight * nz
        xx, yy, zz = side * (1 - nx * nx), side * (1 - ny * ny), side * (1 - nz * nz)
        xy, xz, yz = -side * nx * ny, -side * nx * nz, -side * ny * nz
        worth = -weight * drop
        line = 0
        while line < @ends.size
          ends = @ends[line]
          px, py, pz = ends[0]
          ux, uy, uz = x - px, y - py, z - pz
          long = Math.sqrt(ux * ux + uy * uy + uz * uz)
          long = 1e-12 if long < 1e-12
          sx, sy, sz = ux / long, uy / long, uz / long
          if ends.size == 2
            qx, qy, qz = ends[1]
            vx, vy, vz = x - qx, y - qy, z - qz
            other = Math.sqrt(vx * vx + vy * vy + vz * vz)
            other = 1e-12 if other < 1e-12
            tx, ty, tz = vx / other, vy / other, vz / other
          end
          rest = @rests[line]
          rate = @stiffnesses[line] / rest
          over = (other ? long + other : long) - rest
          if over > 0.0 && !(skipped && skipped.include?(line))
            tension = rate * over
            worth += 0.5 * tension * over
            wx, wy, wz = other ? sx + tx : sx, other ? sy + ty : sy, other ? sz + tz : sz
            gx += tension * wx
            gy += tension * wy
            gz += tension * wz
            across = tension / long
            xx += rate * wx * wx + across * (1 - sx * sx)
            yy += rate * wy * wy + across * (1 - sy * sy)
            zz += rate * wz * wz + across * (1 - sz * sz)
            xy += rate * wx * wy - across * sx * sy
            xz += rate * wx * wz - across * sx * sz
            yz += rate * wy * wz - across * sy * sz
            if other
              across = tension / other
              xx += across * (1 - tx * tx)
              yy += across * (1 - ty * ty)
              zz += across * (1 - tz * tz)
              xy -= across * tx * ty
              xz -= across * tx * tz
              yz -= across * ty * tz
            end
            @tensions[line] = tension
          else
            @tensions[line] = 0.0
          end
          other = nil
          line += 1
        end
        @drop = drop
        @gx, @gy, @gz = gx, gy, gz
        @xx, @yy, @zz, @xy, @xz, @yz = xx, yy, zz, xy, xz, yz
        worth
      end

      # The step that Newton would take, with something added to the stiffness of every direction; nil where it has
      # none.
      def solve(more)
        a, d, f = @xx + more, @yy + more, @zz + more
        b, c, e = @xy, @xz, @yz
        ca, cb, cc = d * f - e * e, c * e - b * f, b * e - c * d
        det = a * ca + b * cb + c * cc
        return if det.abs < 1e-300 || det.nan?

        cd, ce, cf = a * f - c * c, b * c - a * e, a * d - b * b
        [
          -(ca * @gx + cb * @gy + cc * @gz) / det,
          -(cb * @gx + cd * @gy + ce * @gz) / det,
          -(cc * @gx + ce * @gy + cf * @gz) / det
        ]
      end

      # A pose holds when it does so with every line that is only just taut, and without those.
      def found(x, y, z)
        tensions = @tensions.dup
        up = [ (x - @cx) / @drop, (y - @cy) / @drop, (z - @cz) / @drop ]
        drop = @drop
        holds = positive?
        just = tensions.each_index.select { |line| tensions[line] > 0.0 && tensions[line] < JUST_TAUT * @weight }
        if holds && just.any?
          evaluate(x, y, z, just)
          holds = positive?
        end
        Found.new([ x, y, z ], up, drop, tensions, holds)
      end

      # Has the second derivative no direction downward? Exactly neutral counts as holding.
      def positive?
        little = @weight * NEUTRAL
        a, d, f = @xx + little, @yy + little, @zz + little
        a.positive? && a * d - @xy * @xy > 0 && a * (d * f - @yz * @yz) - @xy * (@xy * f - @yz * @xz) +
          @xz * (@xy * @yz - d * @xz) > 0
      end
    end
  end
end
