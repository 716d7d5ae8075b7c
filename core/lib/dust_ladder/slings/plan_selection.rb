module DustLadder
  module Slings
    # What of the store can hold a plan's legs (or the slings above its beam): what is asked of each, the best choices
    # with the whole ladder's word on each, what cannot serve and why, and what would need to be hired or bought.
    class PlanSelection
      include Ladder::Sentences

      # A Selection::Choice taken into the plan: { JSON pointer => value }, and the ladder with it.
      Taken = Struct.new(:choice, :reasons, :changes, :ladder, keyword_init: true)
      MOST_JUDGED = 8
      MOST_TRIED = 3
      MOST_REJECTED = 300
      ANGLES = [ 60, 45, 30 ].freeze
      STAND_IN = "not chosen yet".freeze
      # Rating of what stands in, as a share of the load.
      STAND_IN_SHARE = 0.7

      attr_reader :lift

      # document: an accepted plan. pieces: slings as the plan format describes them, with state, due and place beside.
      # upper: those above the beam instead of the legs.
      def initialize(document, pieces, upper: false)
        @document = document
        @pieces = pieces.is_a?(Selection::Store) ? pieces : Selection::Store.new(pieces)
        @upper = upper
        @lift = Lift.new(with_stand_ins)
        @rules = @lift.rules
      end

      # What is asked as planned, and of a kind: stiffer slings share less evenly.
      def need = @need ||= need_of(lift)
      def need_for(kind) =
        (@needs ||= {})[kind] ||= (
          if lift.bridle.by_hand? || !@rules[:stretch_at_wll].key?(kind)
            need
          else
            need_of(Lift.new(with_stand_ins(kind)))
          end
        )

      def selections =
        @selections ||= @pieces.by_kind.map { |kind, pieces| Selection.new(pieces, need_for(kind), @rules) }
      def choices = @choices ||= selections.flat_map(&:choices).sort_by(&:score)
      def rejected = @rejected ||= selections.flat_map(&:rejected)

      # The first choice under which the rigging does not stop, or the first of all; nil when nothing serves.
      def best
        some =
          choices
            .first(@document.dig("rigging", "beam") ? MOST_TRIED : MOST_JUDGED)
            .lazy
            .map { |choice| taken_with(choice) }
        some.find { |one| one.ladder.rigging_verdict != "stop" } || some.first
      end

      # The first choice, without the ladder's word.
      def first = choices.first&.then { |choice| taken_with(choice, judged: false) }

      # The best choices, each with the ladder that the plan would have.
      def taken
        @taken ||=
          choices
            .first(MOST_JUDGED)
            .map { |choice| taken_with(choice) }
            .sort_by { |one| [ -Ladder::Verdict.rank(one.ladder.rigging_verdict), *one.choice.score ] }
      end

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
            rejected
              .first(MOST_REJECTED)
              .map do |one|
                {
                  "number" => one.piece["number"],
                  "kind" => one.piece["kind"],
                  "size" => one.piece["size"],
                  "reasons" => one.reasons
                }
              end,
          "rejected_count" => rejected.size,
          "buy" => @document.dig("rigging", "beam") && @upper ? [] : GenericSizes.kinds.map { |kind| bought(kind) },
          "spread" => spread
        }
      end

      private

      def legs = @upper ? @document.dig("rigging", "beam", "legs") : @document.dig("rigging", "legs")
      def places = legs.each_index.map { |index| "#{@upper ? "/rigging/beam" : "/rigging"}/legs/#{index}" }
      # Legs below a beam hang from holes apart, and baskets are slings by themselves.
      def single? =
        !@upper && (!@document.dig("rigging", "beam").nil? || legs.any? { |leg| leg["hitch"] == "basket" })
      def elsewhere =
        (@document.dig("rigging", "legs") + @document.dig("rigging", "beam", "legs").to_a - legs).filter_map do |leg|
          leg["sling"]
        end
      def assumed? = legs.any? { |leg| leg["sling"].nil? }

      # How legs share depends on their stretch: where none is chosen, round slings that would just carry the load
      # stand in, so that there is something to ask for; and slings of a kind, where that kind is asked for. What is
      # taken is judged by itself.
      def with_stand_ins(kind = nil)
        PlanFile::Pointer
          .with_values(@document, {})
          .tap do |copy|
            mine = @upper ? copy.dig("rigging", "beam", "legs") : copy.dig("rigging", "legs")
            mine.each { |leg| leg["sling"] = STAND_IN } if kind
            (copy.dig("rigging", "legs") + copy.dig("rigging", "beam", "legs").to_a).each do |leg|
              leg["sling"] ||= STAND_IN
            end
            copy["snapshots"]["slings"][STAND_IN] = PlanFile::Digest.snapshot(stand_in(kind || "polyester_round"))
          end
      end

      def stand_in(kind)
        weight =
          Load::PlannedLoad.new(
            PlanFile::Document.new(@document),
            RuleSet.new(@document.dig("snapshots", "rule_sets", @document["rules"], "data"))
          ).planned_kg
        {
          "number" => STAND_IN,
          "kind" => kind,
          "size" => "",
          "legs" => 1,
          "reach_m" => 1.0,
          "mass_kg" => 0,
          "link_pitch_m" => nil,
          "tag" => {
            "legible" => true,
            "vertical_kg" => weight * STAND_IN_SHARE,
            "choker_kg" => weight,
            "basket_kg" => 2 * weight,
            "multi_leg" => []
          }
        }
      end

      def need_of(lift) =
        Selection::Need.new(
          **asked(lift),
          **around,
          legs: places.size,
          single: single?,
          taken: elsewhere,
          on: @document["lift_at"]&.slice(0, 10)
        )

      def asked(lift)
        bridle = lift.bridle
        pulls = @upper ? legs.each_index.map { |index| bridle.upper_worst(index) } : bridle.worst
        hardest = pulls.each_index.max_by { |index| pulls[index].tension }
        lengths = @upper ? bridle.upper_lengths : bridle.lengths
        hitch = @upper ? "vertical" : legs[hardest]["hitch"]
        base = {
          tension: pulls.map(&:tension).max,
          hitch: hitch,
          length: length_of(lift, hitch, lengths),
          choke_deg: hitch == "choker" ? lift.choke_angles[hardest].value : nil
        }
        base.merge(
          (
            if hitch == "vertical"
              { share: pulls.map(&:share).max, run: pulls.map { |pull| pull.leg.run.abs }.max }
            else
              basket(hitch, pulls)
            end
          )
        )
      end

      # A basket is asked for its leg's share, at the angle of its sides.
      def basket(hitch, pulls)
        return {} unless hitch == "basket"

        index = pulls.each_index.max_by { |one| pulls[one].share }
        leg = pulls[index].leg
        {
          tension: pulls[index].share,
          deg_from_horizontal:
            Math.asin((leg.height / BasketLeg.side(leg, lift.basket_widths[index].not_negative)).clamp(-1.0, 1.0)) *
              180 / Math::PI
        }
      end

      def length_of(lift, hitch, lengths) =
        if hitch == "vertical"
          lengths.max
        else
          lengths.each_with_index.map { |length, index| Leg.of(lift, index).taken(length) }.max
        end

      def around
        place = lift.surroundings or return {}
        data = @document.dig("rigging", "surroundings")
        {
          celsius: place.celsius,
          near: data["near"],
          edges: data["edges"] == "sharp" && (data["edge_radius"].to_s.strip.empty? || :of_a_radius),
          tender: Surroundings::TENDER.include?(data["surface"]) && data["packing"].to_s.strip.empty?,
          no_sparks: data["no_sparks"],
          no_current: data["no_current"]
        }
      end

      def taken_with(choice, judged: true)
        numbers = choice.pieces.flat_map { |piece| [ piece["number"] ] * piece["legs"].to_i }.first(places.size)
        snapshots = choice.pieces.to_h { |piece| [ piece["number"], Gear::Piece.snapshot(piece) ] }
        changes = places.zip(numbers).to_h { |place, number| [ "#{place}/sling", number ] }
        changes["/snapshots/slings"] = kept(numbers).merge(snapshots)
        changes.merge!(lengths_of(choice.pieces.first)) if own_length?(choice.pieces.first)
        Taken.new(
          choice: choice,
          reasons: reasons(choice),
          changes: changes,
          ladder: judged ? DustLadder.check(PlanFile::Pointer.with_values(@document, changes)) : nil
        )
      end

      # Snapshots that other legs still use.
      def kept(numbers)
        @document.dig("snapshots", "slings").slice(*elsewhere - numbers)
      end

      # A sling that cannot be shortened sets the legs' length: then all of the plan's lengths are given.
      def own_length?(piece) = piece["kind"] != Selection::CHAIN && (need.length - piece["reach_m"]).abs > Fit::NEAR_M
      def written(metres) = format("%.3f m", metres)

      def lengths_of(piece)
        all =
          lift.bridle.lengths.each_with_index.to_h do |length, index|
            [ "/rigging/legs/#{index}/length", written(length) ]
          end
        if lift.beam
          all.merge!(
            lift.bridle.upper_lengths.each_with_index.to_h do |length, index|
              [ "/rigging/beam/legs/#{index}/length", written(length) ]
            end
          )
        end
        mine = places.each_with_index.to_h { |place, index| [ "#{place}/length", written(leg_length(piece, index)) ] }
        all.merge(mine).merge("/rigging/set_by" => "leg_lengths")
      end

      # How long a leg becomes that this piece is put on.
      def leg_length(piece, index) = @upper ? piece["reach_m"] : Leg.of(lift, index).made_by(piece["reach_m"])

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
        found << both("examination due #{piece["due"]}") if piece["due"]
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
