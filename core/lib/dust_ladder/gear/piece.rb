require "date"

module DustLadder
  module Gear
    # A piece of the gear store as its keeper writes it, every field a text; and what the plan format makes of it. What
    # cannot be read is told with the field, and nothing of it is lost.
    class Piece
      Problem =
        Struct.new(:field, :typed, :message, :expected, keyword_init: true) do
          def as_json(*) = { "field" => field, "typed" => typed, "message" => message, "expected" => expected }
        end
      SLINGS = %w[alloy_chain wire_rope polyester_round polyester_web nylon_web high_modulus_round mesh fibre_rope
        unclear].freeze
      BEAMS = { "spreader" => "spreader", "lifting_beam" => "lifting" }.freeze
      STATES = %w[ready out quarantined scrapped].freeze
      STORE = %w[state examined due place note].freeze
      FIELDS =
        %w[
          number
          kind
          size
          legs
          reach
          mass
          ends
          legible
          vertical
          choker
          basket
          bands
          link_pitch
          diameter
          grade
          core
          construction
          splice
          coating
          stretch
          span_ratings
          depth
          holes
          eyes
          bails
          end_rating
          compression
          bending
          least_angle
        ].freeze + STORE
      # Fields that are chosen from a list; empty is not known.
      CHOICES = {
        "grade" => %w[80 100 120 transport],
        "core" => %w[steel fibre],
        "splice" => %w[hand mechanical]
      }.freeze
      IN_WORDS = %w[construction coating].freeze
      # By field: the kind of quantity, and the key it has in the plan format.
      OF_SLING = {
        "reach" => [ :length, "reach_m" ],
        "mass" => [ :mass, "mass_kg" ],
        "link_pitch" => [ :length, "link_pitch_m" ],
        "diameter" => [ :length, "diameter_m" ]
      }.freeze
      OF_TAG = { "vertical" => "vertical_kg", "choker" => "choker_kg", "basket" => "basket_kg" }.freeze
      OF_BEAM = {
        "mass" => [ :mass, "mass_kg" ],
        "depth" => [ :length, "depth_m" ],
        "end_rating" => [ :mass, "end_kg" ],
        "compression" => [ :mass, "compression_kg" ],
        "least_angle" => [ :angle, "least_deg_from_horizontal" ]
      }.freeze
      WORDS = {
        "yes" => true,
        "y" => true,
        "true" => true,
        "1" => true,
        "" => true,
        "no" => false,
        "n" => false,
        "false" => false,
        "0" => false
      }.freeze
      LONGEST = 400

      attr_reader :fields, :problems

      # fields: { name => text }; what is left out is empty.
      def initialize(fields)
        @fields = FIELDS.to_h { |name| [ name, fields[name].to_s.gsub(/[[:cntrl:][:space:]]+/, " ").strip ] }
        @problems = []
        read
      end

      # A piece's fields from data of the plan format, as a keeper would write them.
      def self.fields_of(data)
        quantity = ->(value, unit) { value.nil? ? "" : "#{format("%.4f", value).sub(/\.?0+\z/, "")} #{unit}" }
        base = {
          "number" => data["number"],
          "kind" => BEAMS.key(data["kind"]) || data["kind"],
          "size" => data["size"],
          "mass" => quantity.(data["mass_kg"], "kg"),
          "state" => data["state"] || "ready",
          "due" => data["due"].to_s,
          "examined" => data["examined"].to_s
        }
        return base.merge(beam_fields(data, quantity)) unless data["tag"]

        tag = data["tag"]
        base.merge(
          "legs" => data["legs"].to_i.to_s,
          "reach" => quantity.(data["reach_m"], "m"),
          "link_pitch" => quantity.(data["link_pitch_m"], "m"),
          "diameter" => quantity.(data["diameter_m"], "m"),
          "ends" => data["ends"].to_s,
          "legible" => tag["legible"] ? "yes" : "no",
          "bands" =>
            tag["multi_leg"]
              .map { |band| "#{band["upto_deg_from_plumb"]}°: #{quantity.(band["kg"], "kg")}" }
              .join("; "),
          **OF_TAG.to_h { |field, key| [ field, quantity.(tag[key], "kg") ] },
          **(CHOICES.keys + IN_WORDS).to_h { |field| [ field, data[field].to_s ] },
          "stretch" => quantity.(data["stretch_at_wll"] && data["stretch_at_wll"] * 100, "%")
        )
      end

      def self.beam_fields(data, quantity)
        list = ->(places) { places.map { |at| quantity.(at, "m") }.join("; ") }
        {
          "depth" => quantity.(data["depth_m"], "m"),
          "span_ratings" =>
            data["spans"].map { |one| "#{quantity.(one["span_m"], "m")}: #{quantity.(one["kg"], "kg")}" }.join("; "),
          "holes" => list.(data["holes_m"]),
          "eyes" => list.(data["eyes_m"]),
          "bails" => list.(data["bails_m"].to_a),
          "end_rating" => quantity.(data["end_kg"], "kg"),
          "compression" => quantity.(data["compression_kg"], "kg"),
          "least_angle" => data["least_deg_from_horizontal"] ? "#{data["least_deg_from_horizontal"]}°" : ""
        }
      end
      private_class_method :beam_fields

      def beam? = BEAMS.key?(fields["kind"])
      def sort = beam? ? "beam" : "sling"
      def sound? = problems.empty?
      # What a plan keeps of it, or nil while something cannot be read.
      def data = sound? ? @data : nil
      def state = fields["state"]
      # Days as "2026-12-14", or nil.
      def due = @due
      # What a plan keeps of a piece that was chosen from, with what the store knows beside.
      def self.snapshot(chosen) = PlanFile::Digest.snapshot(chosen.except("place"))

      private

      def problem(field, message, expected)
        @problems << Problem.new(field: field, typed: fields[field], message: message, expected: expected)
        nil
      end

      def read
        fields.each do |name, text|
          problem(name, "this is #{text.length} letters", "#{LONGEST} at most") if text.length > LONGEST
        end
        fields["kind"] = kind_named(fields["kind"])
        unless fields["number"].length.between?(1, 80)
          problem("number", "a piece needs its number", "what is stamped or tagged on it, 80 letters at most")
        end
        fields["state"] = fields["state"].downcase.then { |state| state.empty? ? "ready" : state }
        unless STATES.include?(fields["state"])
          problem("state", "“#{fields["state"]}” is not a state", STATES.join(", "))
        end
        dates
        unless beam? || SLINGS.include?(fields["kind"])
          return problem(
            "kind",
            fields["kind"].empty? ? "what kind it is is not given" : "“#{fields["kind"]}” is not a kind",
            [ *SLINGS, *BEAMS.keys ].join(", ").tr("_", " ")
          )
        end

        @data = beam? ? beam : sling
      end

      def kind_named(text) =
        text
          .downcase
          .tr(" -", "__")
          .delete_suffix("_sling")
          .then do |kind|
            {
              "chain" => "alloy_chain",
              "round" => "polyester_round",
              "spreader_beam" => "spreader",
              "rope" => "wire_rope",
              "wire" => "wire_rope"
            }.fetch(kind, kind)
          end

      # The day it is due: as given, or by the interval from the last examination.
      def dates
        examined, given = %w[examined due].map { |name| day(name) }
        months = RuleSet.shipped("strict")[:examination_months]
        @due = (given || (examined && (examined >> months.to_i)))&.iso8601
        if examined && given && given < examined
          problem("due", "it falls before the last examination", "a day after #{fields["examined"]}")
        end
      end

      def day(name)
        fields[name].empty? ? nil : Date.iso8601(fields[name])
      rescue Date::Error
        problem(name, "“#{fields[name]}” is not a day", "year, month and day, such as 2026-12-14")
      end

      def quantity(field, kind, required: false, above: true)
        text = fields[field]
        if text.empty?
          return (
            if required
              problem(
                field,
                "it is not given",
                "a " \
                  "#{kind == :mass ? "mass, such as 3 t" : kind == :angle ? "angle, such as 45°" : "length, such as " \
                    "4 m"}"
              )
            else
              nil
            end
          )
        end

        value = Quantity::Reader.read(text, kind)
        above && !value.positive? ? problem(field, "it must be more than nothing", "more than 0") : value
      rescue Quantity::Unreadable => error
        problem(field, error.message, error.expected)
      end

      def sling
        legs = Integer(fields["legs"].empty? ? "1" : fields["legs"], exception: false)
        problem("legs", "“#{fields["legs"]}” is not a number of legs", "1, 2, 3 or 4") unless (1..4).cover?(legs)
        known =
          WORDS.fetch(fields["legible"].downcase) do
            problem(
              "legible",
              "“#{fields["legible"]}” is neither yes nor no",
              "yes where the tag can be read, no where it cannot"
            )
          end
        sizes = OF_SLING.to_h { |field, (kind, key)| [ key, quantity(field, kind, required: field == "reach") ] }
        tag = {
          "legible" => known,
          **OF_TAG.to_h { |field, key| [ key, quantity(field, :mass) ] },
          "multi_leg" => bands
        }
        if known && tag.values_at(*OF_TAG.values).none? && OF_TAG.keys.all? { |field| fields[field].empty? }
          problem(
            "vertical",
            "the tag can be read but no rating is given",
            "a rating for at least one hitch, or legible: no"
          )
        end
        made = {
          "number" => fields["number"],
          "kind" => fields["kind"],
          "size" => fields["size"],
          "legs" => legs,
          "reach_m" => sizes["reach_m"],
          "mass_kg" => sizes["mass_kg"],
          "link_pitch_m" => sizes["link_pitch_m"],
          "tag" => tag
        }
        made["diameter_m"] = sizes["diameter_m"] if sizes["diameter_m"]
        made["ends"] = fields["ends"] unless fields["ends"].empty?
        made.merge(makeup)
      end

      # What it is made of, as far as it is known, and how it stands.
      def makeup
        chosen = CHOICES.keys.to_h { |field| [ field, choice(field) ] }
        words = IN_WORDS.to_h { |field| [ field, fields[field].empty? ? nil : fields[field] ] }
        chosen.merge(words, "stretch_at_wll" => quantity("stretch", :share), **standing).compact
      end

      def choice(field)
        text = fields[field].downcase.sub(/\A(?:grade|gr\.?)\s*/, "")
        return if text.empty? || text == "unknown"
        return text if CHOICES.fetch(field).include?(text)

        problem(
          field,
          "“#{fields[field]}” is not one of its kinds",
          "#{CHOICES.fetch(field).join(", ")}, or empty where it is not known"
        )
      end

      def standing
        {
          "state" => fields["state"],
          "due" => @due,
          "examined" => fields["examined"].then { |day|
            day.empty? ? nil : day
          }
        }.compact
      end

      # "45°: 5.6 t; 60°: 4 t", degrees from plumb.
      def bands
        pairs("bands", :angle, "bands from plumb, such as 45°: 5600 kg; 60°: 4000 kg").map do |deg, kg|
          { "upto_deg_from_plumb" => deg, "kg" => kg }
        end
      end

      def beam
        sizes = OF_BEAM.to_h { |field, (kind, key)| [ key, quantity(field, kind, required: field == "depth") ] }
        spans =
          pairs("span_ratings", :length, "ratings by span, such as 3.0 m: 6 t; 3.6 m: 5 t").map do |span, kg|
            { "span_m" => span, "kg" => kg }
          end
        pushed = fields["kind"] == "spreader" && !fields["compression"].empty?
        if spans.empty? && fields["span_ratings"].empty? && !pushed
          problem(
            "span_ratings",
            "no rating is given",
            "ratings by span, such as 3.0 m: 6 t; 3.6 m: 5 t; or, of a spreader, the greatest push along it"
          )
        end
        holes, eyes, bails = %w[holes eyes bails].map { |field| list(field) }
        if fields["kind"] == "lifting_beam" && fields["holes"].empty?
          problem(
            "holes",
            "a lifting beam hangs its legs from holes: none are given",
            "places from its middle, such as -1.5 m; 1.5 m"
          )
        end
        {
          "number" => fields["number"],
          "kind" => BEAMS.fetch(fields["kind"]),
          "size" => fields["size"],
          **sizes.slice("mass_kg", "depth_m"),
          "spans" => spans,
          "holes_m" => holes,
          "eyes_m" => eyes,
          **(bails.empty? ? {} : { "bails_m" => bails }),
          "bending_kg_m" => nil,
          **sizes.slice("end_kg", "compression_kg", "least_deg_from_horizontal")
        }.merge(standing)
      end

      def parts(field) = fields[field].split(/[;|]/).map(&:strip).reject(&:empty?)

      def pairs(field, kind, expected)
        parts(field).filter_map do |text|
          at, kg = text.split(":", 2)
          next problem(field, "“#{text}” is not a pair", expected) unless kg

          pair = [ Quantity::Reader.read(at, kind), Quantity::Reader.read(kg, :mass) ]
          next problem(field, "“#{text}” must be more than nothing", expected) unless pair.all?(&:positive?)
          next problem(field, "“#{text}” is no angle from plumb", expected) if kind == :angle && pair[0] > 90

          pair
        end
      rescue Quantity::Unreadable => error
        problem(field, error.message, expected)
        []
      end

      def list(field)
        parts(field).map { |text| Quantity::Reader.read(text, :length) }
      rescue Quantity::Unreadable => error
        problem(field, error.message, error.expected)
        []
      end
    end
  end
end
