module DustLadder
  module Cranes
    # How radius and slew of a station come about that is given by its place on the site. For a check with a duty.
    module PlaceLines
      private

      # Radius and slew of a station that is given by its place on the site.
      def place_lines(index)
        placed = duty.crane.placed(index)
        e, n = placed.off.map { |metres| Figure.m(metres) }
        line("e", e, source: "#{duty.crane.stations[index].name}, east of the slewing axis", about: "station:#{index}")
        line("n", n, source: "north of it", about: "station:#{index}")
        line("R", Figure.m(placed.radius.value, :up), formula: "√(e² + n²)", from: { e: e, n: n }, source: "its radius")
        line(
          "s",
          Figure.deg(placed.slew.value, :near),
          source: "its slew: the bearing from the axis, less where the front looks"
        )
      end
    end
  end
end
