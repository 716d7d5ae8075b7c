module DustLadder
  module Ground
    # A square mat under a pad: its middle [x, y] on the site, its side in m, its own mass in kg, and where one pair of
    # its sides points, degrees clockwise from north.
    class Mat
      attr_reader :name, :side, :kg

      def initialize(name:, middle:, side:, kg:, bearing:)
        @name = name
        @middle = middle
        @side = side
        @kg = kg
        @bearing = bearing
      end

      def outline = @outline ||= Site::Plane.square(@middle, side, @bearing)

      def with_side(side) = Mat.new(name: name, middle: @middle, side: side, kg: kg, bearing: @bearing)

      # kPa under it with what its pad carries, kg.
      def pressure(reaction) = (reaction + kg) * G / 1000 / side**2

      # The side that brings the same down to what the ground bears, m.
      def side_needed(reaction, kpa) = Math.sqrt((reaction + kg) * G / 1000 / kpa)
    end
  end
end
