module DustLadder
  module Cases
    # The exact format of worked cases: which names a topic's given may have and needs, and which may be expected.
    module Format
      SCHEMA = JSON.parse(File.read(File.expand_path("cases-1.json", __dir__))).freeze

      module_function

      def topics = SCHEMA["$defs"].keys

      # What is wrong with a case, in words; empty when nothing is.
      def faults(one)
        schemer = (@schemers ||= {})[one["topic"]] ||= JSONSchemer.schema(SCHEMA["$defs"].fetch(one["topic"]))
        schemer.validate(one.slice("given", "expect")).map { |error| in_words(error) }.uniq
      end

      def in_words(error)
        place = error["data_pointer"]
        case error["type"]
        when "schema"
          "unknown name #{place.split("/").last} in #{place.split("/")[1..-2].join("/")}, expected one of " \
            "#{parent(error).join(", ")}"
        when "required"
          "#{error.dig("details", "missing_keys").join(", ")} is missing in #{place.delete_prefix("/")}"
        when "enum"
          "#{error["data"].inspect} at #{place.delete_prefix("/")} is not one of #{error["schema"]["enum"].join(", ")}"
        else
          "#{place.delete_prefix("/")} is not #{Array(error["schema"]["type"]).join(" or ")}"
        end
      end

      # Names that stand beside an unknown one.
      def parent(error)
        pointer = error["schema_pointer"].delete_suffix("/additionalProperties")
        root = error["root_schema"]
        keys(pointer)
          .reduce(root) { |schema, key| schema.is_a?(Array) ? schema[key.to_i] : schema.fetch(key) }
          .fetch("properties", {})
          .keys
      end

      def keys(pointer) = pointer.split("/").drop(1)
      private_class_method :in_words, :parent, :keys
    end
  end
end
