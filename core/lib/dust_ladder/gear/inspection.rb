module DustLadder
  module Gear
    # A before-use inspection of one piece: look by look what was seen and measured, and what the rules make of it. One
    # look out takes the piece out, and so does a doubt; it stays only when every look was looked at and stays
    # (handbook, section 9).
    class Inspection
      # verdict: stays, out, doubt, not_looked or not_known; used: share of what is allowed, or nil; limit: the rule in
      # words; told: what was found, in words; value: what was measured, SI, or nil.
      Found = Struct.new(:look, :verdict, :used, :limit, :told, :value, keyword_init: true) do
        def out? = %w[out doubt].include?(verdict)
      end
      Problem = Piece::Problem
      SEEN = %w[fine bad doubt].freeze
      LONGEST = 400
      KINDS = { "length" => :length, "mass" => :mass, "angle" => :angle }.freeze
      MOST_WIRES = 10_000

      attr_reader :kind

      # kind: name of a kind; data: the piece as the plan format has it, with its sizes new. findings: { look id => {
      # "seen": fine, bad or doubt, "measured": as it was typed, "words" } }; what is left out was not looked at.
      # rules: a RuleSet. Raises KeyError for what is no kind.
      def initialize(kind, data, findings, rules)
        @kind = Kinds.of(kind) or raise KeyError, "#{kind} is no kind of gear"
        @data = data
        @rules = rules
        @problems = []
        @findings = known(findings)
      end

      def looks = @looks ||= in_their_lay(@kind.looks.map { |look| found(look, @findings[look.id] || {}) })
      def problems = looks && @problems
      def out = looks.select(&:out?)
      def left = looks.select { |one| %w[not_looked not_known].include?(one.verdict) }

      # out: it may not be used; stays: every look was looked at and stays; not_whole: neither is known.
      def result
        return "out" if out.any?

        left.empty? && problems.empty? ? "stays" : "not_whole"
      end

      # What was measured of the piece itself, { look id => SI value }: judged again by whatever rules a plan has. A pin
      # that goes in its eye is another's.
      def measured = looks.filter_map { |one| [ one.look.id, one.value ] if one.value && one.look.of_itself? }.to_h

      # Why it is out, worst first, in words.
      def reasons = out.sort_by { |one| -(one.used || Float::MAX) }.map(&:told)

      # What was found, in words: what is out first, then what was measured and stays.
      def told = reasons + looks.select { |one| one.verdict == "stays" && one.value }.map(&:told)

      def headline
        case result
        when "out" then reasons.first.transform_values { |words| "Out: #{words}" }
        when "stays" then plain("Stays: #{looks.size} looks")
        else plain("Not known: #{left.empty? ? "something cannot be read" : "#{left.size} of #{looks.size} looks"}")
        end
      end

      def as_json(*)
        {
          "result" => result,
          "headline" => headline,
          "looks" => looks.map { |one| look_json(one) },
          "problems" => problems.map(&:as_json)
        }
      end

      private

      def look_json(one)
        {
          **one.look.to_h.slice(:id, :title, :words, :where, :read).transform_keys(&:to_s),
          "short" => one.look.short || one.look.title,
          "verdict" => one.verdict,
          "used" => one.used && Figure.percent(one.used, :up).as_json,
          "limit" => one.limit,
          "told" => one.told
        }
      end

      # Only looks of this kind, each as it can be read.
      def known(findings)
        findings.to_h do |id, finding|
          unless @kind.looks.any? { |look| look.id == id }
            problem(id, "", "this is no look at a #{@kind.words}", @kind.looks.map(&:id).join(", "))
          end
          [ id, finding ]
        end
      end

      def problem(id, typed, message, expected)
        @problems << Problem.new(field: id, typed: typed, message: message, expected: expected)
        nil
      end

      def found(look, finding)
        limit = limit_of(look)
        seen = seen(look, finding["seen"].to_s)
        value = look.measured? ? value(look, finding["measured"].to_s.strip) : nil
        base = { look: look, limit: limit.is_a?(Hash) ? limit : plain(limit), value: value }
        worded = finding["words"].to_s.strip[0, LONGEST].to_s
        return by_eye(look, seen, worded, base) if %w[bad doubt].include?(seen) || !look.measured?

        value ? by_rule(look, value, base) : Found.new(**base, verdict: "not_looked", told: plain("not looked at"))
      end

      def by_eye(look, seen, worded, base)
        verdict = { "fine" => "stays", "bad" => "out", "doubt" => "doubt" }.fetch(seen, "not_looked")
        said = worded.empty? ? nil : worded
        told =
          case verdict
          when "stays" then said || "looked at"
          when "out" then "#{look.title.downcase}: #{said || "not as it should be"}"
          when "doubt" then "#{look.title.downcase}: in doubt#{", #{said}" if said}"
          else "not looked at"
          end
        Found.new(**base, verdict: verdict, told: plain(told))
      end

      def by_rule(look, value, base)
        judged = look.judge(value, @data, @rules)
        Found.new(**base, verdict: judged.verdict, used: judged.used, told: look.told_of(value, judged))
      rescue NotKnown => error
        Found.new(**base, verdict: "not_known", told: plain(error.what))
      end

      # A count of wires of one strand is of that same lay: more than the lay has was misread.
      def in_their_lay(found)
        found.each do |one|
          outer = one.look.within && found.find { |other| other.look.id == one.look.within }
          next unless one.value && outer&.value && one.value > outer.value

          most = "#{outer.value.round} at most"
          problem(one.look.id, one.value.round.to_s, "that is more than in the whole lay", most)
        end
        found
      end

      def limit_of(look)
        look.measured? ? look.limit(@data, @rules) : look.words
      rescue NotKnown => error
        error.what
      end

      def seen(look, text)
        return text if text.empty? || SEEN.include?(text)

        problem(look.id, text, "“#{text[0, 40]}” is not what can be seen", SEEN.join(", "))
      end

      def value(look, text)
        return if text.empty?

        value = look.read == "count" ? count(look, text) : quantity(look, text)
        return unless value

        wrong = Limit.new(look, @data, @rules).misread(value)
        wrong ? problem(look.id, text, wrong, "measure it again") : value
      end

      def count(look, text)
        number = Integer(text, 10, exception: false)
        return number.to_f if number&.between?(0, MOST_WIRES)

        problem(look.id, text, "“#{text[0, 40]}” is not a number of wires", "a whole number, 0 for none")
      end

      def quantity(look, text)
        value = Quantity::Reader.read(text, KINDS.fetch(look.read))
        nought = look.read != "length"
        return value.to_f if value.positive? || (nought && value.zero?)

        problem(look.id, text, "it must be more than nothing", "what was measured")
      rescue Quantity::Unreadable => error
        problem(look.id, text, error.message, error.expected)
      end

      def plain(words) = Quantity::Systems.words { words }
    end
  end
end
