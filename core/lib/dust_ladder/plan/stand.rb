module DustLadder
  module Plan
    # Where a crane stands on its site and on what, how high the load is carried and how it is turned. Lengths are
    # Fields in m, angles in degrees clockwise, masses in kg.
    class Stand < Section
      attr_reader :east,
        :north,
        :ground,
        :bearing,
        :mat_side,
        :mat_kg,
        :mat_rated,
        :carried,
        :load_axis,
        :dunnage_length,
        :dunnage_width,
        :dunnage_high

      def initialize(document, index)
        super(document, "cranes", index, "stand")
        @east = at("how far east of the peg the crane stands", "east")
        @north = at("how far north of the peg the crane stands", "north")
        @ground = at("the height of the crane's ground above the peg", "ground")
        @bearing = angle("the bearing of the crane's front", "bearing")
        @mat_side = length("the side of a mat", "mat", "side")
        @mat_kg = mass("the mass of a mat", "mat", "mass")
        @mat_rated = mass("what a mat may carry", "mat", "rated")
        @carried = at("how high the load is carried on the way", "carried")
        @load_axis = angle("how the load lies", "load_axis")
        @dunnage_length = length("the length of a timber at the landing", "dunnage", "length")
        @dunnage_width = length("the width of a timber at the landing", "dunnage", "width")
        @dunnage_high = length("the height of the stack at the landing", "dunnage", "high")
      end

      # The Site::Standing. Raises NotKnown.
      def standing
        @standing ||= Site::Standing.new(axis: [ east, north, ground ].map(&:value), bearing: bearing.value)
      end

      def mats? = !self["mat"].nil?
      # Numbers of its mats in the store.
      def mat_pieces = self["mat"].to_h["pieces"].to_a
      # "with_boom", "held", or nil where nobody says.
      def load_turned = self["load_turned"]
      def watcher = self["watcher"].to_s.strip.then { |name| name if name.match?(/[[:alpha:]]/) }

      # How many timbers the load is set on. Raises NotKnown.
      def timbers = self["dunnage"]&.dig("count") || missing("what the load is set down on", "dunnage")
    end
  end
end
