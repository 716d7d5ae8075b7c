module DustLadder
  module Slings
    class Selection
      # The store, looked through once: pieces that differ in nothing but number, place and how they stand are judged
      # together.
      class Store
        # What each piece has for itself.
        OWN = %w[number place state due examined use measured].freeze

        # [[one piece of a sort, all of that sort], ...]; of the others of a sort what is their own is enough, and their
        # kind.
        attr_reader :sorts

        # pieces: as the plan format describes a sling; how it stands (state, due, examined, use, measured) and its
        # place may stand beside.
        def initialize(pieces)
          @sorts = pieces.group_by { |piece| piece.except(*OWN) }.values.map { |alike| [ alike.first, alike ] }
        end

        # A Store of pieces; one that is a Store already stays as it is.
        def self.from(pieces) = pieces.is_a?(Store) ? pieces : new(pieces)

        # Of sorts that are known already, as `sorts` has them.
        def self.of(sorts) = allocate.tap { |store| store.instance_variable_set(:@sorts, sorts) }

        # { kind => a Store of that kind }.
        def by_kind
          @by_kind ||= sorts.group_by { |sample, _| sample["kind"] }.transform_values { |some| Store.of(some) }
        end
      end
    end
  end
end
