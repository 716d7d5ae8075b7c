module DustLadder
  module Rigging
    # One or two legs from one hook: their lengths, how the load hangs on them, and the worst of what the
    # weight range, the CG's box and the legs' length tolerance allow (handbook, section 3.5).
    class Bridle
      # The plan's geometry cannot be built: known, but wrong.
      class Impossible < NotKnown; end

      # What one leg carries in one pose: kg as mass held; the pose's leg; words for the corner.
      Pull = Struct.new(:share, :tension, :leg, :corner)
      AXES = %w[x y z].freeze
      SIGNS = [ -1, 1 ].freeze

      attr_reader :points, :cg
      # May the worst case wait, where it takes long? Then whoever asks for it is told so.
      attr_writer :hasty

      def initialize(document, load, rules)
        @document = document
        @load = load
        @rules = rules
        @set_by = document.dig("rigging", "set_by")
        @hook_height = document.length("the hook height", "rigging", "hook_height")
        @length_fields = load.points.each_index.map { |index|
          document.length("the length of the #{load.points[index].name} leg", "rigging", "legs", index, "length")
        }
      end

      def measure
        @points = @load.points.map(&:at)
        @cg = @load.cg
        upright if @points.size == 2
        pose
        self
      end

      def names = @load.points.map(&:name)
      # Legs, and slings above a beam.
      def strand_names = names
      # Lines between hook and a beam, as of a Rig.
      def lines_above = []
      # Are its shares worked out by hand?
      def by_hand? = true
      # Do all legs hang straight from one hook, so that they may be rated together?
      def one_hook? = true
      def reeved? = false
      def slack_now?(_index) = false

      # From a leg's point towards what it hangs from, in the load's axes, m.
      def direction(pose, index) = pose.tops[index].zip(points[index]).map { |top, point| top - point }
      # What a leg presses into the load along the level, nominally, kg.
      def thrust(index) = nominal[index].then { |pull| pull.tension * pull.leg.run.abs / pull.leg.length }
      # How far apart the outermost of what goes into the hook stand, degrees.
      def hook_spread_deg
        strands = pose.strands.drop(pose.strands.size > points.size ? points.size : 0)
        leans = strands.map { |strand| 90 - strand.deg_from_horizontal }
        strands.size > 2 ? 2 * leans.max : leans.sum
      end

      # Leg lengths, bearing to bearing, m: as typed, or made up to hang level under the hook height.
      def lengths
        @lengths ||= @set_by == "leg_lengths" ? @length_fields.map(&:positive) : level_lengths
      end

      # Legs that may carry nothing: with one or two a slack leg is told by slack?.
      def idle = []

      def pose = @pose ||= hang(rig(lengths), cg)

      # Hook bearing above the load's lowest corner, measured along plumb, m: as it hangs nominally, and the least
      # and the most over all corners.
      def hook_above_base = above_base(pose)
      def hook_range = @hook_range ||= poses.map { |pose| above_base(pose) }.minmax

      # Pulls on each leg in the nominal pose. Raises NotKnown when a leg would hang slack.
      def nominal = @nominal ||= pulls(pose, "nominal")

      # The Pull on each leg at its worst corner.
      def worst = @worst ||= nominal.each_index.map { |index| pulls_of(index).max_by(&:tension) }

      # Every Pull on one leg, nominal first, then corner by corner.
      def pulls_of(index)
        @all ||= [ nominal ] + corners.map { |signs, corner_pose| pulls(corner_pose, signs) }
        @all.map { |pull| pull[index] }
      end

      # Every pose at a corner of the CG's box and of the legs' tolerance: [[signs, Pose], ...].
      def corners
        @corners ||= begin
          widths = @load.cg_half_width
          slack = @rules[:leg_length_tolerance]
          boxes = SIGNS.product(SIGNS, SIGNS).map { |box|
            [ box, [ 0, 1, 2 ].map { |axis|
              cg[axis] + box[axis] * widths[axis]
            } ]
          }
          (@points.size == 2 ? SIGNS.product(SIGNS) : [ [ 0 ] ]).flat_map do |ends|
            rig = rig(lengths.zip(ends).map { |length, sign| length * (1 + sign * slack) })
            boxes.map { |box, shifted| [ [ box, ends ], hang(rig, shifted) ] }
          end
        end
      end

      def poses = @poses ||= [ pose ] + corners.map(&:last)
      def slack? = !poses.all?(&:between?)
      # The pose that hangs furthest off level.
      def steepest = poses.min_by { |pose| pose.up[2] }
      # Least depth of the CG below the points. Off to the side the load rolls until the CG hangs deeper, so the
      # least lies straight under the points' line, which need not be a corner of the box.
      def least_margin = [ poses.map(&:margin).min, least_depth_straight_under ].min

      # The flattest that each leg stands in any corner, degrees from the horizontal.
      def flattest_deg = @flattest_deg ||= pose.strands.each_index.map { |index| flattest(index).deg_from_horizontal }

      # The pose leg that stands flattest, of one strand's over all corners.
      def flattest(index) = poses.map { |pose| pose.strands[index] }.min_by { |leg| leg.height / leg.length }

      # A corner in words: where in its box the CG lies and which legs are long or short.
      def self.words(corner, names)
        return corner if corner.is_a?(String)

        box, ends = corner
        cg = AXES.each_with_index.map { |axis, index| "#{box[index].positive? ? '+' : '−'}#{axis}" }.join(" ")
        legs = ends.zip(names).filter_map { |sign, name|
          "#{name.start_with?('upper') ? name : "#{name} leg"} #{sign.positive? ? 'long' : 'short'}" unless sign.zero?
        }
        [ "CG at #{cg} of its box", *legs ].join(", ")
      end

      private

      def above_base(pose)
        length, width = (@sizes ||= @load.size)
        hook, up = pose.hook, pose.up
        lowest = [ 0.0, length * up[0] ].min + [ 0.0, width * up[1] ].min
        hook[0] * up[0] + hook[1] * up[1] + hook[2] * up[2] - lowest
      end

      # From the points' line down to the top of the CG's box, square to the line, at the end of the box where
      # the line is lower.
      def least_depth_straight_under
        widths = @load.cg_half_width
        top = cg[2] + widths[2]
        a, b = points.first, points.last
        run = [ b[0] - a[0], b[1] - a[1] ]
        spread = Math.hypot(*run)
        return a[2] - top if spread < 1e-9

        along = ((cg[0] - a[0]) * run[0] + (cg[1] - a[1]) * run[1]) / spread
        reach = (run[0].abs * widths[0] + run[1].abs * widths[1]) / spread
        rise = (b[2] - a[2]) / spread
        lowest = [ a[2] + rise * (along - reach), a[2] + rise * (along + reach) ].min
        (lowest - top) / Math.sqrt(1 + rise * rise)
      end

      def rig(lengths) = possibly { Statics::PlaneHang.rig(points, lengths) }
      def hang(rig, cg) = possibly { rig.pose(cg) }

      def possibly
        yield
      rescue NotKnown => error
        raise Impossible.new(
          error.what,
          pointer: @set_by == "leg_lengths" ? @length_fields[0].pointer : @hook_height.pointer
        )
      end

      def upright
        a, b = points
        return if Math.hypot(b[0] - a[0], b[1] - a[1]) > 1e-6

        raise Impossible.new("the points stand over one another: two legs need a spread", pointer: "/load/points/1/x")
      end

      # Level legs: the hook over the points' line, plumb above the CG along it.
      def level_lengths
        height = @hook_height.value
        over = @points.map { |point| height - point[2] }
        raise Impossible.new(
          "the hook is not above the points",
          pointer: @hook_height.pointer
        ) unless over.all?(&:positive?)
        return over if @points.size == 1

        a, b = @points
        run = [ b[0] - a[0], b[1] - a[1] ]
        spread = Math.hypot(*run)
        along = ((cg[0] - a[0]) * run[0] + (cg[1] - a[1]) * run[1]) / spread
        [ Math.hypot(along, over[0]), Math.hypot(spread - along, over[1]) ]
      end

      def pull(share, leg, corner)
        Pull.new(share, Statics::Level.leg_tension(share, leg.length, leg.height), leg, corner)
      end

      def pulls(pose, corner)
        weight = @load.planned_kg
        one, other = pose.legs
        return [ pull(weight, one, corner) ] unless other

        shares = Statics::Level.two_point_shares(weight, one.run, other.run, one.height, other.height)
        raise NotKnown, "a leg may hang slack: see Level" if shares.min < -1e-9 * weight

        [ pull(shares[0], one, corner), pull(shares[1], other, corner) ]
      end
    end
  end
end
