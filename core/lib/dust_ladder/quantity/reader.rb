module DustLadder
  module Quantity
    # Reads one quantity from what a rigger writes. A unit is always asked for, but for a plain nought; a bare number,
    # a bare "ton" and a comma that could be a decimal one are asked back rather than guessed (handbook, sections 0
    # and 15).
    module Reader
      KINDS =
        YAML
          .safe_load_file(File.expand_path("units.yml", __dir__))
          .transform_keys { |name| name.tr(" ", "_").to_sym }
          .freeze
      # A whole number: its thousands parted all by commas or all by spaces, never after a leading nought.
      GROUPED = /[1-9]\d{0,2}(?:(?:,\d{3})+|(?: \d{3})+)/
      NUMBER = /(?:#{GROUPED}|\d+)(?:\.\d+)?|\.\d+/
      PART = %r{\d{1,3}\s*/\s*\d{1,3}}
      AMOUNT = /(?<whole>#{GROUPED}|\d+)(?:\s+|-)(?<part>#{PART})|(?<only>#{PART})|(?<plain>#{NUMBER})/
      MIXED = %r{\A(?<sign>[+-]?)\s*(?:#{AMOUNT})(?![\d,./])\s*(?<unit>.*)\z}
      FOOT = /'|ft\.?|feet|foot/i
      INCH = /"|''|in\.?|inch|inches/i
      FEET = /\A(?<sign>[+-]?)\s*(?<feet>#{NUMBER})\s*(?:#{FOOT})\s*-?\s*(?:#{AMOUNT})\s*(?:#{INCH})?\z/i
      ONE_COMMA = /\A[1-9]\d{0,2},\d{3}\z/
      DECIMAL_COMMA = /\A[+-]?\d[\d ]*,\d+/
      ZERO = /\A[+-]?0+(?:\.0*)?\z/
      BARE_SHARE = /\A(?:0?\.\d+|#{PART})\z/
      PRIMES = {
        "′" => "'",
        "’" => "'",
        "‘" => "'",
        "″" => '"',
        "”" => '"',
        "“" => '"',
        "−" => "-",
        "–" => "-"
      }.freeze
      PRIME_UNITS = { "'" => "ft", '"' => "in", "''" => "in" }.freeze
      LONGEST = 60
      INCHES_IN_FOOT = 12
      M_PER_INCH = 0.0254
      SIMPLE = /\A([+-]?\d+(?:\.\d+)?)[ \u00a0]?([a-z°]+)\z/

      module_function

      # typed: String. kind: :mass (kg; a force counts as the mass it holds), :length (m), :angle (deg), :area (m2),
      # :volume (m3), :mass_per_length, :mass_per_area, :density (kg and m), :share (a fraction of the whole).
      # Returns a Float in the base unit. Raises Unreadable, which says what was expected and what could be meant.
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
        return 0.0 if ZERO.match?(text) && !spec["zero_needs_unit"]

        share(text, spec) || feet_and_inches(text, typed, spec) || plain(text, typed, spec)
      end

      # Half, 1/2 and 0.5 are a share as they stand; a bare 1 or 50 could be per cent.
      def share(text, spec)
        return unless spec["units"].key?("%")
        return 0.5 if text.casecmp?("half")
        return unless BARE_SHARE.match?(text)

        text.include?("/") ? fraction(text, text, spec).then { |part| part <= 1 ? part : nil } : text.to_f
      end

      def feet_and_inches(text, typed, spec)
        return unless spec["base"] == "m" && (match = FEET.match(text))

        if match[:feet].include?(".")
          refuse(typed, "feet beside inches are whole: #{match[:feet]} feet are not", spec)
        end
        feet, inches = number(match[:feet]), amount(match, typed, spec)
        too_many_inches(typed, feet, inches, spec) if inches >= INCHES_IN_FOOT
        size = (feet * INCHES_IN_FOOT + inches) * M_PER_INCH
        match[:sign] == "-" ? -size : size
      end

      def too_many_inches(typed, feet, inches, spec)
        whole, rest = (feet * INCHES_IN_FOOT + inches).divmod(INCHES_IN_FOOT)
        written = ->(value) { value == value.round ? value.round.to_s : value.round(4).to_s }
        refuse(
          typed,
          "#{written.(inches)} inches beside feet are a foot or more",
          spec,
          [ "#{whole.round}'#{written.(rest)}\"" ]
        )
      end

      def plain(text, typed, spec)
        match = MIXED.match(text) or refuse(typed, unreadable(text), spec, decimal_comma(text))
        size = amount(match, typed, spec)
        unit = match[:unit].strip
        refuse(typed, "the unit is missing after #{typed}", spec, offers(text, spec)) if unit.empty?
        refuse(typed, unreadable(text), spec, decimal_comma(text)) if unit.match?(/\A[\d,.]/)
        factor = factor(unit, text, typed, spec)
        comma(match[:plain], PRIME_UNITS.fetch(unit, unit), typed, spec)
        match[:sign] == "-" ? -size * factor : size * factor
      end

      def amount(match, typed, spec)
        return number(match[:plain]) if match[:plain]

        part = fraction(match[:part] || match[:only], typed, spec)
        return part if match[:only]

        refuse(typed, "the fraction after #{match[:whole]} is not less than one", spec) if part >= 1
        number(match[:whole]) + part
      end

      def fraction(text, typed, spec)
        upper, lower = text.split("/").map(&:to_f)
        refuse(typed, "#{text} divides by nothing", spec) if lower.zero?
        upper / lower
      end

      # One comma and three digits: thousands of something small, or a decimal comma of something large?
      def comma(amount, unit, typed, spec)
        return unless ONE_COMMA.match?(amount.to_s)
        return if spec["grouped_by_one_comma"].to_a.include?(unit.downcase.delete_suffix("."))

        decimal, whole = [ ".", "" ].map { |mark| typed.to_s.strip.sub(",", mark) }
        refuse(typed, "#{amount} could be thousands or a decimal comma", spec, [ decimal, whole ])
      end

      def factor(unit, text, typed, spec)
        if spec["base"] == "kg" && unit.match?(/\A(tons?|T|MT)\.?\z/)
          refuse(
            typed,
            "“#{unit}” can mean three things: write t (1000 kg), short ton (2000 lb) or long ton (2240 lb)",
            spec,
            [ "t", "short ton", "long ton" ].map { |one| text.delete_suffix(unit).strip + " #{one}" }
          )
        end
        if unit.match?(/\Agal(lons?)?\.?\z/i)
          refuse(typed, "a gallon can be two things: write us gal (3.785 l) or imp gal (4.546 l)", spec)
        end
        unit = PRIME_UNITS.fetch(unit) { unit.downcase.delete_suffix(".").squeeze(" ") }
        spec["units"][unit] or
          refuse(typed, "“#{unit}” is not a unit of #{KINDS.key(spec).to_s.tr("_", " ")} that is known here", spec)
      end

      def number(text) = text.delete(", ").to_f

      def unreadable(text)
        if text.match?(/\A[+-]?0+[, ]\d/)
          return "a nought does not begin a group of thousands; write the decimal with a point"
        end
        if text.match?(/\d \d{3},\d/)
          return "spaces and commas part its thousands: write them one way, and a decimal with a point"
        end
        return "a comma groups thousands here (7,050); write the decimal with a point" if text.match?(/\d,\d/)

        "“#{text}” cannot be read as a quantity"
      end

      # What somebody may have meant by a comma: the decimal, and where all commas group thousands, the whole.
      def decimal_comma(text)
        return [] unless DECIMAL_COMMA.match?(text) && text.count(",") == 1

        [ text.tr(" ", "").sub(",", ".").sub(/(?<=\d)(?=[a-z°"'%])/i, " ") ]
      end

      def offers(text, spec) = spec["offer"].to_a.map { |unit| "#{text} #{unit}" }

      def refuse(typed, message, spec, choices = [])
        raise Unreadable.new(message, typed: typed, expected: "for example #{spec["examples"]}", choices: choices)
      end
      private_class_method(*singleton_methods(false) - %i[read])
    end
  end
end
