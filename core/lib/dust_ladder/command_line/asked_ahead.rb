module DustLadder
  class CommandLine
    # What `ladder ways` and `ladder whatif` print.
    class AskedAhead
      # document: an accepted plan. house: as of DustLadder.check.
      def initialize(document, out, house: {})
        @base = Advice::Base.new(document, house: house)
        @out = out
      end

      # Ways out for a rung, or the weakest; 0 where one cures, else 1. Without a store: no other gear is known here.
      def ways(rung)
        ways = Advice::WaysOut.new(@base, rung: rung)
        if ways.question.empty?
          @out.puts(rung ? "#{rung} neither stops nor is tight here" : "nothing that is known stops or is tight")
          return 0
        end

        @out.puts "for #{ways.rung.label.downcase}, without another piece of a store:"
        ways.each { |way, _| show(way) if way }
        @out.puts "tried: #{ways.tried.join(", ")}; #{ways.pairs_tried.to_i} pairs"
        ways.misses.each { |miss| @out.puts "not enough: #{miss.words["metric"]}" }
        ways.found.any?(&:cures) ? 0 : 1
      end

      # How far each figure may go; of one over a range, what the ladder says. 0 always: nothing is judged.
      def limits
        Advice::Limits.new(@base).each { |limit| @out.puts limit_words(limit) }
        aside
      end

      # Raises Faulty.
      def strip(id, from, to)
        input = Advice::Input.named(Advice::Input.all(@base.lift), id, "--input")
        what = Advice::WhatIf.new(@base, input, *input.range(from, to, names: %w[--from --to]))
        told = what.told
        told["bands"].each do |band|
          name = [ band["label"]&.downcase, band["subject"] ].compact.join(", ")
          ends = band.values_at("from", "to").map { |one| one["metric"] }.join(" to ")
          @out.puts format("%-9s %s  %s", band["verdict"].tr("_", " "), ends, name)
        end
        @out.puts "looked at every #{told["spacing"]["metric"]} or nearer"
        aside
      end

      private

      # What nobody knows, of which nothing was said. 0.
      def aside
        @out.puts "not known, and left aside: #{@base.aside.join(", ").downcase}" if @base.aside.any?
        0
      end

      def show(way)
        @out.puts "#{way.cures ? "cures" : "helps"}  #{way.words["metric"]} (about #{way.trial.minutes} min): " \
          "#{way.ladder.headline}"
      end

      def limit_words(limit)
        told = limit.as_json
        ends = [ told["label"]&.downcase, told["subject"] ].compact.join(", ")
        far = told["holds"] && told["holds"]["metric"]
        said =
          if limit.stops_now
            far ? "stops now (#{ends}), no more at #{far}" : "stops now (#{ends}), and as far as was looked"
          else
            limit.rung ? "holds to #{far}, then #{ends}" : "holds to #{far}, as far as was looked"
          end
        format("%-32s %-4s %s", limit.input.label, limit.way, said)
      end
    end
  end
end
