module DustLadder
  module Site
    # How much room load, boom and tail keep to what stands on the site, over all legs of a way (handbook, section 16).
    class Room
      # The load's box below the hook, m. turned: "with_boom", "fixed_bearing", or nil where nobody says, so that it
      # may turn any way. axis: of its length, degrees clockwise from the boom, or from north.
      Box = Struct.new(:length, :width, :height, :below, :turned, :axis, keyword_init: true) do
        # Farthest of any part of it from the plumb line.
        def reach = Math.hypot(length, width) / 2
      end
      # m: the room; name: of the obstacle; leg, share: of the way.
      Near = Struct.new(:m, :name, :leg, :share, keyword_init: true)

      def initialize(sweeps, obstacles)
        @sweeps = sweeps
        @obstacles = obstacles
      end

      # Least level room beside what is as high as the load at that moment; nil where nothing ever is.
      # Only what is less than `under` is looked for.
      def load_sideways(box, under: Float::INFINITY)
        least(under) do |obstacle, sweep, under|
          span = level_with(obstacle, sweep, box) or next
          Least.of(slope(sweep, box), under: under, span: span) do |share, need|
            apart(obstacle, sweep, share, box, need)
          end
        end
      end

      # Least upright room over or under what the load is above or below at that moment, under nothing where it strikes
      # it; nil where the load never is.
      def load_upright(box)
        least do |obstacle, sweep, under|
          tops = sweep.hooks.map { |hook| hook - box.below }
          gaps = [ tops.map { |top| top - box.height - obstacle.top }, tops.map { |top| obstacle.bottom - top } ]
          Least.where(slope(sweep, box), gaps, under: under) { |share, need| apart(obstacle, sweep, share, box, need) }
        end
      end

      # Least room of the boom, half its depth taken off, and of its head, what that measures taken off.
      def boom(half_depth, head = half_depth)
        tip = head > half_depth && least { |obstacle, sweep, under| off_tip(obstacle, sweep, under) }
        [ along_boom(half_depth), tip && Near.new(**tip.to_h, m: tip.m - head) ].select(&:itself).min_by(&:m)
      end

      private def along_boom(half_depth)
        found =
          least do |obstacle, sweep, under|
            Least.over(sweep.pieces, under: under) do |piece, share, need|
              from, to = sweep.ends(piece, share)
              at_least = Plane.from_side(obstacle.middle, from, to) - obstacle.radius
              at_least >= need ? at_least : obstacle.apart(from, to)
            end
          end
        found && Near.new(**found.to_h, m: found.m - half_depth)
      end

      private def off_tip(obstacle, sweep, under)
        Least.of(sweep.boom_slope, under: under) do |share, need|
          tip = sweep.tip(share)
          at_least = Plane.apart_from(obstacle.middle, tip) - obstacle.radius
          at_least >= need ? at_least : obstacle.apart(tip, tip)
        end
      end

      # Room of what swings behind, all round, to what is as high as it. bottom, top: over the crane's ground.
      def tail(standing, radius, bottom, top)
        low, high = [ bottom, top ].map { |height| standing.axis[2] + height }
        @obstacles
          .select { |obstacle| obstacle.bottom <= high && obstacle.top >= low }
          .map do |obstacle|
            Near.new(m: Plane.from_outline(standing.axis.first(2), obstacle.outline) - radius, name: obstacle.name)
          end
          .min_by(&:m)
      end

      private

      # The Near of all obstacles and legs; each is asked only for what is less than the best so far.
      def least(under = Float::INFINITY)
        found, *of =
          @obstacles.product(@sweeps.each_with_index.to_a).reduce(nil) do |best, (obstacle, (sweep, leg))|
            found = yield(obstacle, sweep, best ? best[0].m : under)
            found ? [ found, obstacle.name, leg ] : best
          end
        return unless found

        nearer = found.figure ? found.nearer : found
        Near.new(m: nearer.m, name: of[0], leg: of[1], share: nearer.share)
      end

      # Shares of a leg between which the load is as high as an obstacle; nil where it never is.
      def level_with(obstacle, sweep, box)
        Space.at_height(*sweep.hooks, obstacle.bottom + box.below, obstacle.top + box.below + box.height)
      end

      def slope(sweep, box) = sweep.plumb_slope + (box.turned == "with_boom" ? box.reach * sweep.turned : 0.0)

      # Level distance of load and obstacle at a share; where it is no less than need, at least that.
      def apart(obstacle, sweep, share, box, need)
        station = sweep.at(share)
        middle = sweep.standing.place(station.radius, station.slew).first(2)
        off = Math.hypot(middle[0] - obstacle.middle[0], middle[1] - obstacle.middle[1])
        at_least = off - obstacle.radius - box.reach
        return at_least if at_least >= need

        unless box.turned
          return [ Plane.from_outline(middle, obstacle.outline) - box.reach, 0.0 ].max
        end

        bearing = box.axis + (box.turned == "with_boom" ? sweep.standing.bearing + station.slew : 0.0)
        Plane.apart(Plane.rectangle(middle, box.length, box.width, bearing), obstacle.outline)
      end
    end
  end
end
