module DustLadder
  module Day
    # What was measured beside the load before it is lifted: judged at once and shown beside the plan (handbook,
    # sections 10 and 18). data: as of MeasuredFields. Legs that were not measured are as long as planned, whatever
    # else is not: they are made, and do not follow.
    class AsMeasured
      include Ladder::Sentences

      # Degrees by which an angle that was read may differ from the one that the lengths make.
      READ_DEG = 2.0
      # A tape is not read nearer than this, m.
      TAPE_M = 0.005
      # All of a difference at one end of a spread, shared, or at the other.
      SIDES = [ 0, -1, 1 ].freeze

      def initialize(document, data)
        @document = document
        @lift = Lift.new(document)
        @fields = MeasuredFields.new(@lift, data)
      end

      # What cannot be so, each { "pointer", "message", "expected" }.
      def faults = @fields.faults

      # What is beyond the tolerance of its length, or in another hole than planned, a sentence each.
      def beyond
        @beyond ||= [ *legs_beyond, *spread_beyond, *beam_beyond ]
      end

      # Angles that do not agree with the lengths: a length, a point or the angle was misread. A sentence each.
      def misread
        @misread ||=
          rigged.angles_beside.filter_map do |leg, read, worked|
            next if (read - worked).abs <= READ_DEG

            both("#{names[leg]} was read as #{Figure.deg(read)}, its length makes #{Figure.deg(worked)}.")
          end
      rescue NotKnown
        @misread = []
      end

      # What is beyond tolerance, or misread, stops; else as good as the worst of what changed.
      def verdict
        return "stop" if beyond.any? || misread.any?

        verdict_of(changed)
      end

      # Rungs whose figure or verdict is not the plan's.
      def changed = @changed ||= changed_of(rigged)

      def as_json(*)
        {
          "verdict" => verdict,
          "beyond" => [ *beyond, *misread ].map(&:as_json),
          "note" => note&.as_json,
          "changed" =>
            changed.map do |one|
              {
                "id" => one.id,
                "label" => one.label,
                "planned" => said(one.planned),
                "measured" => said(one.measured),
                "worse" => one.worse?
              }
            end
        }
      end

      # What can be measured of a plan's lift, each with what is planned: for whoever holds the tape.
      def self.asked(lift)
        fields = MeasuredFields.new(lift, {})
        told = ->(length) { length && Figure.m(length).as_json }
        beam = lift.beam
        {
          "lengths" => lift.bridle.lengths.map(&told),
          "spread" => fields.spreads.ways.map { |way| { "label" => way.label, "planned" => told.(way.planned) } },
          "uppers" => beam ? beam.uppers.zip(lift.bridle.upper_lengths).map { |upper, long|
            { "label" => upper.name, "planned" => told.(long) }
          } : [],
          "places" => fields.places.map(&told),
          "holes" => fields.places.any? ? fields.names.each_index.map { |leg| beam.hole_index(leg) } : [],
          "bails" => fields.bails.map(&told),
          "bail" => fields.bails.any? ? beam["bail"] : nil,
          "span" => beam&.spreader? ? told.(beam.span) : nil
        }
      end

      private

      def names = @fields.names

      def said(rung)
        {
          "verdict" => rung.verdict,
          "utilisation" => rung.percent&.as_json,
          "note" => rung.note&.as_json
        }
      end

      def legs_beyond
        [
          *@fields.lengths.filter_map { |leg, long| off(names[leg], long, @lift.bridle.lengths[leg]) },
          *@fields.uppers.filter_map { |at, long|
            off(@lift.beam.uppers[at].name.capitalize, long, @lift.bridle.upper_lengths[at])
          }
        ]
      end

      def spread_beyond
        @fields.spread.filter_map do |at, measured|
          way = @fields.spreads.ways[at]
          off("The spread #{way.label}", measured, way.planned, than: %w[wider narrower], least: TAPE_M)
        end
      end

      def beam_beyond
        beam = @lift.beam or return []
        moved = @fields.holes.reject { |leg, hole| hole == beam.hole_index(leg) }
        [
          *moved.map { |leg, hole|
            both("#{names[leg]} hangs from hole #{hole + 1} of the beam, planned in hole #{beam.hole_index(leg) + 1}.")
          },
          *(if @fields.bail && @fields.bail != beam["bail"]
              both("The bail is in its hole #{@fields.bail + 1}, planned in #{beam["bail"].to_i + 1}.")
            end),
          *(@fields.span && off("The beam's span", @fields.span, beam.span, least: TAPE_M))
        ]
      end

      # A sentence where something is not as long as planned.
      def off(what, measured, planned, than: %w[longer shorter], least: 0)
        by = measured - planned
        return if by.abs <= [ @lift.rules[:leg_length_tolerance] * planned, least ].max + Ladder::Verdict::SLACK

        more = than[by.positive? ? 0 : 1]
        both { |system| "#{what} is #{Figure.m(by.abs, :up).shown(system)} #{more} than planned." }
      end

      # Which end of a spread is off is not known.
      def note
        return if @fields.spread.empty?

        both("A tape does not tell which point is off: judged with the difference at either end, the worse of it here.")
      end

      # The worst of what it may be.
      def rigged
        @rigged ||=
          ways.map { |sides| rigged_with(sides) }.min_by do |one|
            changes = changed_of(one)
            [ Ladder::Verdict.rank(verdict_of(changes)), -most(changes) ]
          end
      end

      # What changed makes it; where nothing did, it is as planned.
      def verdict_of(changes)
        changes.empty? ? "holds" : Ladder::Verdict.weakest(changes.map { |one| one.measured.verdict })
      end

      def most(changes) = changes.filter_map { |one| one.measured.utilisation }.max || 0

      # Ends at which the differences of the spreads may lie, one a way. Below a beam, where each look takes long, all
      # of them at the same end.
      def ways
        measured = @fields.spreads.ways.each_index.map { |at| !@fields.spread[at].nil? }
        return [ measured.map { 0 } ] if measured.none?
        return SIDES.map { |side| measured.map { |one| one ? side : 0 } } if @lift.beam

        first, *rest = measured.map { |one| one ? SIDES : [ 0 ] }
        first.product(*rest)
      end

      def rigged_with(sides)
        Rigging::AsRigged.new(
          @document,
          planned: @planned ||= DustLadder.check(@document),
          lengths: @fields.typed("lengths"),
          points: points(sides),
          angles: @fields.angles,
          hook_height: @fields.typed_one("hook_height"),
          uppers: @fields.typed("uppers"),
          holes: @fields.holes,
          bail: @fields.bail,
          span: @fields.typed_one("span")
        )
      end

      def points(sides)
        measured = sides.each_index.map { |at| @fields.spread[at] }
        @fields.spreads.moved(measured, sides).transform_values do |place|
          %w[x y].zip(place).to_h { |axis, at| [ axis, format("%.4f m", at) ] }
        end
      end

      def changed_of(rigged)
        rigged.beside.select do |one|
          one.planned.verdict != one.measured.verdict || one.planned.percent&.shown != one.measured.percent&.shown
        end
      end
    end
  end
end
