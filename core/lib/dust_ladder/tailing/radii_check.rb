module DustLadder
  module Tailing
    # Does every radius of both hooks lie in the rows of its chart, at an angle that its boom can stand at, and may the
    # crane follow its hook as planned? (handbook, section 6.2)
    class RadiiCheck < TwoCranesCheck
      ID = "radii"
      LABEL = "Radii"

      private

      def examine
        tandem.does
        fault, of = lift.duties.filter_map { |duty| one(duty)&.then { |found| [ found, duty.who ] } }.first
        return stop(fault, subject: of) if fault

        answer("holds", note: both { |system| lift.duties.map { |duty| said(duty, system) }.join("; ") })
      end

      # What stops it, a Sentence, or nil.
      def one(duty)
        fault = moves(duty)
        moments = turn.sweep.moments(duty.crane.side)
        near, far = range(duty)
        lines(duty, near, far)
        boom(duty, near, far)
        off = moments.find(&:off_chart?)
        fault ||= off && both { |system|
          "#{duty.who}: nothing at #{m(off.radius, :up).shown(system)}, #{at(off.tilt_deg)}"
        }
        part(name: duty.who, verdict: fault ? "stop" : "holds", note: fault || both { |system| said(duty, system) })
        fault
      end

      def range(duty)
        found = turn.sweep.moments(duty.crane.side).map(&:radius)
        found.any? ? found.minmax : raise(NotKnown.new("what either line carries: see Turn"))
      end

      def said(duty, system)
        near, far = range(duty)
        "#{duty.who} #{m(near, :down).bare(system)} to #{m(far, :up).shown(system)}"
      end

      def lines(duty, near, far)
        line("#{duty.who[0]}1", m(near, :down), source: "#{duty.who} radius, least, loaded", about: "hook")
        line("#{duty.who[0]}2", m(far, :up), source: "#{duty.who} radius, most, loaded", about: "hook")
      end

      # Angle of the boom at either end. Raises Cranes::OutOfReach.
      def boom(duty, near, far)
        family, length = duty.crane.family, turn.lift.duties[duty.crane.index].side.boom
        return unless family.name == "mobile"

        angles = [ near, far ].map { |radius|
          family.tip_height(radius, length) && family.boom(length).angle_at(radius)
        }
        line("#{duty.who[0]}a", deg(angles.min, :down), source: "#{duty.who} boom from the horizontal, farthest out")
        line("#{duty.who[0]}b", deg(angles.max, :up), source: "the same, nearest")
      end

      # A crane that stays has its hook where it was; one that walks with load wants a chart that is for that.
      def moves(duty)
        how, moved = duty.planned.moves, moved(duty)
        name = duty.who
        if how == "stays" && moved > STAYS_M
          return both { |system| "the #{name} crane stays, and its hook goes #{m(moved, :up).shown(system)}" }
        end
        return unless how == "walks"

        caution("walks", "Travel with a load: level firm ground, the load over the end, as slow as the chart says.")
        return if duty.crane.chart_data["travels"]

        both("the #{name} crane walks with the load, and its chart is not for that")
      end
      STAYS_M = 0.05

      def moved(duty)
        places = turn.steps.map { |step| turn.place(duty.crane.side, step) }
        places.map { |place| Math.hypot(place[0] - places[0][0], place[1] - places[0][1]) }.max
      end
    end
  end
end
