module DustLadder
  module Tailing
    # One of the two cranes: where it stands, what it may lift there, and what hangs in its hook beside its share.
    class Side
      # radius: with what the boom's bending adds, m; slew: from its front, degrees clockwise, nil where it does not
      # matter; row: of the chart, m, and capacity, kg, nil where the chart allows nothing.
      Reading = Struct.new(:radius, :slew, :row, :capacity)

      attr_reader :rigging, :boom

      # chart: a Cranes::Chart. boom: m. rigging: kg beside the share, up to what the chart counts. stands: [x, y] of
      # its axis in plan, m, with the bearing of its front, degrees, or nil where its chart is the same all round; or
      # nil of a crane that goes with the load at one radius. growth: from a radius to what bending adds, m.
      def initialize(chart:, boom:, rigging:, stands: nil, front: nil, radius: nil, growth: ->(_) { 0.0 })
        raise ArgumentError, "a crane stands somewhere, or goes along at one radius" if stands.nil? == radius.nil?

        @chart = chart
        @boom = boom
        @rigging = rigging
        @stands = stands
        @front = front
        @radius = radius
        @growth = growth
      end

      # With its hook at this place in plan.
      def at(hook)
        east, north = hook[0] - (@stands || hook)[0], hook[1] - (@stands || hook)[1]
        bare = @radius || Math.hypot(east, north)
        radius = bare + @growth.call(bare)
        slew = @front && @stands && (Math.atan2(east, north) * 180 / Math::PI - @front) % 360
        kg, sector = @chart.capacity(radius, @boom, slew)
        Reading.new(radius, slew, sector&.table&.row(radius, @boom), kg)
      end
    end
  end
end
