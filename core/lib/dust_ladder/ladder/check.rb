module DustLadder
  class Ladder
    # A check looks at a Lift and answers with one Rung. A subclass gives ID, LABEL, its FLIGHT and `examine`,
    # which works line by line and ends in `judge`, `stop` or `holds`. When something is missing on
    # the way, NotKnown ends it and the rung says what is needed.
    class Check
      include Sentences

      attr_reader :lift, :duty, :rules

      # How its rung stands in a headline, by its label and its subject.
      IN_HEADLINE = "%<label>s"
      # Is it the slings' choice that answers it? Where it is not, what it lacks says nothing against a choice.
      OF_SLINGS = false
      # Is it asked once a lift, or of each crane?
      PER = "lift"

      # Is there anything for this check to look at, in a Lift, or in a crane's Duty where it is asked of each crane?
      def self.applies?(_on) = true

      # duty: of the crane that it is asked of, if it is.
      def initialize(lift, duty = nil)
        @lift = lift
        @duty = duty
        @rules = lift.rules
        @working = Working.new
        @cautions = []
        @parts = []
        @missing = []
      end

      def rung
        examine
      rescue Cranes::OutOfReach => error
        stop(both(error.what), subject: "boom")
      rescue NotKnown => error
        @missing << Missing.new(what: error.what, pointer: error.pointer)
        answer("not_known", note: both(error.what), pending: error.is_a?(Rigging::Pending))
      end

      # The rung where the check did not come to an end in time.
      def too_long = answer("not_known", note: both(Budget::Spent.new.what))

      # The rung where the plan's rule set was made before there was such a check.
      def newer
        @missing << Missing.new(what: "newer than this plan's rules", pointer: Plan.pointer("rules"))
        answer("not_known", note: both("#{self.class::LABEL.downcase}, newer than this plan's rules"))
      end

      private

      def line(...) = @working.line(...)

      def caution(id, text, about: nil)
        @cautions << Caution.of(id, text, about)
      end

      def part(...) = @parts << Part.new(...)

      # A part that carries a mass held against what it may: kg both, the one rounded up, the other down.
      def loaded_part(name, kg, limit, attention)
        share = kg / limit
        part(
          name: name,
          verdict: Verdict.of(share, attention),
          utilisation: share.finite? ? share : nil,
          demand: Figure.kg(kg, :up),
          capacity: Figure.kg(limit, :down)
        )
      end

      # demand and capacity are Figures of one unit; the verdict uses their unrounded values.
      def judge(demand, capacity, attention: nil, subject: nil, note: nil, at_least: "holds", word: nil)
        share = capacity.value.positive? ? demand.value / capacity.value : Float::INFINITY
        verdict = Verdict.weakest([ Verdict.of(share, attention), at_least ])
        answer(
          verdict,
          utilisation: share,
          attention: attention,
          demand: demand,
          capacity: capacity,
          subject: subject,
          note: note,
          word: word
        )
      end

      def stop(note, subject: nil, **rest) = answer("stop", note: note, subject: subject, **rest)

      def answer(verdict, utilisation: nil, pending: false, **rest)
        utilisation = nil if verdict == "not_known" || (utilisation && !utilisation.finite?)
        Rung.new(
          id: self.class::ID,
          label: self.class::LABEL,
          flight: self.class::FLIGHT,
          in_headline: self.class::IN_HEADLINE,
          of_slings: self.class::OF_SLINGS,
          verdict: verdict,
          utilisation: utilisation,
          parts: @parts,
          arithmetic: @working,
          cautions: @cautions,
          missing: pending ? [] : @missing,
          pending: pending,
          **rest
        )
      end
    end
  end
end
