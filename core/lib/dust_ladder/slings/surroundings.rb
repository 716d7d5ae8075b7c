module DustLadder
  module Slings
    # Where the slings work, as the plan gives it: heat, chemicals, edges, sparks, lines, and what the site leaves of
    # every rating (handbook, sections 3.3 and 4).
    class Surroundings
      def initialize(document, rules)
        @rules = rules
        @data = document.dig("rigging", "surroundings")
        @temperature = document.field(
          :temperature,
          "the temperature of the slings",
          "rigging",
          "surroundings",
          "temperature"
        )
        @site = document.field(:share, "the site's factor", "rigging", "surroundings", "site_factor")
      end

      # Degrees C. Raises NotKnown.
      def celsius = @temperature.value

      # What the site leaves of every rating, a fraction. Raises NotKnown for less than all without a reason.
      def site_factor
        return 1.0 unless @site.given?

        factor = @site.positive
        raise NotKnown.new(
          "why the site lowers every rating is not given",
          pointer: "/rigging/surroundings/site_reason"
        ) if factor < 1 && @data["site_reason"].strip.empty?

        factor
      end

      def site_reason = @data["site_reason"]

      # Why a kind of sling cannot work here, or nil. Raises NotKnown.
      def unsuited(kind)
        stands = @rules[:sling_kinds][kind] or raise NotKnown.new(
          "what #{kind.tr('_', ' ')} stands is not known",
          pointer: "/rules"
        )
        raise NotKnown.new(
          "what edges the slings bear on is not given",
          pointer: "/rigging/surroundings/edges"
        ) if @data["edges"].nil?

        name = kind.tr("_", " ")
        harm = @data["near"] & stands["harmed_by"]
        return "#{harm.first} harms #{name}" if harm.any?
        return "a sharp edge that is not padded cuts #{name}" if @data["edges"] == "sharp" && stands["cut_by_edges"]
        return "#{name} may spark, and must not here" if @data["no_sparks"] && stands["sparks"]

        "#{name} conducts, and must not here" if @data["no_current"] && stands["conducts"]
      end
    end
  end
end
