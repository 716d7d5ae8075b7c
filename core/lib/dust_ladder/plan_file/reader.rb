module DustLadder
  module PlanFile
    FORMAT = "dust-ladder-plan"
    VERSION = 2
    VERSIONS = [ 1, VERSION ].freeze
    LARGEST = 5 * 1024 * 1024

    # A file or document that is not a plan. errors: each { "pointer", "message", "expected" }.
    class Invalid < StandardError
      attr_reader :errors

      def initialize(errors)
        @errors = errors
        super(
          errors
            .map do |error|
              "#{error["pointer"].empty? ? "(whole file)" : error["pointer"]}: #{error["message"]}; expected " \
                "#{error["expected"]}"
            end
            .join("\n")
        )
      end
    end

    module_function

    # text: String of a plan file. Returns the document (Hash). Raises Invalid, which names each place.
    def read(text)
      refuse("", "the file has #{text.bytesize} bytes", "at most #{LARGEST} bytes (5 MB)") if text.bytesize > LARGEST

      text = text.dup.force_encoding(Encoding::UTF_8).delete_prefix("\ufeff")
      refuse("", "the file is not UTF-8 text", "a plan file in JSON, UTF-8") unless text.valid_encoding?
      accept(parse(text))
    end

    # document: parsed JSON. Returns it when it is a whole and sound plan, else raises Invalid.
    def accept(document)
      unless document.is_a?(Hash)
        refuse("", "this is not an object", "a plan: an object with format, version and the rest")
      end
      refuse("/format", "this is #{document["format"].inspect}", FORMAT.inspect) unless document["format"] == FORMAT
      unless VERSIONS.include?(document["version"])
        refuse("/version", "this is version #{document["version"].inspect}", "version #{VERSIONS.join(" or ")}")
      end
      return accept_older(document) unless document["version"] == VERSION

      fresh = Known.without(document)
      errors = Schema.plan_errors(fresh)
      errors = Soundness.new(document, fresh["snapshots"]).errors if errors.empty?
      raise Invalid, errors if errors.any?

      Snapshots.remember(fresh["snapshots"])
      document
    end

    # A document of an earlier version as this one has it. Version 1 had one crane.
    def lifted(document)
      return document unless document["version"] == 1

      document.except("crane").merge("version" => VERSION, "cranes" => [ document["crane"] ])
    end

    # Lifts a document of an earlier version; what is wrong with it is told by the places of its own version.
    def accept_older(document)
      refuse("/cranes", "cranes does not belong here", "one crane, as version 1 has it") if document.key?("cranes")
      accept(lifted(document))
    rescue Invalid => error
      raise Invalid, error.errors.map { |one| one.merge("pointer" => one["pointer"].sub("/cranes/0", "/crane")) }
    end

    # The same for a document that shares with an accepted one all that did not change: only the parts that differ are
    # looked through.
    def accept_change(document, base)
      differ = document.keys.reject { |name| document[name].equal?(base[name]) }
      return accept(document) unless document.keys == base.keys && (differ - CHANGING).empty?

      fresh = Known.without(document)
      errors = differ.flat_map { |name| Schema.section_errors(name, fresh[name]) }
      errors = Soundness.new(document, NOTHING_FRESH).errors if errors.empty?
      raise Invalid, errors if errors.any?

      document
    end
    # What a hand changes; anything else is looked through as a whole.
    CHANGING = %w[load rigging cranes].freeze
    NOTHING_FRESH = { "charts" => {} }.freeze
    private_constant :CHANGING, :NOTHING_FRESH

    def parse(text)
      JSON.parse(text)
    rescue JSON::NestingError
      refuse("", "the file is nested too deeply", "a plan file")
    rescue JSON::ParserError
      refuse(
        "",
        text.strip.empty? ? "the file is empty" : "the file is not whole JSON: #{fault(text)}",
        "a plan file in JSON, not cut off"
      )
    end

    def fault(text)
      tail = text.rstrip
      return "it ends in the middle, after line #{tail.count("\n") + 1}" unless tail.end_with?("}")

      "something in its #{tail.count("\n") + 1} lines cannot be read"
    end

    def refuse(pointer, message, expected)
      raise Invalid, [ { "pointer" => pointer, "message" => message, "expected" => expected } ]
    end

    # Snapshots that were found sound before do not change, so while a plan is edited they need not be looked through at
    # every step; it is enough that they are the very same data.
    module Known
      ROW_FIELDS = Schema::PLAN.dig("$defs", "part", "properties").freeze

      module_function

      # The document without the snapshots that are known, and without a take-off's rows when all are plainly sound.
      def without(document)
        return document unless document["snapshots"].is_a?(Hash)

        fresh =
          document.merge(
            "snapshots" =>
              document["snapshots"].to_h do |kind, all|
                [ kind, all.is_a?(Hash) ? all.reject { |_, one| Snapshots.known?(kind, one) } : all ]
              end
          )
        parts =
          document["load"].is_a?(Hash) && document["load"]["take_off"].is_a?(Hash) &&
            document["load"]["take_off"]["parts"]
        unless parts.is_a?(Array) && parts.size <= Load::TakeOff::MOST_ROWS && parts.all? { |row| plain_row?(row) }
          return fresh
        end

        fresh.merge("load" => fresh["load"].merge("take_off" => fresh["load"]["take_off"].merge("parts" => [])))
      end

      # What the schema asks of a row, in one look: thousands of them are checked at every key.
      def plain_row?(row)
        row.is_a?(Hash) && row.size == ROW_FIELDS.size &&
          row.all? do |field, text|
            ROW_FIELDS.key?(field) && text.is_a?(String) && text.length <= 200 && !text.match?(CONTROL)
          end
      end
      CONTROL = /[\u0000-\u001f]/

      private_class_method :plain_row?
    end
    private_constant :Known

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
        @fresh["charts"].each { |id, snapshot| chart("/snapshots/charts/#{escape(id)}/data", snapshot["data"]) }
        @errors
      end

      private

      def escape(key) = key.gsub("~", "~0").gsub("/", "~1")

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
        chart = @document.dig("cranes", 0, "chart")
        if chart && !snapshots["charts"].key?(chart)
          error(
            "/cranes/0/chart",
            "there is no chart snapshot #{chart.inspect}",
            "one of #{snapshots["charts"].keys.inspect}, or null"
          )
        end
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

      def chart(pointer, data) =
        @errors.concat(
          Cranes::ChartFile.faults(data).map { |fault| fault.merge("pointer" => "#{pointer}#{fault["pointer"]}") }
        )
    end
    private_constant :Soundness
  end
end
