module DustLadder
  module Advice
    # What could be changed of a plan at all, by the knobs that efforts.yml lists: the changes of each, least first.
    # Whether one helps is for others to find out.
    class Choices
      include Ladder::Sentences
      include RiggingChoices
      include HoldChoices
      include StoreChoices
      include CraneChoices
      include MachineChoices
      include SiteChoices
      include TailChoices

      STEP_M = 0.01
      # Knobs of a lift of two cranes alone; those of one crane are the others.
      OF_TWO = %w[longer lug trunnion lug_instead tail heavier stands].freeze
      OF_BOTH = %w[weigh plane edges].freeze
      # Of each of two cranes as of one.
      OF_EACH = %w[centre parts fewer boom mats wide_mats rigged set_up wind ring].freeze
      # A check of two cranes takes long: what cannot help some rungs is not tried on them.
      FOR_TWO = {
        "centre" => %w[hook],
        "parts" => %w[hoist wraps height head_crane tail_crane],
        "fewer" => %w[wraps head_crane tail_crane],
        "boom" => %w[boom booms boom_room beam_gap height head_crane tail_crane radii power_lines pads],
        "wind" => %w[wind],
        "set_up" => %w[chart head_crane tail_crane hoist height radii],
        "edges" => %w[surroundings slings sharing loop],
        "plane" => %w[fittings],
        "weigh" => %w[
          load slings points fittings hook hoist trunnion end_beams pads tracks head_crane tail_crane radii
        ],
        "stands" => %w[
          booms boom_room beam_gap boom radii head_crane tail_crane stand pads tracks cut power_lines obstacles
          clearance tail_swing people
        ]
      }.freeze
      WHO = [ "Head crane", "Tail crane" ].freeze
      # What takes long to work out, and is left for last.
      SLOW = %w[spreader].freeze

      # base: a Base. question: ids of the rungs that it is to help.
      def initialize(base, question)
        @base = base
        @question = question
        @lift = base.lift
        @document = base.document
      end

      # Names of the knobs that this lift has, least to do first.
      def knobs
        return Efforts.knobs - OF_TWO unless @lift.tandem?

        listed = Efforts.knobs & [ *OF_BOTH, *OF_EACH, *OF_TWO ]
        listed.select { |knob| FOR_TWO.fetch(knob, question).intersect?(question) }
      end

      # Changes of one knob; none where it is no knob of this plan, or where what it takes to know is not known.
      def of(knob)
        return known(knob) unless @lift.tandem? && OF_EACH.include?(knob)

        @lift.duties.each_index.flat_map { |at| of_crane(at) { known(knob) } }
      end

      private

      attr_reader :question

      def known(knob)
        [ send(knob) ].flatten.compact
      rescue NotKnown, Statics::Equilibrium::NotFound
        []
      end

      def of_crane(at)
        @at = at
        yield
      ensure
        @at = nil
      end

      def change(knob, id, words, values)
        made = Change.new(id: id, knob: knob.to_s, words: words, values: values)
        @at ? of_its_crane(made, @at) : made
      end

      # Of one of two cranes it says which.
      def of_its_crane(made, at)
        words, who = made.words, WHO[at]
        made.id, made.of = "#{made.id}-#{at}", at
        made.words = both { |system| "#{who}: #{words[system]}" }
        made
      end

      # A Change of each figure of a list, the nearest to what it is now first; each can be made anywhere between it and
      # the one before.
      def along(now, values, step: STEP_M, &make)
        from = now
        values.map do |value|
          axis = Change::Axis.new(from, value, step, &make)
          from = value
          make.call(value).tap { |made| made.axis = axis }
        end
      end

      def written(metres) = format("%.2f m", metres)
      def up(metres) = (metres / STEP_M - 1e-9).ceil * STEP_M
      def down(metres) = (metres / STEP_M + 1e-9).floor * STEP_M
      def duty = @lift.duties[@at || 0]
      def crane = duty.crane
      def asks?(*ids) = (question & ids).any?
    end
  end
end
