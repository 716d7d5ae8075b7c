module DustLadder
  module Load
    # Is the weight known, and does the CG, wherever it is in its box, lie between the points?
    # Demand: level distance of the CG from the middle of the points, at worst; capacity: half the spread.
    class LoadCheck < Ladder::Check
      include LoadLines

      ID = "load"
      LABEL = "Load"
      FLIGHT = "load"

      private

      def examine
        load = lift.load
        doubt = lift.rules_doubt
        # Everything is judged by it.
        raise NotKnown.new(doubt.words, pointer: Plan.pointer("rules")) if doubt&.known

        caution("rules_from_outside", "#{doubt.words.sub("this", "This")}.") if doubt
        work_out_weight(load)
        if load.from_take_off?(:cg)
          load
            .cg
            .zip(%w[x y z]) do |place, axis|
              line("G#{axis}", Figure.m(place), source: "centre of gravity, from the take-off", about: "cg")
            end
        end
        Sanity.new(load, rules).cautions.each { |id, text, about| caution(id, text, about: about) }
        tag_lines(load)
        off_the_load(load)
        return single_point(load) if load.points.size == 1
        return among(load) if load.points.size > 2

        between(load)
      end

      # A long load is held from turning by lines; a rule set that does not say from which length on wants them always.
      def tag_lines(load)
        longest = DustLadder.known { load.size.max } or return
        return unless longest > (DustLadder.known { rules[:tag_line, :length_m] } || 0.0)

        caution(
          "tag_lines",
          both do |system|
            "It is #{Figure.m(longest).shown(system)} long: tag lines, dry and of nothing that conducts, never " \
              "wrapped round a hand or body."
          end
        )
      end

      OFF_M = 0.05

      # A point that is not on the load is on something else, which the plan must say.
      def off_the_load(load)
        load.points.each_with_index do |point, index|
          out = point.at.zip(load.size).map { |place, side| [ -place, place - side, 0.0 ].max }.max
          next unless out > OFF_M

          on = load.point_on(index)
          if on.empty?
            far = Figure.m(out, :up)
            raise NotKnown.new(
              "point #{point.name} lies #{far} off the load: what it is on is not given",
              pointer: load.pointer("points", index, "on")
            )
          end
          caution(
            "off_the_load",
            both { |system|
              "Point #{point.name} lies #{Figure.m(out, :up).shown(system)} off the load, on #{on}: that must hold too."
            },
            about: "points"
          )
        end
      end

      # Three or four points: how far the CG may be towards the nearest edge of the area that they hold, from its
      # middle, wherever it is in its box. Whatever their order.
      def among(load)
        hull = Hull.new(load.points.map { |point| point.at.first(2) })
        raise NotKnown.new(
          "the points stand in one line in plan: they hold no area",
          pointer: load.pointer("points", 2, "y")
        ) if hull.flat?

        widths = load.cg_half_width
        corners = [ -1, 1 ].product([ -1, 1 ]).map { |x, y| [ load.cg[0] + x * widths[0], load.cg[1] + y * widths[1] ] }
        worst = corners.max_by { |corner| hull.share(corner) }
        off, reach = hull.reach(worst)
        box_lines(load)
        line("off", Figure.m(off, :up), source: "CG at worst from the middle of the points, level", about: "cg")
        line(
          "reach",
          Figure.m(reach, :down),
          source: "from there to the edge between the points, the same way",
          about: "points"
        )
        judge(Figure.m(off, :up), Figure.m(reach, :down), note: off_note(off, reach))
      end

      def off_note(off, reach)
        off, reach = Figure.m(off, :up), Figure.m(reach, :down)
        both { |system| "#{planned.shown(system)}; CG #{off.bare(system)} of #{reach.shown(system)} off" }
      end

      def between(load)
        a, b = load.points.map(&:at)
        run = [ b[0] - a[0], b[1] - a[1] ]
        spread = Math.hypot(*run)
        raise NotKnown.new(
          "the points stand over one another: no spread",
          pointer: load.pointer("points", 1, "x")
        ) if spread < 1e-6

        along = run.map { |part| part / spread }
        off = ((load.cg[0] - a[0]) * along[0] + (load.cg[1] - a[1]) * along[1] - spread / 2).abs
        line("s", Figure.m(spread), source: "points #{load.points.map(&:name).join(" to ")}, level", about: "points")
        line("o", Figure.m(off), source: "CG off the middle of the points", about: "cg")
        widths = load.cg_half_width
        box = along[0].abs * widths[0] + along[1].abs * widths[1]
        box_lines(load)
        from = %w[ex ey].zip(widths).to_h { |name, width| [ name.to_sym, Figure.m(width, :up) ] }
        from.merge!(cx: Figure.factor(along[0].abs), cy: Figure.factor(along[1].abs))
        line("e", Figure.m(box, :up), formula: "ex × cx + ey × cy", from: from, source: "along the points", about: "cg")
        demand = line(
          "off",
          Figure.m(off + box, :up),
          formula: "o + e",
          from: { o: Figure.m(off), e: Figure.m(box, :up) },
          about: "cg"
        )
        capacity = line("half", Figure.m(spread / 2, :down), formula: "s / 2", from: { s: Figure.m(spread) })
        judge(Figure.m(demand, :up), Figure.m(capacity, :down), note: off_note(demand, capacity))
      end

      def planned = Figure.kg(lift.load.planned_kg, :up)

      def single_point(load)
        load.points.first.at
        caution("single_point", "On one point a long load may spin and swing: use a tag line, or two slings.")
        answer("holds", note: both { |system| "#{planned.shown(system)} planned, on one point" }, demand: planned)
      end
    end
  end
end
