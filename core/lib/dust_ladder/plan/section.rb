module DustLadder
  module Plan
    # A part of a plan that knows its own place in the document. Whoever wants what stands there, or the JSON pointer
    # under which something is to be given, asks the section; no one else spells places out.
    class Section
      attr_reader :document, :place

      # document: a PlanFile::Document, or a Hash where no field is read. place: keys on the way to it.
      def initialize(document, *place)
        @document = document
        @place = place
      end

      # As it stands in the document; nil where the plan has no such part.
      def data = @data ||= document.dig(*place)
      def given? = !data.nil?
      def [](key) = data && data[key]
      def key?(key) = given? && data.key?(key)

      # JSON pointer of the section, or of something in it.
      def pointer(*keys) = "/#{[ *place, *keys ].join("/")}"

      # Fields of places in it, as of PlanFile::Document; each is to be read once.
      def field(kind, label, *keys, **bounds) = document.field(kind, label, *place, *keys, **bounds)
      def mass(label, *keys) = document.mass(label, *place, *keys)
      def length(label, *keys) = document.size(label, *place, *keys)
      def at(label, *keys) = document.place(label, *place, *keys)
      def extent(label, *keys) = document.extent(label, *place, *keys)
      def angle(label, *keys, **bounds) = document.angle(label, *place, *keys, **bounds)
      def ordered(least, most) = document.ordered(least, most)

      # Raises NotKnown of something that is to be given in it.
      def missing(what, *keys) = raise(NotKnown.new(what, pointer: pointer(*keys)))
    end
  end
end
