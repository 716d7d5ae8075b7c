module DustLadder
  module Slings
    # Does a sling's reach fit the leg that is planned? Chain may be shortened by whole links; other kinds
    # are as long as they are. Part of a choker or basket goes round the load.
    class Fit
      include Ladder::Sentences

      NEAR_M = 0.010

      # leg: a Leg with a sling.
      def initialize(leg)
        @leg = leg
        @sling = leg.sling
        @needed = leg.needed
        @tolerance = [ NEAR_M, leg.lift.rules[:leg_length_tolerance] * reach ].max
      end

      # Why it does not fit, or nil.
      def reason
        short = taken - reach
        if short > @tolerance
          return both do |system|
            "#{number} is #{Figure.m(short, :up).shown(system)} too short: reach " \
              "#{Figure.m(reach).shown(system)}, planned #{Figure.m(taken).shown(system)}"
          end
        end
        long = reach - taken
        return unless long > @tolerance && @sling["kind"] != "alloy_chain"
        return too_long(long) unless @leg.hitch == "vertical"

        both do |system|
          "#{number} cannot be shortened: reach #{Figure.m(reach).shown(system)}, planned " \
            "#{Figure.m(@needed).shown(system)}"
        end
      end

      # The load hangs lower by what a choke has too much, and by half of what a basket has.
      def too_long(long)
        lower = Figure.m(@leg.hitch == "basket" ? long / 2 : long, :up)
        long = Figure.m(long, :up)
        both { |system| "#{number} is #{long.shown(system)} too long: hangs #{lower.shown(system)} lower than planned" }
      end

      # What to do about it, as [[id, sentence by system of units], ...].
      def advice
        return [] unless @leg.hitch == "vertical"
        return [] unless spare > NEAR_M && @sling["kind"] == "alloy_chain"

        pitch = @sling["link_pitch_m"]
        links = pitch ? ", #{(spare / pitch).round} links" : ""
        [
          [
            "shorten",
            both do |system|
              "#{title}: shorten #{number} by #{Figure.m(spare).shown(system)}#{links}, with a clutch only, the " \
                "loaded end leaving by the bottom."
            end
          ]
        ]
      end

      private

      def taken = @leg.taken(@needed)

      def title = @leg.is_a?(UpperLeg) ? @leg.name : "#{@leg.name} leg"
      def number = @sling["number"]
      def reach = @sling["reach_m"].to_f
      def spare = reach - @needed
    end
  end
end
