module DustLadder
  module Load
    # Is the weight known, and does the CG, wherever it is in its box, lie between the points?
    # Demand: level distance of the CG from the middle of the points, at worst; capacity: half the spread.
    class LoadCheck < Ladder::Check
      ID = "load"
      LABEL = "Load"

      private

      def examine
        load = lift.load
        work_out_weight(load)
        outline(load)
        return single_point(load) if load.points.size == 1

        a, b = load.points.map(&:at)
        run = [ b[0] - a[0], b[1] - a[1] ]
        spread = Math.hypot(*run)
        raise NotKnown.new("the points stand over one another: no spread", pointer: "/load/points/1/x") if spread < 1e-6

        along = run.map { |part| part / spread }
        off = ((load.cg[0] - a[0]) * along[0] + (load.cg[1] - a[1]) * along[1] - spread / 2).abs
        line("s", Figure.m(spread), source: "points #{load.points.map(&:name).join(' to ')}, level", about: "points")
        line("o", Figure.m(off), source: "CG off the middle of the points", about: "cg")
        widths = load.cg_half_width
        box = along[0].abs * widths[0] + along[1].abs * widths[1]
        line("e", Figure.m(box, :up), source: rules.cite(:cg_half_width), about: "cg")
        demand = line("off", Figure.m(off + box, :up), formula: "o + e", from: { o: Figure.m(off), e: Figure.m(box, :up) }, about: "cg")
        capacity = line("half", Figure.m(spread / 2, :down), formula: "s / 2", from: { s: Figure.m(spread) })
        judge(Figure.m(demand, :up), Figure.m(capacity, :down),
              note: both { |system| "#{planned.shown(system)}; CG #{Figure.m(demand, :up).bare(system)} of #{Figure.m(capacity, :down).shown(system)} off" })
      end

      def work_out_weight(load)
        bare = line("B", Figure.kg(load.bare_kg, :up), source: "#{load.basis} weight", about: "load")
        share = line("k", Figure.factor(load.allowance), source: rules.cite(:allowance))
        line("W", Figure.kg(load.planned_kg, :up), formula: "B × (1 + k)", from: { B: Figure.kg(bare, :up), k: Figure.factor(share) }, source: "#{load.basis}, marked up", about: "load")
        return unless load.basis == "estimated"

        caution("estimated", "An estimated weight is a bounded guess: weigh it, or have it certified, before a lift near any limit.")
      end

      def planned = Figure.kg(lift.load.planned_kg, :up)

      def outline(load)
        sizes = load.size.map(&:positive)
        return if load.cg.zip(sizes).all? { |place, side| place.between?(0, side) }

        caution("cg_outside", "The CG lies outside the load's outline: check both, and treat the lift as critical.", about: "cg")
      end

      def single_point(load)
        load.points.first.at
        caution("single_point", "On one point a long load may spin and swing: use a tag line, or two slings.")
        answer("holds", note: both { |system| "#{planned.shown(system)} planned, on one point" }, demand: planned)
      end
    end
  end
end
