module DustLadder
  module Site
    # Does what swings behind the crane keep room enough, all round, that nobody is crushed? (handbook, section 8)
    class TailSwingCheck < SiteCheck
      ID = "tail_swing"
      LABEL = "Tail swing"
      IN_HEADLINE = "tail swing, %<subject>s,"

      private

      def examine
        tail, needed = setup.machine.tail, rules[:tail_room_m]
        far = tail.radius + needed
        caution("barricade", "Fence off what the tail sweeps, all round, before the crane slews.")
        near = Room.new([], survey.obstacles).tail(setup.standing, tail.radius, tail.bottom, tail.top)
        line("t", Figure.m(tail.radius, :up), source: "#{duty.crane.chart_title}: how far the tail swings")
        return judge_rooms([ [ near.name, needed, near.m ] ]) { looked!("obstacles", far) } if near

        looked!("obstacles", far)
        answer("holds", note: both("nothing as high as the tail"))
      end
    end
  end
end
