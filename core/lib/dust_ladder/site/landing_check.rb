module DustLadder
  module Site
    # Is the load set down where there is room for it, on timbers that the ground bears? (handbook, sections 7 and 16)
    class LandingCheck < Ground::FootingCheck
      ID = "landing"
      LABEL = "Landing"
      IN_HEADLINE = "landing, %<subject>s,"

      def self.applies?(duty) = super && duty.sets_down?

      private

      def examine
        outline = setup.set_down
        landing = survey.all("landing").find { |one|
          Cover.new(outline, [ one["outline_m"] ]).bare <= Ground::Zones::BARE_M2
        }
        nobody("no landing is drawn that holds the load where it is set down") unless landing

        stand = setup.stand
        timbers, length, width = stand.timbers, stand.dunnage_length.positive, stand.dunnage_width.positive
        believable(timbers * length * width)
        kpa = pressure(timbers, length, width)
        stacked(stand, length)
        return stop(both(high_words(stand, length)), subject: landing["name"]) if too_high?(stand, length)

        foot = footing(landing, outline, kpa)
        judge_feet([ foot ]) { nil }
      end

      FORMS = {
        "box" => "Box the stack, each layer across the one below, so that it takes the load at one end.",
        "wedge" => "Wedge the stack where the load is bowed, both sides alike, and nail the wedges.",
        "notched" => "Notch the timbers in pairs, so that nothing round rolls off."
      }.freeze

      def stacked(stand, length)
        caution("dunnage", "The timbers carry the load themselves: sound, level, dry, none higher than it is wide.")
        form = stand["dunnage"]["form"]
        caution("stack_#{form}", FORMS[form]) if FORMS.key?(form)
        return unless stand.dunnage_high.given?

        line(
          "h",
          Figure.m(stand.dunnage_high.positive, :up),
          source: "height of the stack: no more than its timbers are long"
        )
        line("l", Figure.m(length, :down), source: "length of a timber")
      end

      def too_high?(stand, length)
        stand.dunnage_high.given? && stand.dunnage_high.value > length + Ladder::Verdict::SLACK
      end

      def high_words(stand, length)
        "a stack of #{Figure.m(stand.dunnage_high.value, :up)} on timbers #{Figure.m(length, :down)} long may fall over"
      end

      # What is under the load is no larger than it.
      def believable(area)
        foot = lift.load.size.first(2).reduce(:*)
        return if area <= foot * (1 + Ladder::Verdict::SLACK)

        setup.stand.missing("the timbers bear over more than the load's own base", "dunnage")
      end

      def pressure(timbers, length, width)
        line(
          "p",
          Figure.kpa(lift.load.planned_kg * G / 1000 / (timbers * length * width), :up),
          formula: "W × 0.00980665 / (n × l × b)",
          from: {
            W: Figure.kg(lift.load.planned_kg, :up),
            n: Figure.count(timbers),
            l: Figure.m(length, :down),
            b: Figure.m(width, :down)
          },
          source: "the load on its timbers",
          about: "load"
        )
      end

      def foot_note(foot)
        both do |system|
          "#{Figure.kpa(foot.kpa, :up).shown(system)} on #{foot.name}, bears " \
            "#{Figure.kpa(foot.weakest.kpa, :down).shown(system)}"
        end
      end

      # By what the landing bears itself, where that is told; else by the ground under it.
      def footing(landing, outline, kpa)
        return soils.footing(landing["name"], outline, kpa) unless landing["allowable_kpa"]

        zone = Ground::Zones::Zone.new(name: landing["name"], outline: outline, kpa: landing["allowable_kpa"])
        Soils::Footing.new(name: landing["name"], kpa: kpa, weakest: zone, doubts: doubts(landing))
      end

      def doubts(landing)
        landing["by"].to_s.match?(/[[:alpha:]]/) ? [] : [ "nobody says what #{landing["name"]} bears" ]
      end

      def ground_lines(foot)
        return unless foot.weakest
        return super if survey.all("ground").any? { |zone| zone["name"] == foot.weakest&.name }

        line("a", Figure.kpa(foot.weakest.kpa, :down), source: "what the landing bears: #{foot.weakest.name}")
      end

      def confirm(feet)
        super(feet.select { |foot| survey.all("ground").any? { |zone| zone["name"] == foot.weakest&.name } })
      end
    end
  end
end
