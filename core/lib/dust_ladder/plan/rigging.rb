module DustLadder
  module Plan
    # How the load hangs: legs, what they hang from, and how their lengths come about.
    class Rigging < Section
      BLANK = { "set_by" => "hook_height", "hook_height" => nil, "legs" => Array.new(2) { Leg::BLANK } }.freeze

      def initialize(document) = super(document, "rigging")

      # Reads every field at once, so that what was typed is told of whether or not anything asks for it.
      def read
        hook_height
        legs.each(&:read)
        self
      end

      # Lengths are made up to a hook height, typed, or follow from typed angles.
      def by_hook_height? = self["set_by"] == "hook_height"
      def by_lengths? = self["set_by"] == "leg_lengths"
      def by_angles? = self["set_by"] == "leg_angles"

      # A Field, m above the load's base.
      def hook_height = @hook_height ||= length("the hook height", "hook_height")

      def legs = @legs ||= self["legs"].each_index.map { |index| Leg.new(document, index) }
      def beam = @beam ||= Beam.new(document)
      def surroundings = @surroundings ||= Surroundings.new(document)

      # Legs, and slings above a beam.
      def strands = [ *legs, *beam.legs ]

      # Pairs of legs that are one sling over a sheave, [[leg, leg], ...], and who decided on it.
      def reeved = @reeved ||= Section.new(document, *place, "reeved")
      def pairs = reeved["pairs"] || []

      # Who decided on legs that are not alike; empty where nobody did.
      def unlike_decided_by = self["unlike_decided_by"].to_s.strip
    end
  end
end
