module DustLadder
  class CommandLine
    # A ladder in words for a terminal.
    class PrintedLadder
      def initialize(ladder, out)
        @ladder = ladder
        @out = out
      end

      # Verdict, and a rung a line from the top.
      def short
        @out.puts ladder.headline
        @out.puts ladder.afterwards unless ladder.afterwards.empty?
        ladder.rungs.reverse_each do |rung|
          mark = ladder.governing.include?(rung) ? "▶" : " "
          @out.puts format(
            "%s %-15s %-9s %6s  %s",
            mark,
            rung.label,
            Ladder::Verdict.words(rung.verdict),
            rung.percent,
            rung.note && rung.note["metric"]
          )
        end
        at_the_foot
      end

      # The whole working, as one would write it.
      def whole
        @out.puts document["title"], ladder.headline, ""
        ladder.rungs.each { |rung| explain(rung) }
        at_the_foot
      end

      private

      attr_reader :ladder

      def document = ladder.lift.document.data

      # Who answered in words, and what the plan's scope leaves out.
      def at_the_foot
        ladder.by_word.each do |rung|
          word = rung.word
          @out.puts "#{rung.label} by word of #{word["by"]}, #{word["on"]}, until #{word["lapses"]}: #{word["says"]}"
        end
        scope = ladder.lift.scope
        if ladder.left_out.any?
          @out.puts "Left out, #{scope.words}, says #{scope.by}: #{ladder.left_out.join("; ").downcase}."
        end
        found = ladder.critical.found.map { |_, words| words["metric"] }
        @out.puts "Critical, wants a second signature: #{found.join("; ")}." if found.any?
        own_words unless house
        gear_by_own_word unless house&.store?
        @out.puts "The tag, the chart in the cab, local rules and a qualified person come before this."
      end

      # The library that its snapshots are held against, or nil.
      def house = ladder.lift.house

      def gear_by_own_word
        numbers = document["snapshots"].values_at("slings", "beams").flat_map { |named| named.to_h.keys }
        @out.puts "By the plan's own word: gear #{numbers.join(", ")}." if numbers.any?
      end

      # Whose word the snapshots are, where they are held against nothing.
      def own_words
        document["snapshots"]["rule_sets"].each_value do |one|
          @out.puts "By the plan's own word: rule set #{one["data"]["title"]}, version #{one["data"]["version"]}."
        end
        document["snapshots"]["charts"].each_value do |one|
          record = Cranes::Record.new(one["data"]["record"])
          @out.puts "By the plan's own word: chart #{one["data"]["title"]}, #{record.doubt || record.words}."
        end
      end

      def explain(rung)
        @out.puts [
          rung.label,
          Ladder::Verdict.words(rung.verdict),
          rung.percent,
          rung.subject && "(#{rung.subject})"
        ].compact.join(", ").sub(", (", " (")
        rung.working.each_with_index do |line, index|
          @out.puts "  #{line.group}:" if line.group && (index.zero? || rung.working[index - 1].group != line.group)
          @out.puts "  #{line.words}#{"   [#{line.source}]" if line.source}"
        end
        @out.puts "  #{rung.demand} of #{rung.capacity} is #{rung.percent}" if rung.percent
        rung.missing.each do |missing|
          @out.puts "  needed: #{missing.what}#{" (#{missing.pointer})" if missing.pointer}"
        end
        @out.puts "  #{rung.note["metric"]}" if rung.note && rung.percent.nil?
        rung.cautions.each { |caution| @out.puts "  caution: #{caution.text["metric"]}" }
        @out.puts
      end
    end
  end
end
