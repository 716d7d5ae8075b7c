module DustLadder
  module Statics
    # The rig's energy (over g) in a pose, its first and second derivative: gravity of the bodies and stretch of the
    # taut lines. Six freedoms a body: shift of its CG, then a rotation vector about the CG in world axes. A point at
    # r from the CG moves by d + w x r + (w x (w x r)) / 2, which gives the second derivative its turning part.
    class Energy
      # value: kg m; gradient: forces (kg) and moments (kg m) out of balance; hessian: flat, by rows; tensions by line, kg.
      attr_reader :value, :gradient, :hessian, :tensions

      def initialize(rig, pose)
        @rig = rig
        @size = rig.freedoms
        @gradient = Array.new(@size, 0.0)
        @hessian = Array.new(@size * @size, 0.0)
        @value = 0.0
        rig.bodies.each_with_index do |body, index|
          @gradient[6 * index + 2] = body.mass
          @value += body.mass * pose.centres[index][2]
        end
        @tensions = rig.lines.map { |line| add(line, pose) }
      end

      private

      # Adds a line, if it is taut, and gives back its tension.
      def add(line, pose)
        return add_leg(line, pose) if line.nodes.size == 2 && line.nodes[0][0].nil?

        add_chain(line, pose)
      end

      # A straight line from the hook to one body: what most lines are, written out.
      def add_leg(line, pose)
        body, own = line.nodes[1]
        r, c, h = pose.turns[body], pose.centres[body], line.nodes[0][1]
        a, b, d = own
        px, py, pz = r[0] * a + r[1] * b + r[2] * d, r[3] * a + r[4] * b + r[5] * d, r[6] * a + r[7] * b + r[8] * d
        x, y, z = c[0] + px - h[0], c[1] + py - h[1], c[2] + pz - h[2]
        long = Math.sqrt(x * x + y * y + z * z)
        rate = line.stiffness / line.rest
        tension = rate * (long - line.rest)
        return 0.0 unless tension.positive?

        @value += 0.5 * tension * (long - line.rest)
        ux, uy, uz = x / long, y / long, z / long
        mx, my, mz = py * uz - pz * uy, pz * ux - px * uz, px * uy - py * ux
        o = 6 * body
        g = @gradient
        g[o] += tension * ux
        g[o + 1] += tension * uy
        g[o + 2] += tension * uz
        g[o + 3] += tension * mx
        g[o + 4] += tension * my
        g[o + 5] += tension * mz
        # With K = side (I - u u'), the rest of the rate along u: S = side I + (rate - side) u u'.
        side = tension / long
        e = rate - side
        add_block(o, side, e, [ ux, uy, uz ], [ mx, my, mz ], px, py, pz)
        add_turning(o, tension * ux, tension * uy, tension * uz, px, py, pz)
        tension
      end

      # side J'J + e n n' for one body, with J the motion of the point at p from the CG and n = (u, p x u).
      def add_block(o, side, e, u, m, px, py, pz)
        h, s = @hessian, @size
        n0, n1, n2 = u
        n3, n4, n5 = m
        row = o * s + o
        h[row] += side + e * n0 * n0
        h[row + 1] += e * n0 * n1
        h[row + 2] += e * n0 * n2
        h[row + 3] += e * n0 * n3
        h[row + 4] += e * n0 * n4 + side * pz
        h[row + 5] += e * n0 * n5 - side * py
        row += s
        h[row] += e * n1 * n0
        h[row + 1] += side + e * n1 * n1
        h[row + 2] += e * n1 * n2
        h[row + 3] += e * n1 * n3 - side * pz
        h[row + 4] += e * n1 * n4
        h[row + 5] += e * n1 * n5 + side * px
        row += s
        h[row] += e * n2 * n0
        h[row + 1] += e * n2 * n1
        h[row + 2] += side + e * n2 * n2
        h[row + 3] += e * n2 * n3 + side * py
        h[row + 4] += e * n2 * n4 - side * px
        h[row + 5] += e * n2 * n5
        row += s
        h[row] += e * n3 * n0
        h[row + 1] += e * n3 * n1 - side * pz
        h[row + 2] += e * n3 * n2 + side * py
        h[row + 3] += e * n3 * n3 + side * (py * py + pz * pz)
        h[row + 4] += e * n3 * n4 - side * px * py
        h[row + 5] += e * n3 * n5 - side * px * pz
        row += s
        h[row] += e * n4 * n0 + side * pz
        h[row + 1] += e * n4 * n1
        h[row + 2] += e * n4 * n2 - side * px
        h[row + 3] += e * n4 * n3 - side * px * py
        h[row + 4] += e * n4 * n4 + side * (px * px + pz * pz)
        h[row + 5] += e * n4 * n5 - side * py * pz
        row += s
        h[row] += e * n5 * n0 - side * py
        h[row + 1] += e * n5 * n1 + side * px
        h[row + 2] += e * n5 * n2
        h[row + 3] += e * n5 * n3 - side * px * pz
        h[row + 4] += e * n5 * n4 - side * py * pz
        h[row + 5] += e * n5 * n5 + side * (px * px + py * py)
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
          pull = [ 0, 1, 2 ].map { |axis| (index.positive? ? parts[index - 1][0][axis] : 0.0) - (index < parts.size ? parts[index][0][axis] : 0.0) }
          add_slope(slope, 6 * body, pull, arm)
          add_turning(6 * body, *pull.map { |part| tension * part }, *arm)
        end
        slope.each_with_index { |value, index| @gradient[index] += tension * value }
        add_outer(slope, rate)
        parts.each_with_index { |(unit, long), index| add_side(line.nodes[index], line.nodes[index + 1], places[index], places[index + 1], unit, tension / long, pose) }
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
        k = Array.new(9) { |index| side * ((index % 4).zero? ? 1 - unit[index / 3] * unit[index % 3] : -unit[index / 3] * unit[index % 3]) }
        ends = [ [ from[0], at, -1.0 ], [ to[0], till, 1.0 ] ].select(&:first).map { |body, place, sign| [ 6 * body, motion(place, pose.centres[body], sign) ] }
        ends.each { |o, one| ends.each { |p, other| add_product(o, p, one, k, other) } }
      end

      # How a point moves with its body's six freedoms: three rows of six.
      def motion(place, centre, sign)
        x, y, z = place[0] - centre[0], place[1] - centre[1], place[2] - centre[2]
        [ [ sign, 0.0, 0.0, 0.0, sign * z, -sign * y ], [ 0.0, sign, 0.0, -sign * z, 0.0, sign * x ], [ 0.0, 0.0, sign, sign * y, -sign * x, 0.0 ] ]
      end

      def add_product(o, p, one, k, other)
        6.times do |column|
          a, b, c = other[0][column], other[1][column], other[2][column]
          x, y, z = k[0] * a + k[1] * b + k[2] * c, k[3] * a + k[4] * b + k[5] * c, k[6] * a + k[7] * b + k[8] * c
          6.times { |row| @hessian[(o + row) * @size + p + column] += one[0][row] * x + one[1][row] * y + one[2][row] * z }
        end
      end
    end
  end
end
