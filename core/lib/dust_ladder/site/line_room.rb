module DustLadder
  module Site
    # What room one power line has along the way of a crane: sway of what hangs, half the boom's thickness and what the
    # wind blows the wire out come off it (handbook, section 8).
    class LineRoom
      # part: of the crane; m: what is left.
      Near = Struct.new(:part, :m, :station, keyword_init: true)
      # By name, as what Approach looks for each. All that hangs goes as rigging: the ball of the load is its lower end.
      PARTS = { "rigging" => "rigging", "rope" => "rope", "boom head" => "head", "boom" => "boom" }.freeze
      HANGING = %w[rigging rope].freeze

      attr_reader :name

      # feature: a line of the site. rules: a RuleSet.
      def initialize(setup, feature, rules)
        @setup = setup
        @feature = feature
        @rules = rules
        @name = feature["name"]
      end

      def kilovolts = @feature["kilovolts"]
      # Who proved it dead, and when; nil where nobody did before the lift: it is live then.
      def dead
        by, on = %w[dead_by dead_on].map { |key| @feature[key].to_s }
        day = DustLadder.known { @setup.duty.lift.day }
        "#{by}, #{on}" if named?(by) && !on.empty? && day && Date.iso8601(on) <= day
      end

      # Does anybody stand for what is said of it?
      def vouched? = named?(@feature["by"].to_s)

      def agreed = @feature["agreed_by"].to_s.then { |by| by if named?(by) }
      def blown = @feature["blow_out_m"]

      # The Near of all parts, what comes off taken off; never below nothing. Of a line that is out of all that the
      # crane reaches by more than any zone, no more than that.
      def nearest = @nearest ||= out_of_reach || looked_for(PARTS)

      # The same as far as it can be told: where nobody knows how thick the boom is, of what hangs.
      def nearest_known = DustLadder.known { nearest } || looked_for(PARTS.slice(*HANGING))

      private def looked_for(parts)
        approach = Approach.new(@setup.sweeps, @setup.ball, @feature["wire_m"])
        found =
          parts.reduce(nil) do |best, (part, looked)|
            taken = off(part) + blown.to_f
            near = approach.near(looked, best ? best.m + taken : Float::INFINITY)
            next best unless near

            Near.new(part: named(part, approach, near), m: near.m - taken, station: near.station)
          end
        found.tap { |near| near.m = [ near.m, 0.0 ].max }
      end

      private def named(part, approach, near)
        part == "rigging" && approach.load?(near) ? "load" : part
      end

      private def out_of_reach
        left = level_m - @setup.reach - most_off - blown.to_f
        Near.new(part: "all of it", m: left) if left > @rules[:power_lines]["zone_m"]["above"]
      end

      # Level distance from the slewing axis, m.
      def level_m = @level_m ||= Plane.sides(wire, closed: false).map { |from, to| Plane.from_side(axis, from, to) }.min

      # What comes off for a part: half the boom's depth, what its head measures, or the sway of what hangs.
      def off(part)
        return sway unless PARTS.key?(part) && !HANGING.include?(part)

        part == "boom" ? @setup.half_boom : @setup.head
      end

      # Most that comes off for any part.
      def most_off = [ sway, @setup.head ].max

      def sway = @setup.most_hanging * Math.tan(@rules[:line_sway_deg] * Math::PI / 180)

      # Seen from above, [east, north] each.
      def wire = @feature["wire_m"].map { |place| place.first(2) }

      # Least clearance by voltage, m; nil where nobody knows it, or where it is for an engineer to say.
      def clearance
        return @rules[:obstacle_clearance_m] if dead

        kilovolts &&
          @rules[:power_lines]["clearance_m"].find { |upto, _| kilovolts <= upto + Ladder::Verdict::SLACK }&.last
      end

      # The zone within which a line wants precautions.
      def zone = @rules[:power_lines]["zone_m"][kilovolts && kilovolts <= 350 ? "below" : "above"]

      # Level distance from the slewing axis to the wire, and what the other school wants of it; nil where it does not
      # count, or the line's operator agreed.
      def standoff
        return if dead || agreed || @rules[:line_school] == "clearance"

        wanted = @rules[:line_standoff_m][@feature["on_towers"] == false ? "poles" : "towers"]
        [ wanted + @setup.crane.booms.max, Plane.sides(wire, closed: false).map { |a, b|
          Plane.from_side(axis, a, b)
        }.min ]
      end

      private

      def named?(text) = text.match?(/[[:alpha:]]/)
      def axis = @setup.standing.axis.first(2)
    end
  end
end
