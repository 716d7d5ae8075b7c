module DustLadder
  module Rigging
    # One to four legs from one hook: their lengths, how the load hangs on them, and the worst of what the weight's
    # range, the CG's box and the legs' length tolerance allow, corner by corner (handbook, section 3.5). Every corner
    # is looked at as the legs were made and as they stretch: stretch never helps (section 15).
    class Bridle
      # The plan's geometry cannot be built: known, but wrong.
      class Impossible < NotKnown
      end

      # The worst case was not asked for yet: only how it hangs nominally.
      class Pending < NotKnown
      end

      SIGNS = [ -1, 1 ].freeze
      BOXES = SIGNS.product(SIGNS, SIGNS).freeze
      # How many worst cases are kept; each counts as one.
      KEPT = 8
      # How often the lengths are taken back to what was made, and how near is near enough, as a share of the weight.
      MOST_TAKEN_BACK = 60
      NEAR_MADE = 1e-9
      @worked = Snapshots::Store.new(bytes: KEPT)

      attr_reader :points, :cg
      # May the worst case wait, where it takes long? Then whoever asks for it is told so.
      attr_writer :hasty

      # What was worked out before, by all that it depends on: most changes of a plan leave the bridle as it is.
      def self.worked(key)
        @worked[key] || @worked.keep(key, yield, bytes: 1)
      end

      # sling_of: from a leg's index to its sling's data, or nil.
      def initialize(document, load, rules, sling_of)
        @document = document
        @load = load
        @rules = rules
        @sling_of = sling_of
        @reeved = document.dig("rigging", "reeved", "pairs") || []
        @set_by = document.dig("rigging", "set_by")
        @hook_height = document.size("the hook height", "rigging", "hook_height")
        @length_fields =
          load.points.each_index.map do |index|
            document.size("the length of the #{load.points[index].name} leg", "rigging", "legs", index, "length")
          end
      end

      # Angles of legs as typed, as Fields, degrees from the horizontal.
      def angle_fields
        @angle_fields ||=
          begin
            share = DustLadder.known { @load.planned_kg / @load.points.size }
            @load.points.each_index.map do |index|
              @document.field(
                :leg_angle,
                "the angle of the #{@load.points[index].name} leg",
                "rigging",
                "legs",
                index,
                "angle",
                share: share
              )
            end
          end
      end

      def measure
        angle_fields
        @points = @load.points.map(&:at)
        @cg = @load.cg
        upright if @points.size == 2
        reeved_soundly
        plane? ? as_made : pose
        self
      end

      def names = @load.points.map(&:name)
      # Legs, and slings above a beam.
      def strand_names = names
      # Lines between hook and a beam, as of a Rig.
      def lines_above = []
      # Are its shares worked out by hand?
      def by_hand? = plane?
      # Do all legs hang straight from one hook, so that they may be rated together?
      def one_hook? = !reeved?
      def reeved? = @reeved.any?
      # Is every pose known?
      def worked? = true

      # From a leg's point towards what it hangs from, in the load's axes, m.
      def direction(pose, index) = pose.tops[index].zip(points[index]).map { |top, point| top - point }
      # What a leg presses into the load along the level, nominally and at most, kg.
      def thrust(index) = nominal[index].then { |pull| pull.tension * pull.leg.run.abs / pull.leg.length }
      def worst_thrust(index)
        all.map { |hung| hung.pull(index).then { |pull| pull.tension * pull.leg.run.abs / pull.leg.length } }.max
      end

      # How far apart the outermost of what goes into the hook stand at worst, degrees.
      def hook_spread_deg
        all
          .map do |hung|
            strands = hung.uppers.any? ? hung.uppers : hung.legs
            leans = strands.map { |strand| 90 - strand.deg_from_horizontal }
            leans.size == 2 ? leans.sum : leans.size > 2 ? 2 * leans.max : 0.0
          end
          .max
      end

      # Leg lengths, bearing to bearing, m: as typed, or made up to hang level under the hook height.
      def lengths
        @lengths ||=
          case @set_by
          when "leg_lengths"
            typed_lengths
          when "leg_angles"
            level_lengths(height_by_angles)
          else
            level_lengths(@hook_height.value)
          end
      end

      # How it hangs nominally: as it stretches, or as made where that is not known. Raises Impossible.
      def pose = @pose ||= stretch_known? ? stretched(nominal_corner(false), @load.planned_kg, cg, rests) : as_made
      # How it would hang on legs that do not stretch.
      def as_made = @as_made ||= made(nominal_corner(true), cg, rests)

      # Raises NotKnown where it is not known how far the legs stretch, and with it how level and how high the load
      # hangs.
      def stretch_known!
        raise @stretch_fault unless stretch_known?
      end

      # Hook bearing above the load's lowest corner, measured along plumb, m: as it hangs nominally, and the least
      # and the most over all corners.
      def hook_above_base = pose.above_base(@load.size)

      # The hook's height as it is set, before anything stretches, m; nil when it is not by the hook's height.
      def hook_set = @set_by == "hook_height" ? @hook_height.value : nil

      def hook_range
        stretch_known!
        @hook_range ||= all.map { |hung| hung.above_base(@load.size) }.minmax
      end

      # Pulls on each leg in the nominal pose, as made. Raises NotKnown when a leg would hang slack.
      def nominal = @nominal ||= pulls(as_made)

      # The Pull on each leg at its worst corner.
      def worst
        @worst ||=
          begin
            nominal
            raise NotKnown, "a leg may hang slack: see Level" if plane? && !all.all?(&:between?)

            points.each_index.map { |index| all.max_by { |hung| hung.tension(index) }.pull(index) }
          end
      end

      # Every Pull on one leg, nominal first, then corner by corner.
      def pulls_of(index) = [ nominal[index], *all.map { |hung| hung.pull(index) } ]

      # Every pose: nominal, and at each corner of the weight's range, the CG's box and the legs' tolerance.
      def poses = all
      def slack? = plane? ? !all.all?(&:between?) : idle.any? && points.size < 4
      # Legs that may carry nothing somewhere in the corners, by index; with one or two a slack leg is told by slack?.
      def idle
        @idle ||= plane? ? [] : points.each_index.select { |index| all.any? { |hung| hung.tension(index) <= 0.0 } }
      end
      # Does a leg hang slack, nominally?
      def slack_now?(index) = !plane? && pose.tension(index) <= 0.0
      # The pose that hangs furthest off level.
      def steepest = all.min_by { |hung| hung.up[2] }

      # Least depth of the CG below the points, m; with three and four legs the height of the pendulum that holds as
      # firmly. Off to the side a load on two points rolls until the CG hangs deeper, so the least lies straight under
      # the points' line, which need not be a corner of the box.
      def least_margin
        return Statics::Stability.new(Statics::Equilibrium.of(rig)).margin(0) unless plane?

        [ *all.filter_map(&:margin), least_depth_straight_under ].min
      end

      # The flattest that each leg stands in any corner, degrees from the horizontal.
      def flattest_deg
        @flattest_deg ||= strand_names.each_index.map { |index| flattest(index).deg_from_horizontal }
      end

      # The pose leg that stands flattest, of one strand's over all corners.
      def flattest(index) = flattest_of(index).strands[index]
      def flattest_of(index) = all.min_by { |hung| hung.rise(index) }

      # Shares by hand, level and stiff: as equalised, kg. Raises NotKnown.
      def equalised
        by = points.size == 3 ? :three_point_shares : :least_norm_shares
        Statics::Level.public_send(by, @load.planned_kg, plan, heights)
      end

      # Of the level pose, m: points from the plumb line, [x, y], and the hook above each.
      def plan = points.map { |point| [ point[0] - cg[0], point[1] - cg[1] ] }
      def heights = points.map { |point| as_made.hook[2] - point[2] }

      # Which line of the rig a leg is, or is part of.
      def line_index(leg) = line_of[leg]

      # What hangs, as a Rig of bodies and lines.
      def rig = Statics::Rig.new(bodies: bodies, lines: lines)

      private

      # One or two legs and no more: they hang in one plane with the CG, and their pose has a closed form.
      def plane? = points.size <= 2 && !reeved?

      def nominal_corner(made) = Corner.new(nil, nil, nil, made, line_names)

      # Every pose, nominal ones first.
      def all
        @all ||= [ as_made, *(stretch_known? ? [ pose ] : []), *Bridle.worked(corners_key) { corners } ]
      end

      def corners_key
        weights = DustLadder.known { [ @load.least_kg, @load.planned_kg ] }
        [
          points,
          cg,
          @load.cg_half_width,
          weights,
          rests,
          stretch_known? && stiffnesses,
          @reeved,
          tolerance,
          line_names
        ]
      end

      def tolerance = @rules[:leg_length_tolerance]

      def corners
        widths = @load.cg_half_width
        SIGNS
          .product(*Array.new(rests.size - 1) { SIGNS })
          .flat_map do |signs|
            cut = rests.zip(signs).map { |rest, sign| rest * (1 + sign * tolerance) }
            BOXES.flat_map do |box|
              corner_poses(signs, box, [ 0, 1, 2 ].map { |axis| cg[axis] + box[axis] * widths[axis] }, cut)
            end
          end
      end

      # At one corner of box and lengths: as made under the greater weight, and stretched under either.
      def corner_poses(signs, box, cg, cut)
        high = Corner.new(1, box, signs, false, line_names)
        return [ made(as(high, made: true), cg, cut) ] unless stretch_known?
        return plane_corner(high, cg, cut) if plane?

        heavy = stretched(high, @load.planned_kg, cg, cut)
        [
          heavy,
          stretched(as(high, weight: -1), @load.least_kg, cg, cut),
          taken_back(as(high, made: true), cg, cut, heavy)
        ]
      end

      def plane_corner(high, cg, cut)
        made = made(as(high, made: true), cg, cut)
        # What turns over, or hangs from one leg, is told by that alone.
        return [ made ] if made.margin.negative? || !made.between?

        # How it hangs as made is near to how it hangs stretched.
        [
          made,
          stretched(high, @load.planned_kg, cg, cut, made.hook),
          stretched(as(high, weight: -1), @load.least_kg, cg, cut, made.hook)
        ]
      end

      def as(corner, **changes) = corner.dup.tap { |copy| changes.each { |name, value| copy[name] = value } }

      # As made: one and two legs in closed form; more as their lengths are after the load has stretched them.
      def made(corner, cg, cut)
        unless plane?
          return taken_back(corner, cg, cut, corner.nominal? ? pose : stretched(corner, @load.planned_kg, cg, cut))
        end

        pose = possibly { Statics::PlaneHang.rig(points, cut).pose(cg) }
        legs = pose.legs.map { |leg| Leg.new(leg.run, leg.height, leg.length) }
        Hung.new(
          points,
          line_of,
          hook: pose.hook,
          up: pose.up,
          cg: cg,
          corner: corner,
          margin: pose.margin,
          legs: legs,
          tensions: -> { plane_tensions(legs) }
        )
      end

      def plane_tensions(legs)
        return [ @load.planned_kg ] if legs.size == 1

        one, other = legs
        shares = Statics::Level.two_point_shares(@load.planned_kg, one.run, other.run, one.height, other.height)
        shares.zip(legs).map { |share, leg| Statics::Level.leg_tension(share, leg.length, leg.height) }
      end

      # The pose whose lines are, stretched, as long as they were made. Four lines share by their stretch, which must
      # stay as it is: they are taken back alike, by as much as the one that stretches most, so that none is longer
      # than made.
      def taken_back(corner, cg, cut, hung)
        tensions, hook = hung.tensions, hung.hook
        found = nil
        (alike? ? 1 : MOST_TAKEN_BACK).times do
          found = hang(@load.planned_kg, cg, shorter(cut, tensions), hook)
          off = tensions.each_index.map { |line| (tensions[line] - found.tensions[line]).abs }.max
          tensions, hook = found.tensions, found.hook
          break if off < NEAR_MADE * @load.planned_kg
        end
        hung_as(found, corner, cg)
      end

      def alike? = rests.size > 3

      def shorter(cut, tensions)
        strains = cut.each_index.map { |line| tensions[line] / stiffnesses[line] }
        strains = Array.new(cut.size, strains.max) if alike?
        cut.each_index.map { |line| cut[line] / (1 + strains[line]) }
      end

      # start: a place of the hook to begin from.
      def stretched(corner, weight, cg, cut, start = @last)
        found = hang(weight, cg, cut, start)
        @last = found.hook unless plane?
        hung_as(found, corner, cg)
      end

      def hung_as(found, corner, cg)
        Hung.new(
          points,
          line_of,
          hook: found.hook,
          up: found.up,
          cg: cg,
          tensions: found.tensions,
          corner: corner,
          holds: found.holds
        )
      end

      # Raises Impossible where it would turn over, or hang so far off level that nothing more can be said of it.
      def hang(weight, cg, cut, start)
        found = elastic.find(weight, cg, cut, start)
        return found if plane?
        raise impossible("it would turn over at worst: the CG is too high for these points") unless found.holds
        return found if found.tilt_deg <= Statics::HookHang::NEAR_DEG

        raise impossible(
          "it would hang more than #{Statics::HookHang::NEAR_DEG.round}° off level at worst: the CG " \
            "can come outside the points"
        )
      rescue Statics::HookHang::NotFound => error
        raise impossible(error.what)
      end

      def elastic = @elastic ||= Statics::HookHang.new(ends, stiffnesses)
      # The points that each line holds.
      def ends = legs_by_line.map { |legs| points.values_at(*legs) }
      # Length of each line.
      def rests = @rests ||= legs_by_line.map { |legs| legs.sum { |leg| lengths[leg] } }
      def stiffnesses = @stiffnesses ||= legs_by_line.map { |legs| stiffness(legs[0]) }

      def stretch_known?
        return @stretch_known if defined?(@stretch_known)

        stiffnesses
        @load.planned_kg
        @load.least_kg
        @stretch_known = true
      rescue NotKnown => error
        raise unless plane?

        @stretch_fault = error
        @stretch_known = false
      end

      # The line of each leg.
      def line_of
        @line_of ||=
          begin
            first = points.each_index.map { |index| (@reeved.find { |pair| pair.include?(index) } || [ index ]).min }
            first.map { |index| first.uniq.index(index) }
          end
      end

      # The legs, by index, that each line is or is part of: one, or a reeved pair.
      def legs_by_line
        @legs_by_line ||= line_of.each_with_index.group_by(&:first).values.map { |some| some.map(&:last) }
      end

      def line_names = @line_names ||= legs_by_line.map { |legs| names.values_at(*legs).join(" to ") }

      def pulls(hung)
        raise NotKnown, "a leg may hang slack: see Level" if plane? && !hung.between?

        points.each_index.map { |index| hung.pull(index) }
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

      def geometry_pointer
        { "leg_lengths" => @length_fields[0].pointer, "leg_angles" => angle_fields[0].pointer }.fetch(
          @set_by,
          @hook_height.pointer
        )
      end
      def impossible(words) = Impossible.new(words, pointer: geometry_pointer)

      def possibly
        yield
      rescue NotKnown => error
        raise impossible(error.what)
      end

      def upright
        a, b = points
        return if Math.hypot(b[0] - a[0], b[1] - a[1]) > 1e-6

        raise Impossible.new("the points stand over one another: two legs need a spread", pointer: "/load/points/1/x")
      end

      def reeved_soundly
        return if @reeved.empty?

        flat = @reeved.flatten
        unless flat.uniq.size == flat.size && flat.all? { |index| index < points.size }
          raise Impossible.new(
            "a reeved sling joins two points that the load has, each once",
            pointer: "/rigging/reeved/pairs"
          )
        end

        @reeved.each do |one, other|
          next if @sling_of.call(one)&.fetch("number") == @sling_of.call(other)&.fetch("number")

          raise Impossible.new(
            "a reeved pair is one sling: #{names[one]} and #{names[other]} have two",
            pointer: "/rigging/legs/#{other}/sling"
          )
        end
      end

      # As typed; half the spread is often typed for the leg.
      def typed_lengths
        typed = @length_fields.map(&:positive)
        return typed if reeved? || points.size == 1

        typed.each_index do |index|
          run = Math.hypot(points[index][0] - cg[0], points[index][1] - cg[1])
          next if typed[index] > run * (1 + HALF_SPREAD) || (plane? && typed[index] < run * (1 - HALF_SPREAD))

          half = typed[index] >= run * (1 - HALF_SPREAD) ? ": was half the spread typed for its length?" : ""
          raise Impossible.new(
            "the #{names[index]} leg of #{@length_fields[index].typed} is no longer than its point is off plumb, " \
              "#{Figure.m(run)}#{half}",
            pointer: @length_fields[index].pointer
          )
        end
      end
      HALF_SPREAD = 0.01
      SAME_HOOK_M = 0.05

      # The hook's height over the base that the typed angles put it at, m; each leg's must agree.
      def height_by_angles
        given = points.each_index.select { |index| angle_fields[index].given? }
        raise NotKnown.new("no leg's angle is given", pointer: angle_fields[0].pointer) if given.empty?

        hooks = given.map { |index| [ index, hook_by_angle(index) ] }
        low, high = hooks.minmax_by(&:last)
        return hooks.sum(&:last) / hooks.size if high[1] - low[1] <= SAME_HOOK_M

        raise Impossible.new(
          "the angle of the #{names[high[0]]} leg puts the hook at #{Figure.m(high[1])}, that of the " \
            "#{names[low[0]]} leg at #{Figure.m(low[1])}: #{Figure.m(high[1] - low[1])} apart",
          pointer: angle_fields[high[0]].pointer
        )
      end

      def hook_by_angle(index)
        deg = angle_fields[index].value
        run = Math.hypot(points[index][0] - cg[0], points[index][1] - cg[1])
        if deg > 89.9 && run > SAME_HOOK_M
          raise Impossible.new(
            "the #{names[index]} leg cannot stand plumb: its point is #{Figure.m(run)} off",
            pointer: angle_fields[index].pointer
          )
        end

        points[index][2] + run * Math.tan(deg * Math::PI / 180)
      end

      # Legs made up to hang level: the hook plumb over the CG, of two legs over the points' line.
      def level_lengths(height)
        over = points.map { |point| height - point[2] }
        raise impossible("the hook is not above the points") unless over.all?(&:positive?)
        return over if points.size == 1
        return plane_lengths(over) if plane?

        points.each_with_index.map do |point, index|
          Math.sqrt((point[0] - cg[0])**2 + (point[1] - cg[1])**2 + over[index]**2)
        end
      end

      def plane_lengths(over)
        a, b = points
        run = [ b[0] - a[0], b[1] - a[1] ]
        spread = Math.hypot(*run)
        along = ((cg[0] - a[0]) * run[0] + (cg[1] - a[1]) * run[1]) / spread
        [ Math.hypot(along, over[0]), Math.hypot(spread - along, over[1]) ]
      end

      def stiffness(index)
        leg = @document.dig("rigging", "legs", index)
        stiffness_of(@sling_of.call(index), "#{names[index]} leg", "/rigging/legs/#{index}/sling", leg["hitch"])
      end

      # Axial stiffness of a sling, kg: one part's rating over its stretch there; a basket has two parts.
      def stiffness_of(sling, name, pointer, hitch = "vertical")
        Slings::Stretch.of(sling, @rules, name: name, pointer: pointer).stiffness * (hitch == "basket" ? 2 : 1)
      end

      def bodies
        at = points.each_with_index.to_h { |place, index| [ index.to_s, place ] }
        [ Statics::Rig::Body.new(name: "load", mass: @load.planned_kg, cg: cg, points: at) ]
      end

      # One line a leg; a reeved pair is one line over the hook.
      def lines
        legs_by_line.map do |legs|
          nodes = legs.size == 1 ? [ "hook", "load.#{legs[0]}" ] : [ "load.#{legs[0]}", "hook", "load.#{legs[1]}" ]
          {
            name: legs.join(" "),
            nodes: nodes,
            rest: legs.sum { |leg| lengths[leg] },
            stiffness: stiffness(legs[0])
          }
        end
      end
    end
  end
end
