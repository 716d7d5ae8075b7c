module DustLadder
  module Statics
    # One rope in a basket round a round drum, both eyes on the hook, gripped: its two sides leave the drum as
    # tangents and pull apart when the hook is not over the drum's middle (handbook, sections 3.4 and 3.7). m, kg,
    # degrees.
    class RoundBasket
      attr_reader :shallow_deg, :steep_deg, :shallow_kg, :steep_kg, :contact_deg, :length

      # drum, rope: diameters; height: of the hook above the drum's centre; off: how far the centre is from plumb.
      def initialize(drum:, rope:, height:, off:, load:, friction:)
        radius = (drum + rope) / 2.0
        far = Math.hypot(height, off)
        half = Math.asin(radius / far)
        lean = Math.atan2(off.abs, height)
        flat, steep = half + lean, half - lean
        whole = Math.sin(flat + steep)
        @shallow_deg, @steep_deg = [ flat, steep ].map { |turn| 90 - turn * 180 / Math::PI }
        @shallow_kg, @steep_kg = load * Math.sin(steep) / whole, load * Math.sin(flat) / whole
        @contact = Math::PI + 2 * half
        @contact_deg = @contact * 180 / Math::PI
        @length = 2 * Math.sqrt(far**2 - radius**2) + radius * @contact
        @friction = friction
      end

      def taut? = shallow_kg.positive?
      def ratio = steep_kg / shallow_kg
      # What friction holds apart.
      def limit = Math.exp(@friction * @contact)
      def holds? = taut? && ratio <= limit * (1 + Ladder::Verdict::SLACK)
    end
  end
end
