module DustLadder
  module Slings
    class Selection
      # Pieces of one sort, judged: why none of them can serve (reasons), how far one would be used, which of them are
      # free, and which are kept back for reasons of their own.
      Sort =
        Struct.new(:sample, :alike, :reasons, :share, :free, :kept, keyword_init: true) do
          def rejected_count = reasons.any? ? alike.size : kept.size

          # Those that cannot serve, each with all its reasons; the block tells a piece's own.
          def rejected
            (reasons.any? ? alike : kept).lazy.map do |piece|
              Rejected.new(whole(piece), (reasons + yield(piece)).freeze)
            end
          end

          # A piece with what it has in common with the others; how another stands is none of its own.
          def whole(piece) = @common ? @common.merge(piece) : (@common = sample.except(*Store::OWN)).merge(piece)
        end
    end
  end
end
