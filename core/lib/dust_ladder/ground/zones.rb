module DustLadder
  module Ground
    # What the ground bears, by zones that may overlap: what stands on several has the weakest of them under it.
    class Zones
      # outline as of Site::Plane; kpa: what it bears, or nil where nobody knows.
      Zone =
        Struct.new(:name, :outline, :kpa, keyword_init: true) do
          # Least and most east, then north.
          def box = @box ||= [ 0, 1 ].map { |axis| outline.map { |place| place[axis] }.minmax }

          # Could an outline touch it at all?
          def near?(outline)
            [ 0, 1 ].all? do |axis|
              least, most = outline.map { |place| place[axis] }.minmax
              least <= box[axis][1] + TOUCH_M && most >= box[axis][0] - TOUCH_M
            end
          end
        end
      # zones: all that are touched. bare: does some of it lie on ground that nobody tells of?
      Under =
        Struct.new(:zones, :bare) do
          def weakest = zones.select(&:kpa).min_by(&:kpa)
        end
      # Nearer than this a zone is touched, m; less than this of an outline may lie outside of them all, m2.
      TOUCH_M = 1e-3
      BARE_M2 = 1e-4

      def initialize(zones) = @zones = zones

      # What lies under an outline.
      def under(outline)
        touched = @zones.select { |zone| zone.near?(outline) && Site::Plane.apart(outline, zone.outline) <= TOUCH_M }
        Under.new(touched, Site::Cover.new(outline, touched.map(&:outline)).bare > BARE_M2)
      end
    end
  end
end
