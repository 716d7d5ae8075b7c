module DustLadder
  module Rigging
    # A spreader (compressed between the legs above it) or a lifting beam (bent by what hangs from its holes), as it is
    # marked: own mass, ratings by span, of an end or hole, and against compression. kg and m.
    class Beam
      # name; demand and capacity, kg (kg m for bending); reason of a stop without a figure.
      Part =
        Struct.new(:name, :demand, :capacity, :reason, keyword_init: true) do
          def share = reason || capacity.nil? ? Float::INFINITY : demand / capacity
          def stop? = share > 1 + Ladder::Verdict::SLACK
        end
      SPAN_TOLERANCE_M = 0.001

      attr_reader :kind, :mass, :spans, :end_rating, :compression_rating, :bending_rating

      # kind: "spreader" or "lifting". spans: [[span, WLL], ...] as marked, one for a fixed beam, none where that is not
      # marked. end_rating: of one end or hole; compression_rating and bending_rating (kg m): where the maker gives
      # them; nil where not. hung: [[place along it, kg], ...] of what hangs from it beside the load, such as the
      # slings below.
      def initialize(kind, mass:, spans:, end_rating: nil, compression_rating: nil, bending_rating: nil, hung: [])
        raise ArgumentError, "a beam is a spreader or a lifting beam" unless %w[spreader lifting].include?(kind)
        unless mass.positive? && spans.flatten.all?(&:positive?)
          raise ArgumentError, "a beam needs its mass, and ratings above nothing"
        end

        @kind = kind
        @mass = mass
        @spans = spans.sort_by(&:first)
        @end_rating = end_rating
        @compression_rating = compression_rating
        @bending_rating = bending_rating
        @hung = hung
      end

      # WLL at a span: between two marked ones the lower of both; nil outside them.
      def wll(span)
        near = spans.find { |marked, _| (marked - span).abs <= SPAN_TOLERANCE_M } and return near.last
        below, above = spans.select { |marked, _| marked < span }.last, spans.find { |marked, _| marked > span }
        below && above ? [ below.last, above.last ].min : nil
      end

      # From how a rig hangs: the beam's parts. body: its index; span: between the points of the lines below, m.
      def parts(hang, body, span)
        pulls = pulls_on(hang, body)
        below = hanging(hang, body)
        found = by_span(below, span) + (ends_rated? ? at_ends(below, wll(span)) : [])
        if compression_rating
          found << Part.new(name: "compression", demand: compression(hang, body, pulls), capacity: compression_rating)
        end
        if bending_rating
          found << Part.new(name: "bending", demand: bending(hang, body, pulls), capacity: bending_rating)
        end
        found
      end

      # How many parts there are with so many holes in use.
      def count(holes)
        (spans.any? ? 1 : 0) + (ends_rated? ? holes : 0) + [ compression_rating, bending_rating ].count { |rating|
          rating
        }
      end

      # Greatest push along the beam at any section, kg: what the lines on one side of it press inward.
      def compression(hang, body, pulls = pulls_on(hang, body))
        sections(pulls) { |side| -side.sum { |at, force| force[0] } }.map(&:abs).max || 0.0
      end

      # Greatest bending at any section, kg m, own weight as if at its middle.
      def bending(hang, body, pulls = pulls_on(hang, body))
        own = [ [ 0.0, 0.0, 0.0 ], turned(hang, body, [ 0.0, 0.0, -mass ]) ]
        hung = @hung.map { |place, kg| [ [ place, 0.0, 0.0 ], turned(hang, body, [ 0.0, 0.0, -kg ]) ] }
        all = (pulls + [ own ] + hung).sort_by { |at, _| at[0] }
        all
          .map do |cut, _|
            all
              .select { |at, _| at[0] <= cut[0] }
              .sum { |at, force| force[2] * (cut[0] - at[0]) + force[0] * (at[2] - cut[2]) }
          end
          .map(&:abs)
          .max
      end

      private

      # A spreader that is marked with the push along it alone has no rating of its ends.
      def ends_rated? = spans.any? || !end_rating.nil?

      def by_span(below, span)
        return [] if spans.empty?

        rated = wll(span)
        [
          Part.new(
            name: "beam at #{Figure.m(span)}",
            demand: below.sum { |_, force| -force[2] } + @hung.sum(&:last),
            capacity: rated,
            reason: rated ? nil : "no rating is marked for this span"
          )
        ]
      end

      def at_ends(below, rated)
        ends(below).map do |name, kg|
          Part.new(
            name: name,
            demand: kg,
            capacity: end_rating || (rated && rated / 2.0),
            reason: rated || end_rating ? nil : "no rating is marked"
          )
        end
      end

      # [[place in the beam's axes, force in the world's], ...] of every line on the beam.
      def forces_on(hang, body)
        places = hang.rig.lines.flat_map { |line| line.nodes.select(&:first) }
        hang
          .pulls
          .zip(places)
          .select { |(_, owner, _), _| owner == body }
          .map { |(_, _, force), (_, own)| [ own, force ] }
      end

      # The same in the beam's own axes, x along it.
      def pulls_on(hang, body) = forces_on(hang, body).map { |own, force| [ own, turned(hang, body, force) ] }
      def hanging(hang, body) = forces_on(hang, body).select { |_, force| force[2].negative? }

      def turned(hang, body, force)
        turn = hang.pose.turns[body]
        [ 0, 1, 2 ].map { |axis| turn[axis] * force[0] + turn[3 + axis] * force[1] + turn[6 + axis] * force[2] }
      end

      # The whole pull at each hole or end, kg, by where along the beam it is.
      def ends(below)
        below
          .group_by { |at, _| at[0].round(3) }
          .sort
          .map do |along, some|
            whole = some.map(&:last).transpose.map(&:sum)
            whole[2] -= @hung.sum { |place, kg| (place - along).abs < SPAN_TOLERANCE_M ? kg : 0.0 }
            [ "hole #{Figure.m(along)} from the middle", Math.sqrt(whole.sum { |part| part * part }) ]
          end
      end

      def sections(pulls)
        pulls.map { |at, _| at[0] }.uniq.sort.map { |cut| yield(pulls.select { |at, _| at[0] <= cut + 1e-9 }) }
      end
    end
  end
end
