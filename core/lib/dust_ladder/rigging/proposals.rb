module DustLadder
  module Rigging
    # A start in a minute: from the load's outline, CG and points two or three arrangements, with slings and beam from
    # the store, each judged as the whole plan would then stand. What was tried and cannot be had is told.
    class Proposals
      include Ladder::Sentences

      # What was tried and cannot be had, and why.
      Failed = Struct.new(:words, :why)
      AIM_DEG = 60.0
      # Legs below a spreader this long at least, and baskets this share of the length either side of the CG.
      GAP_M = 1.5
      BASKET_SHARE = 0.25
      EDGE_SHARE = 0.08

      # document: an accepted plan. pieces, beams: of the store, with state, due and place beside.
      def initialize(document, pieces:, beams: [])
        @document = document
        @pieces = Slings::Selection::Store.from(pieces)
        @beams = beams.select { |beam| [ nil, "ready" ].include?(beam["state"]) }
        @lift = Lift.new(document)
        @failed = []
      end

      # Those that hold first. Baskets need no points. Raises NotKnown where size, CG or weight are not known.
      def all
        @all ||=
          [ *to_points, baskets ].compact.sort_by do |one|
            [ -Ladder::Verdict.rank(one.rigging), one.ladder.rung("slings").utilisation || 2 ]
          end
      end

      def as_json(*)
        {
          "proposals" => all.map(&:as_json),
          "vain" => @failed.map { |one| { "words" => one.words, "why" => one.why } }
        }
      rescue NotKnown => error
        {
          "proposals" => [],
          "vain" => [ { "words" => "Nothing can be proposed yet", "why" => error.what } ],
          "missing" => {
            "what" => error.what,
            "pointer" => error.pointer
          }
        }
      end

      private

      def to_points
        [ load.planned_kg, load.size, cg ]
        points
        [ bridle, *spreaders ]
      rescue NotKnown => error
        raise unless error.pointer.to_s.start_with?(load.pointer("points"))

        @failed << Failed.new("Legs to its points", error.what)
        []
      end

      def load = @lift.load
      def cg = load.cg
      def points = load.points.map(&:at)
      def written(metres) = format("%.2f m", metres)

      # A plan of this arrangement with nothing on its legs, then the best slings of the store on them.
      def proposal(id, words, changes)
        bare = PlanFile::Pointer.with_values(@document, changes)
        lower = taken(bare)
        upper = Plan::Rigging.new(bare).beam.legs.any?
        both_tiers = upper ? taken(PlanFile::Pointer.with_values(bare, lower.changes), upper: true) : nil
        all = [ lower, both_tiers ].compact
        final = all.last
        Proposal.new(
          id: id,
          words: words,
          changes: changes.merge(*all.map(&:changes)),
          ladder: final.ladder,
          slings: all.flat_map { |one| one.choice.pieces.map { |piece| piece["number"] } }.uniq,
          rigging: final.ladder.rigging_verdict
        )
      rescue Impossible, NotKnown => error
        @failed << Failed.new(words["metric"], error.what)
        nil
      end

      def taken(document, upper: false)
        selection = Slings::PlanSelection.new(document, @pieces, upper: upper)
        # Below a beam nothing can be judged before the slings above it are there.
        found = upper || !Plan::Rigging.new(document).beam.given? ? selection.best : selection.first
        found or
          raise NotKnown,
            "nothing in the store serves: #{Figure.kg(selection.need.tension, :up)} " \
              "#{upper ? "on a sling above the beam" : "on a leg"} is needed"
      end

      def rigging = @lift.rigging
      def clear =
        { rigging.beam.pointer => nil, rigging.reeved.pointer => nil, rigging.pointer("set_by") => "hook_height" }
      # Fittings stay with their points.
      def kept(index) = @lift.legs[index]&.data.to_h.slice("fittings", "load_end")
      def aim = @lift.rules[:angle_aim_deg_from_horizontal].clamp(AIM_DEG, 80.0)

      # Straight legs from the hook to the points that there are.
      def bridle
        run = points.map { |x, y, _| Math.hypot(x - cg[0], y - cg[1]) }.max
        height = points.map(&:last).max + [ run * Math.tan(aim * Math::PI / 180), GAP_M ].max
        count = points.size
        proposal(
          "bridle",
          both("#{NUMBERS[count]} from the hook"),
          clear.merge(
            rigging.pointer("legs") => Array.new(count) { |index| kept(index).merge(Plan::Leg::BLANK) },
            rigging.pointer("hook_height") => written(height)
          )
        )
      end
      NUMBERS = { 1 => "One leg", 2 => "Two-leg bridle", 3 => "Three-leg bridle", 4 => "Four-leg bridle" }.freeze

      # A spreader whose span is nearest to the points' spread, and straight legs below it.
      def spreaders
        return [] if points.size < 2 || points.size == 3

        middle = points.sum(&:first) / points.size
        sides = points.partition { |x, _, _| x < middle }
        return [] if sides.any?(&:empty?)

        spread = sides.map { |some| some.sum(&:first) / some.size }.reduce(:-).abs
        found = nearest_spreader(spread)
        unless found
          return @failed.push(
            Failed.new("A spreader", "none in the store, ready and rated for #{Figure.kg(load.planned_kg, :up)}")
          ) && []
        end

        beam, span = found
        holes = points.map { |x, _, _| x < middle ? 0 : 1 }
        [
          under(
            beam,
            span,
            "spreader",
            both do |system|
              "#{points.size == 2 ? "Two" : "Four"} legs under spreader #{beam["number"]} set to " \
                "#{Figure.m(span).shown(system)}"
            end,
            points.map(&:last).max,
            holes.map { |hole| { "hole" => hole } }
          )
        ].compact
      end

      # Two baskets round the load, hung plumb from a spreader, so that they do not slide together.
      def baskets
        length, width, height = load.size
        apart = 2 * BASKET_SHARE * length
        found = nearest_spreader(apart) or return
        beam, span = found
        ends = [ cg[0] - span / 2, cg[0] + span / 2 ]
        return if ends.first < EDGE_SHARE * length || ends.last > (1 - EDGE_SHARE) * length

        places =
          %w[West East]
            .zip(ends)
            .map do |name, x|
              { "name" => "#{name} basket", "x" => written(x), "y" => written(width / 2), "z" => written(height) }
            end
        legs =
          [ 0, 1 ].map do |hole|
            {
              "hole" => hole,
              "hitch" => "basket",
              "basket_width" => written(width),
              "round" => written(width + 2 * height)
            }
          end
        under(
          beam,
          span,
          "baskets",
          both { |system| "Two baskets under spreader #{beam["number"]} set to #{Figure.m(span).shown(system)}" },
          height,
          legs,
          load.pointer("points") => places
        )
      end

      def under(beam, span, id, words, top, rows, more = {})
        headroom = [
          span / 2 * Math.tan([ aim, beam["least_deg_from_horizontal"] || 0 ].max * Math::PI / 180),
          GAP_M / 2
        ].max
        proposal(
          id,
          words,
          {
            **clear,
            rigging.pointer("legs") =>
              rows.each_with_index.map do |row, index|
                (row["hitch"] == "basket" ? {} : kept(index)).merge(Plan::Leg::BLANK).merge(row)
              end,
            rigging.beam.pointer => {
              "beam" => beam["number"],
              "span" => written(span),
              "headroom" => written(headroom),
              "legs" => Array.new(2) { Plan::Beam::BLANK_UPPER }
            },
            rigging.pointer("hook_height") => written(top + GAP_M + beam["depth_m"] + headroom),
            Plan.pointer("snapshots", "beams") => {
              beam["number"] => Gear::Piece.snapshot(beam)
            },
            **more
          }
        )
      end

      # Of the spreaders that are rated for the load, the one with a marked span nearest to one wanted.
      def nearest_spreader(wanted)
        rated =
          @beams
            .select { |beam| beam["kind"] == "spreader" }
            .flat_map do |beam|
              beam["spans"].select { |one| one["kg"] >= load.planned_kg }.map { |one| [ beam, one["span_m"] ] }
            end
        rated.min_by { |beam, span| [ (span - wanted).abs.round(3), beam["mass_kg"] || Float::INFINITY ] }
      end
    end
  end
end
