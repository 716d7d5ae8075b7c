module DustLadder
  module Plan
    # What differs between two documents of one plan, in words that are read in a list: "set radius 11.2 m -> 10.4 m".
    # Both as PlanFile.read returns them.
    class Changes
      # pointer: its place. what: in words. before, after: as they are read, or nil where one has none.
      Change =
        Struct.new(:pointer, :what, :before, :after, keyword_init: true) do
          def words
            return "#{what} #{after}" if before.nil?
            return "#{what} #{before} taken away" if after.nil?

            "#{what} #{before} → #{after}"
          end

          def as_json(*) = to_h.transform_keys(&:to_s)
        end
      LONGEST = 80

      def initialize(before, after)
        @before = before
        @after = after
        @names = Names.new(after, before)
      end

      # Every one, in the order of the plan's own sections; what was taken of the house after what was written.
      def all
        @all ||= [ *within(@before.except(*ASIDE), @after.except(*ASIDE), []), *taken ]
      end

      # The first of them in words, and how many more there are.
      def words(most = 4)
        more = all.size - most
        [ *all.first(most).map(&:words), *(more.positive? ? "#{more} more" : nil) ].join(", ")
      end

      ASIDE = %w[core format version snapshots].freeze
      private_constant :ASIDE

      private

      def within(one, other, place)
        return [] if one == other
        return members(one, other, place) if [ one, other ].all?(Hash)
        return listed(one, other, place) if [ one, other ].all?(Array) && nested?(one + other)

        before, after = [ one, other ].map { |value| read(value) }
        before == after ? [] : [ change(place, before, after) ]
      end

      def members(one, other, place)
        (one.keys | other.keys).flat_map { |key| within(one[key], other[key], [ *place, key ]) }
      end

      # Members that are as many as before are the same ones; else what came and what went.
      def listed(one, other, place)
        unless one.size == other.size
          gone = (one - other).map { |value| change(place, read(value), nil) }
          return [ *gone, *(other - one).map { |value| change(place, nil, read(value)) } ]
        end

        one.each_index.flat_map { |index| within(one[index], other[index], [ *place, index ]) }
      end

      def nested?(values) = values.all? { |value| value.is_a?(Hash) || value.is_a?(Array) }

      def change(place, before, after)
        Change.new(pointer: Plan.pointer(*place), what: @names.of(place), before: before, after: after)
      end

      # A value as somebody reads it; nil for nothing.
      def read(value)
        case value
        when nil, "", [], {} then nil
        when true then "yes"
        when false then "no"
        when Array then nested?(value) ? "#{value.size} of them" : value.join(", ").slice(0, LONGEST)
        when Hash then @names.of_whole(value).slice(0, LONGEST)
        else value.to_s.tr("_", " ").slice(0, LONGEST)
        end
      end

      # What the plan took of the house: another version of a chart, other figures of a sling.
      def taken
        kinds = @before["snapshots"].keys | @after["snapshots"].keys
        kinds.flat_map do |kind|
          one, other = [ @before, @after ].map { |document| document.dig("snapshots", kind).to_h }
          (one.keys | other.keys).filter_map do |id|
            next if one.dig(id, "digest") == other.dig(id, "digest")

            before, after = [ one, other ].map { |all| all[id] && @names.of_snapshot(kind, all[id]["data"]) }
            after = "#{after}, other figures" if before == after
            Change.new(
              pointer: Plan.pointer("snapshots", kind, id),
              what: "#{@names.kind(kind)} #{id}",
              before: before,
              after: after
            )
          end
        end
      end
    end
  end
end
