module DustLadder
  module Devices
    # What load cells in the legs say, a figure for each leg in the plan's order (docs/trial-instruments.md).
    class CellsFeed < Feed
      NAME = "set of load cells"
      FORMAT = "dust-ladder-cells"
      MOST = 8
      KG = -5_000.0..5e6

      private

      # A cell that says nothing is dead, and told as that; the others may still be believed.
      def fault(data, _now)
        cells = data["cells_kg"]
        return unsound("list of cells") unless cells.is_a?(Array) && cells.size.between?(1, MOST)

        unsound("cell") unless cells.all? { |kg| kg.nil? || sound?(kg, KG) }
      end

      # cells: as a try takes them, never below nothing.
      def shown
        cells =
          @reading["cells_kg"].map do |kg|
            next { "metric" => "dead", "us" => "dead" } if kg.nil?

            figure = Figure.kg([ kg, 0.0 ].max)
            %w[metric us].to_h { |system| [ system, figure.shown(system.to_sym).gsub(/[[:space:]]+/, " ") ] }
          end
        { "seq" => @reading["seq"], "cells" => cells }
      end
    end
  end
end
