module DustLadder
  module People
    # What somebody was found able to do: kind, by whom, until when (handbook, section 17).
    module Competences
      # What each role in a crew asks for, as the kind of a competence.
      ASKED = {
        "operator" => "operator",
        "slinger" => "slinger",
        "signaller" => "signaller",
        "supervisor" => "supervisor"
      }.freeze
      # words: what is the matter; nil where nothing is. verdict: holds, stop or not_known.
      Found = Struct.new(:verdict, :words, :until)

      module_function

      # Of one kind, on a day and all days before: the one that lasts longest. all: competences of a person, or nil
      # where nobody knows them. day: the last one of the lift, a Date.
      def of(all, kind, day)
        return Found.new("not_known", "nobody here keeps what they may do") if all.nil?

        own = all.select { |one| one["kind"].to_s.casecmp?(kind) }
        return Found.new("not_known", "no competence as #{kind} is kept") if own.empty?

        lasting = own.filter_map { |one| lasts(one["until"]) }.max
        return Found.new("not_known", "until when the competence as #{kind} counts is not kept") if lasting.nil?
        return Found.new("stop", "competence as #{kind} ended on #{lasting}, the lift is on #{day}") if lasting < day

        Found.new("holds", "#{kind} until #{lasting}", lasting)
      end

      # The day that a text is; nil for none.
      def lasts(text)
        Date.iso8601(text) if text.is_a?(String) && text.match?(/\A\d{4}-\d{2}-\d{2}\z/)
      rescue Date::Error
        nil
      end
    end
  end
end
