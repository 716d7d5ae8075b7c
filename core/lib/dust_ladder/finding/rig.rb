module DustLadder
  module Finding
    # What a Hold comes to before any crane is asked: what hangs in the hook, how high, and which rung of it falls out.
    class Rig
      CHECKS = Ladder::Climb::CHECKS
      # Ids of the rungs that ask nothing of a crane, nor of what lies under it; and of all others.
      OWN = CHECKS.select { |check| %w[load rigging].include?(check::FLIGHT) && check::PER != "crane" }
        .map { |check| check::ID }
        .freeze
      OF_CRANE = (CHECKS.map { |check| check::ID } - OWN).freeze

      attr_reader :hold

      # judge: a Judge.
      def initialize(hold, judge)
        @hold = hold
        @judge = judge
      end

      # The Judge::Fall of a rung that stops, or is not known for what the hold itself lacks; nil where none does.
      def falls
        return @falls if defined?(@falls)

        @falls = @judge.falls(state, hold.values, OWN) || unhung
      end

      # kg in the hook; and what tells how it hangs below it: holds alike in this differ in mass and strength alone.
      def kg = @kg ||= lift.hung_items.sum(&:kg)
      def shape = @shape ||= [ hold.kind, hold.way, *lift.bridle.hook_range.map { |metres| metres.round(6) } ]
      # The hook above the load, m: the higher, the less rope hangs from the tip.
      def hook = @hook ||= lift.bridle.hook_range.first

      # Where it fell with so much more weight, kg: it falls with more too.
      attr_reader :falls_at

      # Might it hold a load that is so much heavier, kg, as far as can be told without working it out?
      def may_hold?(kg) = hold.bears.nil? || @judge.planned(@judge.weight + kg) <= hold.bears

      # Would it?
      def holds_more?(kg)
        return false if !may_hold?(kg) || (falls_at && kg >= falls_at)
        return true if @held_at && kg <= @held_at

        fell = @judge.heavier(hold.values, kg, OWN)
        fell ? @falls_at = kg : @held_at = kg
        !fell
      end

      # How much heavier the load may be, whatever the crane.
      def margin = @margin ||= Margin.new(@judge, hold.values, from: @held_at || 0.0, ids: OWN)

      private

      def state = @state ||= @judge.state(hold.values)
      def lift = state.lift

      # What hangs is asked by each crane.
      def unhung
        [ kg, shape ] && nil
      rescue NotKnown => error
        raise if error.is_a?(Budget::Spent)

        @judge.unknown
      end
    end
  end
end
