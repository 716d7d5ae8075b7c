module DustLadder
  class Ladder
    # What makes a lift critical: planned by an engineer or appointed person, with a second signature. Which of them
    # count is the rule set's (handbook, section 11). What cannot be told yet is none of them: its own rung says what
    # it needs.
    class Critical
      include Sentences

      def initialize(ladder)
        @ladder = ladder
        @lift = ladder.lift
      end

      # [id, Sentence] each, in the rule set's order; none where it has no such rule.
      def found
        counts = DustLadder.known({}) { @lift.rules[:critical] }
        counts.filter_map do |id, counted|
          words = counted && of_any(id)
          [ id, words.is_a?(Sentence) ? words : both(words) ] if words
        end
      end

      def as_json(*) = found.map { |id, words| { "id" => id, "words" => words.as_json } }

      private

      # Of one crane after the other, until it is found.
      def of_any(id)
        @lift.duties.each do |duty|
          @duty = duty
          found = DustLadder.known { send(id) }
          return found if found
        end
        nil
      end

      def rules = @lift.rules
      def on_site? = @duty.on_site?
      def setup = @duty.setup

      def over_chart
        share = @ladder.rung("crane")&.utilisation
        limit = rules[:critical, :over_chart]
        "over #{Figure.percent(limit)} of the chart" if share && share > limit + Verdict::SLACK
      end

      def upended = @lift.tandem? && !@lift.tandem.carry? && "a load that is turned up or down"
      def two_cranes = @lift.duties.size > 1 && "two cranes"
      def people = @duty.crane.family?("platform_jib") && @duty.crane.platform[:aboard].any? && "people in a platform"

      # Live plant, or a way that the public or others use, near what the load passes over.
      def over_plant
        return unless on_site?

        near = near_way(setup.survey.solids("live_plant") + setup.survey.solids("walkway"))
        near && "near #{near}"
      end

      def near_way(solids)
        room = Site::Room.new(setup.level_sweeps, solids)
        room.load_sideways(setup.box, under: rules[:people_room_m])&.name
      end

      def centre_high
        load = @lift.load
        lowest = load.points.map { |one| one.at[2] }.min
        "the centre of gravity above its points" if load.cg[2] + load.cg_half_width[2] > lowest
      end

      def unequal_legs
        lengths = @lift.bridle.lengths
        return if lengths.size < 2 || lengths.any?(&:nil?)

        "legs of unlike length" if lengths.max > lengths.min * (1 + rules[:critical, :unequal_legs])
      end

      def near_line = on_site? ? line_on_site : line_by_word

      def line_on_site
        near = setup.line_rooms.find { |line| line.nearest.m < line.zone }
        near && "near #{near.name}"
      end

      def line_by_word
        word = @lift.line_word
        return if word.lines == "none"

        "near a power line" if word.lines == "unknown" || word.nearest.positive < rules[:power_lines]["zone_m"]["above"]
      end

      def unknown_ground
        ground = @ladder.rungs.select { |rung| %w[ground pads tracks].include?(rung.id) }
        "ground that is not known" if ground.any? { |rung| rung.verdict == "not_known" }
      end

      # From over the slewing axis, as high as the boom's foot, to the load where it stands and where it is carried.
      def blind
        foot = on_site? && @duty.crane.chart_data.dig("boom_foot", "height_m")
        return unless foot

        eye = setup.standing.place(0.0, 0.0, foot)
        below = setup.ball.below
        hooks = setup.sweeps.flat_map { |sweep| [ 0.0, 0.25, 0.5, 0.75, 1.0 ].map { |share| sweep.hook(share) } }
        "the operator cannot see the load all the way" if hooks.any? { |x, y, z| hidden?(eye, [ x, y, z - below ]) }
      end

      def hidden?(eye, place)
        setup.survey.obstacles.any? { |one| one.through?(eye, place) }
      end
    end
  end
end
