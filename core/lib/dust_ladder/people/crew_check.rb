module DustLadder
  module People
    # Who does what: operator, slinger, one signaller at a time, supervisor (handbook, sections 10, 15, 17). Named one
    # by one, each must be in date for it on the days of the lift; where nobody is named, a word may stand for it.
    class CrewCheck < Ladder::ByWordCheck
      ID = "crew"
      LABEL = "Crew"
      FLIGHT = "gear_and_people"
      ASKS = "who does what"

      private

      def crew = lift.crew

      def examine
        return super unless crew.given?

        roles = Plan::Crew::ROLES.map { |role| found_for(role) }
        doubled
        # A role that nobody takes is worse than one whose competence nobody knows.
        worst = [ *roles, *@doubled ].min_by { |one| Ladder::Verdict.rank(one.verdict) }
        return answer("holds", note: both("#{crew.all.size} named, all in date on #{last_day}")) if worst.holds

        @missing << Ladder::Missing.new(what: worst.words, pointer: worst.pointer) if worst.verdict == "not_known"
        answer(worst.verdict, note: both(worst.words))
      end

      # What a look at one role or person comes to.
      Look = Struct.new(:verdict, :words, :pointer) do
        def holds = verdict == "holds"
      end

      # Of those who are named for a role, the worst.
      def found_for(role)
        named = crew.all.select { |one| one.role == role }
        return part_of(role, Look.new("not_known", "no #{role} is named", crew.pointer(crew.all.size))) if named.empty?

        if role == "signaller" && named.uniq { |one| who(one) }.size > 1
          words = "#{named.map(&:name).join(" and ")} are signallers: one at a time, and the plan names which"
          return part_of(role, Look.new("stop", words, crew.pointer(named[1].index)))
        end
        named.map { |one| part_of(role, looked_at(one), one) }.min_by { |look| Ladder::Verdict.rank(look.verdict) }
      end

      def part_of(role, look, named = nil)
        name = named ? "#{role.capitalize} #{named.name}".strip : role.capitalize
        part(name: name, verdict: look.verdict, note: both(look.words))
        look
      end

      def looked_at(named)
        place = crew.pointer(named.index)
        said = "#{named.role} #{named.name}"
        return Look.new("not_known", "no #{named.role} is named", place) unless named.name.match?(/[[:alpha:]]/)
        return Look.new("not_known", "the day of the lift is not given", Plan.pointer("lift_at")) unless last_day

        now = lift.person(named.id)
        # What somebody can do is nothing that a plan from outside vouches for.
        return Look.new("not_known", "#{said}: nobody here keeps what they may do", place) if stranger?(named, now)
        return Look.new("stop", "#{said} is not here any more", place) if now && now["active"] == false
        if now && named.data && now["name"] != named.data["name"]
          return Look.new("not_known", "#{said}: the house knows #{named.id} as #{now["name"]}", place)
        end

        kind = Competences::ASKED.fetch(named.role)
        found = Competences.of((now || named.data)&.fetch("competences"), kind, last_day)
        Look.new(found.verdict, found.verdict == "holds" ? found.words : "#{said}: #{found.words}", place)
      end

      # Whoever works the crane does nothing else meanwhile; beside a hoist that hangs from a rail one hand can do both.
      def doubled
        operators, rest = crew.all.partition { |one| one.role == "operator" }
        both_of = operators.product(rest).select { |one, other| who(one) == who(other) }
        @doubled = []
        both_of.each do |one, other|
          words = "#{one.name} is operator and #{other.role}"
          if lift.duties.all? { |duty| duty.crane.family?("fixed_hoist") }
            caution("crew_doubled", "#{words}: as long as nobody needs both hands at once.")
          else
            @doubled << Look.new("stop", words, crew.pointer(other.index))
          end
        end
      end

      def stranger?(named, now) = named.id && now.nil? && lift.house&.people?
      def who(named) = named.id || named.name.downcase.squeeze(" ")
      def last_day = lift.last_day
    end
  end
end
