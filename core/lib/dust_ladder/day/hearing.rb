module DustLadder
  module Day
    # Who of the crew has not heard the briefing yet. Whoever includes it has #hearers, #phases and #briefing.
    module Hearing
      private

      def not_all_heard
        bare = hearers.select { |_, name| name.empty? }.map(&:first)
        return "nobody is named as #{bare.join(", ")}" if bare.any?

        deaf.any? ? "has not said yes: #{deaf.join(", ")}" : nil
      end

      # Whoever joined after the briefing says yes to it too, before anything goes on.
      def not_joined(one)
        return if phases.index(one) <= phases.index(briefing) || deaf.empty?

        "joined after the briefing and has not said yes to it: #{deaf.join(", ")}"
      end

      def crew_names = hearers.map(&:last).uniq - [ "" ]
      # Those of the crew who have not said yes.
      def deaf = crew_names.reject { |name| briefing.heard[name]&.yes? }
    end
  end
end
