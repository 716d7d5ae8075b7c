module DustLadder
  module Rigging
    # Which leg, sling above a beam, or hole to change so that the load hangs level, as the whole plan then stands; and
    # where the legs are made up to hang level, how each is to be shortened (handbook, section 3.4).
    class LevelAdvice
      include Ladder::Sentences

      # words: a Sentence; changes: { JSON pointer => value }; size: how much is changed, m; tilt_deg as it hangs then.
      Advice =
        Struct.new(:id, :words, :changes, :size, :tilt_deg, :document, keyword_init: true) do
          # The whole ladder with it made.
          def ladder = @ladder ||= DustLadder.check(document)

          def as_json(*)
            {
              "id" => id,
              "words" => words.as_json,
              "changes" => changes,
              "tilt" => Figure.deg(tilt_deg, :up).as_json,
              "verdict" => ladder.verdict,
              "level" => ladder.rung("level").verdict,
              "headline" => ladder.headlines
            }
          end
        end
      LEAST_M = 0.01
      LEAST_GAIN_DEG = 0.05
      MOST = 6

      # document: an accepted plan. pieces: slings of the store, to take in place of one, or none.
      def initialize(document, pieces: [])
        @document = document
        @pieces = pieces
        @lift = Lift.new(document)
      end

      def tilt_deg = @lift.bridle.pose.tilt_deg
      def aim_deg = @lift.rules[:tilt_aim_deg]

      # Advice that helps, that which is enough first, the smallest change first. Raises NotKnown.
      def options
        return [] unless strands.size > 1

        found = (by_length? ? changes : bails).map { |id, words, values, size| advice(id, words, values, size) }
        found
          .select { |one| one.tilt_deg < tilt_deg - LEAST_GAIN_DEG }
          .sort_by { |one| [ one.tilt_deg <= aim_deg ? 0 : 1, one.tilt_deg <= aim_deg ? one.size : one.tilt_deg ] }
          .first(MOST)
      end

      # Where lengths are made up: how long each must be and what that means for its sling, a Sentence each.
      def made_up
        return [] if by_length?

        strands.map { |name, leg, length| cut(name, @lift.sling_of(leg), length) }
      end

      def as_json(*)
        {
          "tilt" => Figure.deg(tilt_deg, :up).as_json,
          "aim" => Figure.deg(aim_deg).as_json,
          "options" => options.map(&:as_json),
          "made_up" => made_up.map(&:as_json)
        }
      rescue NotKnown => error
        {
          "tilt" => nil,
          "aim" => Figure.deg(aim_deg).as_json,
          "options" => [],
          "made_up" => [],
          "missing" => error.what
        }
      end

      private

      def by_length? = @lift.rigging.by_lengths?

      # [name, its section of the plan, length, line of the rig] of every strand whose length may be changed.
      def strands
        @strands ||=
          begin
            bridle = @lift.bridle
            below =
              bridle.names.each_with_index.map do |name, index|
                [ "#{name} leg", @lift.legs[index], bridle.lengths[index], bridle.line_index(index) ]
              end
            above =
              if @lift.beam
                @lift.beam.uppers.map do |upper|
                  [ upper.name, upper, bridle.upper_lengths[upper.index], below.size + upper.index ]
                end
              else
                []
              end
            bridle.reeved? ? below.uniq { |_, leg, _| leg.sling } : below + above
          end
      end

      # [id, words, changes, size] of everything worth a try.
      def changes = strands.flat_map { |strand| [ *cut_to(strand), *other_sling(strand) ] } + holes + bails

      def level_up = @level_up ||= Statics::LevelUp.new(rig, body: 0, limit_deg: aim_deg)

      # The change of one strand that levels best, in whole links where it is chain.
      def cut_to((name, leg, length, line))
        pitch = @lift.sling_of(leg)&.dig("link_pitch_m")
        option = pitch ? level_up.by_links(line, pitch) : level_up.by_length(line)
        return [] unless option.stable && option.change.abs > LEAST_M

        links = option.links ? ", #{option.links.abs} links" : ""
        words =
          both do |system|
            "#{name} #{Figure.m(option.change.abs).shown(system)} #{option.change.negative? ? "shorter" : "longer"}" \
              "#{links}"
          end
        [
          [
            "#{leg.pointer}-cut",
            words,
            { leg.pointer("length") => format("%.3f m", length + option.change) },
            option.change.abs
          ]
        ]
      rescue Statics::Equilibrium::NotFound
        []
      end

      # The one of the store, of the same kind, whose reach levels best.
      def other_sling((name, leg, length, line))
        now = @lift.sling_of(leg) or return []
        used = @lift.rigging.strands.filter_map(&:sling)
        fitting =
          @pieces.select do |piece|
            piece["kind"] == now["kind"] && piece["legs"] == 1 && now["legs"] == 1 &&
              [ nil, "ready" ].include?(piece["state"]) && !used.include?(piece["number"]) &&
              piece["kind"] != Slings::Selection::CHAIN
          end
        reaches = fitting.map { |piece| piece["reach_m"] }.uniq.reject { |reach| (reach - length).abs < LEAST_M }
        return [] if reaches.empty?

        option = level_up.from_list(line, reaches)
        piece = fitting.find { |one| one["reach_m"] == option.length }
        slings = @document["snapshots"]["slings"].merge(piece["number"] => Gear::Piece.snapshot(piece))
        kept = [ *used - [ now["number"] ], *(used.count(now["number"]) > 1 ? [ now["number"] ] : []), piece["number"] ]
        [
          [
            "#{leg.pointer}-sling",
            both { |system| "#{piece["number"]} of #{Figure.m(piece["reach_m"]).shown(system)} on the #{name}" },
            {
              leg.pointer("sling") => piece["number"],
              leg.pointer("length") => format("%.3f m", piece["reach_m"]),
              Plan.pointer("snapshots", "slings") => slings.slice(*kept)
            },
            (option.length - length).abs
          ]
        ]
      rescue Statics::Equilibrium::NotFound
        []
      end

      # Other holes of a lifting beam.
      def holes
        return [] if @lift.beam.nil? || @lift.beam.spreader?

        places = @lift.beam.holes
        used = @lift.legs.map { |leg| leg["hole"] }
        @lift.legs.flat_map do |leg|
          (places.each_index.to_a - used).map do |hole|
            [
              "#{leg.pointer}-hole-#{hole}",
              both("#{leg.name} leg to hole #{hole + 1}"),
              { leg.pointer("hole") => hole },
              (places[hole] - places[leg["hole"]]).abs
            ]
          end
        end
      end

      # Other holes for the bail of a lifting beam.
      def bails
        beam = @lift.beam
        return [] unless beam&.bail?

        now = beam.bail_at
        beam.bails.each_with_index.reject { |place, _| place == now }
          .map do |place, hole|
            words = both { |system| "bail to its hole #{Figure.m(place).shown(system)} from the middle" }
            [ "#{beam.pointer("bail")}-#{hole}", words, { beam.pointer("bail") => hole }, (place - now).abs ]
          end
      end

      def advice(id, words, values, size)
        document = PlanFile::Pointer.with_values(@document, values)
        tilt =
          begin
            Lift.new(document, hasty: true).bridle.pose.tilt_deg
          rescue NotKnown
            Float::INFINITY
          end
        Advice.new(id: id, words: words, changes: values, size: size, tilt_deg: tilt, document: document)
      end

      def rig = AsRig.of(@lift)

      def cut(name, sling, length)
        return both { |system| "#{name}: #{Figure.m(length).shown(system)}" } unless sling

        spare = sling["reach_m"] - length
        pitch = sling["link_pitch_m"]
        both do |system|
          made = "#{name}: #{Figure.m(length).shown(system)}"
          if spare < -Slings::Fit::NEAR_M
            next "#{made}; #{sling["number"]} is #{Figure.m(-spare, :up).shown(system)} too short"
          end
          next "#{made}, #{sling["number"]} as it is" if spare < Slings::Fit::NEAR_M

          if pitch
            "#{made}; clutch #{sling["number"]} #{(spare / pitch).round} links short (#{Figure.m(spare).shown(system)})"
          else
            "#{made}; #{sling["number"]} is #{Figure.m(spare).shown(system)} too long and cannot be shortened"
          end
        end
      end
    end
  end
end
