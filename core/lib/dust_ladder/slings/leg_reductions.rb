module DustLadder
  module Slings
    # What bend, heat and site leave of a leg's rating, step by step (handbook, sections 3.2 and 3.3).
    module LegReductions
      # What bend, heat and site leave of every rating of this leg's sling. Raises NotKnown where no figure holds.
      def left
        none = reductions.find { |step| step.factor.nil? }
        raise NotKnown.new("#{subject}: #{none.reason}", pointer: pointer) if none

        reductions.map(&:factor).reduce(1.0, :*)
      end

      # Is it bent, or hot, past every figure?
      def no_figure? = reductions.any? { |step| step.factor.nil? }

      private

      # What bend, heat and site leave of the rating: steps with a factor other than 1.
      def reductions =
        @reductions ||=
          if lift.surroundings || bend
            derating.steps.select { |step| SYMBOLS.key?(step.name) && step.factor != 1.0 }
          else
            []
          end
      SYMBOLS = { "bend" => :kb, "temperature" => :kt, "site" => :ks }.freeze

      def derating
        around = lift.surroundings
        @derating ||=
          Derating.new(
            rules,
            kind: sling["kind"],
            hitch: hitch,
            hitch_factor: 1.0,
            deg_from_horizontal: 90.0,
            choke_deg: 180.0,
            bend: bend_ratio,
            bend_rated_at: sling["bend_rated_at"],
            sling: sling,
            celsius: around&.celsius,
            site_factor: around ? around.site_factor : 1.0
          )
      end

      # What the sling's body is bent round over its own diameter: as typed, or by the radius of a bare sharp edge.
      def bend_ratio
        round = [ bend&.positive, edge_diameter ].compact.min or return
        diameter = sling["diameter_m"] or
          raise NotKnown.new("the diameter of #{sling["number"]} is not known, so its bend is not", pointer: pointer)
        round / diameter
      end

      def edge_diameter = hitch == "vertical" ? nil : lift.surroundings&.edge_diameter_for(sling["kind"])
    end
  end
end
