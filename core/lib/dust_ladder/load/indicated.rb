module DustLadder
  module Load
    # What the load weighs if the crane's indicator reads so much with this rigging on the hook, and the change that
    # takes it as the weight. Only for a plan with a bounded weight: lifting to find out a weight that nobody could
    # bound is not allowed; a wide box of the CG is no bar, but a reason for a trial (handbook, sections 2 and 15).
    class Indicated
      include Ladder::Sentences

      # What the reading includes: the hook block and the rope below the tip, or only what hangs on the hook.
      SHOWS = %w[with_block without_block].freeze
      MOST_KEPT = 200

      # document: an accepted plan. reading: as typed, such as "4.3 t". at: local time, text. Raises NotKnown when the
      # plan does not allow it, or the reading cannot be this load; Quantity::Unreadable when it cannot be read.
      def initialize(document, reading:, shows:, at:)
        @document = document
        @lift = Lift.new(document)
        @typed = reading.to_s.strip
        @shows = shows
        @at = at.to_s[0, 40]
        bounded
        @reading = Quantity::Reader.read(@typed, :mass)
        @working = Ladder::Working.new
        @bare = work_out
        unless @bare.positive?
          raise NotKnown, "the reading is no more than the rigging, block and rope alone: there would be no load"
        end
      end

      def bare_kg = @bare
      def planned_kg = @bare * (1 + @lift.rules[:allowance, :weighed])

      # New values by JSON pointer. The weight of before goes into the history.
      def changes
        now = @lift.load["weight"]
        by = now["by"] || "typed"
        earlier = {
          "at" => @at,
          "by" => by,
          "bare" => by == "typed" ? now["bare"] : whole(@lift.load.bare_kg),
          "basis" => by == "typed" ? now["basis"] : "calculated",
          "source" => now["source"]
        }
        taken = {
          "by" => "typed",
          "bare" => whole(@bare),
          "basis" => "weighed",
          "source" => "crane indicator read #{@typed}"
        }
        {
          @lift.load.pointer("weight") =>
            now.merge(taken).merge("history" => [ *now["history"], earlier ].last(MOST_KEPT))
        }
      end

      def as_json(*)
        {
          "bare" => Figure.kg(@bare, :up).as_json,
          "planned" => Figure.kg(planned_kg, :up).as_json,
          "working" => @working.lines.map(&:as_json),
          "cautions" => cautions.map(&:as_json),
          "changes" => changes
        }
      end

      private

      def whole(kg) = "#{(kg - 1e-6).ceil} kg"

      def bounded
        raise NotKnown, "what the reading shows must be one of #{SHOWS.join(", ")}" unless SHOWS.include?(@shows)

        @lift.load.planned_kg
      rescue NotKnown => error
        raise NotKnown.new(
          "a weight may be found by lifting only when a bounded one was known first: #{error.what}",
          pointer: error.pointer
        )
      end

      def work_out
        off = @lift.duty.gross.shown_beside_load(with_block: @shows == "with_block")
        @working.line(
          "X",
          Figure.kg(@reading),
          source:
            "crane indicator, #{
              if @shows == "with_block"
                "block and rope in the reading"
              else
                "block and rope not in " \
                  "the reading"
              end
            }"
        )
        figures = off.to_h { |item| [ item.symbol.to_sym, Figure.kg(item.kg, digits: 1) ] }
        off.each do |item|
          @working.line(item.symbol, figures[item.symbol.to_sym], source: "#{item.name}, #{item.source}")
        end
        bare = @reading - off.sum(&:kg)
        @working.line(
          "B",
          Figure.kg(bare, :up),
          formula: [ "X", *figures.keys ].join(" − "),
          from: { X: Figure.kg(@reading) }.merge(figures),
          source: "the load alone"
        )
        bare
      end

      def cautions
        load = @lift.load
        over = @lift.rules[:indicated_over_planned]
        found = []
        if @bare > load.planned_kg * (1 + over)
          found << both do |system|
            "This is more than #{Figure.percent(over).shown(system)} over the planned " \
              "#{Figure.kg(load.planned_kg, :up).shown(system)}: down again, and find out why before another try."
          end
        end
        if @bare < load.least_kg
          found << both do |system|
            "This is less than the load could weigh, #{Figure.kg(load.least_kg, :down).shown(system)}: is it " \
              "wholly off its supports, and the reading steady?"
          end
        end
        found << both("The CG stays as it was: an indicator tells the weight alone. Look at the tilt.")
        found
      end
    end
  end
end
