module DustLadder
  module Statics
    # The rig's energy (over g) in a pose, its first and second derivative: gravity of the bodies and stretch of the
    # taut lines. Six freedoms a body: shift of its CG, then a rotation vector about the CG in world axes. A point at
    # r from the CG moves by d + w x r + (w x (w x r)) / 2, which gives the second derivative its turning part.
    class Energy
      # value: kg m; gradient: forces (kg) and moments (kg m) out of balance; hessian: flat, by rows; tensions by
      # line, kg.
      attr_reader :value, :gradient, :hessian, :tensions

      # second: is the second derivative wanted?
      def initialize(rig, pose, second: true)
        @rig = rig
        @size = rig.freedoms
        @gradient = Array.new(@size, 0.0)
        @hessian = second ? Array.new(@size * @size, 0.0) : nil
        @value = 0.0
        rig.bodies.each_with_index do |body, index|
          @gradient[6 * index + 2] = body.mass
          @value += body.mass * pose.centres[index][2]
        end
        @tensions = rig.lines.map { |line| add(line, pose) }
      end

      private

      # Adds a line, if it is taut, and gives back its tension.
      def add(line, pose) = line.nodes.size == 2 ? add_straight(line, pose) : add_chain(line, pose)

      # A straight line between two places: what most lines are, written out.
      def add_straight(line, pose)
        from, to = line.nodes
        ax, ay, az, *pa = arm(from, pose)
        bx, by, bz, *pb = arm(to, pose)
        x, y, z = bx - ax, by - ay, bz - az
        long = Math.sqrt(x * x + y * y + z * z)
        rate = line.stiffness / line.rest
        tension = rate * (long - line.rest)
        return 0.0 unless tension.positive?

        @value += 0.5 * tension * (long - line.rest)
        x /= long
        y /= long
        z /= long
        na = from[0] && pull_on(6 * from[0], tension, -x, -y, -z, *pa)
        nb = to[0] && pull_on(6 * to[0], tension, x, y, z, *pb)
        return tension if @hessian.nil?

        # With K = side (I - u u'), the rest of the rate along u: S = side I + (rate - side) u u'. na points against
        # u, so that its products have their sign already.
        side = tension / long
        e = rate - side
        add_block(6 * from[0], 6 * from[0], side, e, na, na, pa, pa) if na
        add_block(6 * to[0], 6 * to[0], side, e, nb, nb, pb, pb) if nb
        return tension unless na && nb

        add_block(6 * from[0], 6 * to[0], -side, e, na, nb, pa, pb)
        add_block(6 * to[0], 6 * from[0], -side, e, nb, na, pb, pa)
        tension
      end

      # A node's place and, on a body, its arm from the CG.
      def arm((body, own), pose)
        return own unless body

        r, c = pose.turns[body], pose.centres[body]
        a, b, d = own
        px, py, pz = r[0] * a + r[1] * b + r[2] * d, r[3] * a + r[4] * b + r[5] * d, r[6] * a + r[7] * b + r[8] * d
        [ c[0] + px, c[1] + py, c[2] + pz, px, py, pz ]
      end

      # Adds the pull of a line along (x, y, z) on a body at its arm p, and gives (u, p x u).
      def pull_on(o, tension, x, y, z, px, py, pz)
        n = [ x, y, z, py * z - pz * y, pz * x - px * z, px * y - py * x ]
        g = @gradient
        6.times { |index| g[o + index] += tension * n[index] }
        add_turning(o, tension * x, tension * y, tension * z, px, py, pz) if @hessian
        n
      end

      # side Ja'Jb + e na nb' between two bodies (or one with itself), with J the motion of a point at p from its CG and
      # n = (u, p x u). Ja'Jb is I, -[pb]x over [pa]x, (pa . pb) I - pb pa'.
      def add_block(o, p, side, e, na, nb, pa, pb)
        h, s = @hessian, @size
        ax, ay, az = pa
        bx, by, bz = pb
        n0, n1, n2, n3, n4, n5 = nb
        dot = side * (ax * bx + ay * by + az * bz)
        row = o * s + p
        f = e * na[0]
        h[row] += side + f * n0
        h[row + 1] += f * n1
        h[row + 2] += f * n2
        h[row + 3] += f * n3
        h[row + 4] += f * n4 + side * bz
        h[row + 5] += f * n5 - side * by
        row += s
        f = e * na[1]
        h[row] += f * n0
        h[row + 1] += side + f * n1
        h[row + 2] += f * n2
        h[row + 3] += f * n3 - side * bz
        h[row + 4] += f * n4
        h[row + 5] += f * n5 + side * bx
        row += s
        f = e * na[2]
        h[row] += f * n0
        h[row + 1] += f * n1
        h[row + 2] += side + f * n2
        h[row + 3] += f * n3 + side * by
        h[row + 4] += f * n4 - side * bx
        h[row + 5] += f * n5
        row += s
        f = e * na[3]
        h[row] += f * n0
        h[row + 1] += f * n1 - side * az
        h[row + 2] += f * n2 + side * ay
        h[row + 3] += f * n3 + dot - side * bx * ax
        h[row + 4] += f * n4 - side * bx * ay
        h[row + 5] += f * n5 - side * bx * az
        row += s
        f = e * na[4]
        h[row] += f * n0 + side * az
        h[row + 1] += f * n1
        h[row + 2] += f * n2 - side * ax
        h[row + 3] += f * n3 - side * by * ax
        h[row + 4] += f * n4 + dot - side * by * ay
        h[row + 5] += f * n5 - side * by * az
        row += s
        f = e * na[5]
        h[row] += f * n0 - side * ay
        h[row + 1] += f * n1 + side * ax
        h[row + 2] += f * n2
        h[row + 3] += f * n3 - side * bz * ax
        h[row + 4] += f * n4 - side * bz * ay
        h[row + 5] += f * n5 + dot - side * bz * az
      end

      # (F p' + p F') / 2 - (F . p) I among a body's turnings, for a force F at p.
      def add_turning(o, fx, fy, fz, px, py, pz)
        h, s = @hessian, @size
        dot = fx * px + fy * py + fz * pz
        xy, xz, yz = 0.5 * (fx * py + fy * px), 0.5 * (fx * pz + fz * px), 0.5 * (fy * pz + fz * py)
        row = (o + 3) * s + o + 3
        h[row] += fx * px - dot
        h[row + 1] += xy
        h[row + 2] += xz
        row += s
        h[row] += xy
        h[row + 1] += fy * py - dot
        h[row + 2] += yz
        row += s
        h[row] += xz
        h[row + 1] += yz
        h[row + 2] += fz * pz - dot
      end

      # Any polyline: straight parts between nodes, one tension along its length.
      def add_chain(line, pose)
        places = line.nodes.map { |body, own| body ? pose.place(body, own) : own }
        parts = places.each_cons(2).map { |from, to| segment(from, to) }
        rate = line.stiffness / line.rest
        tension = rate * (parts.sum(&:last) - line.rest)
        return 0.0 unless tension.positive?

        @value += 0.5 * tension * tension / rate
        slope = Array.new(@size, 0.0)
        line.nodes.each_with_index do |(body, _), index|
          next unless body

          arm = places[index].zip(pose.centres[body]).map { |place, centre| place - centre }
          pull =
            [ 0, 1, 2 ].map do |axis|
              (index.positive? ? parts[index - 1][0][axis] : 0.0) - (index < parts.size ? parts[index][0][axis] : 0.0)
            end
          add_slope(slope, 6 * body, pull, arm)
          add_turning(6 * body, *pull.map { |part| tension * part }, *arm) if @hessian
        end
        slope.each_with_index { |value, index| @gradient[index] += tension * value }
        return tension unless @hessian

        add_outer(slope, rate)
        parts.each_with_index do |(unit, long), index|
          add_side(
            line.nodes[index],
            line.nodes[index + 1],
            places[index],
            places[index + 1],
            unit,
            tension / long,
            pose
          )
        end
        tension
      end

      def segment(from, to)
        run = [ to[0] - from[0], to[1] - from[1], to[2] - from[2] ]
        long = Math.sqrt(run.sum { |part| part * part })
        long = 1e-12 if long < 1e-12
        [ run.map { |part| part / long }, long ]
      end

      def add_slope(slope, o, pull, arm)
        3.times { |axis| slope[o + axis] += pull[axis] }
        slope[o + 3] += arm[1] * pull[2] - arm[2] * pull[1]
        slope[o + 4] += arm[2] * pull[0] - arm[0] * pull[2]
        slope[o + 5] += arm[0] * pull[1] - arm[1] * pull[0]
      end

      def add_outer(slope, rate)
        used = slope.each_index.reject { |index| slope[index].zero? }
        used.each { |row| used.each { |column| @hessian[row * @size + column] += rate * slope[row] * slope[column] } }
      end

      # Stiffness across a straight part under tension: side (I - u u') on the difference of its ends' motions.
      def add_side(from, to, at, till, unit, side, pose)
        k =
          Array.new(9) do |index|
            side * ((index % 4).zero? ? 1 - unit[index / 3] * unit[index % 3] : -unit[index / 3] * unit[index % 3])
          end
        ends =
          [ [ from[0], at, -1.0 ], [ to[0], till, 1.0 ] ].select(&:first)
            .map { |body, place, sign| [ 6 * body, motion(place, pose.centres[body], sign) ] }
        ends.each { |o, one| ends.each { |p, other| add_product(o, p, one, k, other) } }
      end

      # How a point moves with its body's six freedoms: three rows of six.
      def motion(place, centre, sign)
        x, y, z = place[0] - centre[0], place[1] - centre[1], place[2] - centre[2]
        [
          [ sign, 0.0, 0.0, 0.0, sign * z, -sign * y ],
          [ 0.0, sign, 0.0, -sign * z, 0.0, sign * x ],
          [ 0.0, 0.0, sign, sign * y, -sign * x, 0.0 ]
        ]
      end

      def add_product(o, p, one, k, other)
        6.times do |column|
          a, b, c = other[0][column], other[1][column], other[2][column]
          x, y, z = k[0] * a + k[1] * b + k[2] * c, k[3] * a + k[4] * b + k[5] * c, k[6] * a + k[7] * b + k[8] * c
          6.times do |row|
            @hessian[(o + row) * @size + p + column] += one[0][row] * x + one[1][row] * y + one[2][row] * z
          end
        end
      end
    end
  end
end
