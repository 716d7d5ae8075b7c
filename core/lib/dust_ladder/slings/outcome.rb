module DustLadder
  module Slings
    # What one leg, or both together, comes to. demand and capacity are Figures of one unit; stop is a reason
    # (a Sentence) that no figure mends; work writes the arithmetic into a Working.
    Outcome = Struct.new(:name, :subject, :demand, :capacity, :nominal, :stop, :work, keyword_init: true) do
      def share = !stop && capacity.value.positive? ? demand.value / capacity.value : Float::INFINITY
    end
  end
end
