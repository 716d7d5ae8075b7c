module DustLadder
  module Rigging
    # How flat do the legs stand, at worst? Demand: degrees from plumb of the flattest leg; capacity:
    # 90 less the rule set's floor from the horizontal.
    class AngleCheck < Ladder::Check
      ID = "angle"
      LABEL = "Angles"
      FLIGHT = "rigging"
      OF_SLINGS = true
      IN_HEADLINE = "angle of the %<subject>s"

      # Two cranes hold the load by plumb lines, and turn it.
      def self.applies?(lift) = !lift.tandem?

      private

      # What stands at an angle: a leg, a side of a basket, a sling above a beam. flattest: its Leg at worst; nominal:
      # degrees from the horizontal as planned.
      Strand =
        Struct.new(:name, :subject, :about, :foot, :flattest, :nominal, keyword_init: true) do
          def deg
            flattest.deg_from_horizontal
          end
        end

      def examine
        bridle = lift.bridle
        floor = rules[:angle_floor_deg_from_horizontal]
        strands = straight(bridle) + sides(bridle)
        strands.each { |strand| show(strand, floor) }
        worst = strands.min_by(&:deg)
        unless worst.deg.positive?
          return stop(both("the leg can come level with its point, at worst"), subject: worst.subject)
        end

        work(worst, floor)
        advise(bridle, worst)
        contradictions(bridle)
        judge(
          Figure.deg(90 - worst.deg, :up),
          Figure.deg(90 - floor),
          attention: attention,
          subject: worst.subject,
          note: note(worst, floor)
        )
      end

      # Pushed over the floor by what is open, an angle that is planned on it says so.
      def note(worst, floor)
        over = worst.deg < floor - Ladder::Verdict::SLACK && worst.nominal >= floor - Ladder::Verdict::SLACK
        if over
          return both(
            "#{Figure.deg(worst.nominal)} horizontal as planned, #{Figure.deg(worst.deg)} at worst: under " \
              "the floor"
          )
        end

        both("#{Figure.deg(worst.deg)} horizontal, #{Figure.deg(90 - worst.deg, :up)} plumb, at worst")
      end

      def straight(bridle)
        bridle.strand_names.each_with_index.map do |name, index|
          leg = bridle.names[index]
          subject = leg ? "#{leg} leg" : name
          Strand.new(
            name: name,
            subject: bridle.strand_names.size == 1 ? nil : subject,
            about: leg ? "leg:#{index}" : "upper:#{index - bridle.names.size}",
            foot: leg ? "#{leg} point" : name,
            flattest: bridle.flattest(index),
            nominal: bridle.as_made.strands[index].deg_from_horizontal
          )
        end
      end

      # A basket's sides are legs too, flatter than the line between them.
      def sides(bridle)
        baskets = lift.legs.select(&:basket?).map(&:index)
        baskets.map do |index|
          width = lift.legs[index].basket_width.positive
          name = "#{bridle.names[index]} basket"
          Strand.new(
            name: "#{name}, each side",
            subject: "sides of the #{name}",
            about: "leg:#{index}",
            foot: "where a side of the #{name} leaves the load",
            flattest: bridle.poses.map { |pose| side(pose.legs[index], width) }.min_by(&:deg_from_horizontal),
            nominal: side(bridle.as_made.legs[index], width).deg_from_horizontal
          )
        end
      end

      def side(leg, width) = Leg.new(Math.hypot(leg.run, width / 2), leg.height, Math.hypot(leg.length, width / 2))

      def show(strand, floor)
        share = (90 - strand.deg) / (90 - floor)
        part(
          name: strand.name,
          verdict: Ladder::Verdict.of(share, attention),
          utilisation: share,
          demand: Figure.deg(90 - strand.deg, :up),
          capacity: Figure.deg(90 - floor),
          nominal: Figure.deg(90 - strand.nominal, :up),
          note: nil
        )
      end

      def attention
        (90 - rules[:angle_attention_deg_from_horizontal]) / (90 - rules[:angle_floor_deg_from_horizontal])
      end

      def work(strand, floor)
        leg, about = strand.flattest, strand.about
        run, height = Figure.m(leg.run.abs, :up), Figure.m(leg.height, :down)
        line(
          "d",
          run,
          source: "#{strand.foot} from #{lift.beam ? "where it hangs, level" : "the plumb line"}, worst corner",
          about: about
        )
        line(
          "H",
          height,
          source: "#{lift.beam ? "its top above its foot" : "hook above it"}, worst corner",
          about: about
        )
        from_horizontal =
          line(
            "h",
            Figure.deg(leg.deg_from_horizontal),
            formula: "atan(H / d)",
            from: {
              H: height,
              d: run
            },
            source: "from horizontal",
            about: about
          ) if leg.run.abs > 1e-9
        from_horizontal ||= line("h", Figure.deg(90.0), source: "plumb", about: about)
        line(
          "b",
          Figure.deg(90 - from_horizontal, :up),
          formula: "90 − h",
          from: {
            h: Figure.deg(from_horizontal)
          },
          source: "from plumb",
          about: about
        )
        line(
          "LAF",
          Figure.factor(Angle.new(from_horizontal).load_angle_factor, :up),
          formula: "1 / sin(h)",
          from: {
            h: Figure.deg(from_horizontal)
          },
          source: "load angle factor",
          about: about
        )
        line("floor", Figure.deg(floor), source: rules.cite(:angle_floor_deg_from_horizontal))
      end

      def advise(bridle, worst)
        aim = rules[:angle_aim_deg_from_horizontal]
        if worst.deg < aim
          caution("below_aim", "Flatter than the #{aim.round}° from the horizontal that this rule set aims at.")
        end
        thrust(bridle) if worst.deg < rules[:angle_attention_deg_from_horizontal]
        return unless bridle.points.size == 2 && bridle.by_hand?

        low =
          bridle.as_made.margin <
            rules[:narrow_depth_share] * bridle.points[0].zip(bridle.points[1]).sum { |a, b| (a - b)**2 }**0.5
        unless low && bridle.pose.legs.any? { |leg| leg.deg_from_horizontal > rules[:narrow_deg_from_horizontal] }
          return
        end

        caution("narrow", "A narrow bridle over low points: the load is easy to tip.")
      end

      # An angle that was typed beside what sets the geometry, and is not the one that follows from it.
      def contradictions(bridle)
        return if lift.rigging.by_angles?

        bridle.angle_fields.each_with_index do |field, index|
          next unless field.known?

          found = bridle.as_made.strands[index].deg_from_horizontal
          apart = (field.value - found).abs
          next if apart < APART_DEG

          caution(
            "contradiction",
            "The angle of the #{bridle.names[index]} leg was typed as #{field.typed}; by the geometry it is " \
              "#{Figure.deg(found)} from horizontal, #{Figure.deg(apart, :up)} away: one of them is wrong.",
            about: "leg:#{index}"
          )
        end
      end
      APART_DEG = 1.0

      # What flat legs press along the level.
      def thrust(bridle)
        most = bridle.worst.map { |pull| pull.tension * pull.leg.run.abs / pull.leg.length }.max
        caution(
          "thrust",
          both do |system|
            "Legs this flat press up to #{Figure.kg(most, :up).shown(system)} along the level into the load: " \
              "thin walls and frames bend, eyebolts suffer."
          end
        )
      end
    end
  end
end
