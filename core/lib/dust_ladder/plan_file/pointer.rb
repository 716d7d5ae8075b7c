module DustLadder
  module PlanFile
    # Places in a document as JSON pointers (RFC 6901) name them.
    module Pointer
      module_function

      # A key as it stands in a pointer.
      def escaped(key) = key.to_s.gsub("~", "~0").gsub("/", "~1")

      # The keys on the way to it.
      def keys(pointer) =
        pointer.split("/").drop(1).map { |key| key.match?(/\A\d+\z/) ? key.to_i : key.gsub("~1", "/").gsub("~0", "~") }

      # What is at a JSON pointer, or nil.
      def at(document, pointer) = document.dig(*keys(pointer))

      # A copy of the document with other values at some places, { JSON pointer => value }; it shares nothing with
      # either.
      def with_values(document, changes)
        copied(document).tap { |copy| changes.each { |pointer, value| put(copy, *keys(pointer), copied(value)) } }
      end

      # The same, sharing all that is not on the way to those places: for what is only read. Neither may be written to.
      # Raises KeyError where a way leads past the end of a list, or into what holds nothing.
      def sharing(document, changes)
        changes.reduce(document) { |data, (pointer, value)| laid(data, keys(pointer), value) }
      end

      def laid(data, (key, *rest), value)
        data = {} if data.nil?
        fits = data.is_a?(Hash) || (data.is_a?(Array) && key.is_a?(Integer) && key < data.size)
        raise KeyError, "there is no #{key} here" unless fits

        data.dup.tap { |copy| copy[key] = rest.empty? ? value : laid(data[key], rest, value) }
      end
      private_class_method :laid

      def copied(value) = value.is_a?(Enumerable) ? JSON.parse(JSON.generate(value)) : value

      def put(copy, *path, last, value)
        place = path.reduce(copy) { |data, key| data[key] || (data.is_a?(Hash) ? data[key] = {} : data[key]) }
        place[last] = value
      end
      private_class_method :copied, :put
    end
  end
end
