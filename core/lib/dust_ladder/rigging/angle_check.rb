module DustLadder
  module Rigging
    # How flat do the legs stand, at worst? Demand: degrees from plumb of the flattest leg; capacity:
    # 90 less the rule set's floor from the horizontal.
    class AngleCheck < Ladder::Check
      ID = "angle"
      LABEL = "Angles"

      private

      def examine
        bridle = lift.bridle
        flattest = bridle.flattest_deg
        floor = rules[:angle_floor_deg_from_horizontal]
        bridle.strand_names.each_with_index do |name, index|
          share = (90 - flattest[index]) / (90 - floor)
          part(
            name: name,
            verdict: Ladder::Verdict.of(share, attention),
            utilisation: share,
            demand: Figure.deg(90 - flattest[index], :up),
            capacity: Figure.deg(90 - floor),
            nominal: Figure.deg(90 - bridle.pose.strands[index].deg_from_horizontal, :up),
            note: nil
          )
        end
        index = flattest.each_index.min_by { |leg| flattest[leg] }
        return stop(
          both("the leg can come level with its point, at worst"),
          subject: subject(bridle, index)
        ) unless flattest[index].positive?

        work(bridle, index, floor)
        advise(bridle, flattest)
        judge(
          Figure.deg(90 - flattest[index], :up),
          Figure.deg(90 - floor),
          attention: attention,
          subject: subject(bridle, index),
          note: both(
            "#{Figure.deg(flattest[index])} horizontal, #{Figure.deg(90 - flattest[index], :up)} plumb, " \
              "at worst"
          )
        )
      end

      def attention
        (90 - rules[:angle_attention_deg_from_horizontal]) / (90 - rules[:angle_floor_deg_from_horizontal])
      end
      def subject(bridle, index)
        return if bridle.strand_names.size == 1

        bridle.names[index] ? "#{bridle.names[index]} leg" : bridle.strand_names[index]
      end

      def work(bridle, index, floor)
        leg = bridle.flattest(index)
        about = bridle.names[index] ? "leg:#{index}" : "upper:#{index - bridle.names.size}"
        run, height = Figure.m(leg.run.abs, :up), Figure.m(leg.height, :down)
        line(
          "d",
          run,
          source: "#{bridle.names[index] ? "#{bridle.names[index]} point" : bridle.strand_names[index]} from #{lift.beam ? 'whe' \
            're it hangs, level' : 'the plumb line'}, worst corner",
          about: about
        )
        line(
          "H",
          height,
          source: "#{lift.beam ? 'its top above its foot' : 'hook above it'}, worst corner",
          about: about
        )
        from_horizontal = line(
          "h",
          Figure.deg(leg.deg_from_horizontal),
          formula: "atan(H / d)",
          from: { H: height, d: run },
          source: "from horizontal",
          about: about
        ) if leg.run.abs > 1e-9
        from_horizontal ||= line("h", Figure.deg(90.0), source: "plumb", about: about)
        line(
          "b",
          Figure.deg(90 - from_horizontal, :up),
          formula: "90 − h",
          from: { h: Figure.deg(from_horizontal) },
          source: "from plumb",
          about: about
        )
        line(
          "LAF",
          Figure.factor(Angle.new(from_horizontal).load_angle_factor, :up),
          formula: "1 / sin(h)",
          from: { h: Figure.deg(from_horizontal) },
          source: "load angle factor",
          about: about
        )
        line("floor", Figure.deg(floor), source: rules.cite(:angle_floor_deg_from_horizontal))
      end

      def advise(bridle, flattest)
        aim = rules[:angle_aim_deg_from_horizontal]
        caution(
          "below_aim",
          "Flatter than the #{aim.round}° from the horizontal that this rule set aims at."
        ) if flattest.min < aim
        thrust(bridle) if flattest.min < rules[:angle_attention_deg_from_horizontal]
        return unless bridle.points.size == 2 && bridle.by_hand?

        low = bridle.pose.margin < rules[:narrow_depth_share] * bridle.points[0].zip(bridle.points[1]).sum { |a, b|
          (a - b)**2
        }**0.5
        return unless low && bridle.pose.legs.any? { |leg|
          leg.deg_from_horizontal > rules[:narrow_deg_from_horizontal]
        }

        caution("narrow", "A narrow bridle over low points: the load is easy to tip.")
      end

      # What flat legs press along the level.
      def thrust(bridle)
        most = bridle.worst.map { |pull| pull.tension * pull.leg.run.abs / pull.leg.length }.max
        caution(
          "thrust",
          both { |system|
            "Legs this flat press up to #{Figure.kg(
              most,
              :up
).shown(system)} along the level into the load: thin walls and " \
              "frames bend, eyebolts suffer."
          }
        )
      end
    end
  end
end
