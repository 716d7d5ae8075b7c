module DustLadder
  module Finding
    # How the load could be held: as planned, with other slings of the store, under a higher or a lower hook, straight
    # from the hook, under a spreader, in baskets (handbook, sections 3, 4 and 13). A grid; what of it holds is for
    # others to find out.
    class Holds
      include Ladder::Sentences

      DEGREES = [ 45.0, 50.0, 55.0, 60.0, 65.0, 70.0, 75.0 ].freeze
      UNDER_BEAM_DEG = [ 60.0 ].freeze
      # Spans of spreaders that are looked at, the nearest to what is wanted first: a beam takes long to work out.
      MOST_SPANS = 1
      # Sling sets of any other hold, the best first.
      MOST_SETS = 60
      NEAR_M = 0.01

      # base: an Advice::Base; may: a May.
      def initialize(base, may)
        @base = base
        @lift = base.lift
        @may = may
        @ways = Rigging::WaysToHold.new(@lift)
        @store = Slings::Selection::Store.from(base.stock.slings)
      end

      # Each Hold once, in no order but that what is planned comes first. Yields them as they are worked out.
      def each
        seen = Set.new
        sources.each do |kind, changes, bears|
          slung(kind, changes, bears) { |hold| yield hold if seen.add?(as_made(hold)) }
        end
      end

      private

      def planned_kind = @planned_kind ||= @lift.beam ? "beam" : straight? ? "bridle" : "planned"
      def straight? = @lift.legs.any? && @lift.legs.all?(&:straight?)

      # [kind, Changes that make it so, without a sling, kg that its beam bears].
      def sources
        others = @may.hold && !@lift.rigging.reeved.given? ? [ *bridles, *beams ] : []
        [ [ planned_kind, [] ], *heights, *others ]
      end

      # The planned way under other hooks.
      def heights
        return [] if @lift.beam || @lift.legs.empty? || @lift.rigging.reeved.given?

        now = DustLadder.known { @lift.bridle.hook_set }
        found = known { DEGREES.map { |degrees| [ degrees, @ways.hook_height(degrees) ] } }
        found.reject { |_, metres| now && (metres - now).abs < NEAR_M }.uniq(&:last).map do |degrees, metres|
          [ planned_kind, [ hook(degrees, metres) ] ]
        end
      end

      def hook(degrees, metres)
        words = both do |system|
          "Hook #{Figure.m(metres).shown(system)} above the load's base, legs about #{Figure.deg(degrees, :near)}"
        end
        rigging = @lift.rigging
        values = {
          rigging.pointer("set_by") => "hook_height",
          rigging.pointer("hook_height") => format("%.2f m", metres)
        }
        change("hook", "hook-#{degrees.round}", words, values)
      end

      # Straight from the hook, where it is not planned so.
      def bridles
        return [] if planned_kind == "bridle"

        known { DEGREES.map { |degrees| [ "bridle", [ held(@ways.bridle(degrees), degrees) ] ] } }
      end

      def beams
        [ *under("spreader") { @ways.spread }, *under("baskets") { @ways.baskets_apart } ]
      end

      def under(kind)
        known do
          wanted = yield or next []
          spans = @ways.spreaders(@base.stock.beams, wanted).first(MOST_SPANS)
          spans.product(UNDER_BEAM_DEG).filter_map do |(beam, span), degrees|
            way = @ways.public_send(kind, beam, span, degrees)
            way && [ kind, [ held(way, "#{beam["number"]}-#{span}-#{degrees.round}") ], bears(beam, span) ]
          end
        end
      end

      def bears(beam, span) = beam["spans"].find { |one| one["span_m"] == span }["kg"].to_f
      def held(way, mark) = change("spreader", "#{way.id}-#{mark}", way.words, way.changes)
      def change(knob, id, words, values) = Advice::Change.new(id: id, knob: knob, words: words, values: values)
      def values_of(changes) = changes.map(&:values).reduce({}, :merge)
      def known(&block) = DustLadder.known([], &block)

      # Holds of one source: with the slings that are planned, where each leg has one, and with each set of the store.
      def slung(kind, changes, bears, &take)
        way = changes.map(&:id).join("+")
        make = ->(*more) { take.(Hold.new(kind: kind, way: way, changes: [ *changes, *more ], bears: bears)) }
        bare = @base.document_with(values_of(changes))
        legs = Plan::Rigging.new(PlanFile::Document.new(bare)).strands
        make.call if legs.any? && legs.all?(&:sling)
        sets(bare) { |change| make.(change) }
      end

      # A Change of each set that could be on the legs. With a beam above, of two of each tier: the best sets together,
      # and the strongest together.
      def sets(bare)
        tiers = Plan::Rigging.new(PlanFile::Document.new(bare)).beam.legs.any?
        lower = taken(bare)
        return lower.first(MOST_SETS).each { |one| yield sling([ one ]) } unless tiers

        %i[first strongest].each do |which|
          below = pick(lower, which) or next
          above = pick(taken(PlanFile::Pointer.with_values(bare, below.changes), upper: true), which) or next
          yield sling([ below, above ])
        end
      end

      def pick(taken, which) = which == :first ? taken.first : taken.min_by { |one| one.choice.utilisation }

      def taken(bare, upper: false)
        known { Slings::PlanSelection.new(bare, @store, upper: upper, hasty: true).unjudged }
      end

      # taken: PlanSelection::Takens, from below.
      def sling(taken)
        pieces = taken.map { |one| one.choice.pieces }
        told = pieces.map { |some| "#{some.map { |one| one["number"] }.join(", ")}, #{some[0]["size"]}" }
        own = taken.flat_map { |one| one.changes.to_a }.reject { |at, _| Plan::NamedGear.snapshot?(at) }.to_h
        all = pieces.flatten(1)
        id = "sling-#{all.map { |piece| piece["number"] }.join("-")}"
        words = both("Slings #{told.join("; above the beam ")}, from the store")
        change("sling", id, words, own.merge(Plan::NamedGear.taken("slings", all)))
      end

      # What tells one from another: slings that set their own length hang alike under whatever hook was asked for.
      def as_made(hold)
        values = hold.values.reject { |at, _| Plan::NamedGear.snapshot?(at) }
        by_length = values[@lift.rigging.pointer("set_by")] == "leg_lengths"
        by_length ? values.except(@lift.rigging.pointer("hook_height")) : values
      end
    end
  end
end
