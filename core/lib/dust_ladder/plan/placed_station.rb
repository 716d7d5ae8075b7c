module DustLadder
  module Plan
    # A station of the way that is given by its place on the site: radius and slew follow from where the crane stands.
    class PlacedStation < Section
      attr_reader :east, :north

      # index, number: which crane, and which of its stations.
      def initialize(document, index, number, stand, name)
        super(document, "cranes", index, "stations", number, "place")
        @stand = stand
        @name = name
        @east = at("how far east of the peg #{name} is", "east")
        @north = at("how far north of the peg #{name} is", "north")
      end

      def radius = @radius ||= Reckoned.new("the radius at #{@name}", east.pointer) { seen[0] }
      def slew = @slew ||= Reckoned.new("the slew at #{@name}", east.pointer) { seen[1] }

      # Metres east and north of the crane's slewing axis.
      def off = [ east.value, north.value ].zip(@stand.standing.axis).map { |one, other| one - other }

      private

      def seen = @seen ||= @stand.standing.seen([ east.value, north.value ])
    end
  end
end
