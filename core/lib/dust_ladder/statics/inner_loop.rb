module DustLadder
  module Statics
    # Where a choke or a wrap closes round the load its two parts stand at an angle to the level line between them.
    module InnerLoop
      module_function

      # Tension of each part, kg, for a pull and that angle in degrees. Raises NotKnown for a loop that is flat.
      def tension(pull, degrees)
        raise NotKnown, "an inner loop needs an angle above 0 and up to 90°" unless degrees.positive? && degrees <= 90

        pull / (2 * Math.sin(degrees * Math::PI / 180))
      end
    end
  end
end
