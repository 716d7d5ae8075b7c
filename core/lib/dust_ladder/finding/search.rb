module DustLadder
  module Finding
    # Lifts that hold, from a plan's load, pick, set and site: every way to hold it with every use of a crane, least to
    # do first (handbook, section 13). Of those that hold are told: the first of each kind, and each that leaves a step
    # more margin than all that take no more to do. What cannot be either is passed over, and nothing else.
    class Search
      # What more margin must come to, as a share of the weight.
      STEP = 0.01
      # How often it is told how far it is.
      EVERY = 500

      attr_reader :fallen, :grid

      # base: an Advice::Base of one crane. may: a May. from: a Position of the same search where it is to go on. Raises
      # NotKnown where the load's weight is not known.
      def initialize(base, may: May.new, from: Position::START)
        raise NotKnown.new("lifts of two cranes are not sought", pointer: base.lift.tandem.pointer) if base.lift.tandem?

        @base = base
        @judge = Judge.new(base)
        @grid = Grid.new(base, may, @judge)
        @step = [ STEP * @judge.weight, 1.0 ].max.ceil
        @fallen = Fallen.new
        @deadwood = Deadwood.new
        @reach = Reach.new(base)
        @found = @passed = @at = @told = 0
        take_up(from)
      end

      # Does it go on in the list that its Position is of? Else it begins anew.
      def taken_up? = @from.positive?

      # Where it stands.
      def position = Position.new(mark: @grid.mark, at: [ @at, @from ].max, kept: @kept)

      # Those of the lifts that are shown, and why: a Few.
      def few = Few.new(@kept)

      # Yields each Found as it is found, and nil, with how Far it is. Raises Budget::Spent where it came to no end.
      def each(&take)
        @take = take
        @grid.totals.each do |minutes|
          @grid.open(minutes)
          @minutes = minutes
          tell
          of_minutes(minutes)
        end
        # A list that was cut short is no list.
        Budget.ask!
        tell
      end

      private

      def take_up(from)
        from = Position::START unless from.mark.nil? || from.mark == @grid.mark
        @from, @best, @kinds, @kept = from.at, from.best, from.kinds.to_set, from.kept.dup
      end

      def of_minutes(minutes)
        @grid.racks.each do |rack_minutes, some|
          @grid.spots.each do |spot_minutes, spots|
            @grid.matting.each do |mat_minutes, mats|
              rigs = @grid.rigs[minutes - rack_minutes - spot_minutes - mat_minutes] or next
              of_rigs(some, spots, mats, rigs)
            end
          end
        end
      end

      def of_rigs(racks, spots, matting, rigs)
        rigs.product(racks) do |rig, rack|
          size = spots.size * matting.size
          next ahead(size) if @at + size <= @from
          next pass(size) if no_more?(rack, rig)

          fall = rig.falls
          fall ? fell(rig, fall, size) : of_rack(rack, rig, spots, matting)
        end
      end

      # Is it of a known kind, and can the rig leave no more?
      def no_more?(rack, rig) = known_kind?(rack, rig) && !more?(rig)
      def more?(rig) = !at_most? && rig.holds_more?(@best + @step)
      def at_most? = @best + @step > Margin::MOST * @judge.weight

      def of_rack(rack, rig, spots, matting)
        spots.each do |spot|
          next fell(rig, @judge.too_weak, matting.size) if @reach.kg(rack, spot) < rig.kg

          matting.each { |mats| visit(Setting.new(rack, spot, mats), rig) }
        end
      end

      def visit(setting, rig)
        @at += 1
        return if @at <= @from

        tell_on
        fall = @deadwood.fall(setting, rig)
        return @fallen.add(fall) if fall
        return @passed += 1 if known_kind?(setting.rack, rig) && !leaves?(setting, rig)

        work_out(setting, rig)
      end

      # Goes on by so many that fall, or could be nothing.
      def fell(rig, fall, count)
        @fallen.missed(fall) { Found.words_of(rig.hold.changes) }
        @fallen.add(fall, ahead(count))
      end

      def pass(count) = @passed += ahead(count)

      # Goes on by so many; how many of them were not looked at before.
      def ahead(count)
        left = [ @at + count - [ @at, @from ].max, 0 ].max
        @at += count
        tell_on
        left
      end

      # Tells how far it is, now and then.
      def tell_on
        return if @at < @told + EVERY

        @told = @at
        tell
      end

      def known_kind?(rack, rig) = @best && @kinds.include?([ rig.hold.kind, rack.name ])

      # May it leave a step more than the best so far?
      def leaves?(setting, rig)
        return true unless @best
        return false unless more?(rig)

        in_hook = @judge.planned(@best + @step)
        @reach.kg(setting.rack, setting.spot) >= rig.kg + in_hook && !@deadwood.fall(setting, rig, in_hook)
      end

      def work_out(setting, rig)
        values = { **rig.hold.values, **setting.values }
        better = better?(setting, rig, values) if known_kind?(setting.rack, rig)
        return @passed += 1 if better == false

        fall = @judge.falls(@judge.state(values), values, Rig::OF_CRANE)
        return fell_out(setting, rig, fall) if fall

        @found += 1
        keep(setting, rig, values, better || (leaves?(setting, rig) && better?(setting, rig, values)))
      rescue NotKnown => error
        raise if error.is_a?(Budget::Spent)

        @fallen.add(@judge.unknown)
      end

      def better?(setting, rig, values)
        return true unless @best

        fall = @judge.heavier(values, @best + @step, Rig::OF_CRANE)
        learn(setting, rig, fall, @judge.planned(@best + @step)) if fall
        fall.nil?
      end

      def learn(setting, rig, fall, more = 0.0)
        @deadwood.add(setting, rig, fall, more)
        @reach.said(setting.rack, setting.spot, fall.capacity) if fall.id == Cranes::CraneCheck::ID && fall.capacity
      end

      def keep(setting, rig, values, better)
        from = better && @best ? @best + @step : 0.0
        margin = Margin.new(@judge, values, from: from, ids: Rig::OF_CRANE, within: rig.margin)
        found = Found.new(@base, rig.hold, setting, margin)
        return stops_after_all(found) if found.stops?

        @best = margin.kg if better
        @kinds << found.kind
        @kept << found.kept
        @take.call(found, far)
      end

      # What was not asked of it before stops it.
      def stops_after_all(found)
        @found -= 1
        @fallen.add(@judge.falls(found.ladder_state, found.values))
      end

      def fell_out(setting, rig, fall)
        learn(setting, rig, fall)
        @fallen.add(fall)
        @fallen.missed(fall) { Found.words_of([ *rig.hold.changes, *setting.changes ]) }
      end

      def tell = @take.call(nil, far)
      def far
        Far.new(done: @at, of: @grid.count, found: @found, passed: @passed, fallen: @fallen.count, minutes: @minutes)
      end
    end
  end
end
