module DustLadder
  module Advice
    # What the store has in place of what hangs there: slings, rings, fittings, mats, beams.
    module StoreChoices
      # Sorts of slings that are tried, the lightest first.
      MOST_SLINGS = 24
      MOST_FITTINGS = 3
      # Rungs that another way to hold the load could help.
      HELD = %w[
        level angle points thrust fittings surroundings loop sharing slings grip beam upper blocks hook
      ].freeze
      # Of pieces, what is its own and not its sort's.
      OWN = %w[number place state due examined use measured own_swl_kg own_swl_why set].freeze

      private

      def stock = @base.stock

      # Other slings on every leg: one of as many legs, or as many alike of one leg; the lightest first.
      def sling
        return if @lift.beam || @lift.rigging.reeved.given?

        sets = [ *whole_slings, *alike_slings ]
        sets
          .sort_by { |set| set.sum { |piece| piece["mass_kg"] || Float::INFINITY } }
          .first(MOST_SLINGS)
          .map { |set| slung(set) }
      end

      def used = @used ||= @lift.strands.filter_map(&:sling)
      def free = @free ||= stock.slings.reject { |piece| used.include?(piece["number"]) }

      def whole_slings
        fitting = free.select { |piece| piece["legs"] >= @lift.legs.size }
        fitting.uniq { |piece| piece.except(*OWN) }.map { |piece| [ piece ] }
      end

      def alike_slings
        count = @lift.legs.size
        return [] if count == 1

        sorts = free.select { |piece| piece["legs"] == 1 }.group_by { |piece| piece.except(*OWN) }.values
        sorts.select { |some| some.size >= count }.map { |some| some.first(count) }
      end

      def slung(set)
        numbers = set.map { |piece| piece["number"] }
        words = both("#{set.one? ? "Sling" : "Slings"} #{numbers.join(", ")}, #{set[0]["size"]}, from the store")
        values = @lift.legs.each_with_index.to_h { |leg, at| [ leg.pointer("sling"), numbers[at % numbers.size] ] }
        change(:sling, "sling-#{numbers.join("-")}", words, values.merge(Plan::NamedGear.taken("slings", set)))
      end

      # A ring that gathers legs which stand too far apart for the crane hook.
      def ring
        return unless asks?("hook") && crane.hook["ring"].nil?

        fit = fit_pieces("master_link").select { |piece| piece["wll_kg"].to_f.positive? }
        fit.sort_by { |piece| piece["wll_kg"] }.uniq { |piece| piece["wll_kg"] }.map do |piece|
          words = both do |system|
            "Gather the legs in ring #{piece["number"]}, #{Figure.kg(piece["wll_kg"], :down).shown(system)}, " \
              "from the store"
          end
          ring = { "what" => piece["number"], "wll" => "#{piece["wll_kg"].floor} kg" }
          change(:ring, "ring-#{piece["number"]}", words, { crane.pointer("hook", "ring") => ring })
        end
      end

      def fit_pieces(*kinds)
        day = @lift.last_day
        stock.of(*kinds).select { |piece| Gear::Fitness.new(piece, @lift.rules).reasons(on: day&.iso8601).empty? }
      end

      # A stronger piece in place of a fitting, the best of the store for each; and one in place of every one.
      def fitting
        return unless asks?("fittings") && stock.pieces.any?

        places = @lift.legs.flat_map { |leg| leg.fittings.each_index.map { |at| [ leg.index, at ] } }
        each = places.flat_map do |place|
          known_picks(@document, place).first(MOST_FITTINGS).map { |choice| fitted([ place ], [ choice ]) }
        end
        places.size > 1 ? [ *each, *every_fitting(places) ] : each
      end

      def known_picks(document, (leg, at))
        DustLadder.known([]) { Gear::FittingPick.new(document, stock.pieces, leg: leg, fitting: at).choices }
      end

      def every_fitting(places)
        document, found = @document, []
        places.each do |place|
          choice = known_picks(document, place).first or return []
          found << choice
          document = PlanFile::Pointer.sharing(document, choice.changes)
        end
        [ fitted(places, found) ]
      end

      def fitted(places, choices)
        told = places.zip(choices).map do |(leg, at), choice|
          "#{choice.piece["number"]}, #{choice.piece["size"]}, as the #{@lift.legs[leg].fittings[at].name}"
        end
        values = choices.map { |choice| own(choice.changes) }.reduce(:merge)
        pieces = choices.map(&:piece)
        id = "fitting-#{pieces.map { |piece| piece["number"] }.join("-")}"
        change(:fitting, id, both(told.join("; ")), values.merge(Plan::NamedGear.taken("gear", pieces)))
      end

      # Without the snapshots, which are put in one by one.
      def own(changes) = changes.reject { |pointer, _| Plan::NamedGear.snapshot?(pointer) }

      # Mats of the store under the pads.
      def mats
        return unless asks?("pads", "cut") && stock.of("mat").any?

        pick = Gear::MatPick.new(@document, stock.pieces, crane: crane.index)
        pick.choices.map do |choice|
          words = both do |system|
            "Mats #{choice.pieces.map { |piece| piece["number"] }.join(", ")} of " \
              "#{Figure.m(choice.side, :down).shown(system)} from the store under the pads"
          end
          values = own(choice.changes).merge(Plan::NamedGear.taken("gear", choice.pieces))
          change(:mats, "mats-#{choice.pieces[0]["number"]}", words, values)
        end
      end

      # Another way to hold it: a bridle, a spreader, two baskets.
      def spreader
        return unless asks?(*HELD)

        found = Rigging::Proposals.new(@document, pieces: stock.slings, beams: stock.beams).all
        found.map { |one| change(:spreader, "hold-#{one.id}", one.words, one.changes) }
      end
    end
  end
end
