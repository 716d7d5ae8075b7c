module DustLadder
  module Statics
    # Small dense systems, flat arrays by rows.
    module Linear
      module_function

      # x of A x = b by elimination with pivots; nil when A is singular. a and b are used up.
      def solve(a, b)
        n = b.size
        n.times do |k|
          best, at = a[k * n + k].abs, k
          (k + 1...n).each { |row| value = a[row * n + k].abs; best, at = value, row if value > best }
          return if best < 1e-300

          swap(a, b, k, at, n) if at != k
          pivot = a[k * n + k]
          row = k + 1
          while row < n
            factor = a[row * n + k] / pivot
            if factor != 0.0
              column = k + 1
              while column < n
                a[row * n + column] -= factor * a[k * n + column]
                column += 1
              end
              b[row] -= factor * b[k]
            end
            row += 1
          end
        end
        back(a, b, n)
      end

      # x of A x = b for a symmetric A, and whether A is positive definite: [x, true or false]; nil where A is as good
      # as singular. a and b are used up.
      def solve_symmetric(a, b)
        n = b.size
        positive = true
        k = 0
        while k < n
          pivot = a[k * n + k]
          return if pivot.abs < 1e-300

          positive = false if pivot < 0.0
          row = k + 1
          while row < n
            at = row * n
            factor = a[at + k] / pivot
            if factor != 0.0
              column = row
              while column < n
                a[column * n + row] -= factor * a[column * n + k]
                column += 1
              end
              b[row] -= factor * b[k]
            end
            row += 1
          end
          k += 1
        end
        [ back_symmetric(a, b, n), positive ]
      end

      def back_symmetric(a, b, n)
        row = n - 1
        while row >= 0
          sum = b[row]
          column = row + 1
          while column < n
            sum -= a[column * n + row] * b[column]
            column += 1
          end
          b[row] = sum / a[row * n + row]
          row -= 1
        end
        b
      end

      def swap(a, b, one, other, n)
        n.times { |column| a[one * n + column], a[other * n + column] = a[other * n + column], a[one * n + column] }
        b[one], b[other] = b[other], b[one]
      end

      def back(a, b, n)
        (n - 1).downto(0) do |row|
          sum = b[row]
          (row + 1...n).each { |column| sum -= a[row * n + column] * b[column] }
          b[row] = sum / a[row * n + row]
        end
        b
      end

      # Is a symmetric matrix positive definite? By Cholesky's pivots.
      def positive?(matrix, n)
        a = matrix.dup
        n.times do |k|
          pivot = a[k * n + k]
          return false unless pivot.positive?

          (k + 1...n).each do |row|
            factor = a[row * n + k] / pivot
            next if factor.zero?

            (row...n).each { |column| a[column * n + row] -= factor * a[column * n + k] }
          end
        end
        true
      end

      # Eigenvalues of a symmetric matrix, smallest first, and their vectors, by Jacobi's rotations.
      def eigen(matrix, n)
        a = matrix.dup
        v = Array.new(n * n) { |index| (index % (n + 1)).zero? ? 1.0 : 0.0 }
        60.times do
          off = 0.0
          n.times { |i| (i + 1...n).each { |j| off += a[i * n + j]**2 } }
          break if off < 1e-26 * a.sum { |value| value * value }

          n.times { |i| (i + 1...n).each { |j| rotate(a, v, i, j, n) } }
        end
        order = (0...n).sort_by { |i| a[i * n + i] }
        [ order.map { |i| a[i * n + i] }, order.map { |i| Array.new(n) { |row| v[row * n + i] } } ]
      end

      def rotate(a, v, p, q, n)
        apq = a[p * n + q]
        return if apq.abs < 1e-300

        theta = (a[q * n + q] - a[p * n + p]) / (2 * apq)
        t = (theta.negative? ? -1.0 : 1.0) / (theta.abs + Math.sqrt(theta * theta + 1))
        c = 1 / Math.sqrt(t * t + 1)
        s = t * c
        n.times { |k| x, y = a[k * n + p], a[k * n + q]; a[k * n + p], a[k * n + q] = c * x - s * y, s * x + c * y }
        n.times { |k| x, y = a[p * n + k], a[q * n + k]; a[p * n + k], a[q * n + k] = c * x - s * y, s * x + c * y }
        n.times { |k| x, y = v[k * n + p], v[k * n + q]; v[k * n + p], v[k * n + q] = c * x - s * y, s * x + c * y }
      end
      private_class_method :swap, :back, :rotate
    end
  end
end
