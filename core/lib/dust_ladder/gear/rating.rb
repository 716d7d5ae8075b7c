module DustLadder
  module Gear
    # What a piece with one rating may carry.
    module Rating
      module_function

      # As stamped, or as its keeper holds it lower, kg; nil where neither is known.
      def kg(piece) = piece.values_at("wll_kg", "own_swl_kg").compact.min
    end
  end
end
