module DustLadder
  module Cranes
    # What a platform and jib machine's dry run showed, read in its chart.
    module DryRun
      private

      # Ranges of both booms' angles, each [least, most]. Raises NotKnown.
      def ranges
        given = duty.crane.platform
        %w[lower upper].map do |boom|
          from, to = given[:"#{boom}_boom_from"], given[:"#{boom}_boom_to"]
          raise NotKnown.new("#{to.label} is less than the least", pointer: to.pointer) if to.value < from.value

          [ from.value, to.value ]
        end
      end

      def aboard = duty.crane.platform[:aboard].map { |what, mass| [ what, mass.not_negative ] }
      def applies! = duty.crane.applies!
    end
  end
end
