module DustLadder
  module Gear
    # Everything that a lift's rigging is made of, with numbers, masses and what is still to be done about each: bought
    # or hired, examined again, looked at, brought from where it is (handbook, sections 4 and 19).
    class RiggingList
      # what: in words; number: of the store, or nil; count; kg: of one, or nil; due; place; to_do: words, or nil;
      # verdict: holds, stop or not_known.
      Line = Struct.new(:what, :number, :count, :kg, :due, :place, :to_do, :verdict, keyword_init: true)

      # document: an accepted plan. pieces: of the store now by number, with their place and state, or {}.
      def initialize(document, pieces = {})
        @lift = Lift.new(document)
        @rules = @lift.rules
        @store = pieces
        @day = DustLadder.known { @lift.last_day&.iso8601 }
      end

      def lines = @lines ||= [ *slings, *beam, *beams_of_two, *fittings, *mats ]
      # Of all that is known, kg; and is it of all of it?
      def kg = lines.sum { |line| line.kg.to_f * line.count }
      def whole? = lines.all?(&:kg)
      def to_do = lines.select(&:to_do)

      def as_json(*)
        {
          "lines" => lines.map { |line| line_json(line) },
          "total" => Figure.kg(kg, :up).as_json,
          "whole" => whole?,
          "to_do" => to_do.size
        }
      end

      private

      def strands = @lift.strands

      def slings
        chosen, missing = strands.partition(&:sling)
        known = each_once(chosen.map { |leg| @lift.sling_of(leg) })
        return known if missing.empty?

        known << asked("slings for the #{missing.map(&:name).join(", ")}", missing.size, "choose, hire or buy")
      end

      def beam
        return [] unless @lift.beam

        data = DustLadder.known { @lift.beam.piece }
        data ? [ of(data, words(data)) ] : [ asked("a beam", 1, "choose, hire or buy") ]
      end

      # Beams between the hooks of two cranes and the load: typed, of no store.
      def beams_of_two
        return [] unless @lift.tandem?

        ends = @lift.tandem.ends.select(&:beam?).map { |one| [ one.beam_name, one.beam_rated, one.beam_mass ] }
        both = [ @lift.tandem.beam ].compact.map { |one| [ one.name, one.rated, one.beam_mass ] }
        [ *ends, *both ].map do |name, rated, mass|
          line(
            what: "#{name}, #{rating(rated.typed)}",
            count: 1,
            kg: DustLadder.known { mass.positive },
            to_do: "of no store: look at its tag, its date and the beam itself"
          )
        end
      end

      def fittings
        all = @lift.legs.each_with_index.flat_map { |leg, index| leg.fittings.map { |one| [ one, beside(index) ] } }
        named, others = all.partition { |one, _| one.piece }
        # A piece of the store is on one sling; on those beside it there are others.
        again = named.select { |_, count| count > 1 }.map { |one, count| [ one, count - 1 ] }
        alike = [ *others, *again ].group_by { |one, _| [ one.kind, one.wll.typed, one.weight.typed ] }
        each_once(named.map { |one, _| snapshot(one.piece) }) + alike.map { |what, some| loose(what, some) }
      end

      # Slings that hang side by side where a leg is.
      def beside(index)
        @lift.tandem? && DustLadder.known { @lift.tandem.ends[index].slings } || 1
      end

      def rating(typed) = typed.to_s.strip.empty? ? "of a rating that is not given" : typed

      def each_once(all) = all.uniq { |data| data["number"] }.map { |data| of(data, words(data)) }

      # Fittings that are of no store: as many as there are, as the plan describes them.
      def loose((kind, wll, _), some)
        kg = DustLadder.known { some[0][0].weight.not_negative }
        line(
          what: "#{Plan::Fitting::WORDS.fetch(kind)}, #{rating(wll)}",
          count: some.sum(&:last),
          kg: kg,
          to_do: "choose from the store, hire or buy"
        )
      end

      def mats
        @lift.stands.flat_map do |stand|
          next [] unless stand.mats?

          numbers = stand.mat_pieces
          own = numbers.map { |number| snapshot(number) }.map { |data| of(data, words(data)) }
          left = PADS - numbers.size
          left.positive? ? own << loose_mats(stand, left) : own
        end
      end
      PADS = 4

      def loose_mats(stand, count)
        side, kg = stand.mat_side.typed, DustLadder.known { stand.mat_kg.not_negative }
        line(what: "mat, #{side} a side", count: count, kg: kg, to_do: "choose from the store, hire or buy")
      end

      def snapshot(number) = @lift.document.snapshot("gear", number).fetch("data")

      def words(data)
        kind = Kinds.of(data["kind"])&.words || "#{data["kind"]} beam".sub("spreader beam", "spreader")
        [ kind, *(data["size"] unless data["size"].to_s.empty?) ].join(", ")
      end

      def asked(what, count, to_do) = line(what: what, count: count, to_do: to_do)

      def line(number: nil, kg: nil, due: nil, place: nil, verdict: "not_known", **rest)
        Line.new(number: number, kg: kg, due: due, place: place, verdict: verdict, **rest)
      end

      # A piece of the store, as it stands now where that is told.
      def of(data, what)
        now = data.merge(@store[data["number"]].to_h.slice("state", "due", "examined", "use", "measured", "place"))
        answer = Fitness.new(now, @rules).answer(on: @day)
        place = @store.dig(data["number"], "place").to_s
        line(
          what: what,
          number: data["number"],
          count: 1,
          kg: data["mass_kg"],
          due: Due.new(now, @rules).day,
          place: place.empty? ? nil : place,
          verdict: answer.verdict,
          to_do: to_do_of(answer, now, place)
        )
      end

      def to_do_of(answer, now, place)
        return place.empty? ? nil : "bring it from #{place}" if answer.holds?
        return "another: #{answer.words}" if now["state"] && now["state"] != "ready"

        answer.words.match?(/examin/) ? "examine it again: #{answer.words}" : "look at it: #{answer.words}"
      end

      def line_json(line)
        {
          **line.to_h.slice(:what, :number, :count, :due, :place, :to_do, :verdict).transform_keys(&:to_s),
          "mass" => line.kg && Figure.kg(line.kg, :up, digits: 1).as_json,
          "all" => line.kg && Figure.kg(line.kg * line.count, :up, digits: 1).as_json
        }
      end
    end
  end
end
