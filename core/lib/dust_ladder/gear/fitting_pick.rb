module DustLadder
  module Gear
    # Which pieces of the store can serve as one fitting of a leg: right in kind, fit to be used on the days of the
    # lift, strong enough as they would be pulled, and of a size that goes in the sling's eye. Best first; what cannot
    # serve is told with why (handbook, sections 4 and 5).
    class FittingPick
      Choice = Struct.new(:piece, :utilisation, :changes, keyword_init: true)
      Rejected = Slings::Selection::Rejected
      # What stands in while its rating is not given: the factor of its direction does not depend on it.
      STAND_IN = "1 t".freeze
      MOST = 20
      SEATING = { "thread" => "thread_m", "shank" => "shank_m" }.freeze

      # document: an accepted plan. leg, fitting: which one of it. pieces: of the store, as the plan format has them.
      # Raises NotKnown where the pull on it, or the direction of it, is not known; IndexError where there is no such
      # fitting.
      def initialize(document, pieces, leg:, fitting:)
        @document = document
        @pieces = pieces
        @at = Plan.pointer("rigging", "legs", leg, "fittings", fitting)
        lift = Lift.new(PlanFile::Pointer.with_values(document, { "#{@at}/wll" => STAND_IN }))
        @lift = lift
        @rules = lift.rules
        @fitting = lift.legs.fetch(leg).fittings.fetch(fitting)
        @placed = Fittings::FittingsCheck.new(lift).placed_at(leg, fitting)
        @sling = lift.sling_of(lift.legs[leg])
        @day = lift.last_day&.iso8601
      end

      def kind = @fitting.kind
      # The least rating that carries the pull in its direction, kg; nil where no rating does.
      def wanted = stopped ? nil : @placed.tension / factor
      def choices
        @choices ||= judged.filter_map { |piece, reasons| choice(piece) if reasons.empty? }.sort_by { |one| score(one) }
      end
      def rejected = @rejected ||= judged.filter_map { |piece, reasons| Rejected.new(piece, reasons) if reasons.any? }

      def as_json(*)
        {
          "kind" => kind,
          "tension" => Figure.kg(@placed.tension, :up).as_json,
          "wanted" => wanted && Figure.kg(wanted, :up).as_json,
          "stop" => stopped,
          "choices" => choices.first(MOST).map { |one| choice_json(one) },
          "rejected" => rejected.first(MOST).map { |one| { **named(one.piece), "reasons" => one.reasons } },
          "rejected_count" => rejected.size
        }
      end

      private

      # Why none serves in that direction, or nil.
      def stopped = @placed.outcome.reason
      def factor = @placed.outcome.factor
      def judged
        @judged ||= @pieces.select { |piece| piece["kind"] == kind }.map { |piece| [ piece, reasons(piece) ] }
      end

      def reasons(piece)
        found = Fitness.new(piece, @rules).reasons(on: @day).map(&:words)
        found << "its tag cannot be read" if piece["legible"] == false
        found << "it is planned elsewhere in this lift" if elsewhere.include?(piece["number"])
        found.concat(weak(piece)).concat(misfit(piece))
      end

      def weak(piece)
        return [ "pulled so, none serves: #{stopped}" ] if stopped

        rated = Rating.kg(piece) or return [ "its rating is not known" ]
        carries = rated * factor
        return [] if @placed.tension <= carries * (1 + Ladder::Verdict::SLACK)

        [ "carries #{Figure.kg(carries, :down)} so, #{Figure.kg(@placed.tension, :up)} is needed" ]
      end

      # Its pin in the eye of a wire rope, where both are known.
      def misfit(piece)
        pin, rope, eye = piece["pin_m"], @sling&.fetch("diameter_m", nil), @sling&.fetch("eye_m", nil)
        return [] unless pin && rope && eye && @sling["kind"] == "wire_rope"

        least = @rules[:pin_in_eye, "least_rope_diameters"] * rope
        most = @rules[:pin_in_eye, "most_share_of_eye_length"] * eye
        return [ "its pin of #{Figure.small(pin)} is thinner than the rope" ] if pin < least - 1e-9

        pin > most + 1e-9 ? [ "its pin of #{Figure.small(pin)} is too thick for the eye" ] : []
      end

      def elsewhere
        @elsewhere ||=
          @lift.legs.flat_map(&:fittings).reject { |one| one.pointer == @fitting.pointer }.filter_map(&:piece)
      end

      def choice(piece)
        Choice.new(
          piece: piece,
          utilisation: @placed.tension / (Rating.kg(piece) * factor),
          changes: changes(piece)
        )
      end

      def score(choice)
        low, high = @rules[:good_band]
        outside = [ low - choice.utilisation, choice.utilisation - high, 0.0 ].max
        [ outside.zero? ? 0 : 1, outside.round(6), choice.piece["mass_kg"].to_f, choice.piece["number"] ]
      end

      # What taking it writes into the plan; the snapshot of what stood there before goes.
      def changes(piece)
        kept = @lift.document.snapshots("gear").except(*[ @fitting.piece ].compact - elsewhere)
        snapshot = PlanFile::Digest.snapshot(piece.except("place"))
        sizes = SEATING.filter_map { |field, key| [ "#{@at}/#{field}", length(piece[key]) ] if piece[key] }.to_h
        {
          "#{@at}/piece" => piece["number"],
          "#{@at}/wll" => mass(Rating.kg(piece)),
          **(piece["mass_kg"] ? { "#{@at}/mass" => mass(piece["mass_kg"]) } : {}),
          **sizes,
          Plan.pointer("snapshots", "gear") => kept.merge(piece["number"] => snapshot)
        }
      end

      def mass(kg) = "#{format("%.3f", kg).sub(/\.?0+\z/, "")} kg"
      def length(metres) = "#{format("%.2f", metres * 1000).sub(/\.?0+\z/, "")} mm"

      def named(piece) = piece.slice("number", "kind", "size", "place")

      def choice_json(one)
        {
          **named(one.piece),
          "rating" => Figure.kg(Rating.kg(one.piece), :down).as_json,
          "mass" => one.piece["mass_kg"] && Figure.kg(one.piece["mass_kg"], :up, digits: 1).as_json,
          "utilisation" => Figure.percent(one.utilisation).as_json,
          "due" => Due.new(one.piece, @rules).day,
          "changes" => one.changes
        }
      end
    end
  end
end
