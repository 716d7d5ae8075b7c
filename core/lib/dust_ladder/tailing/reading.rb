module DustLadder
  module Tailing
    # What both hooks showed at a tilt or place, held against what either was to carry there (handbook, sections 6.2 and
    # 10). data: { "at", "head", "tail" => text, "shows" => "load" or "with_block" }; kg, degrees or per cent.
    class Reading
      include Ladder::Sentences

      NAMES = %w[at head tail shows].freeze
      SHOWS = { "load" => false, "with_block" => true }.freeze
      MOST_TEXT = 40
      # As near as this a reading is of a hold point: degrees, or hundredths of the way.
      NEAR = 2.5

      Finding =
        Struct.new(:id, :verdict, :words) do
          def as_json(*) = { "id" => id, "verdict" => verdict, "words" => words.as_json }
        end

      # lift: of the plan as it was issued.
      def initialize(lift, data)
        @lift = lift
        @data = data.is_a?(Hash) ? data : {}
      end

      # What cannot be so, each { "pointer", "message", "expected" }.
      def faults
        return [ fault("", "this plan is of one crane", "a plan of two") ] unless @lift.tandem?

        unknown = @data.keys - NAMES
        found = [
          *unknown.map { |name| fault("/#{name}", "#{name} is not read here", NAMES.join(", ")) },
          *(SHOWS.key?(@data["shows"]) ? [] : [ fault("/shows", "what the indicators show", SHOWS.keys.join(" or ")) ])
        ]
        fields = [ field("at"), field("head"), field("tail") ]
        [
          *found,
          *fields.reject(&:given?).map { |one| fault(one.pointer, "#{one.label} is not given", "a figure and unit") },
          *fields.filter_map(&:problem).map { |one| one.slice("pointer", "message", "expected") }
        ]
      end

      def step = field("at").value * (@lift.tandem.carry? ? 100 : 1)
      def near?(other) = (step - other).abs <= NEAR
      def verdict = Ladder::Verdict.weakest(findings.map(&:verdict))
      # Of both hooks, and of both together; what cannot be told is not known, never a pass.
      def findings
        @findings ||= [ *Turn::SIDES.map { |side| asked(side.to_s) { hook(side) } }, asked("both") { both_hooks } ]
      end

      def as_json(*)
        {
          "at" => DustLadder.known { @lift.turn.words(step) },
          "verdict" => verdict,
          "findings" => findings.map(&:as_json)
        }
      end

      private

      def turn = @lift.turn
      def over = @lift.rules[:indicated_over_planned]
      def limit = @lift.rules[:tandem, :limit]
      def fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }

      LABELS = { "at" => "where it was read", "head" => "the head's hook", "tail" => "the tail's hook" }.freeze

      def field(name)
        (@fields ||= {})[name] ||=
          begin
            typed = @data[name].is_a?(String) ? @data[name][0, MOST_TEXT].strip : nil
            kind = name == "at" ? (@lift.tandem.carry? ? :share : :angle) : :mass
            bounds = name == "at" ? { at_least: 0, at_most: kind == :share ? 1 : 90 } : { at_least: 0 }
            PlanFile::Field.new("/#{name}", typed, kind, LABELS[name], **bounds)
          end
      end

      def asked(id)
        raise NotKnown, "what either line carries there cannot be told" unless turn.told?(step)

        yield
      rescue NotKnown => error
        Finding.new(id, "not_known", both(error.what))
      end

      # What the line itself carries, less what hangs beside it: kg.
      def share(side)
        duty = @lift.duties[Turn::SIDES.index(side)]
        off = duty.gross.shown_beside_share(with_block: SHOWS.fetch(@data["shows"])).sum(&:kg)
        field(side.to_s).value - off
      end

      def hook(side)
        read, most = share(side), turn.share_at(side, step)
        duty = @lift.duties[Turn::SIDES.index(side)]
        past = past_chart(side, read, duty)
        return past if past

        verdict = read > most * (1 + over) ? "stop" : read > most || read < least(side) ? "tight" : "holds"
        Finding.new(side.to_s, verdict, hook_words(side, read, most))
      end

      def hook_words(side, read, most)
        both do |system|
          planned = "at most #{Figure.kg(most, :up).shown(system)} planned"
          words = "#{side} carries #{Figure.kg(read, :up).shown(system)}, #{planned}"
          read < least(side) ? "#{words}: less than it can be here" : words
        end
      end

      # The least that a line may carry there, lines plumb, kg.
      def least(side)
        index = Turn::SIDES.index(side)
        turn.box.least_at(turn.tilt_at(step))&.fetch(index) || 0.0
      end

      # Whatever was planned, nobody goes past the crane's part of its chart.
      def past_chart(side, read, duty)
        at = duty.side.at(turn.place(side, step))
        kg = at.capacity or return
        gross = read + duty.side.rigging
        return unless gross > kg * limit * (1 + Ladder::Verdict::SLACK)

        words = both do |system|
          used = Figure.percent(gross / kg, digits: 1)
          "#{side} crane #{used} of its chart at #{Figure.m(at.radius, :up).shown(system)}"
        end
        Finding.new(side.to_s, "stop", words)
      end

      # Both together are the load.
      def both_hooks
        sum, planned = Turn::SIDES.sum { |side| share(side) }, turn.whole_kg
        verdict = sum > planned * (1 + over) ? "stop" : sum > planned ? "tight" : "holds"
        words =
          both do |system|
            "together #{Figure.kg(sum, :up).shown(system)} of #{Figure.kg(planned, :up).shown(system)} planned"
          end
        Finding.new("both", verdict, words)
      end
    end
  end
end
