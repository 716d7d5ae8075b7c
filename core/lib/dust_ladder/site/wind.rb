module DustLadder
  module Site
    # What the wind does to a load (handbook, section 8). Speeds in m/s; sail: drag factor times area, m2.
    module Wind
      # Half the density of air, kg/m3.
      HALF_AIR = 0.613

      module_function

      # N.
      def force(speed, sail) = HALF_AIR * speed**2 * sail

      # The wind at which a load pulls as much as the chart's own would at its limit; never more than that limit. kg:
      # the low end of its weight, without block and rigging. area_per_t: of the load that the chart's limit is for.
      def limit(chart, kilograms, sail, area_per_t)
        [ chart, chart * Math.sqrt(area_per_t * kilograms / 1000 / sail) ].min
      end
    end
  end
end
