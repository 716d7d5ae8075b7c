module DustLadder
  module Load
    # A take-off as a screen or a print needs it: every row's mass, place and what is wrong with it, the total, the
    # largest, and the working of one row.
    class Sheet
      LARGEST = 5

      # lift: Lift. of: nil for the load's own list, or a group's number. row: which row's working is asked for.
      def initialize(lift, of: nil, row: nil)
        @lift = lift
        @of = of
        @take_off = of ? TakeOff.new(lift.load["take_off"], lift.rules, of: of) : lift.load.take_off
        @row = row
      end

      def as_json(*)
        {
          "pointer" => @take_off.pointer,
          "rows" => @take_off.rows.map { |row| row&.as_json },
          **total,
          **place,
          "outline" => @take_off.outline,
          "largest" => largest,
          "cautions" => cautions,
          "row" => one
        }
      end

      private

      def total
        bare, planned = @take_off.bare_kg, @take_off.planned_kg
        {
          "bare" => Figure.kg(bare, :up),
          "added" => Figure.kg(planned - bare, :up),
          "planned" => Figure.kg(planned, :up),
          "least" => Figure.kg(@take_off.least_kg, :down)
        }.transform_values(&:as_json).merge("trouble" => nil)
      rescue NotKnown => error
        { "bare" => nil, "added" => nil, "planned" => nil, "least" => nil, "trouble" => missing(error) }
      end

      def place
        cg = @take_off.cg
        { "cg" => cg.map { |at| Figure.m(at).as_json }, "half_width" => half_width, "cg_trouble" => nil }
      rescue NotKnown => error
        { "cg" => nil, "half_width" => nil, "cg_trouble" => missing(error) }
      end

      def missing(error) = { "what" => error.what, "pointer" => error.pointer }

      # Half-widths of the CG's box: the plan's where it takes its CG from here, else what the rows leave open.
      def half_width
        widths = @of.nil? && @lift.load.from_take_off?(:cg) ? @lift.load.cg_half_width : @take_off.cg_reach
        widths.map { |width| Figure.m(width, :up).as_json }
      rescue NotKnown
        nil
      end

      def largest
        whole = @take_off.bare_kg
        @take_off
          .largest(LARGEST)
          .map { |index| { "row" => index, "share" => Figure.percent(@take_off.rows[index].kg / whole).as_json } }
      rescue NotKnown
        []
      end

      def cautions
        found = @of ? Sanity.of_parts(@take_off) : Sanity.new(@lift.load, @lift.rules).cautions
        found.map { |id, text, about| Ladder::Caution.of(id, text, about).as_json }
      end

      def one
        row = @row && @take_off.rows[@row] or return
        {
          "index" => @row,
          "hints" => row.shape ? row.shape.hints : [],
          "readings" =>
            row.readings.transform_values do |figures|
              figures.map { |name, figure| { "name" => name, "figure" => figure.as_json } }
            end,
          "working" => row.working.map(&:as_json)
        }
      end
    end
  end
end
