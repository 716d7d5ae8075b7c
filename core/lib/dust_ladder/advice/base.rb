module DustLadder
  module Advice
    # The plan that advice is given on, and what the house has to change it with.
    class Base
      # slings, beams, and pieces of other kinds: of the store, as the plan format has them; charts: snapshots.
      Stock =
        Struct.new(:slings, :beams, :pieces, :charts, keyword_init: true) do
          def initialize(slings: [], beams: [], pieces: [], charts: []) = super
          def of(*kinds) = pieces.select { |piece| kinds.include?(piece["kind"]) }
        end

      attr_reader :document, :stock, :house, :lift, :now

      # document: an accepted plan. house: as of DustLadder.check, beside the plan.
      def initialize(document, stock: Stock.new, house: {})
        @document = document
        @stock = stock
        @house = house
        @lift = Lift.new(document, **house)
        @now = State.new(@lift)
        @rigged = {}
      end

      # Labels of the rungs of the plan as it is that are not known: what is said of changes says nothing of them.
      def aside = now.ladder.rungs.select { |rung| rung.verdict == "not_known" }.map(&:label)

      # The plan's document with values put in; what no leg has any more is not kept.
      def document_with(values)
        return document if values.empty?

        tidy(PlanFile::Pointer.sharing(document, values), values)
      end

      # The State with values put in. What changes nothing but cranes shares what hangs in their hooks.
      def state(values)
        return State.new(Lift.new(document_with(values), **house)) if lift.tandem?

        crane, other = apart(values)
        parent = @rigged[other] ||= hung(other.empty? ? lift : Lift.new(document_with(other), **house))
        State.new(crane.empty? ? parent : parent.with_crane(document_with(values)))
      end

      # { JSON pointer => value } as an editor applies them: whole tables of snapshots, without what is no longer used.
      def applied(values)
        taken, own = values.partition { |pointer, _| Plan::NamedGear.snapshot?(pointer) }
        return values if taken.empty?

        whole = document_with(values)["snapshots"]
        kinds = taken.map { |pointer, _| PlanFile::Pointer.keys(pointer)[1] }.uniq
        own.to_h.merge(kinds.to_h { |kind| [ Plan.pointer("snapshots", kind), whole[kind] ] })
      end

      private

      # What changes cranes alone, and all else. Pieces that are named are mats, where nothing but cranes changes.
      def apart(values)
        crane, other = values.partition { |pointer, _| Plan::Crane.holds?(pointer) }.map(&:to_h)
        other.all? { |pointer, _| Plan::NamedGear.piece?(pointer) } && crane.any? ? [ values, {} ] : [ crane, other ]
      end

      # Worked out here, so that all that share it have it.
      def hung(lift)
        DustLadder.known { lift.bridle && lift.hung_items }
        lift
      end

      def tidy(changed, values)
        return changed unless values.any? { |pointer, _| Plan::NamedGear.snapshot?(pointer) }

        used = Plan::NamedGear.in_use(changed)
        kept = changed["snapshots"].to_h do |kind, all|
          own = used[kind]
          [ kind, own ? all.slice(*own) : all ]
        end
        changed.merge("snapshots" => kept)
      end
    end
  end
end
