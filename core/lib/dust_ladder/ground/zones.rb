module DustLadder
  module Ground
    # What the ground bears, by zones that may overlap: what stands on several has the weakest of them under it.
    class Zones
      # outline as of Site::Plane; kpa: what it bears, or nil where nobody knows.
      Zone = Struct.new(:name, :outline, :kpa, keyword_init: true)
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
        touched = @zones.select { |zone| Site::Plane.apart(outline, zone.outline) <= TOUCH_M }
        Under.new(touched, Site::Cover.new(outline, touched.map(&:outline)).bare > BARE_M2)
      end
    end
  end
end
