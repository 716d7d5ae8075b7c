module DustLadder
  module PlanFile
    module_function

    # The plan document as text: keys in the schema's order, free maps in the order of their keys, so that
    # the same plan is always the same file.
    def write(document) =
      "#{JSON.pretty_generate(ordered(lifted(document).merge("core" => DustLadder::VERSION), Schema::PLAN))}\n"

    def ordered(data, schema)
      schema = Schema::PLAN["$defs"].fetch(schema["$ref"].split("/").last) if schema["$ref"]
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

    # A plan with nothing filled in yet, under a rule set (its data), as a new plan starts.
    def blank(title:, rule_set:)
      quantity = ->(*names) { names.to_h { |name| [ name, nil ] } }
      {
        "format" => FORMAT,
        "version" => VERSION,
        "title" => title,
        "site" => "",
        "lift_at" => nil,
        "rules" => rule_set.id,
        "load" => {
          "name" => "",
          "weight" => {
            "bare" => nil,
            "basis" => "unknown",
            "source" => ""
          },
          "size" => quantity.("length", "width", "height"),
          "cg" => quantity.("x", "y", "z").merge("basis" => "contents_unknown"),
          "points" => %w[West East].map { |name| { "name" => name }.merge(quantity.("x", "y", "z")) }
        },
        "rigging" => {
          "set_by" => "hook_height",
          "hook_height" => nil,
          "legs" =>
            Array.new(2) do
              {
                "sling" => nil,
                "hitch" => "vertical",
                "length" => nil,
                "choke_angle" => nil,
                "basket_width" => nil,
                "held_by" => ""
              }
            end
        },
        "cranes" => [ {
          "chart" => nil,
          "as_rigged" => {},
          "boom_length" => nil,
          "parts_of_line" => nil,
          "radius_measured_loaded" => false,
          "turn" => nil,
          "stations" =>
            %w[pick set].map { |name| { "name" => name }.merge(quantity.("radius", "slew", "support_height")) },
          "obstacle_height" => nil,
          "deductions" => []
        } ],
        "snapshots" => {
          "rule_sets" => {
            rule_set.id => Digest.snapshot(rule_set.data)
          },
          "slings" => {},
          "charts" => {}
        }
      }
    end
  end
end
