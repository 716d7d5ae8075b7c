module DustLadder
  class CommandLine
    # What can be told of a plan file's records from the file alone: whether any was changed, left out or put between,
    # whether they are of the plan in the file, and whether what was issued names what makes it critical. Who was signed
    # in it cannot tell, nor whether the newest records are missing: only their digest on paper or in the app does that.
    class Verified
      include Said

      # chain: a Life::Chain.
      def initialize(document, chain, out)
        @document = document
        @chain = chain
        @out = out
      end

      # Prints it. Returns the exit status: 0 where it was signed and all of it agrees, else 1.
      def tell(file)
        return said(file, "it carries no records: nobody has signed it") if @chain.records.empty?

        faults = @chain.faults(@document)
        faults = unlike.map { |words| Life::Chain::Fault.new(@chain.records.size, words) } if faults.empty?
        return disagree(file, "record", faults) if faults.any?

        @out.puts "#{file}: #{count}; #{state}; newest #{@chain.records.last.short}"
        @chain.records.each { |record| @out.puts "  #{line(record)}" }
        @out.puts "  #{ladder_words}"
        0
      end

      private

      def course = @chain.course
      def ladder = @ladder ||= DustLadder.check(@document)

      def count = "#{@chain.records.size} of #{@chain.records.size} records agree"
      def state = "#{course.state} as #{course.revision}#{", archived" if course.archived?}"

      # What the records leave out of what the plan says.
      def unlike
        asked = ladder.flights.map { |flight| flight["id"] }
        found = [ ("not every flight of it asks for a signature" if (asked - course.flights).any?) ]
        issue = course.issue&.about
        about = issue && Life::Bars.new(course: course, ladder: ladder, document: course.document).about
        if about
          found << "it was issued without what makes it critical" if about["critical"] != "" && issue["critical"] == ""
          found << "it was issued without its deviations" if about["deviations"] != issue["deviations"]
          found << "it was issued for another time" if about["from"] != issue["from"]
        end
        found.compact
      end

      def line(record)
        lapsed = course.lapsed.include?(record.number) ? ", lapsed" : ""
        about = record.about.slice("flight", "deviation", "from", "lifted", "reason").values.reject(&:empty?)
        told = [ record.act, *about ].join(" ")
        "#{record.short}  #{record.at}  #{record.by["name"]}, #{record.role}: #{told}, #{record.revision}#{lapsed}"
      end

      # The newest ladder that was signed, held against the one that the file alone makes here.
      def ladder_words
        seen = @chain.records.reverse.find(&:ladder)
        return "no ladder was looked at" unless seen

        return "the ladder is the one that #{seen.by["name"]} saw" if seen.ladder == Life::Seen.ladder(ladder)

        "the ladder is another here than #{seen.by["name"]} saw: by another core or store"
      end
    end
  end
end
