module DustLadder
  module Gear
    # A piece of the gear store as its keeper writes it, every field a text; and what the plan format makes of it. What
    # cannot be read is told with the field, and nothing of it is lost.
    class Piece
      include SlingReading
      include BeamReading

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

      def beam? = BEAMS.key?(fields["kind"])
      def sort = beam? ? "beam" : "sling"
      def sound? = problems.empty?
      # What a plan keeps of it, or nil while something cannot be read.
      def data = sound? ? @data : nil
      def state = fields["state"]
      # Days as "2026-12-14", or nil.
      def due = @due
      # Is its examination due before a day, "2026-12-14"? One that was never examined has no day.
      def overdue?(on) = !due.nil? && due < on
      # What a plan keeps of a piece that was chosen from, with what the store knows beside.
      def self.snapshot(chosen) = PlanFile::Digest.snapshot(chosen.except("place"))

      # What differs between two ways a piece was written, { name => text } each: [{ "field", "from", "to" }].
      def self.changes(before, after)
        before, after = [ before, after ].map { |fields| new(fields || {}).fields }
        FIELDS.filter_map do |name|
          { "field" => name, "from" => before[name], "to" => after[name] } if before[name] != after[name]
        end
      end

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
      rescue ArgumentError
        # A Date::Error, or far too long to be a day.
        problem(name, "“#{fields[name][0, 40]}” is not a day", "year, month and day, such as 2026-12-14")
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

      def standing
        {
          "state" => fields["state"],
          "due" => @due,
          "examined" => fields["examined"].then { |day|
            day.empty? ? nil : day
          }
        }.compact
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
    end
  end
end
