module DustLadder
  class CommandLine
    # What can be told of the record of a day from its file alone: whether any event was changed, left out or put
    # between. Who was signed in it cannot tell, nor whether the newest events are missing: only their digest on paper
    # or in the app does that.
    class VerifiedDay
      include Said

      # log: a Day::Log.
      def initialize(title, log, out)
        @title = title
        @log = log
        @out = out
      end

      # Prints it. Returns the exit status: 0 where there are events and all agree, else 1.
      def tell(file)
        faults = @log.faults
        return said(file, "nothing was said of its day") if @log.events.empty?
        return disagree(file, "event", faults) if faults.any?

        @out.puts "#{file}: #{@title}: #{@log.events.size} events agree; newest #{short(@log.events.last)}"
        @log.events.each { |event| @out.puts "  #{line(event)}" }
        0
      end

      private

      def short(event) = event.digest.delete_prefix("sha256:")[0, 12]

      def line(event)
        who = [ event.name, event.by["name"] ].reject { |one| one.to_s.empty? }.uniq.join(", by the hand of ")
        told = event.about.values.grep(String).reject(&:empty?).join(", ")
        "#{short(event)}  #{event.at}  #{who}: #{[ event.kind.tr("_", " "), told ].reject(&:empty?).join(" ")}"
      end
    end
  end
end
