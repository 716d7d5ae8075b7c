module DustLadder
  module Site
    # Do load and boom keep their room to everything that stands on the site, along the whole way, and out of what is
    # closed to them? (handbook, sections 8 and 16)
    class ClearanceCheck < SiteCheck
      ID = "clearance"
      LABEL = "Obstacles"
      IN_HEADLINE = "%<subject>s"

      private

      def examine
        setup.standing
        inside = Room.new(setup.level_sweeps, survey.exclusions).load_sideways(setup.box, under: wanted)
        return stop(both("the load goes over #{inside.name}, which is closed"), subject: inside.name) if closed?(inside)

        caution("tag_lines", "However it may turn: say how the load is held, with tag lines.") unless setup.box.turned
        rooms = rooms(survey.obstacles)
        far = setup.reach + wanted
        return none(far) if rooms.empty?

        judge_rooms(rooms) { looked!("obstacles", far) }
      end

      def closed?(near) = near && near.m < wanted - Ladder::Verdict::SLACK
      def wanted = rules[:obstacle_clearance_m]

      def rooms(obstacles)
        return [] if obstacles.empty?

        rooms = load_rooms(obstacles)
        # What the load strikes stops the lift, though nobody knows how thick the boom is.
        strikes = rooms.any? { |_, wanted, metres| metres < wanted - Ladder::Verdict::SLACK }
        strikes && DustLadder.known { setup.half_boom }.nil? ? rooms : [ *rooms, boom_room(obstacles) ]
      end

      # How high the load is carried does not matter where it passes everything beside.
      def load_rooms(obstacles)
        beside = Room.new(setup.level_sweeps, obstacles.map(&:endless)).load_sideways(setup.box)
        return [ [ "load to #{beside.name}", wanted, beside.m ] ] if beside && beside.m >= wanted

        room = Room.new(setup.sweeps, obstacles)
        [ [ "load beside", room.load_sideways(setup.box) ], [ "load over", room.load_upright(setup.box) ] ]
          .filter_map { |words, near| near && [ "#{words} #{near.name}", wanted, near.m ] }
      end

      def boom_room(obstacles)
        head_caution
        near = Room.new(setup.level_sweeps, obstacles).boom(setup.half_boom, setup.head)
        [ "boom to #{near.name}", rules[:boom_clearance_m], near.m ]
      end

      def none(far)
        looked!("obstacles", far)
        answer("holds", note: both("nothing stands in the way"))
      end
    end
  end
end
