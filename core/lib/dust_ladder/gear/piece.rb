module DustLadder
  module Gear
    # A piece of the gear store as its keeper writes it, every field a text; and what the plan format makes of it. What
    # cannot be read is told with the field, and nothing of it is lost.
    class Piece
      include SlingReading
      include BeamReading
      include OtherReading

      Problem =
        Struct.new(:field, :typed, :message, :expected, keyword_init: true) do
          def as_json(*) = { "field" => field, "typed" => typed, "message" => message, "expected" => expected }
        end
      BEAMS = { "spreader" => "spreader", "lifting_beam" => "lifting" }.freeze
      STATES = Kinds::FIELDS["state"].choices.freeze
      # In these it is not chosen from, and nobody hands it out.
      GONE = %w[scrapped lost].freeze
      FIELDS = Kinds::FIELDS.keys.freeze
      # Fields of a sling that are chosen from a list; empty is not known.
      CHOICES = Kinds::FIELDS.slice("grade", "core", "splice").transform_values(&:choices).freeze
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
      WORDS = { "" => true }.merge(
        %w[yes y true 1].to_h { |word| [ word, true ] },
        %w[no n false 0].to_h { |word| [ word, false ] }
      ).freeze
      LONGEST = 400

      attr_reader :fields, :problems

      # fields: { name => text }; what is left out is empty. rules: of the store, by which its examination is due.
      # today: a Date after which nobody can have examined it, or nil.
      def initialize(fields, rules: RuleSet.shipped("strict"), today: nil)
        @fields = FIELDS.to_h { |name| [ name, fields[name].to_s.gsub(/[[:cntrl:][:space:]]+/, " ").strip ] }
        @rules = rules
        @today = today
        @problems = []
        read
      end

      def kind = Kinds.of(fields["kind"])
      def sort = kind&.sort || "sling"
      def beam? = sort == "beam"
      def sound? = problems.empty?
      # What a plan keeps of it, or nil while something cannot be read.
      def data = sound? ? @data : nil
      def state = fields["state"]
      # The day that its next examination is due, "2026-12-14", or nil; and is that before a day?
      def due = @due&.day
      def overdue?(on) = !due.nil? && due < on
      # Is it thoroughly examined at all?
      def examined? = @due.nil? || @due.wanted?
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
        typed, fields["kind"] = fields["kind"], Kinds.named(fields["kind"])
        unless fields["number"].length.between?(1, 80)
          problem("number", "a piece needs its number", "what is stamped or tagged on it, 80 letters at most")
        end
        lowered("state", "ready", "a state")
        lowered("use", "", "a use")
        unless kind
          named = typed.empty? ? "what kind it is is not given" : "“#{typed[0, 40]}” is not a kind"
          return problem("kind", named, Kinds::ALL.values.map(&:words).join(", "))
        end

        unless kind.fields.include?("own_swl") || fields["own_swl"].empty?
          problem("own_swl", "a #{kind.words} has no one rating to hold lower", "lower ratings on its own lines")
        end
        dates
        @data = { "sling" => -> { sling }, "beam" => -> { beam } }.fetch(sort, -> { other }).call
      end

      def lowered(name, otherwise, what)
        fields[name] = fields[name].downcase.then { |text| text.empty? ? otherwise : text }
        known = Kinds::FIELDS[name].choices
        return if fields[name].empty? || known.include?(fields[name])

        problem(name, "“#{fields[name][0, 40]}” is not #{what}", known.join(", "))
      end

      # The day it is due: by the interval from the last examination, or as given where that is sooner.
      def dates
        examined, given, service = %w[examined due in_service].map { |name| day(name) }
        @due = Due.new(standing.merge("kind" => fields["kind"]), @rules)
        if examined && given && given < examined
          problem("due", "it falls before the last examination", "a day after #{fields["examined"]}")
        end
        { "examined" => examined, "in_service" => service }.each do |name, date|
          problem(name, "#{date} is not yet", "today or before") if date && @today && date > @today
        end
        problem("examined", "that is before it was in service", "a day after #{service}") if late?(examined, service)
      end

      def late?(examined, service) = examined && service && examined < service

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
          "due" => fields["due"].then { |day| day.empty? ? nil : day },
          "examined" => fields["examined"].then { |day| day.empty? ? nil : day },
          "use" => fields["use"].then { |use| use.empty? ? nil : use }
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
