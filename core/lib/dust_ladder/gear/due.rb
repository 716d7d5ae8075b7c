module DustLadder
  module Gear
    # When a piece's next thorough examination is due: by the rule set's interval for what it is and how it is used,
    # from the last one, or sooner where its examiner said so (handbook, sections 5 and 9). The day itself still counts.
    class Due
      USES = %w[normal hard heat chemicals sun].freeze

      # piece: kind, and examined, due, use as the plan format has them. rules: a RuleSet.
      def initialize(piece, rules)
        @piece = piece
        @rules = rules
      end

      # Is it thoroughly examined at all? Mats and timber are only looked at.
      def wanted? = term != "none"

      # The day, "2027-03-14", or nil where it is not known, or not wanted.
      def day
        return @day if defined?(@day)

        @day = wanted? ? [ given, reckoned ].compact.min&.iso8601 : nil
      end

      # Why that day, in words.
      def words
        return "not examined: looked at before use" unless wanted?
        return "when it was examined is not known" if day.nil?
        return "due #{day} by its examiner" unless reckoned && reckoned.iso8601 == day

        "due #{day}, #{months} months after #{@piece["examined"]}#{", as nobody says how it is used" if guessed?}"
      end

      # Whole months between two examinations. An older rule set knows one interval for everything, and none of its own
      # for a date that an examiner gave.
      def months
        return @rules[:examination_months].to_i unless by_use?

        by_use = @rules[:examination_interval, term]
        return by_use.fetch(@piece["use"]).to_i if USES.include?(@piece["use"])

        # Whoever examined it and gave a day knew how it is used; else the hardest use counts.
        (given ? by_use.fetch("normal") : by_use.values.min).to_i
      end

      private

      # What is no kind of the store's, such as a lifting beam as the plan format calls it, is an accessory.
      def term = Kinds.of(@piece["kind"])&.term || "accessory"

      def by_use? = @rules.value?(:examination_interval)
      def guessed? = by_use? && given.nil? && !USES.include?(@piece["use"])
      def examined = date("examined")
      def given = date("due")
      # What an older set does with a given day: it stands.
      def reckoned = examined && (by_use? || given.nil?) ? examined >> months : nil

      def date(name)
        @piece[name].to_s.empty? ? nil : Date.iso8601(@piece[name])
      rescue Date::Error
        nil
      end
    end
  end
end
