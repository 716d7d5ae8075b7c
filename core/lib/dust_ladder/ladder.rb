module DustLadder
  # The whole answer for one plan: rungs foot first, the weakest of them, and what a screen draws.
  class Ladder
    FORMAT = "dust-ladder-ladder"
    attr_reader :lift, :rungs, :left_out, :signatures

    # left_out: labels of the rungs that the plan's scope leaves out. cut_short: did it take too long?
    def initialize(lift, rungs, left_out: [], cut_short: false)
      @lift = lift
      @rungs = rungs
      @left_out = left_out
      @cut_short = cut_short
    end

    def cut_short? = !!@cut_short

    # The rungs, and above them who has signed.
    def shown = [ *rungs, signatures&.rung ].compact

    # Puts who has signed it at its top, which says nothing of how the lift stands; course and document as of
    # Life::Signatures. Returns the ladder.
    def signed(course:, document:)
      @signatures = Life::Signatures.new(course: course, ladder: self, document: document)
      self
    end

    def verdict = Verdict.weakest(rungs.map(&:verdict))
    def rung(id) = rungs.find { |rung| rung.id == id }

    # The rungs that a choice of slings stands or falls with: of the load and its rigging. What else is asked of the
    # plan and not answered yet is left aside.
    def rigging
      rungs.select do |rung|
        %w[load rigging].include?(rung.flight) && (rung.of_slings || rung.verdict != "not_known")
      end
    end

    def rigging_verdict = Verdict.weakest(rigging.map(&:verdict))

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

      "#{Verdict.words(verdict).capitalize}#{narrower}: #{spoken.map { |rung| in_words(rung, system) }.join(" and ")}"
    end

    # What is left out stands beside the verdict, wherever that is read.
    def narrower = left_out.empty? ? "" : ", #{lift.scope.words}"

    # Those that govern, each reason once.
    def spoken = governing.uniq { |rung| rung.utilisation ? rung.id : rung.note["metric"][/[^:]*\z/] }

    # What is not known, and then how what is known stands. All waits for what the load lacks, so it is told in full;
    # any other rung by its name.
    def unknown_headline(system)
      unknown, known = rungs.partition { |rung| rung.verdict == "not_known" }
      more = unknown.size > 1 ? " and #{unknown.size - 1} more" : ""
      first = governing.first
      said = "Not known#{narrower}: #{first.flight == "load" ? first.note[system.to_s] : first.label.downcase}#{more}"
      worst = known.select(&:utilisation).min_by { |rung| [ Verdict.rank(rung.verdict), -rung.utilisation ] }
      worst ? "#{said}. What is known #{known_word(worst)}, #{worst.label.downcase} at #{worst.percent}" : said
    end

    def known_word(rung) = rung.verdict == "tight" ? "is tight" : "holds"

    def headlines = Quantity::Systems.words { |system| headline(system) }

    # What comes next after the governing rung, worst first, and what is answered by word.
    def afterwards
      rest =
        (rungs - governing)
          .sort_by { |rung| [ Verdict.rank(rung.verdict), -weight(rung) ] }
          .reject { |rung| rung.verdict == "holds" }
          .first(2)
          .map { |rung| "#{rung.label.downcase} #{rung.percent || Verdict.words(rung.verdict)}" }
      words = by_word.map { |rung| rung.label.downcase }
      [
        rest.empty? ? nil : "Then: #{rest.join(", ")}",
        words.empty? ? nil : "By word: #{words.join(", ")}",
        signatures&.line
      ].compact.join(". ")
    end

    # What makes the lift critical.
    def critical = @critical ||= Critical.new(self)

    # The rungs that a named person answered in words.
    def by_word = rungs.select(&:word)

    # open: ids of the rungs whose working is wanted; all of them when nothing is said.
    def as_json(*, open: nil)
      {
        "format" => FORMAT,
        "version" => 1,
        "core" => VERSION,
        "verdict" => verdict,
        "headline" => headlines,
        "then" => afterwards,
        "governs" => governing.map(&:id),
        "flights" => flights,
        "rungs" => shown.map { |rung| rung.as_json(whole: open.nil? || open.include?(rung.id)) },
        "first" => FirstSteps.new(self).as_json,
        "scope" => lift.scope.as_json(left_out),
        "critical" => cut_short? ? [] : critical.as_json,
        "readings" => lift.document.readings,
        "problems" => lift.document.problems,
        "taken_off" => lift.load.taken_off,
        "machine" => lift.duty.crane.asks,
        **drawn(open),
        "take_off" => nil,
        "base" => nil
      }
    end

    UNDRAWN = %w[drawing reach crane site site_tail tailing beside].freeze

    # What is drawn; nothing where working it out took too long. open: as of #as_json.
    def drawn(open = nil)
      return UNDRAWN.to_h { |view| [ view, nil ] } if cut_short?

      {
        "drawing" => drawing,
        "reach" => rung("crane") && Reach.new(lift, rung("crane")).as_json,
        "crane" => crane_view,
        "site" => Site::SiteView.new(lift, rungs).as_json,
        "site_tail" => lift.tandem? ? Site::SiteView.new(lift, rungs, lift.duties[1]).as_json : nil,
        "tailing" => Tailing::View.new(lift, rungs).as_json,
        "beside" => open.nil? || open.include?("tail_crane") ? Tailing::Beside.new(lift).as_json : nil
      }
    end

    # How it hangs, and the crane over its way, as screens draw them; nil where that took too long, or there are two.
    def drawing = cut_short? ? nil : Drawing.new(lift, rung("slings"), rung("upper")).as_json
    def crane_view = cut_short? || lift.tandem? ? nil : Cranes::CraneView.new(lift).as_json

    # Of the flights that have a rung in this plan: name, and the worst of its rungs, by verdict and then by figure.
    def flights
      Climb::FLIGHTS.filter_map do |id, label|
        own = shown.select { |rung| rung.flight == id }
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
