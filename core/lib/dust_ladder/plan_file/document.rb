module DustLadder
  module PlanFile
    # A plan document with its quantities read. Every place is read once; none of them is changed.
    class Document
      attr_reader :data

      def initialize(data)
        @data = data
        @fields = []
      end

      # The Field at a path of keys, such as "load", "cg", "x". kind as in Quantity::Reader; bounds as of Field. Whoever
      # asks keeps it.
      def field(kind, label, *path, **bounds)
        Field.new("/#{path.join("/")}", @data.dig(*path), kind, label, **bounds).tap { |field| @fields << field }
      end

      # A mass, a length that measure something: never nothing.
      def mass(label, *path) = field(:mass, label, *path, above: 0)
      def size(label, *path) = field(:length, label, *path, above: 0)
      # A place, which may lie on either side of where it is measured from.
      def place(label, *path) = field(:length, label, *path)
      # A length that may be nothing, such as a half-width.
      def extent(label, *path) = field(:length, label, *path, at_least: 0)
      def angle(label, *path, **bounds) = field(:angle, label, *path, **bounds)

      # Two Fields of a range, the least and the most: given the wrong way round both are refused.
      def ordered(least, most)
        return unless least.known? && most.known? && least.value > most.value

        words = "#{least.typed} to #{most.typed} is the wrong way round"
        [ least, most ].each { |field| field.refuse(words, "the lesser first") }
      end

      # What was understood of everything read so far, by JSON pointer, and what could not be read.
      def readings = @fields.select(&:known?).to_h { |field| [ field.pointer, field.echo ] }
      def problems = @fields.filter_map(&:problem)

      def dig(...) = @data.dig(...)

      # A snapshot of the plan, { "digest", "data" }, by its kind and id; nil for none.
      # All that it carries of a kind, { id => { "digest", "data" } }.
      def snapshots(kind) = @data.dig("snapshots", kind).to_h
      def snapshot(kind, id) = @data.dig("snapshots", kind, id)
    end
  end
end
