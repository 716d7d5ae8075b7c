module DustLadder
  module Rigging
    # How a load could be held at all, with nothing on its legs yet: straight legs from the hook, legs or baskets under
    # a spreader. Lengths in m, angles in degrees from the horizontal. Whether it holds is for others to find out.
    class WaysToHold
      include Ladder::Sentences

      # id: which of them; words: a Sentence; changes: { JSON pointer => value } that make a plan of it.
      Way = Struct.new(:id, :words, :changes, keyword_init: true)
      AIM_DEG = 60.0
      # Legs below a spreader this long at least, and baskets this share of the length either side of the CG.
      GAP_M = 1.5
      BASKET_SHARE = 0.25
      EDGE_SHARE = 0.08
      NUMBERS = { 1 => "One leg", 2 => "Two-leg bridle", 3 => "Three-leg bridle", 4 => "Four-leg bridle" }.freeze

      def initialize(lift)
        @lift = lift
      end

      # The angle that the rule set aims at, as far as legs are made so steep.
      def aim = @lift.rules[:angle_aim_deg_from_horizontal].clamp(AIM_DEG, 80.0)

      # Height of the hook above the load's base under which straight legs to the points stand so steep. Raises
      # NotKnown.
      def hook_height(degrees)
        run = points.map { |x, y, _| Math.hypot(x - cg[0], y - cg[1]) }.max
        points.map(&:last).max + [ run * Math.tan(degrees * Math::PI / 180), GAP_M ].max
      end

      # Straight legs from the hook to the points that there are. Raises NotKnown.
      def bridle(degrees = aim)
        count = points.size
        Way.new(
          id: "bridle",
          words: both("#{NUMBERS[count]} from the hook"),
          changes: {
            **clear,
            rigging.pointer("legs") => Array.new(count) { |index| kept(index).merge(Plan::Leg::BLANK) },
            rigging.pointer("hook_height") => written(hook_height(degrees))
          }
        )
      end

      # The distance between the points' two sides; nil where they have none, or three points cannot share two.
      def spread
        return if points.size < 2 || points.size == 3 || sides.any?(&:empty?)

        sides.map { |some| some.sum(&:first) / some.size }.reduce(:-).abs
      end

      # Legs to the points under a spreader of the store set to a span. Raises NotKnown.
      def spreader(beam, span, degrees = aim)
        rows = points.map { |x, _, _| { "hole" => x < middle ? 0 : 1 } }
        words = both do |system|
          "#{points.size == 2 ? "Two" : "Four"} legs under spreader #{beam["number"]} set to " \
            "#{Figure.m(span).shown(system)}"
        end
        under(beam, span, degrees, "spreader", words, points.map(&:last).max, rows)
      end

      # How far apart baskets stand best.
      def baskets_apart = 2 * BASKET_SHARE * load.size[0]

      # Two baskets round the load, hung plumb from a spreader, so that they do not slide together; nil where they would
      # stand off its ends. They need no points. Raises NotKnown.
      def baskets(beam, span, degrees = aim)
        length, width, height = load.size
        ends = [ cg[0] - span / 2, cg[0] + span / 2 ]
        return if ends.first < EDGE_SHARE * length || ends.last > (1 - EDGE_SHARE) * length

        places =
          %w[West East].zip(ends).map do |name, x|
            { "name" => "#{name} basket", "x" => written(x), "y" => written(width / 2), "z" => written(height) }
          end
        around = { "hitch" => "basket", "basket_width" => written(width), "round" => written(width + 2 * height) }
        rows = [ 0, 1 ].map { |hole| { "hole" => hole, **around } }
        words = both { |system| "Two baskets under spreader #{beam["number"]} set to #{Figure.m(span).shown(system)}" }
        under(beam, span, degrees, "baskets", words, height, rows, load.pointer("points") => places)
      end

      # [beam, span] of the spreaders among some beams that are ready and rated for the load, the span nearest to one
      # wanted first. Raises NotKnown.
      def spreaders(beams, wanted)
        ready = beams.select { |beam| beam["kind"] == "spreader" && [ nil, "ready" ].include?(beam["state"]) }
        rated =
          ready.flat_map do |beam|
            beam["spans"].select { |one| one["kg"] >= load.planned_kg }.map { |one| [ beam, one["span_m"] ] }
          end
        rated.sort_by do |beam, span|
          [ (span - wanted).abs.round(3), beam["mass_kg"] || Float::INFINITY, beam["number"], span ]
        end
      end

      private

      def load = @lift.load
      def cg = load.cg
      def points = @points ||= load.points.map(&:at)
      def middle = points.sum(&:first) / points.size
      def sides = points.partition { |x, _, _| x < middle }
      def written(metres) = format("%.2f m", metres)
      def rigging = @lift.rigging
      def clear =
        { rigging.beam.pointer => nil, rigging.reeved.pointer => nil, rigging.pointer("set_by") => "hook_height" }
      # Fittings stay with their points.
      def kept(index) = @lift.legs[index]&.data.to_h.slice("fittings", "load_end")

      def under(beam, span, degrees, id, words, top, rows, more = {})
        steep = [ degrees, beam["least_deg_from_horizontal"] || 0 ].max
        headroom = [ span / 2 * Math.tan(steep * Math::PI / 180), GAP_M / 2 ].max
        legs = rows.each_with_index.map do |row, index|
          (row["hitch"] == "basket" ? {} : kept(index)).merge(Plan::Leg::BLANK).merge(row)
        end
        over = {
          "beam" => beam["number"],
          "span" => written(span),
          "headroom" => written(headroom),
          "legs" => Array.new(2) { Plan::Beam::BLANK_UPPER }
        }
        changes = {
          **clear,
          rigging.pointer("legs") => legs,
          rigging.beam.pointer => over,
          rigging.pointer("hook_height") => written(top + GAP_M + beam["depth_m"] + headroom),
          Plan.pointer("snapshots", "beams") => { beam["number"] => Gear::Piece.snapshot(beam) },
          **more
        }
        Way.new(id: id, words: words, changes: changes)
      end
    end
  end
end
