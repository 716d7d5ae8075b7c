module DustLadder
  module Practice
    # What is wrong with this plan: a good one with one mistake built in (handbook, sections 1 and 20).
    class WrongPlan < Drill
      KIND = "wrong_plan".freeze
      TOPIC = "plans".freeze
      MISTAKES = YAML.safe_load_file(File.expand_path("mistakes.yml", __dir__)).freeze
      OFFERED = 4

      def words = both("One thing is wrong with this plan. What?")
      def right = mistake

      def views
        { "drawing" => ladder.drawing, "facts" => facts.map(&:as_json) }
      end

      # The plan before the mistake, of which nothing stops; and with it.
      def good = @good ||= (0..).lazy.map { |more| made_up(more) }.find { |one| sound?(one) }
      def document = @document ||= with(MISTAKES.fetch(mistake)["change"])
      def ladder = @ladder ||= DustLadder.check(document)

      private

      def made_up(more) = MadeUp.new(chance("lift #{more}")).lift(degrees: 60, kg: 5500, off: 0.0)
      def sound?(document) = DustLadder.check(document).rungs.none? { |rung| rung.verdict == "stop" }

      def mistake = @mistake ||= MISTAKES.keys.sample(random: chance("mistake"))

      def with(change)
        PlanFile::Pointer.with_values(good, change.map { |name, value| send("changed_#{name}", value) }.reduce(:merge))
          .then { |document| PlanFile.accept(document) }
      end

      def changed_hook(share)
        high = lift.load.size[2] + share * (lift.bridle.hook_set - lift.load.size[2])
        { lift.rigging.pointer("hook_height") => format("%.2f m", high) }
      end

      def changed_radius(metres) = { crane.pointer("stations", 1, "radius") => "#{metres} m" }
      def changed_support(metres) = { crane.pointer("stations", 1, "support_height") => "#{metres} m" }
      def changed_parts(count) = { crane.pointer("parts_of_line") => count }
      def changed_wind(speed) = { crane.pointer("wind") => "#{speed} m/s" }
      # The far side where the chart of the front begins, and a little farther out.
      def changed_side(metres)
        station = crane.pointer("stations", 1)
        { "#{station}/slew" => "10°", "#{station}/radius" => "#{metres} m" }
      end
      def changed_outriggers(how) = { crane.pointer("as_rigged", "outriggers") => how }
      def changed_level(percent) = { crane.pointer("level") => "#{percent} %" }
      def changed_side_pull(degrees) = { crane.pointer("side_pull") => "#{degrees}°" }
      def changed_near(what) = { lift.rigging.pointer("surroundings", "near") => [ what ] }
      def changed_point(tonnes) = { lift.load.pointer("points", 0, "wll") => "#{tonnes} t" }
      def changed_state(state) = with_sling { |data| data.merge("state" => state) }
      def changed_legible(can) = with_sling { |data| data.merge("tag" => data["tag"].merge("legible" => can)) }
      def changed_due(day) = with_sling { |data| data.merge("due" => day) }
      def changed_tag(kg) = with_sling { |data| data.merge("tag" => data["tag"].merge("vertical_kg" => kg)) }

      def lift = @lift ||= Lift.new(good)
      def crane = lift.duty.crane

      def with_sling
        number, kept = good["snapshots"]["slings"].first
        { Plan.pointer("snapshots", "slings", number) => PlanFile::Digest.snapshot(yield(kept["data"])) }
      end

      def made_choices
        others = MISTAKES.keys.reject { |id| id == mistake || stops?(id) }.sample(OFFERED - 1, random: chance("others"))
        [ mistake, *others ].map { |id| choice(id, MISTAKES[id]["words"]) }
      end

      def facts = ReadOut.new(ladder.lift, document).facts

      # What the same mistake breaks beside is no wrong answer to offer.
      def stops?(id) = ladder.rung(MISTAKES[id]["rung"])&.verdict == "stop"

      def working
        rung = ladder.rung(MISTAKES.fetch(mistake)["rung"])
        note = both { |system| "#{rung.label}: #{rung.note && rung.note[system]}" }
        [ note, *lines(ladder, rung.id).last(4) ]
      end
    end
  end
end
