module DustLadder
  module Advice
    # What could be changed of a lift of two cranes: how the tail is held, where its crane stands, which one it is
    # (handbook, section 6.2).
    module TailChoices
      # Where the tail crane might stand: as far as this in each direction, m, and so many places tried.
      MOST_OFF_M = 5.0
      GRID_M = 0.5
      MOST_TRIED = 5
      # Tilts or steps at which a place is looked at before it is tried.
      LOOKS = 19
      MOST_LONGER_M = 6.0
      MOST_LONGER = 4
      MOST_HEAVIER = 3
      ON_LINE_M = 0.05
      # How far either crane is moved, m.
      FAR_M = [ 2.0, 4.0 ].freeze

      private

      # The tail's point, [along, up] from the CG.
      def tail_point = @lift.turn.points[1]
      def tail_up(height) = { @lift.load.pointer("points", 1, "z") => format("%.3f m", height) }
      def tail_end = @lift.tandem.ends[1]

      def lug
        return if @lift.tandem.carry? || tail_point[1].abs <= ON_LINE_M || tail_end.trunnion?

        face = tail_point[1].positive? ? "underside" : "upper face"
        change(:lug, "lug", both("The tail's lug on the #{face}"), tail_up(@lift.load.cg[2] - tail_point[1]))
      end

      def trunnion
        return if @lift.tandem.carry? || tail_end.trunnion?

        blank = { "diameter" => nil, "by" => nil, "keeper" => nil }
        values = {
          **tail_up(@lift.load.cg[2]),
          tail_end.pointer("hold") => "trunnion",
          tail_end.pointer("trunnion") => blank
        }
        change(:trunnion, "trunnion", both("Trunnions at the tail, on the line of the CG"), values)
      end

      # In place of trunnions a lug on the upper face, its slings straight.
      def lug_instead
        return if @lift.tandem.carry? || !tail_end.trunnion?

        leg, load = @lift.legs[1], @lift.load
        change(
          :lug_instead,
          "lug",
          both("A lug on the tail's upper face in place of trunnions"),
          {
            **tail_up(load.size[2] + Tailing::Beside::LUG_M),
            load.pointer("points", 1, "on") => "tail lug",
            tail_end.pointer("hold") => "lug",
            tail_end.pointer("trunnion") => nil,
            leg.pointer("hitch") => "vertical",
            leg.pointer("length") => format("%.3f m", @lift.turn.hangs[1].reach),
            leg.pointer("load_end") => leg["load_end"] || "own"
          }
        )
      end

      # Longer slings of the store at the tail, as many alike as hang there; the shortest first.
      def longer
        hang = @lift.turn.hangs[1]
        now = hang.slings[0][0]
        used = @lift.strands.map(&:sling)
        more = stock.slings.select { |data| !used.include?(data["number"]) && longer?(data, now) }
        sets = more.group_by { |data| data.values_at("kind", "size", "reach_m") }.values
        enough = sets.select { |set| set.size >= hang.planned.slings }.sort_by { |set| set[0]["reach_m"] }
        enough.first(MOST_LONGER).map { |set| tail_on(set.first(hang.planned.slings), hang) }
      end

      def longer?(data, now)
        more = data["reach_m"] - now["reach_m"]
        data["kind"] == now["kind"] && more.positive? && more <= MOST_LONGER_M
      end

      def tail_on(set, hang)
        numbers, reach = set.map { |data| data["number"] }, set[0]["reach_m"].to_f
        values = {
          hang.leg.pointer("sling") => numbers[0],
          hang.leg.pointer("length") => format("%.3f m", reach),
          **(hang.planned.second ? { hang.planned.pointer("second") => numbers[1] } : {}),
          **Plan::NamedGear.taken("slings", set)
        }
        words = both do |system|
          "Longer slings at the tail: #{numbers.join(" and ")}, #{Figure.m(reach).shown(system)}"
        end
        change(:longer, "longer", words, values)
      end

      # The tail crane a little way off: the nearest places at which its chart would do.
      def tail
        return if @lift.duties[1].crane.walks?

        steps = (-MOST_OFF_M..MOST_OFF_M).step(GRID_M).to_a
        off = steps.product(steps).reject { |pair| pair.all?(&:zero?) }.sort_by { |pair| [ Math.hypot(*pair), pair ] }
        off
          .select { |pair| tail_use(@lift, *pair) <= enough }
          .uniq { |east, north| [ east <=> 0, north <=> 0 ] }
          .first(MOST_TRIED)
          .map { |east, north| tail_at(east, north) }
      end

      def enough = @lift.rules[:tandem, :limit] * @lift.rules[:attention, :tandem]

      # The most that the tail crane would use of its chart from there, at a few looks.
      def tail_use(lift, east = 0.0, north = 0.0)
        turn, duty = @lift.turn, lift.duties[1]
        standing = duty.crane.stand.standing
        axis = [ standing.axis[0] + east, standing.axis[1] + north ]
        looks.map { |step|
          at = turn.place(:tail, step)
          radius = Math.hypot(at[0] - axis[0], at[1] - axis[1])
          slew = (Math.atan2(at[0] - axis[0], at[1] - axis[1]) * 180 / Math::PI - standing.bearing) % 360
          kg, = duty.crane.chart.capacity(radius + duty.crane.growth(radius), duty.side.boom, slew)
          kg&.positive? ? (duty.side.rigging + turn.share_at(:tail, step)) / kg : Float::INFINITY
        }.max
      end

      def looks
        turn = @lift.turn
        Array.new(LOOKS) { |at| turn.low + (turn.until_tilt - turn.low) * at / (LOOKS - 1) }
      end

      def tail_at(east, north) = moved_crane(:tail, "tail", 1, east, north)

      # Either crane a little way off, the nearest first.
      def stands
        FAR_M.flat_map do |metres|
          [ 0, 1 ].flat_map do |at|
            next [] if @lift.duties[at].crane.walks?

            SiteChoices::WINDS.values.first(4).map do |east, north|
              moved_crane(:stands, "stands-#{at}", at, east * metres, north * metres)
            end
          end
        end
      end

      def moved_crane(knob, id, at, east, north)
        stand = @lift.duties[at].crane.stand
        axis = stand.standing.axis
        moved = { "east" => [ east, "west" ], "north" => [ north, "south" ] }.filter_map do |word, (metres, back)|
          ->(system) { "#{Figure.m(metres.abs).shown(system)} #{metres.positive? ? word : back}" } unless metres.zero?
        end
        words = both { |system| "The #{%w[head tail][at]} crane #{moved.map { |tell| tell.(system) }.join(" and ")}" }
        values = {
          stand.pointer("east") => written(axis[0] + east),
          stand.pointer("north") => written(axis[1] + north)
        }
        change(knob, id, words, values)
      end

      # Another machine of the house where the tail crane stands, the least that would do; as its chart says it is,
      # which somebody has to see on it.
      def heavier
        return unless asks?("tail_crane", "radii", "hoist", "height")

        found = stock.charts.flat_map { |chart| others(chart["data"]).map { |boom| [ chart, boom ] } }
        told = found.map { |chart, boom| [ use_of(chart, boom), chart, boom ] }.select { |use,| use <= enough }
        told.max_by(MOST_HEAVIER, &:first).map do |_, chart, boom|
          title = chart["data"]["title"]
          words = both { |system| "#{title}, boom #{Figure.m(boom).shown(system)}, at the tail; see it on the machine" }
          change(:heavier, "heavier", words, by(chart, boom))
        end
      end

      # Boom lengths of another mobile crane; none of what the plan has already.
      def others(data)
        used = @lift.duties.map { |duty| duty.crane["chart"] }
        return [] if used.include?(data["id"]) || Cranes::Families.name_of(data) != "mobile" || data["boom_angle_deg"]

        data["boom_length_m"].to_a
      end

      def by(chart, boom)
        data, crane = chart["data"], @lift.duties[1].crane
        {
          crane.pointer("chart") => data["id"],
          crane.pointer("as_rigged") => data["identity"],
          crane.pointer("boom_length") => written(boom),
          Plan.pointer("snapshots", "charts", PlanFile::Pointer.escaped(data["id"])) => chart
        }
      end

      def use_of(chart, boom)
        DustLadder.known(Float::INFINITY) { tail_use(Lift.new(@base.document_with(by(chart, boom)))) }
      end
    end
  end
end
