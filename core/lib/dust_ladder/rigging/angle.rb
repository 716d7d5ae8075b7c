module DustLadder
  module Rigging
    # A leg's angle, held from the horizontal and told in all three conventions (handbook, section 0).
    class Angle
      attr_reader :deg_from_horizontal

      CONVENTIONS = {
        from_horizontal: ->(deg) { deg },
        from_plumb: ->(deg) { 90.0 - deg },
        included: ->(deg) { 90.0 - deg / 2.0 }
      }.freeze

      # convention: :from_horizontal, :from_plumb or :included (of a symmetric pair). deg must put the leg
      # above the horizontal and at most plumb, else ArgumentError.
      def self.read(deg, convention)
        new(CONVENTIONS.fetch(convention).call(Float(deg)))
      end

      def initialize(deg_from_horizontal)
        unless deg_from_horizontal.positive? && deg_from_horizontal <= 90
          raise ArgumentError,
            "a leg stands between 0 and 90 degrees from the horizontal; this is #{deg_from_horizontal}"
        end

        @deg_from_horizontal = deg_from_horizontal
      end

      def deg_from_plumb = 90.0 - deg_from_horizontal
      def deg_included = 2 * deg_from_plumb
      def load_angle_factor = 1 / Math.sin(deg_from_horizontal * Math::PI / 180)

      # May legs stand this flat? Exactly the floor is allowed.
      def allowed?(floor_deg_from_horizontal) = deg_from_horizontal >= floor_deg_from_horizontal - 1e-9
    end
  end
end
