module DustLadder
  module Slings
    # Where the slings work, as the plan gives it: heat, chemicals, edges, sparks, lines, and what the site leaves of
    # every rating (handbook, sections 3.3 and 4).
    class Surroundings < Plan::Surroundings
      def initialize(document, rules)
        super(document)
        @rules = rules
        @temperature = field(:temperature, "the temperature of the slings", "temperature")
        @edge_radius = length("the radius of the sharp edge", "edge_radius")
        @site = field(:share, "the site's factor", "site_factor", above: 0, at_most: 1)
      end

      HARD = %w[alloy_chain wire_rope mesh].freeze
      TENDER = %w[polished coated soft thin].freeze

      # Degrees C. Raises NotKnown.
      def celsius = @temperature.value

      # What the site leaves of every rating, a fraction. Raises NotKnown for less than all without a reason.
      def site_factor
        return 1.0 unless @site.given?

        factor = @site.positive
        if factor < 1 && site_reason.strip.empty?
          missing("why the site lowers every rating is not given", "site_reason")
        end

        factor
      end

      def site_reason = self["site_reason"]
      def near = self["near"]

      # "none", "padded" or "sharp". Raises NotKnown.
      def edges
        self["edges"] or missing("what edges the slings bear on is not given", "edges")
      end

      # Why a sling (data of a piece) cannot work here, or nil. Raises NotKnown.
      def unsuited(sling)
        kind = sling["kind"]
        stands = @rules[:sling_kinds][kind] or
          raise NotKnown.new("what #{kind.tr("_", " ")} stands is not known", pointer: Plan.pointer("rules"))
        edges
        name = kind.tr("_", " ")
        harm = self["near"] & stands["harmed_by"]
        return "#{harm.first} harms #{name}" if harm.any?
        return "a sharp edge that is not padded cuts #{name}" if sharp? && edge_diameter_for(kind).nil?
        return "#{name} may spark, and must not here" if self["no_sparks"] && stands["sparks"]
        return "#{name} conducts, and must not here" if self["no_current"] && stands["conducts"]

        surface(kind, name)
      end

      # What a chain or a rope is bent round at a sharp edge that is not padded, m: twice its radius, where that is
      # given.
      def edge_diameter_for(kind)
        return unless sharp? && Derating::ROPES.union(Derating::CHAINS).include?(kind) && @edge_radius.given?

        2 * @edge_radius.positive
      end

      private

      def sharp? = self["edges"] == "sharp"

      # A tender surface wants something between it and a hard sling.
      def surface(kind, name)
        return unless HARD.include?(kind)
        if self["surface"].nil?
          missing("what surface the slings bear on is not given", "surface")
        end
        return unless TENDER.include?(self["surface"]) && self["packing"].to_s.strip.empty?

        "#{name} marks a #{self["surface"]} surface: name the packing between them"
      end
    end
  end
end
