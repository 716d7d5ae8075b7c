module DustLadder
  module Ground
    # A trench, pit or backfill: its edge, m, closed or not, and how deep it is. What stands beside it keeps as far from
    # the edge as it is deep, times the site's factor (handbook, section 7).
    class Cut
      attr_reader :name, :edge, :depth

      def initialize(name:, edge:, depth:, closed: false)
        @name = name
        @edge = edge
        @depth = depth
        @closed = closed
      end

      # From any part of an outline to its edge, m; 0 inside of it.
      def distance(outline) = Site::Plane.apart(outline, edge, closed: @closed && edge.size > 2)

      def needed(factor) = depth * factor
    end
  end
end
