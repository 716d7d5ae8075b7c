module DustLadder
  module Load
    # How a part lies: which load axes its own axes u (its length) and v (its width) point along, and by how much
    # it is turned from there. Written as "x", "yz", "-z", "x, 30° about y".
    class Lie
      AXES = { "x" => 0, "y" => 1, "z" => 2 }.freeze
      WRITTEN = /\A(?<u>[+-]?[xyz])\s*(?<v>[+-]?[xyz])?(?<turns>(?:\s*,?\s*[^,]+? about [xyz])*)\z/
      TURN = /([^,]+?) about ([xyz])/
      EXPECTED =
        "the axis its length is along, such as x, y or z; two for its length and width, such as xz; and a turn, such " \
          "as x, 30° about y".freeze
      # Where v points when only u is written: w (the height of a section) stays up if it can.
      SECOND = { "+x" => "+y", "-x" => "-y", "+y" => "-x", "-y" => "+x", "+z" => "+x", "-z" => "+y" }.freeze

      # Three columns, where u, v and w point, each a unit vector in load axes.
      attr_reader :columns

      # Raises Quantity::Unreadable.
      def self.read(text)
        match = WRITTEN.match(text.strip.downcase.tr("−–", "--")) or
          refuse(text, "“#{text}” does not tell how a part lies")
        u, v = [ match[:u], match[:v] ].map { |axis| axis && (axis.length == 1 ? "+#{axis}" : axis) }
        refuse(text, "length and width cannot both be along #{u[1]}") if v && v[1] == u[1]

        turns =
          match[:turns]
            .scan(TURN)
            .map { |angle, axis| [ Quantity::Reader.read(angle.sub(/\A[\s,]+/, ""), :angle), AXES.fetch(axis) ] }
        new(unit(u), unit(v || SECOND.fetch(u)), turns)
      end

      def self.refuse(text, message) = raise(Quantity::Unreadable.new(message, typed: text, expected: EXPECTED))
      def self.unit(axis) = [ 0.0, 0.0, 0.0 ].tap { |vector| vector[AXES.fetch(axis[1])] = axis[0] == "-" ? -1.0 : 1.0 }
      private_class_method :refuse, :unit

      # turns: [[degrees, axis 0 to 2], ...], right-handed about a load axis, one after the other.
      def initialize(u, v, turns = [])
        w = [ u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0] ]
        @square = turns.all? { |degrees, _| (degrees % 360).zero? }
        @columns =
          [ u, v, w ].map do |column|
            @square ? column : turns.reduce(column) { |vector, (degrees, axis)| turned(vector, degrees, axis) }
          end
      end

      # Every own axis is along a load axis.
      def square? = @square
      def straight? = @square && columns == [ [ 1.0, 0.0, 0.0 ], [ 0.0, 1.0, 0.0 ], [ 0.0, 0.0, 1.0 ] ]

      # A vector in the part's own axes, in load axes.
      def place(own)
        a, b, c = own
        u, v, w = columns
        [ u[0] * a + v[0] * b + w[0] * c, u[1] * a + v[1] * b + w[1] * c, u[2] * a + v[2] * b + w[2] * c ]
      end

      # How far a box of an extent along u, v, w reaches along the load axes.
      def reach(extent)
        [ 0, 1, 2 ].map do |axis|
          columns[0][axis].abs * extent[0] + columns[1][axis].abs * extent[1] + columns[2][axis].abs * extent[2]
        end
      end

      # What lay like `inner` in something that itself lies like this.
      def around(inner)
        dup.tap { |lie| lie.instance_variable_set(:@columns, inner.columns.map { |column| place(column) }) }
      end

      private

      def turned(vector, degrees, axis)
        one, other = (axis + 1) % 3, (axis + 2) % 3
        cosine, sine = Math.cos(degrees * Math::PI / 180), Math.sin(degrees * Math::PI / 180)
        vector.dup.tap do |result|
          result[one] = cosine * vector[one] - sine * vector[other]
          result[other] = sine * vector[one] + cosine * vector[other]
        end
      end
    end
  end
end
