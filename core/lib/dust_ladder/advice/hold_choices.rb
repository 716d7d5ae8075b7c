module DustLadder
  module Advice
    # Where and with what it is held: grips, fittings as they sit, edges, the crane hook, its weight.
    module HoldChoices
      # Shares of the load's length by which grips move, toward its middle and away.
      MOVED = [ 0.05, 0.1, 0.2 ].freeze

      # Nobody has weighed it yet: who takes this way says that somebody will.
      TO_BE_WEIGHED = "to be weighed before the lift".freeze

      private

      # Baskets and chokes may go elsewhere round the load, as far on either side; lugs stay where they are.
      def grips
        legs, load = @lift.legs, @lift.load
        return if legs.size != 2 || legs.any?(&:straight?) || @lift.beam

        xs = load.points.map { |point| point.at[0] }
        first, last = xs[0] <= xs[1] ? [ 0, 1 ] : [ 1, 0 ]
        [ [ "apart", -1 ], [ "together", 1 ] ].flat_map do |word, way|
          MOVED.filter_map do |share|
            by = share * load.size[0]
            at = { first => xs[first] + way * by, last => xs[last] - way * by }
            next if at[first] >= at[last] - by || at.values.any? { |x| x.negative? || x > load.size[0] }

            moved(word, by, at)
          end
        end
      end

      def moved(word, by, at)
        words = both { |system| "Move both grips #{Figure.m(by).shown(system)} #{word}" }
        values = at.to_h { |index, x| [ @lift.load.pointer("points", index, "x"), written(x) ] }
        change(:grips, "grips-#{word}", words, values)
      end

      def plane
        across = @lift.legs.flat_map(&:fittings).select { |fitting| fitting["plane"] == "across" }
        return if across.empty?

        names = across.map(&:name).join(", ")
        values = across.to_h { |fitting| [ fitting.pointer("plane"), "in" ] }
        change(:plane, "plane", both("Turn it so that it is pulled in its plane: #{names}"), values)
      end

      def edges
        place = @lift.rigging.surroundings
        return unless place["edges"] == "sharp"

        change(:edges, "edges", both("Pad the edges that the slings bear on"), { place.pointer("edges") => "padded" })
      end

      def centre
        off = crane.hook["off_centre"]
        return if off.nil? || off.to_f.zero?

        words = both("Hang it in the bowl of the crane hook, not #{off} of the way to its tip")
        change(:centre, "centre", words, { crane.pointer("hook", "off_centre") => "0" })
      end

      def weigh
        load = @lift.load
        return if load.from_take_off?(:weight) || load.basis == "weighed"

        bare, share = load.bare_kg, @lift.rules[:allowance, "weighed"]
        words = both do |system|
          "Weigh it first: if it is #{Figure.kg(bare).shown(system)}, +#{Figure.percent(share).shown(system)} is enough"
        end
        values = {
          load.pointer("weight", "basis") => "weighed",
          load.pointer("weight", "source") => TO_BE_WEIGHED
        }
        change(:weigh, "weigh", words, values)
      end
    end
  end
end
