module DustLadder
  module Cranes
    # Is everyone and everything in the platform within its own rating?
    class PlatformCheck < Ladder::Check
      include DryRun
      ID = "platform"
      LABEL = "Platform"
      FLIGHT = "crane"
      PER = "crane"

      def self.applies?(duty) = duty.crane.family?("platform_jib")

      private

      def examine
        applies!
        if aboard.empty?
          raise NotKnown.new(
            "who and what is in the platform is not given",
            pointer: duty.crane.pointer("platform/aboard")
          )
        end

        operands =
          aboard.each_with_index.to_h do |(what, kg), index|
            [ :"p#{index + 1}", Figure.kg(kg, :up) ].tap { |symbol, figure| line(symbol.to_s, figure, source: what) }
          end
        total =
          line(
            "P",
            Figure.kg(operands.values.sum(&:value), :up),
            formula: operands.keys.join(" + "),
            from: operands,
            source: "everyone and everything in the platform"
          )
        rated = duty.crane.family.rated_kg
        line("C", Figure.kg(rated, :down), source: "#{duty.crane.chart_title}: rating of the platform")
        judge(
          Figure.kg(total, :up),
          Figure.kg(rated, :down),
          attention: rules[:attention, :crane],
          note:
            both do |system|
              "#{Figure.kg(total, :up).bare(system)} of #{Figure.kg(rated, :down).shown(system)} in the platform"
            end
        )
      end
    end
  end
end
