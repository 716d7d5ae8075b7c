module DustLadder
  module Advice
    # What the ladder says while one figure of the plan goes over a range, or two of them (handbook, section 13): looks
    # at even distances, and between two that differ the very value at which the answer turns.
    class WhatIf
      # What is said at one value: the verdict and the Rung that it comes from, or nil.
      Look =
        Struct.new(:value, :verdict, :governs, :state, keyword_init: true) do
          def rung = governs&.id
          # Says it the same as another look?
          def like?(other) = [ verdict, rung ] == [ other.verdict, other.rung ]
        end
      # A part of the range over which the same rung governs by the same verdict, from its first Look to a value on the
      # input's step.
      Band =
        Struct.new(:first, :to) do
          def from = first.value
          def verdict = first.verdict
          def rung = first.rung
        end
      LOOKS = 48
      MAP = [ 24, 14 ].freeze

      # base: a Base. input: an Input. from, to: of the range, in the input's unit.
      def initialize(base, input, from, to)
        @base = base
        @input = input
        @from = from
        @to = to
      end

      # Yields each Look, from less to more.
      def each_look
        @looks = []
        places.each do |value|
          Budget.ask!
          @looks << (look = look_at(value))
          yield look
        end
      end

      # Between two looks this much of the range was not looked at, in the input's unit.
      def spacing = places.each_cons(2).map { |one, other| other - one }.max || 0.0

      # Bands over the whole range, without a gap; what turns and turns back between two looks is not seen.
      def bands
        each_look { nil } unless @looks
        found = [ Band.new(@looks.first) ]
        @looks.each_cons(2) { |one, other| turns(one, other).each { |look| found << step_to(found.last, look) } }
        found.last.to = @looks.last.value
        found
      end

      # Of each rung that is told of: { id:, label:, shares: [fraction or nil, of each look], verdicts: [] }.
      def curves
        ids = @looks.flat_map { |look| look.state.ids }.uniq
        rows = ids.map { |id| curve(id, @looks.map { |look| look.state.rung(id) }) }
        rows.select { |row| row[:verdicts].uniq.size > 1 || moved?(row[:shares]) || row[:verdicts].include?("stop") }
      end

      # All of a strip, once it was looked at: bands in figures that never say that more holds than does, curves, and in
      # a sentence how far it holds.
      def told
        all = bands
        {
          "bands" => all.map { |band| told_band(band, band.equal?(all.last)) },
          "values" => @looks.map(&:value),
          "curves" => curves.map { |row| row.transform_keys(&:to_s) },
          "aside" => @base.aside,
          "spacing" => @input.figure(spacing, :up).as_json,
          "now" => @input.figure(@input.now).as_json
        }
      end

      # Of another input over its own range, from less to more: yields its value, the values of the first input, and
      # [verdict, rung] at each of them.
      def each_row(other, from, to)
        columns = spread(@input, @from, @to, MAP[0])
        spread(other, from, to, MAP[1]).each do |value|
          cells = columns.map do |column|
            Budget.ask!
            look = look_at(column, other.values(value))
            [ look.verdict, look.rung ]
          end
          yield value, columns, cells
        end
      end

      private

      # Its ends as they are on the input's step: the last value at which it is so.
      def told_band(band, last)
        {
          "from_value" => band.from,
          "to_value" => band.to,
          "from" => @input.figure(band.from, :up).as_json,
          "to" => @input.figure(band.to, last ? :near : :down).as_json,
          "verdict" => band.verdict,
          "rung" => band.rung,
          "label" => band.first.governs&.label,
          "subject" => band.first.governs&.subject
        }
      end

      # What the plan has now is looked at too.
      def places
        @places ||= [ *spread(@input, @from, @to, LOOKS), *now_within ].uniq.sort
      end

      def now_within = [ @input.round(@input.now) ].select { |now| now.between?(@from, @to) }

      def spread(input, from, to, count) =
        Array.new(count) { |at| input.round(from + (to - from) * at / (count - 1.0)) }.uniq

      def look_at(value, more = {})
        state = @base.state(@input.values(value).merge(more))
        rung = governing(state.ladder)
        Look.new(value: value, verdict: rung&.verdict || "not_known", governs: rung, state: state)
      end

      # The weakest of the rungs; of those that were not known before and are not, the known ones are told of.
      def governing(ladder)
        told = ladder.rungs.reject { |rung| unknown_anyway?(rung) }
        told.min_by { |rung| [ Ladder::Verdict.rank(rung.verdict), -(rung.utilisation || stopped(rung)) ] }
      end

      def stopped(rung) = rung.verdict == "stop" ? Float::INFINITY : 0.0

      def unknown_anyway?(rung)
        rung.verdict == "not_known" && @base.now.rung(rung.id)&.verdict == "not_known"
      end

      # The looks between two at which the answer turns, each the first that says the next, on the input's step.
      def turns(one, other)
        return [] if one.like?(other)

        low, high = one, other
        while high.value - low.value > @input.step * 1.5
          Budget.ask!
          middle = look_at(@input.round((low.value + high.value) / 2))
          middle.like?(one) ? low = middle : high = middle
        end
        [ high, *(high.like?(other) ? [] : turns(high, other)) ]
      end

      def step_to(last, look)
        last.to = @input.round(look.value - @input.step)
        Band.new(look)
      end

      def curve(id, rungs)
        label = rungs.compact.first.label
        shares, verdicts = rungs.map { |rung| rung&.utilisation }, rungs.map { |rung| rung&.verdict }
        { id: id, label: label, shares: shares, verdicts: verdicts }
      end

      LEAST_MOVE = 0.02
      def moved?(shares) = shares.compact.minmax.then { |least, most| !least.nil? && most - least > LEAST_MOVE }
    end
  end
end
