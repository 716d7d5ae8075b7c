module DustLadder
  module Plan
    # One leg: its sling, hitch, measures and fittings. Lengths are Fields in m, the choke an angle in degrees.
    class Leg < Section
      BLANK = {
        "sling" => nil,
        "hitch" => "vertical",
        "length" => nil,
        "choke_angle" => nil,
        "basket_width" => nil,
        "held_by" => ""
      }.freeze

      attr_reader :index

      def initialize(document, index)
        super(document, "rigging", "legs", index)
        @index = index
      end

      def read
        long
        choke_angle
        basket_width
        bend
        round
      end

      # Of the point that it holds.
      def name = document.dig("load", "points", index, "name")
      def hitch = self["hitch"]
      def straight? = hitch == "vertical"
      def basket? = hitch == "basket"
      def choker? = hitch == "choker"
      # Number of its sling, or nil.
      def sling = self["sling"]

      # Bearing to bearing.
      def long = @long ||= length("the length of the #{name} leg", "length")
      def choke_angle =
        @choke_angle ||= angle("the angle of choke of the #{name} leg", "choke_angle", at_least: 0, at_most: 180)
      def basket_width = @basket_width ||= length("the basket width of the #{name} leg", "basket_width")
      def bend = @bend ||= length("what the #{name} leg is bent round", "bend")
      def round = @round ||= length("what of the #{name} sling goes round the load", "round")
      # Where the parts of its loop close; not known where nobody gives it.
      def loop_angle = @loop_angle ||= angle("the inner angle of the #{name} choke", "loop_angle")
      # As typed, degrees from the horizontal. share: kg that hang from it, for angles written as a pull.
      def typed_angle(share) = field(:leg_angle, "the angle of the #{name} leg", "angle", share: share)

      def fittings = @fittings ||= self["fittings"].to_a.each_index.map { |at| Fitting.new(self, at) }
      # Is there something that holds it to the load?
      def joined? = self["load_end"] == "own" || fittings.any? { |fitting| fitting["end"] == "load" }
    end
  end
end
