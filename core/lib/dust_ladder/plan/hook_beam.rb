module DustLadder
  module Plan
    # A beam that both hooks hold, the load below it on a plumb sling at each of its points. Lengths are Fields in m.
    class HookBeam < Section
      # beam_mass: its own; rated: as marked, for what hangs below; span: between what both hooks hold; off: from the
      # middle between the slings to the middle of span, toward the head; high: from the slings' bearing to the hooks'.
      attr_reader :beam_mass, :rated, :span, :off, :high, :long, :width

      def initialize(document)
        super(document, "tandem", "beam")
        @beam_mass = mass("the mass of the beam in both hooks", "mass")
        @rated = mass("the rating of the beam in both hooks", "rated")
        @span = length("how far apart both hooks hold the beam", "span")
        @off = at("how far the hooks' middle is from the slings' middle", "off")
        @high = length("from the slings' bearing up to the hooks'", "high")
        @long = length("how long the beam in both hooks is", "long")
        @width = length("how wide the beam in both hooks is", "width")
      end

      def name = self["name"].to_s.strip.then { |words| words.empty? ? "beam in both hooks" : words }
    end
  end
end
