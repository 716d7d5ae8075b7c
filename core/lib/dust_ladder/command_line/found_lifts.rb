module DustLadder
  class CommandLine
    # What `ladder find` prints.
    class FoundLifts
      # base: an Advice::Base.
      def initialize(base, out)
        @base = base
        @out = out
      end

      # minutes: until a lift is ready. 0 where one is found, else 1; of what cannot be sought the reason, and 1.
      def tell(minutes)
        search = Finding::Search.new(@base, may: Finding::May.new(minutes: minutes))
        found = []
        search.each { |lift, _| found << lift if lift }
        search.few.as_json.each { |one| show(found.find { |lift| lift.id == one["id"] }, one) }
        fell_out(search)
        found.empty? ? 1 : 0
      rescue NotKnown => error
        @out.puts "nothing can be sought: #{error.what}"
        1
      end

      private

      def show(lift, few)
        ends = lift.margin.ends
        @out.puts format("%5.1f h  %s", lift.minutes / 60.0, lift.words["metric"])
        @out.puts "         #{lift.ladder.headline}; #{Figure.kg(lift.margin.kg, :down)} more" \
          "#{ends ? ", then #{ends.label.downcase}" : " or more"}"
        @out.puts "         #{few["why"]["metric"]}"
        @out.puts "         not known: #{lift.unknown.join(", ").downcase}" if lift.unknown.any?
      end

      def fell_out(search)
        rows = search.fallen.as_json.map { |row| "#{row["label"].downcase} #{row["count"]}" }
        @out.puts "fell out: #{rows.join(", ")}"
        miss = search.fallen.nearest or return
        short = "#{miss.fall.label.downcase} #{Figure.percent(miss.fall.figure)}"
        @out.puts "nearest miss: #{miss.words["metric"]} (#{short})"
      end
    end
  end
end
