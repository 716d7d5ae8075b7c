module DustLadder
  # What a plan says, by its sections.
  module Plan
    module_function

    # A plan with nothing filled in yet, under a rule set (its data), as a new plan starts.
    def blank(title:, rule_set:)
      quantity = ->(*names) { names.to_h { |name| [ name, nil ] } }
      {
        "format" => PlanFile::FORMAT,
        "version" => PlanFile::VERSION,
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
            rule_set.id => PlanFile::Digest.snapshot(rule_set.data)
          },
          "slings" => {},
          "charts" => {}
        }
      }
    end
  end
end
