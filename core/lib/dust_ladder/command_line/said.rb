module DustLadder
  class CommandLine
    # How a check of a file tells that something is not as it should be: in lines below the file's name, with the exit
    # status 1. Whoever includes it has @out.
    module Said
      private

      def said(file, *lines)
        @out.puts "#{file}: #{lines.first}"
        lines.drop(1).each { |words| @out.puts "  #{words}" }
        1
      end

      # faults: each with its number and words. what: is numbered, a record or an event.
      def disagree(file, what, faults)
        said(file, "its #{what}s do not agree", *faults.map { |one| "#{what} #{one.number}: #{one.words}" })
      end
    end
  end
end
