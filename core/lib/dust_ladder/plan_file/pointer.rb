module DustLadder
  module PlanFile
    # Places in a document as JSON pointers (RFC 6901) name them.
    module Pointer
      module_function

      # The keys on the way to it.
      def keys(pointer) =
        pointer.split("/").drop(1).map { |key| key.match?(/\A\d+\z/) ? key.to_i : key.gsub("~1", "/").gsub("~0", "~") }

      # What is at a JSON pointer, or nil.
      def at(document, pointer) = document.dig(*keys(pointer))

      # A copy of the document with other values at some places, { JSON pointer => value }.
      def with_values(document, changes)
        JSON
          .parse(JSON.generate(document))
          .tap do |copy|
            changes.each do |pointer, value|
              *path, last = keys(pointer)
              path.reduce(copy) { |place, key| place[key] || (place.is_a?(Hash) ? place[key] = {} : place[key]) }[
                last
              ] = value
            end
          end
      end
    end
  end
end
