module DustLadder
  module Rigging
    # A start in a minute: from the load's outline, CG and points two or three arrangements, with slings and beam from
    # the store, each judged as the whole plan would then stand. What was tried and cannot be had is told.
    class Proposals
      # What was tried and cannot be had, and why.
      Failed = Struct.new(:words, :why)

      # document: an accepted plan. pieces, beams: of the store, with state, due and place beside.
      def initialize(document, pieces:, beams: [])
        @document = document
        @pieces = Slings::Selection::Store.from(pieces)
        @beams = beams
        @lift = Lift.new(document)
        @ways = WaysToHold.new(@lift)
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

      def load = @lift.load

      def to_points
        [ load.planned_kg, load.size, load.cg ]
        load.points.each(&:at)
        [ proposal(@ways.bridle), *spreaders ]
      rescue NotKnown => error
        raise unless error.pointer.to_s.start_with?(load.pointer("points"))

        @failed << Failed.new("Legs to its points", error.what)
        []
      end

      # A plan of a WaysToHold::Way, then the best slings of the store on its legs.
      def proposal(way)
        bare = PlanFile::Pointer.with_values(@document, way.changes)
        lower = taken(bare)
        upper = Plan::Rigging.new(bare).beam.legs.any?
        both_tiers = upper ? taken(PlanFile::Pointer.with_values(bare, lower.changes), upper: true) : nil
        all = [ lower, both_tiers ].compact
        final = all.last
        Proposal.new(
          id: way.id,
          words: way.words,
          changes: way.changes.merge(*all.map(&:changes)),
          ladder: final.ladder,
          slings: all.flat_map { |one| one.choice.pieces.map { |piece| piece["number"] } }.uniq,
          rigging: final.ladder.rigging_verdict
        )
      rescue Impossible, NotKnown => error
        @failed << Failed.new(way.words["metric"], error.what)
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

      # The spreader whose span is nearest to the points' spread, and straight legs below it.
      def spreaders
        spread = @ways.spread or return []
        beam, span = @ways.spreaders(@beams, spread).first
        return [ proposal(@ways.spreader(beam, span)) ] if beam

        why = "none in the store, ready and rated for #{Figure.kg(load.planned_kg, :up)}"
        @failed << Failed.new("A spreader", why)
        []
      end

      def baskets
        beam, span = @ways.spreaders(@beams, @ways.baskets_apart).first
        way = beam && @ways.baskets(beam, span)
        way && proposal(way)
      end
    end
  end
end
