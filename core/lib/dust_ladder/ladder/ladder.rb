module DustLadder
  module Ladder
    # The whole answer for one plan: rungs foot first, the weakest of them, and what a screen draws.
    class Answer
      FORMAT = "dust-ladder-ladder"
      attr_reader :lift, :rungs

      def initialize(lift, rungs)
        @lift = lift
        @rungs = rungs
      end

      def verdict = Verdict.weakest(rungs.map(&:verdict))
      def rung(id) = rungs.find { |rung| rung.id == id }

      # The rungs that govern: of the worst verdict, those with the highest utilisation; a stop without a
      # figure outranks one with; of the not known, the lowest, since what stands above it waits for it.
      def governing
        @governing ||=
          begin
            worst = rungs.select { |rung| rung.verdict == verdict }
            if verdict == "not_known"
              worst.first(1)
            else
              top = worst.map { |rung| weight(rung) }.max
              worst.select { |rung| weight(rung) == top || (weight(rung) - top).abs <= Verdict::SLACK }
            end
          end
      end

      # The verdict in one sentence: the thing, then the figure. system: :metric or :us.
      def headline(system = :metric)
        return unknown_headline(system) if verdict == "not_known"

        "#{Verdict.words(verdict).capitalize}: #{governing.map { |rung| in_words(rung, system) }.join(" and ")}"
      end

      # What is not known, and then how what is known stands.
      def unknown_headline(system)
        unknown, known = rungs.partition { |rung| rung.verdict == "not_known" }
        more = unknown.size > 1 ? " and #{unknown.size - 1} more" : ""
        said = "Not known: #{governing.first.note[system.to_s]}#{more}"
        worst = known.select(&:utilisation).min_by { |rung| [ Verdict.rank(rung.verdict), -rung.utilisation ] }
        worst ? "#{said}. What is known #{known_word(worst)}, #{worst.label.downcase} at #{worst.percent}" : said
      end

      def known_word(rung) = rung.verdict == "tight" ? "is tight" : "holds"

      def headlines = { "metric" => headline(:metric), "us" => headline(:us) }

      # What comes next after the governing rung, worst first.
      def afterwards
        rest =
          (rungs - governing)
            .sort_by { |rung| [ Verdict.rank(rung.verdict), -weight(rung) ] }
            .reject { |rung| rung.verdict == "holds" }
        if rest.empty?
          ""
        else
          "Then: " \
            "#{rest.first(2).map { |rung|
              "#{rung.label.downcase} #{rung.percent || Verdict.words(rung.verdict)}"
            }.join(", ")}"
        end
      end

      def as_json(*)
        {
          "format" => FORMAT,
          "version" => 1,
          "core" => VERSION,
          "verdict" => verdict,
          "headline" => headlines,
          "then" => afterwards,
          "governs" => governing.map(&:id),
          "flights" => flights,
          "rungs" => rungs.map(&:as_json),
          "not_checked" => Climb.not_checked(lift),
          "readings" => lift.document.readings,
          "problems" => lift.document.problems,
          "drawing" => Drawing.new(lift, rung("slings"), rung("upper")).as_json,
          "reach" => Reach.new(lift, rung("crane")).as_json,
          "crane" => Cranes::CraneView.new(lift).as_json,
          "take_off" => nil
        }
      end

      # Of the flights that have a rung in this plan: name, and the worst of its rungs, by verdict and then by figure.
      def flights
        Climb::FLIGHTS.filter_map do |id, label|
          own = rungs.select { |rung| rung.flight == id }
          next if own.empty?

          worst = own.min_by { |rung| [ Verdict.rank(rung.verdict), -weight(rung) ] }
          { "id" => id, "label" => label, "worst" => worst.id }
        end
      end

      private

      def weight(rung) = rung.utilisation || (rung.verdict == "stop" ? Float::INFINITY : 0.0)

      # The rung in the verdict's sentence: a leg by its name, a station by where it stands.
      def in_words(rung, system)
        label, subject = rung.label.downcase, rung.subject
        return "#{label}, #{rung.note[system.to_s]}" unless rung.utilisation
        if rung.id == "angle" && rung.verdict == "stop" && subject
          return "#{subject} #{Figure.deg(90 - rung.demand.value)} from horizontal"
        end

        if rung.id == "crane" && subject&.match?(/\A(on the way|between )/)
          return "#{label} #{subject} at #{rung.percent}"
        end

        "#{subject ? format(rung.in_headline, label: label, subject: subject) : label} at #{rung.percent}"
      end
    end
  end
end
