module DustLadder
  module Plan
    # One of the plan's cranes: its chart, how it is rigged, where it picks and sets.
    class Crane < Section
      BLANK = {
        "chart" => nil,
        "as_rigged" => {},
        "boom_length" => nil,
        "parts_of_line" => nil,
        "radius_measured_loaded" => false,
        "turn" => nil,
        "stations" => %w[pick set].map { |name|
          { "name" => name, "radius" => nil, "slew" => nil, "support_height" => nil }
        },
        "obstacle_height" => nil,
        "deductions" => []
      }.freeze

      # Is a JSON pointer of a crane alone, or of a snapshot that nothing but a crane uses?
      def self.holds?(pointer) = pointer.match?(%r{\A/(cranes|snapshots/charts)(/|\z)})

      # index: which of the plan's cranes.
      def initialize(document, index = 0) = super(document, "cranes", index)

      # A station that is given by its place on the site, or nil.
      def placed(number)
        return unless self["stations"][number]["place"]

        name = self["stations"][number]["name"]
        (@placed ||= {})[number] ||= PlacedStation.new(document, place.last, number, stand, name)
      end

      # Where it stands on its site.
      def stand = @stand ||= Stand.new(document, place.last)
    end
  end
end
