module DustLadder
  module Plan
    # A hook, shackle, eyebolt or hoist ring of a leg.
    class Fitting < Section
      WORDS = {
        "hook" => "hook",
        "shackle" => "shackle",
        "eyebolt_plain" => "eyebolt without shoulder",
        "eyebolt_shouldered" => "shouldered eyebolt",
        "hoist_ring" => "hoist ring"
      }.freeze
      SEATING = {
        "shank" => "length of the shank",
        "thread" => "diameter of the thread",
        "hole" => "depth of the tapped hole"
      }.freeze

      # leg: the Leg that it is of. index: which of its fittings.
      def initialize(leg, index)
        super(leg.document, *leg.place, "fittings", index)
        @leg = leg
      end

      def kind = self["kind"]
      # Its number in the store, or nil.
      def piece = self["piece"]
      def name = "#{WORDS.fetch(kind)} of the #{@leg.name} leg"

      def weight = @weight ||= mass("the mass of the #{name}", "mass")
      def wll = @wll ||= mass("the rating of the #{name}", "wll")
      # Share of the way from bowl to tip at which the load sits in a hook.
      def off_centre =
        @off_centre ||= field(:share, "how far off its bowl the load sits in the #{name}", "off_centre", at_least: 0)
      # Shank, thread and hole of an eyebolt, Fields in m.
      def seating = @seating ||= SEATING.map { |key, words| length("the #{words} of the #{name}", key) }
    end
  end
end
