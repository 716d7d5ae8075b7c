module DustLadder
  module Slings
    # What a screen shows of a choice of slings: what is asked, the choices with why, what cannot serve, and what to
    # hire or buy.
    module SelectionSheet
      MOST_REJECTED = 300
      ANGLES = [ 60, 45, 30 ].freeze

      def as_json(*)
        {
          "need" => {
            "tension" => Figure.kg(need.tension, :up).as_json,
            "length" => need.length && Figure.m(need.length).as_json,
            "run" => need.run && Figure.m(need.run).as_json,
            "hitch" => need.hitch,
            "legs" => need.legs,
            "on" => need.on,
            "assumed" => assumed?
          },
          "choices" => taken.map { |one| choice_json(one) },
          "rejected" =>
            rejected(MOST_REJECTED)
              .map do |one|
                {
                  "number" => one.piece["number"],
                  "kind" => one.piece["kind"],
                  "size" => one.piece["size"],
                  "reasons" => one.reasons
                }
              end,
          "rejected_count" => rejected_count,
          "buy" => @rigging.beam.given? && @upper ? [] : GenericSizes.kinds.map { |kind| bought(kind) },
          "spread" => spread
        }
      end

      private

      # Why this one, in words.
      def reasons(choice)
        piece = choice.pieces.first
        low, high = @rules[:good_band]
        found = [
          both(
            choice.in_band ?
              "used well, between #{Figure.percent(low)} and #{Figure.percent(high)}" :
              choice.utilisation < low ? "stronger than it needs to be" : "near its rating"
          )
        ]
        found << (
          if choice.carry > @rules[:carry_kg]
            both { |system| "#{Figure.kg(choice.carry, :up).shown(system)}: not for one person to carry" }
          else
            both { |system| "#{Figure.kg(choice.carry, :up).shown(system)} to carry" }
          end
        )
        if own_length?(piece)
          found << both do |system|
            "its reach of #{Figure.m(piece["reach_m"]).shown(system)} sets the length of the legs"
          end
        end
        if piece["kind"] == Selection::CHAIN && piece["reach_m"] - need.length > Fit::NEAR_M
          found << both do |system|
            "shortened by #{Figure.m(piece["reach_m"] - need.length).shown(system)} at the longest leg"
          end
        end
        due = Gear::Due.new(piece, @rules)
        found << both("examination #{due.words}") if due.day
        found << both(piece["place"]) if piece["place"].to_s != ""
        found
      end

      def choice_json(one)
        piece = one.choice.pieces.first
        flattest =
          need.share && Reverse.flattest_deg(Tag.new(piece, @rules).rating(need.hitch).kg, need.share, @rules)
        {
          "numbers" => one.choice.pieces.map { |each| each["number"] },
          "kind" => piece["kind"],
          "size" => piece["size"],
          "legs" => piece["legs"],
          "reach" => Figure.m(piece["reach_m"]).as_json,
          "utilisation" => Figure.percent(one.choice.utilisation).as_json,
          "in_band" => one.choice.in_band,
          "carry" => Figure.kg(one.choice.carry, :up).as_json,
          "reasons" => one.reasons.map(&:as_json),
          "flattest" => flattest && Figure.deg(flattest, :up).as_json,
          "changes" => one.changes,
          "rigging" => one.ladder.rigging_verdict,
          "verdict" => one.ladder.verdict,
          "headline" => one.ladder.headlines
        }
      end

      # The smallest size to be had of a kind: here, and for legs at 60, 45 and 30° from the horizontal; of each only
      # where heat, chemicals, edges and surface let the kind be used at all.
      def bought(kind)
        piece = smallest(kind, need.tension, need.hitch)
        at =
          if need.share
            ANGLES.to_h do |deg|
              [ deg.to_s, smallest(kind, need.share / Math.sin(deg * Math::PI / 180), need.hitch) ]
            end
          else
            {}
          end
        {
          "kind" => kind,
          "size" => piece && piece["size"],
          "rating" => piece && rating_of(piece),
          "at" => at.transform_values { |one| one && { "size" => one["size"], "rating" => rating_of(one) } }
        }
      end

      def rating_of(piece) = Figure.kg(piece["tag"]["vertical_kg"], :down).as_json

      def smallest(kind, tension, hitch)
        asked =
          Selection::Need.new(
            **need.to_h,
            tension: tension,
            hitch: hitch,
            run: nil,
            share: nil,
            length: nil,
            legs: 1,
            on: nil
          )
        Selection
          .new(GenericSizes.pieces(kind, need.length || need.run || 1.0, @rules), asked, @rules)
          .choices
          .map { |choice| choice.pieces.first }
          .min_by { |one| one["tag"]["vertical_kg"] }
      end

      # Shortest reach for this spread, by angle.
      def spread =
        if need.run && need.run > 1e-6
          ANGLES.to_h { |deg| [ deg.to_s, Figure.m(Reverse.shortest_length(need.run, deg), :up).as_json ] }
        else
          nil
        end
    end
  end
end
