module DustLadder
  module Cranes
    # Where the load must not go: a sector of slew and a band of radius about the crane's slewing axis.
    class Zone
      # A way is looked at this often, and the zone is taken this much larger on every side, so that nothing is
      # stepped over.
      STEP_M = 0.1

      attr_reader :name, :who

      # slews in degrees, clockwise from the first to the last; radii in m, the greater nil for no end. reach: of
      # what may not enter from its plumb line, m. who: what that is, in words.
      def initialize(name:, slew_from:, slew_to:, radius_from:, radius_to:, reach: 0.0, who: "the load")
        @name = name
        @who = who
        @from = slew_from
        @width = (slew_to - slew_from) % 360
        @width = 360.0 if @width.zero?
        @radii = [ radius_from, radius_to || Float::INFINITY ]
        @reach = reach
      end

      # Is any of the load in it when its plumb line stands here?
      def hold?(radius, slew, spare = 0.0)
        reach = @reach + spare
        return false unless radius >= @radii[0] - reach && radius <= @radii[1] + reach

        side = reach >= radius ? 180.0 : Math.asin(reach / radius) * 180 / Math::PI
        offset = (slew - @from + side) % 360
        offset <= @width + 2 * side + 1e-9 || offset >= 360 - 1e-9
      end

      # The first Path::Place of a way at which the load would be in it: [leg of the way, share of it, Station], or nil.
      def entered(stations)
        stations
          .each_cons(2)
          .with_index do |(from, to), between|
            steps = [ (Path.length(from, to) / STEP_M).ceil, (to.slew - from.slew).abs.ceil, 1 ].max
            (0..steps).each do |step|
              share = step / steps.to_f
              radius, slew = Path.mixed(from.radius, to.radius, share), Path.mixed(from.slew, to.slew, share)
              return between, share, Path.between(from, to, share) if hold?(radius, slew, STEP_M / 2)
            end
          end
        nil
      end

      # The plan's zones: closed to any part of its load, or to the trolley or boom tip alone (handbook, section 15).
      # Raises NotKnown when a figure is missing.
      def self.all(duty)
        return [] if duty.crane.zones.empty?

        tip = duty.crane.family?("tower") ? "the trolley" : "the boom's tip"
        duty.crane.zones.map do |zone|
          load = zone.closed_to == "load"
          new(
            name: zone.name,
            slew_from: zone.slew_from.value,
            slew_to: zone.slew_to.value,
            radius_from: zone.radius_from.not_negative,
            radius_to: zone.radius_to.given? ? zone.radius_to.positive : nil,
            reach: load ? duty.load_reach : 0.0,
            who: load ? "the load" : tip
          )
        end
      end
    end
  end
end
