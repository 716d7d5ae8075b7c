module DustLadder
  # The open format of a plan: read, looked through, lifted from its earlier versions, written.
  module PlanFile
    FORMAT = "dust-ladder-plan"
    VERSION = 2
    VERSIONS = [ 1, VERSION ].freeze
    LARGEST = 5 * 1024 * 1024

    module_function

    # text: String of a plan file. Returns the document (Hash). Raises Invalid, which names each place.
    def read(text) = read_whole(text).first

    # The same with the records that the file carries, a Life::Chain; empty where there are none.
    def read_whole(text)
      refuse("", "the file has #{text.bytesize} bytes", "at most #{LARGEST} bytes (5 MB)") if text.bytesize > LARGEST

      text = text.dup.force_encoding(Encoding::UTF_8).delete_prefix("\ufeff")
      refuse("", "the file is not UTF-8 text", "a plan file in JSON, UTF-8") unless text.valid_encoding?
      data = parse(text)
      records = data.is_a?(Hash) && data["version"] == VERSION ? data.delete("records") { [] } : []
      document = accept(data)
      errors = Schema.records_errors(records)
      raise Invalid, errors if errors.any?

      [ document, Life::Chain.new(records) ]
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
    NOTHING_FRESH = { "charts" => {}, "rule_sets" => {} }.freeze
    private_constant :CHANGING, :NOTHING_FRESH

    # The plan document as text: keys in the schema's order, free maps in the order of their keys, so that
    # the same plan is always the same file. records: a Life::Chain that goes with it.
    def write(document, records = Life::Chain.new)
      whole = Schema.in_order(lifted(document).merge("core" => DustLadder::VERSION))
      whole = whole.merge("records" => records.as_json) if records.records.any?
      "#{JSON.pretty_generate(whole)}\n"
    end

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
    private_class_method :accept_older, :parse, :fault, :refuse
  end
end
