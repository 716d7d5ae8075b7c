module DustLadder
  module Finding
    # Whether a changed plan falls out, and by which rung. What nobody knows of the plan anyway does not count against a
    # lift; what is not known because of what was chosen does: not known is never a pass.
    class Judge
      # id and label of the rung; figure: its utilisation, or nil; unknown: is it out because it is not known?;
      # capacity: what the rung would allow, in its own unit, or nil.
      Fall = Struct.new(:id, :label, :figure, :unknown, :capacity, keyword_init: true)

      # base: an Advice::Base.
      def initialize(base)
        @base = base
        @first = []
      end

      def state(values) = @base.state(values)

      # The first of some rungs of a State that falls out, or nil. ids: which; nil for all.
      def falls(state, values, ids = nil)
        Budget.ask!
        asked = ids ? state.ids & ids : state.ids
        [ *(@first & asked), *(asked - @first) ].each do |id|
          rung = state.rung(id)
          next unless out?(rung, values)

          @first = [ id, *(@first - [ id ]) ]
          return fall(rung)
        end
        nil
      end

      # Of what cannot be worked out at all.
      def unknown = Fall.new(id: "not_known", label: "Not known", figure: nil, unknown: true)

      # Of what hangs too heavy for a crane, wherever its hook is.
      def too_weak
        check = Cranes::CraneCheck
        Fall.new(id: check::ID, label: check::LABEL, figure: nil, unknown: false)
      end

      # A lift with so much more load, kg. fall: or nil; state: or nil, where it cannot be worked out at all.
      Look =
        Struct.new(:kg, :state, :fall, :ids) do
          def figure(id) = state&.rung(id)&.utilisation
          # The most of any rung.
          def used = state && (ids || state.ids).filter_map { |id| figure(id) }.max
        end

      # ids: of the rungs that are asked, nil for all. kept: as of #state_at.
      def look(values, kg, ids = nil, kept: :looked)
        state = state_at(values, kg, kept)
        Look.new(kg, state, falls(state, values, ids), ids)
      rescue NotKnown => error
        raise if error.is_a?(Budget::Spent)

        Look.new(kg, nil, unknown, ids)
      end

      # By which of some rungs a lift falls with so much more load, kg, as is asked again and again; or nil.
      def heavier(values, kg, ids = nil) = look(values, kg, ids, kept: :step).fall

      # The load's weight, kg, without what is allowed for; and what so much more of it is, allowed for.
      def weight = @weight ||= taken_off? ? @base.lift.load.planned_kg / (1 + allowance) : @base.lift.load.bare_kg
      def planned(kg) = kg * (1 + allowance)

      private

      # Lifts of one load share what hangs in their hooks. One load is asked for again and again, the best so far and a
      # step; of those that are looked at beside it, the last.
      def state_at(values, kg, kept)
        return state(values) if kg.zero?

        @loads ||= {}
        slot = @loads.keys.find { |one| @loads[one][0] == kg } || kept
        @loads[slot] = [ kg, heavier_base(kg) ] unless @loads.dig(slot, 0) == kg
        @loads[slot][1].state(values)
      end

      def heavier_base(kg)
        Advice::Base.new(@base.document_with(weighing(weight + kg)), house: @base.house)
      end

      def weighing(kg)
        load = @base.lift.load
        at = ->(key) { load.pointer("weight", key) }
        taken = taken_off? ? { at.("by") => nil, at.("basis") => load.basis } : {}
        { **taken, at.("bare") => "#{kg} kg" }
      end

      def taken_off? = @base.lift.load.from_take_off?(:weight)
      def allowance = @allowance ||= @base.lift.load.allowance

      def out?(rung, values)
        rung.verdict == "stop" || (rung.verdict == "not_known" && !anyway?(rung, values))
      end

      def anyway?(rung, values)
        rung.missing.any? && rung.missing.all? { |lack| before?(rung.id, lack) || left?(lack.pointer, values) }
      end

      # Did the plan lack it for this rung?
      def before?(id, lack)
        @base.now.rung(id).then { |rung| rung && rung.missing.any? { |one| one.to_a == lack.to_a } }
      end

      # Is it a blank of the plan, that no choice fills?
      def left?(pointer, values)
        return false if pointer.nil? || Plan::NamedGear.snapshot?(pointer)
        return false if values.keys.any? { |at| pointer == at || pointer.start_with?("#{at}/") }

        blank?(PlanFile::Pointer.at(@base.document, pointer))
      rescue TypeError
        false
      end

      def blank?(value) = value.nil? || (value.respond_to?(:empty?) && value.empty?)

      def fall(rung)
        unknown = rung.verdict == "not_known"
        Fall.new(
          id: rung.id,
          label: rung.label,
          figure: rung.utilisation,
          unknown: unknown,
          capacity: rung.capacity&.value
        )
      end
    end
  end
end
