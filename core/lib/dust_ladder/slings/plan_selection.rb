module DustLadder
  module Slings
    # What of the store can hold a plan's legs (or the slings above its beam): what is asked of each, the best choices
    # with the whole ladder's word on each, what cannot serve and why, and what would need to be hired or bought.
    class PlanSelection
      include Ladder::Sentences
      include SelectionSheet

      # A Selection::Choice taken into the plan: { JSON pointer => value }, and the ladder with it.
      Taken = Struct.new(:choice, :reasons, :changes, :ladder, keyword_init: true)
      MOST_JUDGED = 8
      MOST_TRIED = 3
      STAND_IN = "not chosen yet".freeze
      # Rating of what stands in, as a share of the load.
      STAND_IN_SHARE = 0.7

      attr_reader :lift

      # document: an accepted plan. pieces: slings as the plan format describes them, with state, due and place beside.
      # upper: those above the beam instead of the legs. hasty: is it asked by what hangs on each as made alone, so that
      # some may be chosen that do not hold at worst?
      def initialize(document, pieces, upper: false, hasty: false)
        @document = document
        @pieces = Selection::Store.from(pieces)
        @upper = upper
        @hasty = hasty
        @rigging = Plan::Rigging.new(document)
        @lift = Lift.new(with_stand_ins)
        @rules = @lift.rules
      end

      # What is asked as planned, and of a kind: stiffer slings share less evenly.
      def need = @need ||= need_of(lift)
      def need_for(kind) =
        (@needs ||= {})[kind] ||= (
          if @hasty || lift.bridle.by_hand? || !@rules[:stretch_at_wll].key?(kind)
            need
          else
            need_of(Lift.new(with_stand_ins(kind)))
          end
        )

      def selections =
        @selections ||= @pieces.by_kind.map { |kind, pieces| Selection.new(pieces, need_for(kind), @rules) }
      def choices = @choices ||= selections.flat_map(&:choices).sort_by(&:score)
      # most: no more than so many of them.
      def rejected(most = nil)
        found = selections.lazy.flat_map { |one| one.rejected(most) }
        most ? found.first(most) : found.to_a
      end
      def rejected_count = selections.sum(&:rejected_count)

      # The first choice under which the rigging does not stop, or the first of all; nil when nothing serves.
      def best
        some =
          choices
            .first(@rigging.beam.given? ? MOST_TRIED : MOST_JUDGED)
            .lazy
            .map { |choice| taken_with(choice) }
        some.find { |one| one.ladder.rigging_verdict != "stop" } || some.first
      end

      # The first choice, without the ladder's word.
      def first = choices.first&.then { |choice| taken_with(choice, judged: false) }

      # The choices in their order, without the ladder's word on any.
      def unjudged = choices.map { |choice| taken_with(choice, judged: false) }

      # The best choices, each with the ladder that the plan would have.
      def taken
        @taken ||=
          choices
            .first(MOST_JUDGED)
            .map { |choice| taken_with(choice) }
            .sort_by { |one| [ -Ladder::Verdict.rank(one.ladder.rigging_verdict), *one.choice.score ] }
      end

      private

      def legs = @upper ? @rigging.beam.legs : @rigging.legs
      # Legs below a beam hang from holes apart, and baskets are slings by themselves.
      def single? = !@upper && (@rigging.beam.given? || legs.any?(&:basket?))
      def elsewhere = (@rigging.strands - legs).filter_map(&:sling)
      def assumed? = legs.any? { |leg| leg.sling.nil? }

      # How legs share depends on their stretch: where none is chosen, round slings that would just carry the load
      # stand in, so that there is something to ask for; and slings of a kind, where that kind is asked for. What is
      # taken is judged by itself.
      def with_stand_ins(kind = nil)
        wanting = @rigging.strands.select { |leg| leg.sling.nil? || (kind && legs.include?(leg)) }
        PlanFile::Pointer.with_values(
          @document,
          {
            **wanting.to_h { |leg| [ leg.pointer("sling"), STAND_IN ] },
            Plan.pointer("snapshots", "slings") =>
              @document["snapshots"]["slings"].merge(
                STAND_IN => PlanFile::Digest.snapshot(stand_in(kind || "polyester_round"))
              )
          }
        )
      end

      def stand_in(kind)
        document = PlanFile::Document.new(@document)
        rules = Snapshots.rule_set(document.snapshot("rule_sets", @document["rules"]))
        weight = Load::PlannedLoad.new(document, rules).planned_kg
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
          legs: legs.size,
          single: single?,
          taken: elsewhere,
          on: [ @document["lift_at"], @document["lift_until"] ].compact.max&.slice(0, 10)
        )

      def asked(lift)
        bridle = lift.bridle
        pulls = pulls_of(bridle)
        hardest = pulls.each_index.max_by { |index| pulls[index].tension }
        lengths = @upper ? bridle.upper_lengths : bridle.lengths
        hitch = @upper ? "vertical" : legs[hardest].hitch
        base = {
          tension: pulls.map(&:tension).max,
          hitch: hitch,
          length: length_of(lift, hitch, lengths),
          choke_deg: hitch == "choker" ? lift.legs[hardest].choke_angle.value : nil
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

      def pulls_of(bridle)
        return @hasty ? bridle.nominal : bridle.worst unless @upper

        legs.each_index.map { |index| @hasty ? bridle.upper_nominal(index) : bridle.upper_worst(index) }
      end

      # A basket is asked for its leg's share, at the angle of its sides.
      def basket(hitch, pulls)
        return {} unless hitch == "basket"

        index = pulls.each_index.max_by { |one| pulls[one].share }
        leg = pulls[index].leg
        {
          tension: pulls[index].share,
          deg_from_horizontal:
            Math.asin((leg.height / BasketLeg.side(leg, lift.legs[index].basket_width.not_negative)).clamp(-1.0, 1.0)) *
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
        {
          celsius: place.celsius,
          near: place.near,
          edges: place["edges"] == "sharp" && (place["edge_radius"].to_s.strip.empty? || :of_a_radius),
          tender: Surroundings::TENDER.include?(place["surface"]) && place["packing"].to_s.strip.empty?,
          no_sparks: place["no_sparks"],
          no_current: place["no_current"]
        }
      end

      def taken_with(choice, judged: true)
        numbers = choice.pieces.flat_map { |piece| [ piece["number"] ] * piece["legs"].to_i }.first(legs.size)
        snapshots = choice.pieces.to_h { |piece| [ piece["number"], Gear::Piece.snapshot(piece) ] }
        changes = legs.zip(numbers).to_h { |leg, number| [ leg.pointer("sling"), number ] }
        changes[Plan.pointer("snapshots", "slings")] = kept(numbers).merge(snapshots)
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
        @document["snapshots"]["slings"].slice(*elsewhere - numbers)
      end

      # A sling that cannot be shortened sets the legs' length: then all of the plan's lengths are given.
      def own_length?(piece) = piece["kind"] != Selection::CHAIN && (need.length - piece["reach_m"]).abs > Fit::NEAR_M
      def written(metres) = format("%.3f m", metres)

      def lengths_of(piece)
        lengths = [ *lift.bridle.lengths, *(lift.beam ? lift.bridle.upper_lengths : nil) ]
        all = lift.rigging.strands.zip(lengths)
        mine = legs.each_with_index.map { |leg, index| [ leg, leg_length(piece, index) ] }
        (all + mine).to_h { |leg, length| [ leg.pointer("length"), written(length) ] }.merge(
          lift.rigging.pointer("set_by") => "leg_lengths"
        )
      end

      # How long a leg becomes that this piece is put on.
      def leg_length(piece, index) = @upper ? piece["reach_m"] : Leg.of(lift, index).made_by(piece["reach_m"])
    end
  end
end
