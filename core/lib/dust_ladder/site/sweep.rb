module DustLadder
  module Site
    # One leg of a way on the site: radius, slew, height of the hook and boom length change evenly together, as of
    # Cranes::Path. Its stations are Path::Stations with their hook above the crane's ground.
    class Sweep
      # A piece of one of the boom's sticks, from one share of it to another, and the most that any of it moves over the
      # whole leg, m: near the foot a boom hardly moves.
      Piece = Struct.new(:stick, :from, :to, :slope)
      CUTS = [ 0.0, 0.15, 0.4, 1.0 ].freeze

      attr_reader :from, :to, :standing

      # boom: a call from a length in m to a Cranes::Boom.
      def initialize(standing, from, to, boom)
        @standing = standing
        @from = from
        @to = to
        @boom = boom
        @booms = {}
        @hooks = {}
      end

      def at(share) = Cranes::Path.between(from, to, share)

      # The hook at a share, [x, y, z].
      def hook(share)
        @hooks[share] ||= at(share).then { |station| standing.place(station.radius, station.slew, station.hook) }
      end

      # Corners of the boom from foot to tip. Raises Cranes::OutOfReach where it does not reach.
      def boom(share)
        @booms[share] ||=
          begin
            station = at(share)
            line = @boom.(station.boom).line(station.radius) or raise Cranes::OutOfReach.new(beyond(station))
            place = standing.along(station.slew)
            line.map { |radius, height| place.(radius, height) }
          end
      end

      def tip(share) = boom(share).last

      # Both ends of a Piece.
      def ends(piece, share)
        a, b = boom(share)[piece.stick, 2]
        [ Space.mixed(a, b, piece.from), Space.mixed(a, b, piece.to) ]
      end

      # Height of the hook on the site at both ends, m.
      def hooks = [ from, to ].map { |station| standing.axis[2] + station.hook }

      # Most that the plumb line, the hook, the boom and the rope move over the whole leg, m: round, out and up each
      # at right angles to the others.
      def plumb_slope = @plumb_slope ||= Math.hypot(turned * [ from.radius, to.radius ].max, to.radius - from.radius)
      def hook_slope = Math.hypot(plumb_slope, to.hook - from.hook)
      def boom_slope = @boom_slope ||= Math.hypot(plumb_slope, tip_rise)

      # The boom in Pieces, from the tip down: what is near is seldom near the foot.
      def pieces
        @pieces ||=
          begin
            lines = [ from, to ].map { |station| @boom.(station.boom).line(station.radius) }
            raise Cranes::OutOfReach.new(beyond(from)) if lines.any?(&:nil?)

            (0...lines[0].size - 1).flat_map do |stick|
              CUTS.each_cons(2).map { |low, high| Piece.new(stick, low, high, piece_slope(lines, stick, low, high)) }
            end.reverse
          end
      end

      def rope_slope = [ boom_slope, hook_slope ].max
      # Radians turned.
      def turned = (to.slew - from.slew).abs * Math::PI / 180

      private

      # Turning moves a place by how far it is from the axis, luffing by how far from the foot.
      def piece_slope(lines, stick, low, high)
        ends =
          lines.flat_map { |line| [ low, high ].map { |share| [ line[0], Space.mixed(*line[stick, 2], share) ] } }
        far = ends.map { |foot, place| Math.hypot(place[0] - foot[0], place[1] - foot[1]) }.max
        reach = [ from, to ].map { |station| @boom.(station.boom).reach }.min
        luffed = Math.hypot(tip_rise, to.radius - from.radius) * far / reach
        Math.hypot(turned * ends.map { |_, place| place[0].abs }.max, luffed)
      end

      # Most that the tip goes up or down, by the slope of a circle about the foot: where it is lowest over the foot.
      def tip_rise = @tip_rise ||= rise

      def rise
        reaches = [ from, to ].map { |station| @boom.(station.boom).reach }
        outs = [ from, to ].map { |station| station.radius - @boom.(station.boom).foot_radius }
        out, reach = outs[1] - outs[0], reaches[1] - reaches[0]
        return 0.0 if out.zero? && reach.zero?

        low = lowest(reaches[0], reach, outs[0], out)
        raise Cranes::OutOfReach.new(beyond(at(low[1]))) unless low[0].positive?

        (outs.map(&:abs).max * out.abs + reaches.max * reach.abs) / Math.sqrt(low[0])
      end

      # The least square of the tip's height over the foot, and where: it changes as a square of the share.
      def lowest(reach, more, out, farther)
        square = ->(share) { (reach + more * share)**2 - (out + farther * share)**2 }
        bend = more**2 - farther**2
        turning = bend.positive? ? (out * farther - reach * more) / bend : 0.0
        [ 0.0, 1.0, turning.clamp(0.0, 1.0) ].map { |share| [ square.(share), share ] }.min_by(&:first)
      end

      def beyond(station) = "a boom of #{Figure.m(station.boom)} does not reach #{Figure.m(station.radius)}"
    end
  end
end
