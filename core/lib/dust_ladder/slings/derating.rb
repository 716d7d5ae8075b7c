module DustLadder
  module Slings
    # What takes a sling's capacity away, one named factor after the other (handbook, section 3.3):
    # tag figure for the hitch x leg angle x choke angle x D/d x temperature x site. A factor that is nil is a stop: no
    # figure holds there.
    class Derating
      # name; factor, or nil; reason of a stop; source.
      Step = Struct.new(:name, :factor, :reason, :source, keyword_init: true)
      ROPES = %w[wire_rope].freeze
      CHAINS = %w[alloy_chain].freeze

      attr_reader :steps

      # What an angle of choke leaves of the choker rating, degrees at the eye; nil below every band.
      def self.choke_factor(rules, deg) =
        rules[:choke_angle_bands].find { |at_least, _| deg >= at_least - 1e-9 }&.last

      # What a wire rope's bend leaves: bare diameter over the rope's, against the ratio that its basket rating has in
      # it already; nil under the least.
      def self.bend_factor(rules, ratio, rated_at = nil)
        values = rules[:bending]
        return if ratio < values["least_ratio"] - 1e-9

        efficiency = ->(at) do
          if at > values["tight_ratio"]
            1 - values["root"] / Math.sqrt(at)
          else
            1 - values["tight"] / at**values["tight_power"]
          end
        end
        [ 1.0, efficiency.(ratio) / efficiency.(rated_at || values["rated_at"]) ].min
      end

      # hitch_factor: what the hitch makes of the vertical rating, before the leg's angle. Angles in degrees, bend: bare
      # bend diameter over the rope's (or chain's), temperature in °C with its row of the rule set's bands.
      def initialize(
        rules,
        kind:,
        hitch:,
        hitch_factor:,
        deg_from_horizontal:,
        choke_deg: nil,
        bend: nil,
        bend_rated_at: nil,
        temperature_row: nil,
        celsius: nil,
        site_factor: 1.0,
        sling: nil
      )
        @rules = rules
        @kind = kind
        @steps = [
          Step.new(name: "hitch", factor: hitch_factor, source: "#{hitch} hitch"),
          leg(deg_from_horizontal),
          choke(hitch, choke_deg),
          bending(bend, bend_rated_at),
          sling ? heat(sling, celsius) : temperature(temperature_row, celsius),
          site(site_factor)
        ]
      end

      def stop = steps.find { |step| step.factor.nil? }
      # What is left of a vertical rating, or nil.
      def factor = stop ? nil : steps.map(&:factor).reduce(:*)
      def capacity(vertical_kg) = factor && vertical_kg * factor

      private

      def leg(deg)
        unless deg.positive?
          return Step.new(
            name: "leg angle",
            reason: "a leg that does not rise carries nothing",
            source: "sine of the angle from the horizontal"
          )
        end

        Step.new(
          name: "leg angle",
          factor: deg == 90 ? 1.0 : Math.sin(deg * Math::PI / 180),
          source: "sine of the angle from the horizontal"
        )
      end

      def choke(hitch, deg)
        source = @rules.cite(:choke_angle_bands)
        return Step.new(name: "choke angle", factor: 1.0, source: "no choke") unless hitch == "choker"
        return Step.new(name: "choke angle", reason: "the angle of choke is not given", source: source) if deg.nil?

        Step.new(
          name: "choke angle",
          factor: self.class.choke_factor(@rules, deg),
          reason: "an angle of choke is not below 0",
          source: source
        )
      end

      def bending(ratio, rated_at)
        source = @rules.cite(:bending)
        return Step.new(name: "bend", factor: 1.0, source: "no bend under load") if ratio.nil?
        return chain_bend(ratio) if CHAINS.include?(@kind)
        unless ROPES.include?(@kind)
          return Step.new(
            name: "bend",
            reason: "a #{@kind.tr("_", " ")} sling bent round this: ask its maker, or pad",
            source: source
          )
        end

        least = @rules[:bending]["least_ratio"]
        factor = self.class.bend_factor(@rules, ratio, rated_at)
        reason = factor ? nil : "bent round #{ratio.round(2)} of its own diameter, under #{least.round}"
        Step.new(name: "bend", factor: factor, reason: reason, source: source)
      end

      def chain_bend(ratio)
        enough = ratio >= @rules[:chain_bend_least_ratio] - 1e-9
        Step.new(
          name: "bend",
          factor: enough ? 1.0 : nil,
          reason: enough ? nil : "chain over an edge that is too sharp: pad it",
          source: @rules.cite(:chain_bend_least_ratio)
        )
      end

      def temperature(row, celsius)
        return Step.new(name: "temperature", factor: 1.0, source: "no heat or cold given") if celsius.nil?

        bands = @rules[:temperature_bands][row] or
          return Step.new(
            name: "temperature",
            reason: "there are no bands for #{row.to_s.tr("_", " ")}: ask the maker",
            source: @rules.cite(:temperature_bands)
          )
        left =
          if celsius < bands["least"] - 1e-9
            nil
          else
            Fittings::Bands.factor(
              bands["bands"].map { |upto, factor| [ upto - bands["least"], factor ] },
              [ celsius - bands["least"], 0.0 ].max
            )
          end
        Step.new(
          name: "temperature",
          factor: left,
          reason: left ? nil : "#{celsius.round} °C is outside what this kind is for",
          source: @rules.cite(:temperature_bands)
        )
      end

      # Of a piece, by its kind, grade and core. Raises NotKnown where that is not known and would decide.
      def heat(sling, celsius)
        return Step.new(name: "temperature", factor: 1.0, source: "no heat or cold given") if celsius.nil?

        left = Heat.factor(sling, @rules, celsius)
        reason = left ? nil : "#{celsius.round} °C is outside what this kind is for"
        Step.new(name: "temperature", factor: left, reason: reason, source: @rules.cite(:temperature_bands))
      end

      def site(factor)
        raise ArgumentError, "a site factor is above 0 and at most 1" unless factor.positive? && factor <= 1

        Step.new(name: "site", factor: factor.to_f, source: "site")
      end
    end
  end
end
