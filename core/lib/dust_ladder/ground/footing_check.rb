module DustLadder
  module Ground
    # A rung of what presses on the ground, each foot on the weakest zone that it touches.
    class FootingCheck < Site::SiteCheck
      private

      def soils = @soils ||= Site::Soils.new(survey, rules)

      # feet: Site::Soils::Footings. at_least: no better than that. Yields the governing one for its working.
      def judge_feet(feet, at_least: "holds")
        feet.each { |foot| foot_part(foot) }
        worst = feet.min_by { |foot| [ Ladder::Verdict.rank(foot.verdict(attention)), -(foot.share || 0.0) ] }
        yield worst
        ground_lines(worst)
        confirm(feet)
        verdict = worst.verdict(attention)
        return not_known(worst) if verdict == "not_known"

        judge(
          Figure.kpa(worst.kpa, :up),
          Figure.kpa(worst.weakest.kpa, :down),
          attention: attention,
          subject: worst.name,
          note: foot_note(worst),
          at_least: at_least
        )
      end

      def foot_part(foot)
        part(
          name: foot.name,
          verdict: foot.verdict(attention),
          utilisation: foot.share,
          demand: Figure.kpa(foot.kpa, :up),
          capacity: foot.weakest && Figure.kpa(foot.weakest.kpa, :down),
          note: foot.doubts.any? ? both(foot.doubts.first) : both(foot.weakest.name)
        )
      end

      def foot_note(foot)
        both do |system|
          "#{foot.name} #{Figure.kpa(foot.kpa, :up).shown(system)} of " \
            "#{Figure.kpa(foot.weakest.kpa, :down).shown(system)}, #{foot.weakest.name}"
        end
      end

      def ground_lines(foot)
        return unless foot.weakest

        line(
          "a",
          Figure.kpa(foot.weakest.kpa, :down),
          source: "what the ground bears: #{soils.source(foot.weakest.name)}"
        )
      end

      def confirm(feet)
        feet
          .filter_map(&:weakest)
          .uniq
          .select { |zone| soils.unconfirmed?(zone.name) }
          .each { |zone| caution("confirm_ground", "#{zone.name}: confirm on site what it bears.") }
      end

      def not_known(foot)
        @missing.concat(
          foot.doubts.map { |what|
            Ladder::Missing.new(what: what, pointer: Plan.pointer("site_document"))
          }
        )
        answer("not_known", note: both(foot.doubts.first), subject: foot.name)
      end

      # The rung where it tips. tips: LoadOnGround::Tips.
      def tips(tips, words)
        stop(
          both do |system|
            "#{words}, #{tips.state.words}, at #{Figure.m(tips.station.radius).shown(system)} and " \
              "#{Figure.deg(tips.station.slew % 360, :near).shown(system)}"
          end
        )
      end

      def where(worst)
        both do |system|
          "#{worst.state.words}, at #{Figure.m(worst.station.radius, :up).shown(system)}, slew " \
            "#{Figure.deg(worst.station.slew % 360, :near).shown(system)}"
        end
      end

      def looked_after
        caution("look_again", Cranes::StandCheck::AGAIN)
      end
    end
  end
end
