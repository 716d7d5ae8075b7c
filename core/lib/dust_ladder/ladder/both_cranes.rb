module DustLadder
  class Ladder
    # One rung of what was asked of each of two cranes: as the worse of both stands, with the parts, the working, the
    # cautions and what is missing of either, each told with whose it is.
    module BothCranes
      # Lines of both, the worse first, each in its crane's group.
      Lines =
        Struct.new(:told) do
          def lines
            told.flat_map do |name, working|
              working.lines.map { |line| line.dup.tap { |one| one.group = [ name, line.group ].compact.join(": ") } }
            end
          end
        end

      module_function

      # rungs: of one check. names: of their cranes, such as head and tail.
      def of(rungs, names)
        return rungs.first if names == [ nil ] || (rungs.size > 1 && alike?(rungs))

        told = rungs.zip(names).sort_by { |rung, _| [ Verdict.rank(rung.verdict), -(rung.utilisation || 0.0) ] }
        worst, name = told.first
        worst.dup.tap do |rung|
          rung.subject = [ name, worst.subject ].compact.join(", ")
          rung.note = worst.note && said(name, worst.note)
          rung.parts = told.flat_map { |one, whose| parts(one, whose) }
          rung.arithmetic = Lines.new(told.map { |one, whose| [ whose, one.arithmetic ] })
          rung.cautions = told.flat_map { |one, _| one.cautions }.uniq { |one| [ one.id, one.text ] }
          rung.missing = told.flat_map { |one, whose| one.missing.map { |lack| lacking(lack, whose) } }
          rung.pending = rungs.any?(&:pending)
        end
      end

      def parts(rung, name)
        own = rung.parts.map { |part| part.dup.tap { |one| one.name = "#{name}: #{part.name}" } }
        return own if own.any?

        [ Part.new(
          name: name,
          verdict: rung.verdict,
          utilisation: rung.utilisation,
          demand: rung.demand,
          capacity: rung.capacity,
          note: rung.note
        ) ]
      end

      def lacking(lack, name) = Missing.new(what: "#{lack.what} (#{name} crane)", pointer: lack.pointer)
      def said(name, note) = Sentence.new(nil, ->(system) { "#{name}: #{note[system]}" })

      # Is the same said of both, as by one word?
      def alike?(rungs)
        rungs.uniq { |one| [ one.verdict, one.utilisation, one.note&.as_json, one.missing.map(&:pointer) ] }.one?
      end

      private_class_method :parts, :lacking, :said, :alike?
    end
  end
end
