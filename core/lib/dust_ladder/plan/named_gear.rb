module DustLadder
  module Plan
    # Which pieces of the store a plan has: slings and beams by the snapshots that it carries, fittings and mats where
    # it names them.
    module NamedGear
      KINDS = %w[slings beams].freeze

      module_function

      # document: a Hash. Their numbers, each once.
      def numbers(document)
        (KINDS.flat_map { |kind| document.dig("snapshots", kind).to_h.keys } + named(document)).uniq
      end

      # Is a JSON pointer of something that a plan took from the house?
      def snapshot?(pointer) = pointer.start_with?("/snapshots/")

      # Is it one of a fitting or a mat?
      def piece?(pointer) = pointer.start_with?("/snapshots/gear/")

      # { JSON pointer => snapshot } that put pieces of the store into a plan. kind: of its snapshots.
      def taken(kind, pieces)
        pieces.to_h do |piece|
          key = PlanFile::Pointer.escaped(piece["number"])
          [ Plan.pointer("snapshots", kind, key), Gear::Piece.snapshot(piece) ]
        end
      end

      # What of its snapshots a document names, { kind => numbers }; kinds that are kept whatever is named are left out.
      def in_use(document)
        strands = [ *document.dig("rigging", "legs"), *document.dig("rigging", "beam", "legs") ]
        seconds = document.dig("tandem", "ends").to_a.filter_map { |one| one["second"] }
        {
          "slings" => strands.filter_map { |one| one["sling"] } + seconds,
          "beams" => [ document.dig("rigging", "beam", "beam") ].compact,
          "charts" => document["cranes"].to_a.filter_map { |crane| crane["chart"] },
          "gear" => named(document)
        }.transform_values(&:uniq)
      end

      # Of fittings and mats, as often as they are named.
      def named(document)
        fittings = document.dig("rigging", "legs").to_a.flat_map { |leg| leg["fittings"].to_a }
        mats = document["cranes"].to_a.flat_map { |crane| crane.dig("stand", "mat", "pieces").to_a }
        fittings.filter_map { |one| one["piece"] } + mats
      end
    end
  end
end
