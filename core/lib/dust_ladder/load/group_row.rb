module DustLadder
  module Load
    # A row that stands for a group of parts, such as a door leaf: the group's own rows, set down somewhere.
    class GroupRow < Row
      # group: the TakeOff of the group's parts, in axes of its own.
      def initialize(typed, materials, group, title)
        @group = group
        @title = title
        super(typed, materials)
      end

      def each_kg = @group.bare_kg

      private

      def understood = { "place" => place && AXES.zip(place.map { |one| Figure.m(one) }) }.compact
      def group? = true
      def usual_to = "origin"
      def standing = Lie.read("xy")

      def read_own
        problem("size", "a group has the sizes of its own parts", "nothing") unless text("size").empty?
        problem("shape", "#{@title}: #{@group.trouble}", "a group whose every part is known") if @group.trouble
        if @lie && !@lie.straight? && @group.leaves.any?(&:slack)
          problem("lies", "a group with a fluid in it must stand as it was taken off", "nothing")
        end
      end

      def settle
        moved = @unknown_place || place.nil? ? nil : mover
        @leaves =
          @group
            .leaves
            .map do |leaf|
              low, high = [ leaf.low * count, leaf.high * count ].minmax
              Leaf.new(
                leaf.kg * count,
                low,
                high,
                moved && leaf.at && moved.call(leaf.at),
                leaf.slack,
                text("basis").empty? ? leaf.basis : basis
              )
            end
            .freeze
        return unless moved

        @solids =
          @group
            .solids
            .map do |solid|
              Solid.new(
                form: solid.form,
                middle: moved.call(solid.middle),
                extent: solid.extent,
                lie: lie.around(solid.lie),
                measures: solid.measures,
                cut: solid.cut ^ count.negative?
              )
            end
            .freeze
      end

      # From the group's own axes to the load's.
      def mover
        zero =
          case to
          when "corner"
            lowest(@group.solids)
          when "centre"
            lie.place(@group.cg_or_nil || [ 0.0, 0.0, 0.0 ])
          else
            [ 0.0, 0.0, 0.0 ]
          end
        shift = place.zip(zero).map { |at, from| at - from }
        ->(own) { lie.place(own).zip(shift).map { |part, by| part + by } }
      end

      def lowest(solids)
        lows =
          solids.map do |solid|
            lie
              .place(solid.middle)
              .zip(lie.around(solid.lie).reach(solid.extent))
              .map { |middle, far| middle - far / 2 }
          end
        lows.empty? ? [ 0.0, 0.0, 0.0 ] : [ 0, 1, 2 ].map { |axis| lows.map { |low| low[axis] }.min }
      end

      def write(working)
        each = Figure.kg(each_kg, digits: 2)
        working.line("m1", each, source: "#{@title}, #{@group.parts.size} rows of its own")
        unless count == 1
          working.line(
            "M",
            Figure.kg(kg, digits: 2),
            formula: "m1 × n",
            from: {
              m1: each,
              n: Figure.count(count)
            },
            source: "#{count} of it"
          )
        end
      end
    end
  end
end
