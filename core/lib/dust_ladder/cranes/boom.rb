module DustLadder
  module Cranes
    # A boom, with or without a jib at its tip, as two straight sticks turning about the foot pin. Metres, degrees from
    # horizontal; radius from the slewing axis, heights above the crane's ground (handbook, section 6, radius honestly).
    class Boom
      # Degrees of boom angle that are looked at on either side for what one degree is worth.
      DEGREE = Math::PI / 180

      # reach: from the foot pin to the tip that the hook hangs from, m.
      attr_reader :length, :reach

      # A chart's boom at a length, m; nil where the chart does not say where its foot is.
      def self.of(data, length)
        foot, jib = data["boom_foot"], data["jib"] || {}
        foot &&
          new(
            length: length,
            foot_radius: foot["radius_m"],
            foot_height: foot["height_m"],
            jib: jib["length_m"] || 0.0,
            offset: jib["offset_deg"] || 0.0,
            depth: data["boom_depth_m"]
          )
      end

      # foot_radius: of the pin from the slewing axis, negative behind it; jib, offset: of a jib at the tip, offset
      # below the boom's line; depth: of the boom at its thickest, or nil.
      def initialize(length:, foot_radius:, foot_height:, jib: 0.0, offset: 0.0, depth: nil)
        @length = length.to_f
        @foot = [ foot_radius.to_f, foot_height.to_f ]
        @jib = jib.to_f
        @offset = offset.to_f * DEGREE
        @depth = depth
        along, below = @length + @jib * Math.cos(@offset), @jib * Math.sin(@offset)
        @reach = Math.hypot(along, below)
        @lag = Math.atan2(below, along)
      end

      # At and below this boom angle the line from foot to jib tip lies flat or points down: a radius no longer tells
      # the angle, and nothing here is worked out for it. Degrees; 0 without a jib.
      def flattest = @lag / DEGREE

      def foot_radius = @foot[0]

      # Boom angle in degrees for a radius of the hook line; nil where the boom does not reach.
      def angle_at(radius)
        level = radius - @foot[0]
        return if level.abs > @reach

        (Math.acos(level / @reach) + @lag) / DEGREE
      end

      def radius_at(angle) = @foot[0] + @reach * Math.cos(angle * DEGREE - @lag)

      # Height of the tip that the hook hangs from; nil where the boom does not reach.
      def tip_height(radius)
        level = radius - @foot[0]
        level.abs > @reach ? nil : @foot[1] + Math.sqrt(@reach**2 - level**2)
      end

      # What one degree of boom angle changes of the radius, m: the sine of its slope times its reach.
      def radius_per_degree(radius)
        level = radius - @foot[0]
        level.abs > @reach ? nil : Math.sqrt(@reach**2 - level**2) * DEGREE
      end

      # Corners of the boom's line from foot to tip, [[radius, height], ...]; nil where it does not reach.
      def line(radius)
        angle = angle_at(radius) or return
        top = [ @foot[0] + @length * Math.cos(angle * DEGREE), @foot[1] + @length * Math.sin(angle * DEGREE) ]
        return @foot, top if @jib.zero?

        turned = angle * DEGREE - @offset
        [ @foot, top, [ top[0] + @jib * Math.cos(turned), top[1] + @jib * Math.sin(turned) ] ]
      end

      # Least distance from the boom's underside to a place [radius, height] that should stay outside of it, m; below
      # zero when it is inside or on the far side. nil where the boom does not reach.
      def clearance(radius, place)
        line = line(radius) or return
        line.each_cons(2).map { |from, to| apart(from, to, place) }.min - @depth.to_f / 2
      end

      private

      def apart(from, to, place)
        along = [ to[0] - from[0], to[1] - from[1] ]
        off = [ place[0] - from[0], place[1] - from[1] ]
        length = Math.hypot(*along)
        share = (along[0] * off[0] + along[1] * off[1]) / length**2
        side = (off[0] * along[1] - off[1] * along[0]) / length
        return side if share.between?(0.0, 1.0)

        near = share.negative? ? off : [ place[0] - to[0], place[1] - to[1] ]
        distance = Math.hypot(*near)
        share.negative? && side.negative? ? -distance : distance
      end
    end
  end
end
