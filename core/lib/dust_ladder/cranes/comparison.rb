module DustLadder
  module Cranes
    # Which of several charts could do a plan's lift from where its crane stands: for each the best boom length and
    # the fewest parts of line, with the figures or every reason why not. The machine is taken to be as the chart
    # describes it.
    class Comparison
      include Ladder::Sentences

      MOST_PARTS = 12
      # What a machine is compared by says nothing of the very machine as rigged, nor of where it will stand.
      OF_THE_PLACE = [ ChartCheck, Site::GroundCheck, Site::PowerLinesCheck ].freeze
      # why: a Sentence, where nothing of the chart even reaches.
      Row = Struct.new(:chart, :boom, :parts, :rungs, :lift, :changes, :why, keyword_init: true)

      # document: a plan. charts: snapshots ({ "digest", "data" }) to choose from.
      def initialize(document, charts)
        @document = document
        @charts = charts
        @lift = Lift.new(document)
      end

      # Rows, those that can first, the least used first.
      def rows =
        @rows ||=
          @charts
            .map { |chart| best(chart) }
            .sort_by do |row|
              [
                -Ladder::Verdict.rank(verdict(row)),
                crane(row)&.utilisation || Float::INFINITY,
                row.chart["data"]["id"]
              ]
            end

      def as_json(*) = rows.map { |row| line(row) }

      private

      # The crane as the plan has it.
      def planned = @lift.duty.crane

      def verdict(row) = row.why ? "stop" : Ladder::Verdict.weakest(row.rungs.map(&:verdict))
      def crane(row) = row.rungs.find { |rung| rung.id == "crane" }

      def best(chart)
        data = chart["data"]
        found = booms(data).flat_map { |boom| parts(data, boom, chart) }
        if found.empty?
          return Row.new(
            chart: chart,
            rungs: [],
            changes: changes(chart, data["boom_length_m"].max, nil),
            why: both { |system| "no boom length of it reaches #{Figure.m(farthest, :up).shown(system)}" }
          )
        end

        # What is known comes before what is not; then the better verdict, the least used, the fewest parts.
        found.max_by do |row|
          [
            row.rungs.none? { |rung| rung.verdict == "not_known" } ? 1 : 0,
            Ladder::Verdict.rank(verdict(row)),
            -used(row),
            -(row.parts || 0)
          ]
        end
      end

      # The rung that the verdict comes from.
      def governing(row)
        row.rungs.min_by { |rung| [ Ladder::Verdict.rank(rung.verdict), -(rung.utilisation || 0) ] }
      end

      # How much the worst of a row's stops is over, or how much of the chart is used where none stops.
      def used(row)
        stops = row.rungs.select { |rung| rung.verdict == "stop" }
        if stops.empty?
          crane(row)&.utilisation || Float::INFINITY
        else
          stops.map { |rung| rung.utilisation || Float::INFINITY }.max
        end
      end

      # Boom lengths of a chart that reach every station.
      def booms(data)
        return [ nil ] unless data["boom_length_m"] && Families.name_of(data) == "mobile"

        return data["boom_length_m"] if data["boom_foot"].nil? || farthest.nil?

        data["boom_length_m"].select { |length| Boom.of(data, length).tip_height(farthest) }
      end

      # Loaded radius of the farthest station, m; nil while one is not known.
      def farthest =
        @farthest ||=
          @lift.duty.crane.then do |crane|
            DustLadder.known do
              crane
                .stations
                .map { |station| station.radius.value }
                .max
                .then { |radius| radius + crane.allowance(radius) }
            end
          end

      # The fewest parts of line with which the rope holds; all sets of falls of a tower crane.
      def parts(data, boom, chart)
        return data["tower"]["falls"].keys.map { |falls| row(chart, boom, falls.to_i) } if data["family"] == "tower"
        return [ row(chart, boom, nil) ] if %w[fixed_hoist platform_jib].include?(data["family"])

        tried = (1..MOST_PARTS).map { |parts| [ parts, lift_with(chart, boom, parts) ] }
        enough = tried.map { |parts, lift| [ parts, lift, HoistCheck.new(lift, lift.duty).rung.verdict ] }
        found =
          %w[holds tight].lazy.filter_map { |wanted| enough.find { |_, _, verdict| verdict == wanted } }.first ||
            enough.first
        [ row(chart, boom, found[0], found[1]) ]
      end

      def row(chart, boom, parts, lift = lift_with(chart, boom, parts))
        checks = Ladder::Climb.new(lift).of_crane(lift.duty) - OF_THE_PLACE
        Row.new(
          chart: chart,
          boom: boom,
          parts: parts,
          lift: lift,
          rungs: checks.map { |check| check.new(lift, lift.duty).rung },
          changes: changes(chart, boom, parts)
        )
      end

      def lift_with(chart, boom, parts)
        data = chart["data"]
        crane =
          planned.data.merge(
            "chart" => data["id"],
            "as_rigged" => data["identity"],
            "boom_length" => boom ? "#{boom} m" : planned["boom_length"],
            "parts_of_line" => parts,
            "second_trolley" => planned["second_trolley"] || "not fitted"
          )
        crane["stations"] = crane["stations"].map { |station| station.merge("boom_length" => nil) } if boom
        @lift.with_crane(
          @document.merge(
            "cranes" => [ crane ],
            "snapshots" => @document["snapshots"].merge("charts" => { data["id"] => chart })
          )
        )
      end

      # What taking this row changes: the machine's own fields are left for the planner to tick.
      def changes(chart, boom, parts)
        data = chart["data"]
        {
          planned.pointer("chart") => data["id"],
          Plan.pointer("snapshots", "charts") => {
            data["id"] => chart
          },
          planned.pointer("as_rigged") => {},
          planned.pointer("parts_of_line") => parts
        }.merge(boom ? { planned.pointer("boom_length") => "#{boom} m" } : {})
      end

      def line(row)
        rung, lift = crane(row), row.lift
        {
          "id" => row.chart["data"]["id"],
          "title" => row.chart["data"]["title"],
          "boom" => row.boom && Figure.m(row.boom).as_json,
          "parts" => row.parts,
          "current" => row.chart["data"]["id"] == planned["chart"],
          "verdict" => verdict(row),
          "utilisation" => governing(row)&.percent&.as_json,
          "governs" => governing(row)&.label,
          "gross" => rung&.demand&.as_json,
          "capacity" => rung&.capacity&.as_json,
          "left" =>
            rung&.capacity && rung.demand && Figure.kg(rung.capacity.value - rung.demand.value, :down).as_json,
          "room" => room(lift, rung),
          "reasons" =>
            (
              if row.why
                [ { "label" => "Crane", "verdict" => "stop", "percent" => nil, "note" => row.why.as_json } ]
              else
                []
              end
            ) +
              row
                .rungs
                .select { |one| %w[stop not_known].include?(one.verdict) }
                .map do |one|
                  {
                    "label" => one.label,
                    "verdict" => one.verdict,
                    "percent" => one.percent&.as_json,
                    "note" => one.note&.as_json
                  }
                end,
          "unchecked" => Record.new(row.chart["data"]["record"]).doubt,
          "changes" => row.changes
        }
      end

      def room(lift, rung) =
        DustLadder.known do
          rung&.capacity && lift.duty.crane.family.radius? &&
            lift.duty.room_m&.then { |metres| Figure.m(metres, :down).as_json } || nil
        end
    end
  end
end
