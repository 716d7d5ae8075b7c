module DustLadder
  module Quantity
    # Reads one quantity from what a rigger writes. A unit is always asked for: a bare number, a bare
    # "ton" and a decimal comma are asked back rather than guessed (handbook, section 0).
    module Reader
      KINDS = YAML.safe_load_file(File.expand_path("units.yml", __dir__)).transform_keys { |name|
        name.tr(" ", "_").to_sym
      }.freeze
      NUMBER = /[+-]?(?:\d{1,3}(?:[, ]\d{3})+(?:\.\d+)?|\d+(?:\.\d+)?|\.\d+)/
      FRACTION = %r{(?:\d+\s*/\s*\d+)}
      MIXED = %r{\A(?:(?<whole>#{NUMBER})(?:\s+|-)(?<part>#{FRACTION})|(?<only>[+-]?#{FRACTION})|(?<plain>#{NUMBER}))\s*(?<unit>.*)\z}
      FEET = /\A(?<sign>[+-]?)\s*(?<feet>#{NUMBER})\s*(?:'|ft\.?|feet|foot)\s*-?\s*(?<inches>#{NUMBER}(?:\s+#{FRACTION})?|#{FRACTION})\s*(?:"|''|in\.?|inch|inches)?\z/i
      PRIMES = { "′" => "'", "’" => "'", "‘" => "'", "″" => '"', "”" => '"', "“" => '"', "−" => "-", "–" => "-" }.freeze
      PRIME_UNITS = { "'" => "ft", '"' => "in", "''" => "in" }.freeze
      LONGEST = 60
      SIMPLE = /\A([+-]?\d+(?:\.\d+)?)[ \u00a0]?([a-z°]+)\z/

      module_function

      # typed: String. kind: :mass (kg; a force counts as the mass it holds), :length (m), :angle (deg), :area (m2),
      # :volume (m3), :mass_per_length, :mass_per_area, :density (kg and m), :share (a fraction of the whole).
      # Returns a Float in the base unit. Raises Unreadable, which says what was expected.
      def read(typed, kind)
        spec = KINDS.fetch(kind)
        simple = SIMPLE.match(typed.to_s)
        value = simple && (worth = spec["units"][simple[2]]) ? simple[1].to_f * worth : slowly(typed, spec)
        refuse(typed, "#{typed} is beyond what this tool will believe", spec) if value.abs > spec["most"]
        value
      end

      def slowly(typed, spec)
        text = typed.to_s.gsub(/[[:space:]]+/, " ").strip.gsub(/[′’‘″”“−–]/, PRIMES)
        refuse(typed, "nothing is written here", spec) if text.empty?
        refuse(typed, "this is too long to be one quantity", spec) if text.length > LONGEST
        feet_and_inches(text, spec) || plain(text, typed, spec)
      end

      def feet_and_inches(text, spec)
        return unless spec["base"] == "m" && (match = FEET.match(text))

        size = (number(match[:feet]).abs * 12 + mixed(match[:inches])) * 0.0254
        match[:sign] == "-" || match[:feet].start_with?("-") ? -size : size
      end

      def plain(text, typed, spec)
        match = MIXED.match(text) or refuse(typed, unreadable(text), spec)
        amount = match[:plain] ? number(match[:plain]) : mixed(
          [ match[:whole],
            match[:part] || match[:only] ].compact.join(" ")
        )
        amount * factor(match[:unit].strip, typed, spec)
      end

      def factor(unit, typed, spec)
        refuse(typed, "the unit is missing after #{typed}", spec) if unit.empty?
        if spec["base"] == "kg" && unit.match?(/\A(tons?|T|MT)\.?\z/)
          refuse(
            typed,
            "“#{unit}” can mean three things: write t (1000 kg), short ton (2000 lb) or long ton (2240 lb)",
            spec
          )
        end
        refuse(
          typed,
          "a gallon can be two things: write us gal (3.785 l) or imp gal (4.546 l)",
          spec
        ) if unit.match?(/\Agal(lons?)?\.?\z/i)
        refuse(typed, unreadable(typed), spec) if unit.start_with?(",")
        unit = PRIME_UNITS.fetch(unit) { unit.downcase.delete_suffix(".").squeeze(" ") }
        spec["units"][unit] or refuse(
          typed,
          "“#{unit}” is not a unit of #{KINDS.key(spec).to_s.tr("_", " ")} that is known here",
          spec
        )
      end

      def number(text) = text.delete(", ").to_f

      def mixed(text)
        negative = text.start_with?("-")
        whole, part = text.include?("/") ? [ text[/\A[+-]?\S+(?=\s+\d+\s*\/)/],
          text[%r{\d+\s*/\s*\d+\z}] ] : [ text, nil ]
        size = whole ? number(whole).abs : 0.0
        if part
          upper, lower = part.split("/").map(&:to_f)
          size += lower.zero? ? Float::INFINITY : upper / lower
        end
        negative ? -size : size
      end

      def unreadable(text)
        return "a comma groups thousands here (7,050); write the decimal with a point" if text.match?(/\d,\d/)

        "“#{text}” cannot be read as a quantity"
      end

      def refuse(typed, message, spec)
        raise Unreadable.new(message, typed: typed, expected: "for example #{spec['examples']}")
      end
      private_class_method :slowly, :feet_and_inches, :plain, :factor, :number, :mixed, :unreadable, :refuse
    end
  end
end
