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
        return both { |system|
          "#{number} is #{Figure.m(
            short,
            :up
).shown(system)} too short: reach #{Figure.m(reach).shown(system)}, planned " \
            "#{Figure.m(taken).shown(system)}"
        } if short > @tolerance
        return unless @leg.hitch == "vertical" && spare > @tolerance && @sling["kind"] != "alloy_chain"

        both { |system|
          "#{number} cannot be shortened: reach #{Figure.m(reach).shown(system)}, planned " \
            "#{Figure.m(@needed).shown(system)}"
        }
      end

      # What to do about it, as [[id, sentence by system of units], ...].
      def advice
        return [] if @leg.hitch != "vertical" && @leg.round
        return [ [ "round_the_load", both { |_|
          "#{title}: what of #{number} goes round the load is not in its reach here: measure it."
        } ] ] unless @leg.hitch == "vertical"
        return [] unless spare > NEAR_M && @sling["kind"] == "alloy_chain"

        pitch = @sling["link_pitch_m"]
        links = pitch ? ", #{(spare / pitch).round} links" : ""
        [ [ "shorten", both { |system|
          "#{title}: shorten #{number} by #{Figure.m(spare).shown(system)}#{links}, with a clutch only, the loaded end " \
            "leaving by the bottom."
        } ] ]
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
