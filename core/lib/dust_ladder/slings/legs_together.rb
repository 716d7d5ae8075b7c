module DustLadder
  module Slings
    # All legs as one sling, two to four: the school's uniform-load bands for legs that are alike, and the tag's own
    # bands. Past the last band there is no figure, and the angle itself is held against that band.
    class LegsTogether
      # legs: two to four Leg objects.
      def initialize(lift, legs)
        @lift = lift
        @rules = lift.rules
        @legs = legs
      end

      # Each as its own part; raises NotKnown where the tag is void and nobody decided on it.
      def outcomes = [ uniform, tagged ].compact
      # Is there a tag's rating for all legs together that holds only for legs alike?
      def void? = banded? && !alike?

      private

      def bridle = @lift.bridle
      def all = @legs.size == 2 ? "both legs" : "all legs"
      def shallowest = 90 - bridle.flattest_deg.min

      def uniform
        return unless %w[uniform_load both].include?(@rules[:multi_leg_school]) && alike?

        single = @legs[0].tag.vertical_kg
        choker = @rules[:uniform_load_choker] if @legs[0].hitch == "choker"
        bands = @rules[:uniform_load_bands]
        source = "uniform load, #{@rules.cite(:uniform_load_bands)}"
        whole(
          MultiLeg.uniform_load(@legs.size, single, shallowest, bands, choker: choker),
          bands.last.first,
          source,
          "#{all}, uniform load"
        ) { |working, capacity| work_uniform(working, capacity, single, choker, source) }
      end

      def alike?
        return false if @legs.any? { |leg| leg.hitch == "basket" } || @legs.map(&:hitch).uniq.size > 1

        ratings = @legs.map { |leg| leg.tag.vertical_kg }
        angles = bridle.pose.legs.map(&:deg_from_horizontal)
        lengths = bridle.lengths
        !ratings.first.nil? && ratings.uniq.size == 1 &&
          angles.max - angles.min <= @rules[:uniform_load_most_difference_deg] &&
          lengths.max - lengths.min <= @rules[:leg_length_tolerance] * lengths.max
      end

      # One sling on all legs, whose tag rates them together.
      def banded?
        one = @legs[0].sling
        one["legs"] == @legs.size && @legs[0].tag.multi_leg.any? &&
          @legs.all? { |leg| leg.sling["number"] == one["number"] && leg.hitch == "vertical" }
      end

      def tagged
        return unless banded?
        return decided unless alike?

        one = @legs[0].sling
        bands = @legs[0].tag.multi_leg.sort_by { |entry| entry["upto_deg_from_plumb"] }
        band = bands.find { |entry| shallowest <= entry["upto_deg_from_plumb"] + 1e-9 }
        source = "tag #{one["number"]}, #{all}"
        most = bands.last["upto_deg_from_plumb"]
        whole(band && band["kg"], most, source, "#{all}, by tag") do |working, capacity|
          working.line("C", capacity, source: source)
        end
      end

      # Each leg counts against its own rating alone, on a competent person's word.
      def decided
        return unless @lift.rigging.unlike_decided_by.empty?

        raise NotKnown.new(
          "the tag of #{@legs[0].sling["number"]} rates legs that are alike, and these are not: who decided on each " \
            "leg by itself is not given",
          pointer: @lift.rigging.pointer("unlike_decided_by")
        )
      end

      # capacity in kg, or nil past the last band, which ends at `most` degrees from plumb.
      def whole(capacity, most, source, name)
        return past_the_last(most, source, name) unless capacity

        weight, figure = Figure.kg(@lift.load.planned_kg, :up), Figure.kg(capacity, :down)
        here = Figure.kg(capacity * left, :down)
        Outcome.new(
          name: name,
          subject: all,
          demand: weight,
          capacity: here,
          work:
            lambda do |working|
              working.line("W", weight, source: "planned weight", about: "load")
              work_angle(working)
              yield(working, figure)
              work_left(working, figure, here) if left < 1
            end
        )
      end

      # The least that choke, bend, heat and site leave of any leg.
      def left = @left ||= @legs.map { |leg| leg.left * leg.choke_share }.min

      def work_left(working, figure, here)
        share = Figure.factor(left, :down)
        working.line("kl", share, source: "the least that choke, bend, heat and site leave of a leg")
        working.line("Ch", here, formula: "C × kl", from: { C: figure, kl: share }, source: "here")
      end

      def past_the_last(most, source, name)
        Outcome.new(
          name: name,
          subject: all,
          demand: Figure.deg(shallowest, :up),
          capacity: Figure.deg(most),
          work:
            lambda do |working|
              work_angle(working)
              working.line("most", Figure.deg(most), source: "no figure further from plumb: #{source}")
            end
        )
      end

      def work_angle(working)
        leg = bridle.flattest_deg.each_index.min_by { |index| bridle.flattest_deg[index] }
        working.line(
          "b",
          Figure.deg(shallowest, :up),
          source: "flattest leg from plumb, at worst",
          about: "leg:#{leg}"
        )
      end

      def work_uniform(working, capacity, single, choker, source)
        rating = Figure.kg(single, :down)
        working.line("R", rating, source: "tag #{@legs[0].sling["number"]}, one leg")
        operands = { f: Figure.factor(capacity.value / single / (choker || 1)), R: rating }
        operands[:c] = Figure.factor(choker) if choker
        working.line("C", capacity, formula: choker ? "f × R × c" : "f × R", from: operands, source: source)
      end
    end
  end
end
