module DustLadder
  module PlanFile
    # The JSON Schemas (2020-12) of what goes in and what comes out, and their errors in plain words.
    module Schema
      FOLDER = File.expand_path("schemas", __dir__)
      PLAN = Bundle.read(File.join(FOLDER, "plan-2.json"))
      LADDER = Bundle.read(File.join(FOLDER, "ladder-1.json"))
      RECORD = Bundle.read(File.join(FOLDER, "record-1.json"))
      KINDS = {
        "object" => "an object",
        "array" => "a list",
        "string" => "text",
        "number" => "a number",
        "integer" => "a whole number",
        "boolean" => "true or false",
        "null" => "nothing"
      }.freeze

      READY = Schemers.new
      private_constant :READY

      module_function

      # Errors of a plan document, each { "pointer", "message", "expected" }; empty when it is valid.
      def plan_errors(document) = errors(plan_schemer, document)
      def ladder_errors(ladder) = errors(ladder_schemer, ladder)
      # Errors of the records that a plan file carries, each from "/records" on; whatever they are.
      def records_errors(records)
        unless records.is_a?(Array) && records.size <= Life::Chain::MOST
          expected = "a list of at most #{Life::Chain::MOST} records"
          return [ { "pointer" => "/records", "message" => "these are no records", "expected" => expected } ]
        end

        schemer = READY.of("a record") { RECORD }
        records.each_with_index.lazy.flat_map { |record, index|
          errors(schemer, record).map { |one| one.merge("pointer" => "/records/#{index}#{one["pointer"]}") }
        }.first(20)
      end

      # Errors of one part of a plan by its name, such as "rigging", with pointers from the plan's root.
      def section_errors(name, data)
        schemer = READY.of("/#{name}") { { **PLAN["properties"].fetch(name), "$defs" => PLAN["$defs"] } }
        errors(schemer, data).map { |error| error.merge("pointer" => "/#{name}#{error["pointer"]}") }
      end

      # Errors of one group of a take-off, { "title", "parts" }.
      def group_errors(group) = errors(part_schemer("group"), group)

      # Errors of a site document's data, and of one of its features.
      def site_errors(site) = errors(part_schemer("site"), site)
      def feature_errors(feature) = errors(part_schemer("feature"), feature)

      # Errors of one rule set's data.
      def rule_set_errors(set) = errors(part_schemer("rule_set"), set)

      # Errors of one chart's data.
      def chart_errors(chart) = errors(part_schemer("chart"), chart)

      # Of a part of the plan's schema that others refer to.
      def part_schemer(name)
        READY.of(name) { { "$ref" => "#/$defs/#{name}", "$defs" => PLAN["$defs"] } }
      end
      def plan_schemer = READY.of("a plan") { PLAN }
      def ladder_schemer = READY.of("a ladder") { LADDER }

      def errors(schemer, data)
        return [] if schemer.valid?(data)

        schemer.validate(data).first(20).map { |error| in_words(error) }.uniq
      rescue FloatDomainError
        [ endless(data) ].compact
      end

      # The first number that has no end, such as 1e400, as an error; nil where there is none.
      def endless(data)
        return unless endless?(data)

        keys = way_to_endless(data)
        place = keys.map { |key| "/#{Pointer.escaped(key)}" }.join
        { "pointer" => place, "message" => "this number is beyond measure", "expected" => "a number that can be" }
      end

      def endless?(data)
        case data
        when Float then !data.finite?
        when Hash then data.each_value.any? { |value| endless?(value) }
        when Array then data.any? { |value| endless?(value) }
        else false
        end
      end

      def way_to_endless(data)
        return [] unless data.is_a?(Enumerable)

        pairs = data.is_a?(Hash) ? data : data.each_with_index.map { |value, index| [ index, value ] }
        key, value = pairs.find { |_, one| endless?(one) }
        [ key, *way_to_endless(value) ]
      end
      private_class_method :endless?, :way_to_endless

      # A document with its keys in the schema's order, free maps in the order of their keys.
      def in_order(document) = ordered(document, PLAN)

      def ordered(data, schema)
        schema = PLAN["$defs"].fetch(schema["$ref"].split("/").last) if schema["$ref"]
        case data
        when Hash
          names = schema["properties"] || {}
          rest = schema["additionalProperties"].is_a?(Hash) ? schema["additionalProperties"] : {}
          keys = names.keys & data.keys
          (keys + (data.keys - keys).sort).to_h { |key| [ key, ordered(data[key], names[key] || rest) ] }
        when Array
          data.map { |item| ordered(item, schema["items"] || {}) }
        else
          data
        end
      end

      def in_words(error)
        pointer, schema = error["data_pointer"], error["schema"]
        case error["type"]
        when "required"
          {
            "pointer" => pointer,
            "message" => "#{error.dig("details", "missing_keys").join(", ")} is missing",
            "expected" => "every one of #{schema["required"].join(", ")}"
          }
        when "schema"
          {
            "pointer" => pointer,
            "message" => "#{pointer.split("/").last} does not belong here",
            "expected" => "only what the plan format names"
          }
        when "const"
          {
            "pointer" => pointer,
            "message" => "this is #{error["data"].inspect}",
            "expected" => schema["const"].inspect
          }
        when "enum"
          {
            "pointer" => pointer,
            "message" => "#{error["data"].inspect} is not one of the choices",
            "expected" => schema["enum"].map { |choice| choice || "nothing" }.join(", ")
          }
        when "pattern"
          {
            "pointer" => pointer,
            "message" => "#{error["data"].inspect} is not written as expected",
            "expected" => schema["pattern"]
          }
        else
          { "pointer" => pointer, "message" => kind_message(error), "expected" => expectation(schema) }
        end
      end

      def kind_message(error)
        shown = error["data"].is_a?(Enumerable) ? "this" : error["data"].inspect[0, 60]
        "#{shown} does not fit (#{error["type"]})"
      end

      def expectation(schema)
        kinds = Array(schema["type"]).map { |kind| KINDS.fetch(kind, kind) }.join(" or ")
        limits =
          schema.slice("minimum", "maximum", "exclusiveMinimum", "minLength", "maxLength", "minItems", "maxItems")
        [
          kinds,
          limits.map { |name, value| "#{name.gsub(/([A-Z])/) { " #{$1.downcase}" }} #{value}" }.join(", ")
        ].reject(&:empty?).join(", ")
      end
      private_class_method :plan_schemer,
        :ordered,
        :part_schemer,
        :ladder_schemer,
        :errors,
        :in_words,
        :kind_message,
        :expectation
    end
  end
end
