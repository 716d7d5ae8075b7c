module DustLadder
  module Trial
    # How one try stands by the rules: over plan, slack, leg by leg, tilt, brake and swing, each with its verdict;
    # outside of what the plan allows it goes down, is rigged anew and tried again (handbook, sections 10 and 15).
    # What nobody looked at is not known, never a pass.
    class Judged
      include Ladder::Sentences

      # id: of what was asked; leg: its index; words: a Sentence; share: of its limit, or nil.
      Finding =
        Struct.new(:id, :leg, :verdict, :words, :share, keyword_init: true) do
          def as_json(*)
            { "id" => id, "leg" => leg, "verdict" => verdict, "words" => words.as_json, "share" => share }
          end
        end

      # lift: the Lift as it was issued. try: a Try of it without faults. otherwise: where it was rigged otherwise than
      # planned, a callable that gives the Ladder of the plan as it was rigged, with what was learnt; or nil, or raises
      # NotKnown.
      def initialize(lift, try, otherwise: -> { })
        @lift = lift
        @try = try
        @otherwise = otherwise
      end

      def findings = @findings ||= [ weight, *legs, tilt, brakes, swing, *rigged ]
      def verdict = Ladder::Verdict.weakest(findings.map(&:verdict))
      # The worst of them, in the order in which they are asked.
      def worst = findings.find { |one| one.verdict == verdict }

      # kg that the indicator was to show, with the load at the high end of its range.
      def planned_gross = @lift.load.planned_kg + @try.beside.sum(&:kg)
      # The pull that the plan counts with at worst, by leg, kg.
      def worst_pull(leg) = @lift.bridle.worst[leg].tension

      private

      # Legs whose lengths are not the plan's are judged as they are: a stop where a rung stops, never better than
      # tight.
      def rigged
        legs = @try.names.each_index.select { |leg| otherwise?(leg) }
        return [] if legs.empty?

        names = legs.map { |leg| @try.names[leg] }.join(", ")
        [ asked("rigged") { as_rigged(names, @otherwise.call) } ]
      end

      def otherwise?(leg)
        told, planned = @try.lengths[leg], @lift.bridle.lengths[leg]
        told && (told - planned).abs > @lift.rules[:leg_length_tolerance] * planned + Ladder::Verdict::SLACK
      end

      def as_rigged(names, ladder)
        raise NotKnown, "#{names} is not as long as planned, and nothing tells how that stands" if ladder.nil?

        verdict = ladder.verdict == "holds" ? "tight" : ladder.verdict
        words =
          both do |system|
            "#{names} not as long as planned. So rigged, with what was learnt: #{ladder.headline(system.to_sym)}"
          end
        finding("rigged", verdict, words)
      end

      def over = 1 + @lift.rules[:indicated_over_planned]
      def finding(id, verdict, words, **rest) = Finding.new(id: id, verdict: verdict, words: words, **rest)

      # What cannot be told is not known, in words.
      def asked(id, leg: nil)
        yield
      rescue NotKnown => error
        finding(id, "not_known", both(error.what), leg: leg)
      end

      def weight
        asked("weight") do
          read = @try.indicated or next finding("weight", "not_known", both("The indicator was not read."))
          planned = planned_gross
          share = read / planned
          verdict = Ladder::Verdict.of(share / over, 1 / over)
          finding("weight", verdict, over_words(read, planned, share), share: share / over)
        end
      end

      def over_words(read, planned, share)
        side = share > 1 ? "over" : "under"
        per = Figure.percent((share - 1).abs, share > 1 ? :up : :down, digits: 1)
        both do |system|
          "#{Figure.kg(read, :up).shown(system)} on the indicator, #{per.shown(system)} #{side} the planned gross of " \
            "#{Figure.kg(planned, :down).shown(system)}."
        end
      end

      def legs = @try.names.each_index.map { |leg| asked("leg", leg: leg) { leg(leg) } }

      def leg(leg)
        name = @try.names[leg]
        slack = @try.slack(leg)
        return of_leg(leg, "stop", "#{name} is slack.", share: 0.0) if slack

        kg = @try.cells[leg]
        if kg.nil?
          return of_leg(leg, "not_known", "The #{name} cell is dead.") if @try.dead.include?(leg)
          return of_leg(leg, "holds", "#{name} is tight, by eye.") if slack == false

          return of_leg(leg, "not_known", "Whether #{name} is tight was not looked at.")
        end

        against_plan(leg, name, kg)
      end

      def of_leg(leg, verdict, text = nil, share: nil, &write)
        finding("leg", verdict, both(text, &write), leg: leg, share: share)
      end

      # Over what the plan counts with by more than the rule allows, or over what its sling carries: stop.
      def against_plan(leg, name, kg)
        most = worst_pull(leg)
        sling = Slings::Leg.of(@lift, leg).outcome
        return of_leg(leg, "stop", "The #{name} leg is a stop in the plan itself.") if sling.stop

        share = sling.share * kg / most
        allowed = kg / (most * over)
        verdict =
          Ladder::Verdict.weakest(
            [ Ladder::Verdict.of(share, @lift.rules[:attention, :slings]), Ladder::Verdict.of(allowed, 1 / over) ]
          )
        nearly = kg < Instruments::NEARLY_SLACK * @lift.bridle.nominal[leg].tension
        return nearly_slack(leg, name, kg) if nearly && verdict == "holds"

        of_leg(leg, verdict, share: [ share, allowed ].max) do |system|
          "#{name} at #{said(share, allowed, most, system)}"
        end
      end

      def nearly_slack(leg, name, kg)
        of_leg(leg, "tight", share: 0.0) do |system|
          "#{name} is nearly slack: #{Figure.kg(kg, :up).shown(system)}."
        end
      end

      def said(share, allowed, most, system)
        plan = "plan up to #{Figure.kg(most, :down).shown(system)}"
        return "more than its sling may carry, #{plan}." if share > 1 + Ladder::Verdict::SLACK

        more = allowed > 1 + Ladder::Verdict::SLACK ? ": far over what the plan counts with" : ""
        "#{Figure.percent(share).shown(system)} of its sling, #{plan}#{more}."
      end

      def tilt
        asked("tilt") do
          deg = @try.tilt or next finding("tilt", "not_known", both("The tilt was not read both ways."))
          limit = @lift.rules[:tilt_limit_deg]
          verdict = Ladder::Verdict.of(deg / limit, @lift.rules[:attention, :level])
          words = both("#{Figure.deg(deg, :up)} off level, of #{Figure.deg(limit)} at most.")
          finding("tilt", verdict, words, share: deg / limit)
        end
      end

      BRAKES = { "held" => [ "holds", "The brake held." ], "slipped" => [ "stop", "The brake did not hold." ] }.freeze
      SWING = {
        "none" => [ "holds", "It hung still." ],
        "some" => [ "tight", "It swung a little as it came free." ],
        "much" => [ "stop", "It swung as it came free: the hook was not over it." ]
      }.freeze

      def brakes = told("brakes", BRAKES, "Whether the brake holds was not tried.")
      def swing = told("swing", SWING, "Whether it swung was not looked at.")

      def told(id, answers, unknown)
        verdict, words = answers.fetch(@try.data[id], [ "not_known", unknown ])
        finding(id, verdict, both(words))
      end
    end
  end
end
