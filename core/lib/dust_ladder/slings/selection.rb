module DustLadder
  module Slings
    # Which pieces can serve on a leg, which cannot and why, and the best of those that can (handbook, section 4):
    # reject, keep every reason, rank what is left by parts of a score that can be seen.
    class Selection
      # What is asked of each leg. tension: kg; hitch; deg_from_horizontal and choke_deg of the leg, degrees (the
      # tension has the leg's angle in it already; a basket's sides do not); length: bearing to bearing, m; celsius;
      # near: of acid, alkali, bleach; edges: sharp and not padded, or :of_a_radius that chain and rope may stand;
      # tender: a surface that hard slings mark; no_sparks, no_current: the surroundings forbid them; legs: how many
      # alike are needed; on: the day of the lift, "2026-12-14", or nil where dates are not looked at. share and run:
      # of a leg that the sling's own reach makes as long as it is, its vertical share, kg, and its level run, m: the
      # tension then follows from the reach. single: only slings of one leg, where several would have to meet in one
      # ring and cannot; taken: numbers that are planned elsewhere in the same lift.
      Need =
        Struct.new(
          :tension,
          :hitch,
          :deg_from_horizontal,
          :choke_deg,
          :length,
          :celsius,
          :near,
          :edges,
          :tender,
          :no_sparks,
          :no_current,
          :legs,
          :on,
          :share,
          :run,
          :single,
          :taken,
          keyword_init: true
        ) do
          def initialize(
            taken: [],
            hitch: "vertical",
            deg_from_horizontal: 90.0,
            near: [],
            edges: false,
            no_sparks: false,
            no_current: false,
            legs: 1,
            **rest
          ) = super
        end
      # pieces: one, or a matched set. utilisation: fraction; in_band; carry: kg of the heaviest; score: lower is
      # better.
      Choice = Struct.new(:pieces, :utilisation, :in_band, :carry, :score, keyword_init: true)
      Rejected = Struct.new(:piece, :reasons)
      CHAIN = "alloy_chain".freeze
      TAKEN = [ "it is planned elsewhere in this lift" ].freeze
      MOST_CHOICES = 20

      def initialize(store, need, rules)
        @need = need
        @rules = rules
        @own = {}
        @sorted = Store.from(store).sorts.map { |sample, alike| judged(sample, alike) }
      end

      # Every piece that cannot serve, with every reason; most: no more than so many of them.
      def rejected(most = nil)
        found = @sorted.lazy.flat_map { |sort| sort.rejected { |piece| own_reasons(piece) } }
        (most ? found.first(most) : found.to_a)
      end
      def rejected_count = @sorted.sum(&:rejected_count)

      # What can serve, best first: matched sets of as many alike as there are legs, or slings of that many legs.
      def choices
        @choices ||=
          @sorted
            .filter_map do |sort|
              count = pieces_needed(sort.sample)
              next unless sort.reasons.empty? && sort.free.size >= count

              choice(sort.sample, sort.free.first(count).map { |piece| sort.whole(piece) }, sort.share)
            end
            .sort_by(&:score)
            .first(MOST_CHOICES)
      end

      private

      # A sort of the store; pieces by pieces are only looked at where the sort itself can serve.
      def judged(sample, alike)
        reasons, share = judge(sample)
        sort = { sample: sample, alike: alike, share: share }
        return Sort.new(**sort, reasons: reasons, free: [], kept: alike) if reasons.any?

        free, kept = alike.partition { |piece| own_reasons(piece).empty? }
        Sort.new(**sort, reasons: apart(sample, alike, free), free: free, kept: kept)
      end

      # Why a set cannot be taken as it is: its slings stay together.
      def apart(sample, alike, free)
        set = sample["set"] or return []
        return [ "another sling of the set #{set} cannot be used" ] if free.size < alike.size
        return [] if alike.size == pieces_needed(sample)

        [ "it belongs to the set #{set} of #{alike.size}: sets stay together" ]
      end

      def pieces_needed(sample) = (@need.legs.to_f / sample["legs"]).ceil

      def choice(sample, pieces, share)
        low, high = @rules[:good_band]
        carry = sample["mass_kg"].to_f
        outside = [ low - share, share - high, 0.0 ].max
        Choice.new(
          pieces: pieces,
          utilisation: share,
          in_band: outside.zero?,
          carry: carry,
          score: [
            outside.zero? ? 0 : 1,
            outside.round(6),
            carry * pieces.size,
            pieces.size,
            @need.run && @need.length ? (sample["reach_m"] - @need.length).abs.round(3) : 0
          ]
        )
      end

      # Reasons that a sort cannot serve, and how far it would be used.
      def judge(piece)
        reasons = unsuited(piece)
        capacity = capacity_of(piece, reasons)
        length = length_reasons(piece)
        tension = tension_on(piece)
        share = capacity && tension && tension / capacity
        if share && share > 1 + Ladder::Verdict::SLACK
          reasons << "carries #{Figure.kg(capacity, :down)} here, #{Figure.kg(tension, :up)} is needed"
        end
        reasons.concat(length)
        reasons << "has #{piece["legs"]} legs for #{@need.legs}" if piece["legs"] > @need.legs
        reasons << "its legs meet in one ring" if @need.single && piece["legs"] > 1
        [ reasons, share ]
      end

      def unsuited(piece)
        kind = @rules[:sling_kinds][piece["kind"]]
        return [ "nothing is known of its kind" ] unless kind

        reasons = (@need.near & kind["harmed_by"]).map { |what| "#{what} harms #{piece["kind"].tr("_", " ")}" }
        cut = @need.edges && (@need.edges != :of_a_radius || kind["cut_by_edges"])
        reasons << "an edge that is not padded would cut it" if cut
        reasons << "transport chain is never used for lifting" if piece["grade"] == "transport"
        marks = @need.tender && Surroundings::HARD.include?(piece["kind"])
        reasons << "it marks such a surface: name a packing" if marks
        reasons << "it may spark" if @need.no_sparks && kind["sparks"]
        reasons << "it conducts" if @need.no_current && kind["conducts"]
        reasons << "no legible rating" unless Tag.new(piece, @rules).legible?
        reasons
      end

      def capacity_of(piece, reasons)
        return if reasons.include?("no legible rating") || reasons.include?("nothing is known of its kind")

        tagged = Tag.new(piece, @rules).rating(@need.hitch)
        derating =
          Derating.new(
            @rules,
            kind: piece["kind"],
            hitch: @need.hitch,
            hitch_factor: 1.0,
            deg_from_horizontal: @need.hitch == "basket" ? @need.deg_from_horizontal : 90.0,
            choke_deg: @need.choke_deg,
            sling: piece,
            celsius: @need.celsius
          )
        reasons << derating.stop.reason if derating.stop
        derating.capacity(tagged.kg)
      rescue NotKnown => error
        reasons << error.what
        nil
      end

      # A sling that sets the leg's length itself stands as steep as its reach lets it; nil where it does not span the
      # run.
      def tension_on(piece)
        return @need.tension unless sets_length?(piece)

        piece["reach_m"] > @need.run ? @need.share / Math.sqrt(1 - (@need.run / piece["reach_m"])**2) : nil
      end

      def sets_length?(piece) = @need.run && piece["kind"] != CHAIN && @need.hitch == "vertical"

      # Chain may be shortened by whole links; other kinds are as long as they are.
      def length_reasons(piece)
        return spread_reasons(piece) if sets_length?(piece) && piece["reach_m"]
        return [] unless @need.length
        return [ "its reach is not known" ] unless piece["reach_m"]

        slack = [ Fit::NEAR_M, @rules[:leg_length_tolerance] * piece["reach_m"] ].max
        spare = piece["reach_m"] - @need.length
        return [ "#{Figure.m(-spare, :up)} too short" ] if spare < -slack
        if spare > slack && piece["kind"] != CHAIN && @need.hitch == "vertical"
          return [ "#{Figure.m(spare, :up)} too long, and it cannot be shortened" ]
        end

        []
      end

      def spread_reasons(piece)
        floor = @rules[:angle_floor_deg_from_horizontal]
        least = Reverse.shortest_length(@need.run, floor)
        if piece["reach_m"] < least - Fit::NEAR_M
          [ "too short for this spread: under #{floor.round}° from the horizontal; #{Figure.m(least, :up)} at least" ]
        else
          []
        end
      end

      # What speaks against a piece by its state, what was measured on it and its date.
      def own_reasons(piece)
        return TAKEN if @need.taken.include?(piece["number"])
        return measured_reasons(piece) if piece["measured"].to_h.any?

        @own[piece.values_at(*STANDING)] ||= measured_reasons(piece)
      end
      STANDING = %w[kind state due examined use].freeze

      def measured_reasons(piece)
        Gear::Fitness.new(piece, @rules).reasons(on: @need.on).map(&:words).freeze
      end
    end
  end
end
