module DustLadder
  module Advice
    # How far each figure of a plan may go before it stops: the last value at which nothing stops, and what stops at the
    # next (handbook, section 13). Nothing is told past what was looked at.
    class Limits
      # input: an Input. way: "up" or "down". holds: the last value at which nothing stops; past: the next, where rung
      # (an id, with its label, subject, verdict and note) does; rung is nil where nothing did as far as was looked.
      # Of a plan that stops now, holds is the first value at which it does not, nil where there is none, and rung what
      # stops it now.
      Limit =
        Struct.new(
          :input,
          :way,
          :stops_now,
          :holds,
          :past,
          :rung,
          :label,
          :subject,
          :verdict,
          :note,
          keyword_init: true
        ) do
          def as_json(*)
            ends = way == "up" ? %i[down up] : %i[up down]
            {
              "input" => input.as_json,
              "way" => way,
              "stops_now" => stops_now,
              "holds" => holds && input.figure(holds, stops_now ? ends.last : ends.first).as_json,
              "past" => past && input.figure(past, ends.last).as_json,
              "rung" => rung,
              "label" => label,
              "subject" => subject,
              "verdict" => verdict,
              "note" => note&.as_json
            }
          end
        end
      LOOKS = 20
      # As far as is looked, by kind: of its value now, or in its unit.
      FAR = {
        mass: ->(now) { 3 * now },
        length: ->(now) { now + 20 },
        place: ->(now) { now + 20 },
        speed: ->(_) { 30.0 }
      }.freeze
      BACK_M = 20.0

      def initialize(base)
        @base = base
      end

      # Yields a Limit of each input, up and down, as it is found. Raises Budget::Spent.
      def each
        Input.all(@base.lift).each do |input|
          %w[up down].each { |way| yield limit(input, way) }
        end
      end

      def limit(input, way)
        stops = worse(@base.now)
        return begins(input, way, stops) if stops

        last, past, rung = walk(input, way) { |found| found }
        Limit.new(input: input, way: way, stops_now: false, holds: last, past: past, **told(rung))
      end

      private

      # Of a plan that stops: the first value at which nothing does.
      def begins(input, way, stops)
        last, first, = walk(input, way) { |found| found ? nil : stops }
        holds = first && !at(input, first) ? first : nil
        Limit.new(input: input, way: way, stops_now: true, holds: holds, past: holds && last, **told(stops))
      end

      def told(rung)
        return {} unless rung

        { rung: rung.id, label: rung.label, subject: rung.subject, verdict: rung.verdict, note: rung.note }
      end

      def places(input, way)
        now = input.now
        far = way == "up" ? [ FAR.fetch(input.kind).(now), input.most ].min : [ now - back(input), input.least ].max
        even = (1..LOOKS).map { |at| input.round(now + (far - now) * at / LOOKS.to_f) }.uniq
        even.select { |value| way == "up" ? value > now : value < now }
      end

      def back(input) = input.kind == :place ? BACK_M : input.now

      # Goes until the block makes something of the rung that ends it, or of none, at a value: the last value before,
      # the very step at which it does, and what it makes.
      def walk(input, way)
        last = input.now
        places(input, way).each do |value|
          end_of_it = yield(at(input, value))
          next last = value unless end_of_it

          return first_past(input, last, value, end_of_it) { |found| yield(found) }
        end
        [ last, nil, nil ]
      end

      def first_past(input, last, past, rung)
        while (past - last).abs > input.step * 1.5
          middle = input.round((last + past) / 2)
          found = yield(at(input, middle))
          found ? (past, rung = middle, found) : last = middle
        end
        [ last, past, rung ]
      end

      # The rung that ends it at a value, or nil.
      def at(input, value)
        Budget.ask!
        worse(@base.state(input.values(value)))
      end

      # Of what stops, or was known and is not: the first by the ladder's order of those that are used most now.
      def worse(state)
        ids = @order ||= @base.now.ladder.rungs.sort_by { |rung| -(rung.utilisation || 0) }.map(&:id)
        (ids | state.ids).each do |id|
          rung = state.rung(id) or next
          return rung if rung.verdict == "stop"
          return rung if rung.verdict == "not_known" && @base.now.rung(id)&.verdict != "not_known"
        end
        nil
      end
    end
  end
end
