module DustLadder
  class Ladder
    # Ways out of a lift of two cranes: the weight weighed, the tail held elsewhere, longer slings, the tail crane
    # elsewhere (handbook, sections 6.2 and 13).
    module TandemWays
      # Where the tail crane might stand: as far as this in each direction, m, and so many of them tried in full.
      MOST_OFF_M = 5.0
      GRID_M = 0.5
      MOST_TRIED = 5
      # Tilts or steps at which a place is looked at before it is tried.
      LOOKS = 19
      MOST_LONGER_M = 6.0
      ON_LINE_M = 0.05

      private

      def tandem_ways
        return [] unless @lift.tandem?

        [ weigh_first, other_lug, trunnions, lug_instead, longer_tail, *tail_elsewhere, heavier ].compact
      end

      def weigh_first
        load = @lift.load
        return if load.from_take_off?(:weight) || load.basis == "weighed"

        bare, share = load.bare_kg, @lift.rules[:allowance, "weighed"]
        try(
          "weigh",
          both do |system|
            "Weigh it first: if it is #{Figure.kg(bare).shown(system)}, " \
              "+#{Figure.percent(share).shown(system)} is enough"
          end,
          { load.pointer("weight", "basis") => "weighed" },
          :weigh
        )
      rescue NotKnown
        nil
      end

      # The tail's point, [along, up] from the CG.
      def tail_point = @lift.turn.points[1]
      def tail_up(height) = { @lift.load.pointer("points", 1, "z") => format("%.3f m", height) }

      def other_lug
        return if @lift.tandem.carry? || tail_point[1].abs <= ON_LINE_M || @lift.tandem.ends[1].trunnion?

        face = tail_point[1].positive? ? "underside" : "upper face"
        try("lug", both("The tail's lug on the #{face}"), tail_up(@lift.load.cg[2] - tail_point[1]), :lug)
      rescue NotKnown
        nil
      end

      def trunnions
        ends = @lift.tandem.ends[1]
        return if @lift.tandem.carry? || ends.trunnion?

        blank = { "diameter" => nil, "by" => nil, "keeper" => nil }
        changes = {
          **tail_up(@lift.load.cg[2]),
          ends.pointer("hold") => "trunnion",
          ends.pointer("trunnion") => blank
        }
        try("trunnion", both("Trunnions at the tail, on the line of the CG"), changes, :trunnion)
      rescue NotKnown
        nil
      end

      # In place of trunnions a lug on the upper face, its slings straight.
      def lug_instead
        ends = @lift.tandem.ends[1]
        return if @lift.tandem.carry? || !ends.trunnion?

        leg, load = @lift.legs[1], @lift.load
        try(
          "lug",
          both("A lug on the tail's upper face in place of trunnions"),
          {
            **tail_up(load.size[2] + Tailing::Beside::LUG_M),
            load.pointer("points", 1, "on") => "tail lug",
            ends.pointer("hold") => "lug",
            ends.pointer("trunnion") => nil,
            leg.pointer("hitch") => "vertical",
            leg.pointer("length") => format("%.3f m", @lift.turn.hangs[1].reach),
            leg.pointer("load_end") => leg["load_end"] || "own"
          },
          :lug
        )
      rescue NotKnown
        nil
      end

      # Longer slings of the store at the tail, as many alike as hang there; the shortest that makes it better.
      def longer_tail
        ends = @lift.turn.hangs[1]
        now = ends.slings[0][0]
        used = @lift.strands.map(&:sling)
        free = @store.reject { |piece| used.include?(piece["data"]["number"]) }
        longer = free.select { |piece| longer?(piece["data"], now) }
        sets = longer.group_by { |piece| piece["data"].values_at("kind", "size", "reach_m") }.values
        sets = sets.select { |set| set.size >= ends.planned.slings }.sort_by { |set| set[0]["data"]["reach_m"] }
        sets.lazy.filter_map { |set| tail_on(set.first(ends.planned.slings), ends) }.first
      rescue NotKnown
        nil
      end

      def longer?(data, now)
        more = data["reach_m"] - now["reach_m"]
        data["kind"] == now["kind"] && more.positive? && more <= MOST_LONGER_M
      end

      def tail_on(set, ends)
        numbers = set.map { |piece| piece["data"]["number"] }
        reach = set[0]["data"]["reach_m"].to_f
        kept = @lift.strands.map(&:sling).compact - ends.slings.map { |data, _| data["number"] }
        slings = kept.uniq.to_h { |number| [ number, @lift.document.snapshot("slings", number) ] }
        changes = {
          ends.leg.pointer("sling") => numbers[0],
          ends.leg.pointer("length") => format("%.3f m", reach),
          **(ends.planned.second ? { ends.planned.pointer("second") => numbers[1] } : {}),
          Plan.pointer("snapshots", "slings") => slings.merge(numbers.zip(set).to_h)
        }
        try(
          "longer",
          both { |system| "Longer slings at the tail: #{numbers.join(" and ")}, #{Figure.m(reach).shown(system)}" },
          changes,
          :longer
        )
      end

      # The tail crane a little way off: the nearest places at which its chart would do, each tried in full.
      def tail_elsewhere
        return [] if @lift.duties[1].crane.walks?

        found = places.first(MOST_TRIED).lazy.filter_map { |east, north| tail_at(east, north) }
        found.select { |way| cures?(way.ladder) }.first(1)
      rescue NotKnown
        []
      end

      # [east, north] of a move each, nearest first, one in each direction of the wind.
      def places
        steps = (-MOST_OFF_M..MOST_OFF_M).step(GRID_M).to_a
        enough = @lift.rules[:tandem, :limit] * @lift.rules[:attention, :tandem]
        off = steps.product(steps).reject { |pair| pair.all?(&:zero?) }.sort_by { |pair| [ Math.hypot(*pair), pair ] }
        off.select { |pair| tail_use(@lift, *pair) <= enough }.uniq { |east, north| [ east <=> 0, north <=> 0 ] }
      end

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

      # Another machine of the house where the tail crane stands, the least that would do; as its chart says it is,
      # which somebody has to see on it.
      def heavier
        return unless %w[tail_crane radii hoist height].include?(question.id)

        enough = @lift.rules[:tandem, :limit] * @lift.rules[:attention, :tandem]
        found = @charts.flat_map { |chart| others(chart["data"]).map { |boom| [ chart, boom ] } }
        told = found.map { |chart, boom| [ use_of(chart, boom), chart, boom ] }.select { |use,| use <= enough }
        ways = told.max_by(MOST_HEAVIER, &:first).lazy.filter_map { |_, chart, boom| tail_by(chart, boom) }
        ways.find { |way| cures?(way.ladder) }
      rescue NotKnown
        nil
      end
      MOST_HEAVIER = 3

      # Boom lengths of another mobile crane; none of what the plan has already.
      def others(data)
        used = @lift.duties.map { |duty| duty.crane["chart"] }
        return [] if used.include?(data["id"]) || (data["family"] || "mobile") != "mobile" || data["boom_angle_deg"]

        data["boom_length_m"].to_a
      end

      def by(chart, boom)
        data, crane = chart["data"], @lift.duties[1].crane
        head = @lift.duties[0].crane["chart"]
        charts = { head => @lift.document.snapshot("charts", head) }
        {
          crane.pointer("chart") => data["id"],
          crane.pointer("as_rigged") => data["identity"],
          crane.pointer("boom_length") => written(boom),
          Plan.pointer("snapshots", "charts") => charts.merge(data["id"] => chart)
        }
      end

      def use_of(chart, boom)
        DustLadder.known(Float::INFINITY) do
          tail_use(Lift.new(PlanFile::Pointer.with_values(@document, by(chart, boom))))
        end
      end

      def tail_by(chart, boom)
        title = chart["data"]["title"]
        try(
          "heavier",
          both { |system| "#{title}, boom #{Figure.m(boom).shown(system)}, at the tail; see it on the machine" },
          by(chart, boom),
          :heavier
        )
      end

      def looks
        turn = @lift.turn
        Array.new(LOOKS) { |at| turn.low + (turn.until_tilt - turn.low) * at / (LOOKS - 1) }
      end

      def tail_at(east, north)
        stand = @lift.duties[1].crane.stand
        axis = stand.standing.axis
        moved = { "east" => [ east, "west" ], "north" => [ north, "south" ] }.filter_map do |word, (metres, back)|
          ->(system) { "#{Figure.m(metres.abs).shown(system)} #{metres.positive? ? word : back}" } unless metres.zero?
        end
        try(
          "tail",
          both { |system| "The tail crane #{moved.map { |words| words.(system) }.join(" and ")}" },
          {
            stand.pointer("east") => format("%.2f m", axis[0] + east),
            stand.pointer("north") => format("%.2f m", axis[1] + north)
          },
          :tail
        )
      end
    end
  end
end
