module DustLadder
  module Slings
    # What all legs of a multi-leg sling may carry together, by school (handbook, section 3.6). kg.
    module MultiLeg
      module_function

      # Continuous in the angle: legs x one leg's rating x sin h of the shallowest leg. nil past the floor.
      def trigonometric(effective_legs, single_kg, deg_from_plumb, most_deg_from_plumb: 60.0)
        return if deg_from_plumb > most_deg_from_plumb + 1e-9

        effective_legs * single_kg * Math.cos(deg_from_plumb * Math::PI / 180)
      end

      # Fixed bands by the shallowest leg. bands: [[up to degrees from plumb, { "2" => factor, ... }], ...];
      # a band includes its upper end. choker: share left when the legs choke, or nil. nil beyond the bands.
      def uniform_load(legs, single_kg, deg_from_plumb, bands, choker: nil)
        band = bands.find { |upto, _| deg_from_plumb <= upto + 1e-9 } or return
        band.last.fetch(legs.to_s) * single_kg * (choker || 1)
      end
    end
  end
end
