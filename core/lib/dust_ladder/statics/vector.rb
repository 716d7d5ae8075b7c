module DustLadder
  module Statics
    # What is done with [x, y, z] outside the inner loops, where it is written out.
    module Vector
      module_function

      def cross(a, b) = [ a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0] ]
      def dot(a, b) = a.zip(b).sum { |one, other| one * other }
      def less(a, b) = a.zip(b).map { |one, other| one - other }
      def length(a) = Math.sqrt(dot(a, a))
      def unit(a) = length(a).then { |long| a.map { |part| part / long } }
      # What of a is left without its part along a unit vector.
      def square_to(a, unit) = dot(a, unit).then { |along| a.zip(unit).map { |part, one| part - along * one } }
    end
  end
end
