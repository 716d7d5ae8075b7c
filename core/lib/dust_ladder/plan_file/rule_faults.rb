module DustLadder
  module PlanFile
    # What a schema cannot say of a rule set's values: tables that are read from their first row that fits have to be in
    # order, and a reduction never grows on the way to what is worse.
    module RuleFaults
      # Tables of [up to, share left], from what is kind to what is not.
      REDUCTIONS = %w[hook_off_centre shackle_angle eyebolt_plain eyebolt_shouldered hoist_ring].freeze
      # Of two values the first is the lesser, or they are the same.
      RANGES = { "side_pull_deg" => %w[caution stop], "dynamic_factor" => %w[least most] }.freeze

      module_function

      # data: of a rule set, valid by its schema. Faults, each { "pointer", "message", "expected" }, with pointers from
      # the rule set's own root.
      def of(data)
        values = data["values"].transform_values { |entry| entry["value"] }
        values.flat_map { |name, value| of_value(name, value).map { |one| placed(name, one) } }
      end

      def of_value(name, value)
        case name
        when *REDUCTIONS
          reduction(value)
        when "temperature_bands"
          value.flat_map { |row, own| reduction(own["bands"], "/#{row}/bands") }
        when "choke_angle_bands"
          steps(value, "bands that fall, with shares that do not rise") do |before, after|
            after[0] < before[0] && after[1] <= before[1]
          end
        when "uniform_load_bands"
          steps(value, "values that rise") { |before, after| after[0] > before[0] }
        when "good_band"
          value[0] < value[1] ? [] : [ fault("", "it ends before it begins", "the lesser first") ]
        when *RANGES.keys
          least, most = value.values_at(*RANGES[name])
          least <= most ? [] : [ fault("", "#{least} is more than #{most}", "#{RANGES[name].join(" no more than ")}") ]
        when "power_lines"
          power_lines(value)
        else
          []
        end
      end

      def reduction(rows, place = "")
        steps(rows, "bands that rise, with shares that do not", place) do |before, after|
          after[0] > before[0] && after[1] <= before[1]
        end
      end

      def power_lines(value)
        found =
          steps(value["clearance_m"], "voltages and clearances that rise", "/clearance_m") do |before, after|
            after[0] > before[0] && after[1] >= before[1]
          end
        zone = value["zone_m"]
        if zone["below"] > zone["above"]
          found << fault("/zone_m", "the zone shrinks with the voltage", "below no more than above")
        end
        found
      end

      def steps(rows, expected, place = "")
        rows
          .each_cons(2)
          .with_index(1)
          .filter_map do |(before, after), index|
            fault("#{place}/#{index}", "#{after.inspect} comes after #{before.inspect}", expected) unless yield(
              before,
              after
            )
          end
      end

      def fault(place, message, expected) = { "pointer" => place, "message" => message, "expected" => expected }
      def placed(name, one) = one.merge("pointer" => "/values/#{name}/value#{one["pointer"]}")
      private_class_method(*singleton_methods(false) - %i[of])
    end
  end
end
