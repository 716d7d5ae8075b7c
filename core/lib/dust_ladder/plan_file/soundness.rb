module DustLadder
  module PlanFile
    # What a schema cannot say: digests that match, references that lead somewhere, tables that are whole.
    class Soundness
      # fresh: the document's snapshots that were not looked at before.
      def initialize(document, fresh)
        @document = document
        @fresh = fresh
        @errors = []
      end

      def errors
        digests
        references
        @fresh["charts"].each { |id, one| inside("charts", id, Cranes::ChartFaults.of(one["data"])) }
        @fresh["rule_sets"].each { |id, one| inside("rule_sets", id, RuleFaults.of(one["data"])) }
        @fresh["sites"]&.each { |id, one| inside("sites", id, Site::Faults.of(one["data"])) }
        @errors
      end

      private

      def escape(key) = Pointer.escaped(key)

      def error(pointer, message, expected) =
        @errors << { "pointer" => pointer, "message" => message, "expected" => expected }

      def digests
        @fresh.each do |kind, snapshots|
          snapshots.each do |id, snapshot|
            actual = Digest.of(snapshot["data"])
            next if actual == snapshot["digest"]

            error(
              "/snapshots/#{kind}/#{escape(id)}/digest",
              "the data were changed since this digest was made",
              actual
            )
          end
        end
      end

      def references
        snapshots = @document["snapshots"]
        rules = @document["rules"]
        unless snapshots["rule_sets"].key?(rules)
          error(
            "/rules",
            "there is no rule-set snapshot #{rules.inspect}",
            "one of #{snapshots["rule_sets"].keys.inspect}"
          )
        end
        @document["cranes"].each_with_index do |crane, index|
          chart = crane["chart"]
          next if chart.nil? || snapshots["charts"].key?(chart)

          error(
            "/cranes/#{index}/chart",
            "there is no chart snapshot #{chart.inspect}",
            "one of #{snapshots["charts"].keys.inspect}, or null"
          )
        end
        tandem
        site = @document["site_document"]
        if site && !snapshots["sites"].to_h.key?(site)
          error(
            "/site_document",
            "there is no site snapshot #{site.inspect}",
            "one of #{snapshots["sites"].to_h.keys.inspect}, or null"
          )
        end
        crew
        gear
        legs, points = @document.dig("rigging", "legs"), @document.dig("load", "points")
        if legs.size != points.size
          error("/rigging/legs", "there are #{legs.size} legs", "#{points.size}, one for each point")
        end
        legs.each_with_index do |leg, index|
          next if leg["sling"].nil? || snapshots["slings"].key?(leg["sling"])

          error(
            "/rigging/legs/#{index}/sling",
            "there is no sling snapshot #{leg["sling"].inspect}",
            "one of #{snapshots["slings"].keys.inspect}, or null"
          )
        end
      end

      # Two cranes carry a load between two points, and a plan of two says how.
      def tandem
        two, told = @document["cranes"].size == 2, !@document["tandem"].nil?
        error(
          "/tandem",
          "there are two cranes, and not what they do",
          "what two cranes do with the load"
        ) if two && !told
        error("/cranes", "there is one crane", "two, head and tail, where a plan says what two do") if told && !two
        return unless told

        points = @document.dig("load", "points").size
        error("/load/points", "there are #{points} points", "two, head and tail") unless points == 2
        slings = @document.dig("snapshots", "slings")
        @document.dig("tandem", "ends").each_with_index do |one, index|
          next if one["second"].nil? || slings.key?(one["second"])

          error(
            "/tandem/ends/#{index}/second",
            "there is no sling snapshot #{one["second"].inspect}",
            "one of #{slings.keys.inspect}, or null"
          )
        end
      end

      # Everybody who is named by an id is carried.
      def crew
        people = @document.dig("snapshots", "people").to_h
        @document["crew"].to_a.each_with_index do |one, index|
          next if one["person"].nil? || people.key?(one["person"])

          error(
            "/crew/#{index}/person",
            "there is no people snapshot #{one["person"].inspect}",
            "one of #{people.keys.inspect}, or null"
          )
        end
      end

      # Every fitting and mat that is one of the store is carried.
      def gear
        carried = @document.dig("snapshots", "gear").to_h
        fittings =
          @document.dig("rigging", "legs").each_with_index.flat_map do |leg, index|
            leg["fittings"].to_a.each_with_index.map do |one, at|
              [ one["piece"], "/rigging/legs/#{index}/fittings/#{at}/piece" ]
            end
          end
        mats =
          @document["cranes"].each_with_index.flat_map do |crane, index|
            numbers = crane.dig("stand", "mat", "pieces").to_a
            numbers.each_with_index.map { |number, at| [ number, "/cranes/#{index}/stand/mat/pieces/#{at}" ] }
          end
        [ *fittings, *mats ].each do |number, place|
          next if number.nil? || carried.key?(number)

          error(place, "there is no gear snapshot #{number.inspect}", "one of #{carried.keys.inspect}, or null")
        end
      end

      # Faults of a snapshot's data, by their places in the plan.
      def inside(kind, id, faults)
        place = "/snapshots/#{kind}/#{escape(id)}/data"
        @errors.concat(faults.map { |fault| fault.merge("pointer" => "#{place}#{fault["pointer"]}") })
      end
    end
  end
end
