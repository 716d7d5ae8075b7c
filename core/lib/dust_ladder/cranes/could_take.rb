module DustLadder
  module Cranes
    # Which charts could take a weight at all, and how far out: a first look while a plan has no crane. What the chart
    # says that always hangs is counted, rigging and rope are not, so that no crane will reach farther in the plan. It
    # is no check: no slew, height, wind, rope or ground is looked at.
    class CouldTake
      # charts: of data, as snapshots. planned_kg: of the load.
      def initialize(charts, planned_kg, rules = RuleSet.shipped("strict"))
        @charts = charts
        @planned_kg = planned_kg
        @rules = rules
      end

      # The farthest reaching first; those that are not known, and those that cannot, after them.
      def as_json(*)
        {
          "planned" => Figure.kg(@planned_kg, :up).as_json,
          "cranes" => @charts.map { |data| crane(data) }.sort_by { |row| [ -(row["to_m"] || -1.0), row["title"] ] }
        }
      end

      private

      def crane(data)
        diagram = RangeDiagram.new(data, @rules)
        told =
          if data["family"] == "platform_jib"
            { "why" => "goes by the angles of both booms" }
          elsif diagram.hangs_kg.nil?
            { "why" => "its chart does not say what its hook block weighs" }
          else
            reach(diagram, @planned_kg + diagram.hangs_kg)
          end
        {
          "id" => data["id"],
          "title" => data["title"],
          "checked" => Record.new(data["record"]).doubt.nil?,
          "hangs" => diagram.hangs_kg && Figure.kg(diagram.hangs_kg, :up).as_json,
          "from_m" => nil,
          "to_m" => nil,
          "to" => nil,
          "with" => nil,
          "boom" => nil,
          "why" => nil,
          **told
        }
      end

      # The table and boom that reach farthest with what hangs.
      def reach(diagram, gross)
        found = diagram.reaches(gross).max_by { |one| one[:to] }
        return { "why" => "not on any row of its chart" } if found.nil?

        {
          "from_m" => found[:from],
          "to_m" => found[:to],
          "to" => Figure.m(found[:to], :down).as_json,
          "with" => found[:name],
          "boom" => found[:boom] && Figure.m(found[:boom]).as_json
        }
      end
    end
  end
end
