module DustLadder
  module Quantity
    # A number with its unit and the side it may be rounded to: up for a demand, down for a capacity, near for a plain
    # measure. Shown in metric and US; never rounded in the user's favour. value: Float; unit: :kg, :m, :deg, :factor,
    # :percent (value is the fraction), :count, :m2, :m3, :kg_per_m, :kg_per_m2, :kg_per_m3, :kg_m, :kv,
    # :mm, :kpa, :m_per_s, :celsius. digits: decimals of a mass or of a percentage; none when nothing is said.
    class Figure
      SLACK = 1e-9
      MOST_SHARE = 1e4
      THIN = "\u202f"
      GAP = "\u00a0"
      KG_PER_LB = 0.45359237
      M_PER_IN = 0.0254
      M_PER_FT = 12 * M_PER_IN
      MOST_DECIMALS = 10
      DECIMALS = (0..MOST_DECIMALS).to_h { |digits| [ digits, "%.#{digits}f" ] }.freeze

      # Unit and decimals by system, and what one of it is worth in the US unit.
      DERIVED = {
        m_per_s: [ "m/s", 1, "mph", 1, 1 / 0.44704 ],
        m2: [ "m²", 4, "ft²", 3, 1 / M_PER_FT**2 ],
        m3: [ "m³", 6, "ft³", 4, 1 / M_PER_FT**3 ],
        kg_per_m: [ "kg/m", 2, "lb/ft", 2, M_PER_FT / KG_PER_LB ],
        kg_per_m2: [ "kg/m²", 2, "lb/ft²", 2, M_PER_FT**2 / KG_PER_LB ],
        kg_per_m3: [ "kg/m³", 0, "lb/ft³", 1, M_PER_FT**3 / KG_PER_LB ],
        kv: [ "kV", 1, "kV", 1, 1 ],
        mm: [ "mm", 2, "in", 3, 1 / 25.4 ],
        kpa: [ "kPa", 1, "lb/ft²", 0, 20.885434233150127 ],
        kg_m: [ "kg m", 0, "lb ft", 0, 1 / (M_PER_FT * KG_PER_LB) ]
      }.freeze

      attr_reader :value, :unit, :round, :digits

      def self.kg(value, round = :near, digits: 0) = new(value, :kg, round, digits)
      def self.m(value, round = :near) = new(value, :m, round)
      def self.deg(value, round = :down) = new(value, :deg, round)
      # Beyond a million per cent nobody reads the digits.
      def self.percent(value, round = :up, digits: 0) = new([ value, MOST_SHARE ].min, :percent, round, digits)
      def self.speed(value, round = :near) = new(value, :m_per_s, round)
      def self.factor(value, round = :near) = new(value, :factor, round)
      def self.kpa(value, round = :near) = new(value, :kpa, round)
      # What is measured by a calliper, m.
      def self.small(value, round = :near) = new(value * 1000, :mm, round)
      def self.count(value) = new(value, :count, :near)

      def initialize(value, unit, round = :near, digits = 0)
        @value = value
        @unit = unit
        @round = round
        @digits = digits
      end

      # The figure without its unit, for a line of arithmetic; more: decimals beside the usual ones.
      def bare(system = :metric, more = 0) = number(system, more).first

      def shown(system = :metric)
        digits, unit = number(system)
        unit.empty? ? digits : digits + (unit == "°" ? "" : GAP) + unit
      end

      def as_json(*) = { "value" => value, "unit" => unit.name, **Systems.words { |system| shown(system) } }
      def to_s = shown

      private

      def number(system, more = 0)
        us = system == :us
        case unit
        when :kg
          us ? [ grouped(value / KG_PER_LB, digits + more, ","), "lb" ] : [ grouped(value, digits + more, THIN), "kg" ]
        when :m
          us ? [ feet, "" ] : [ grouped(value, (thin? ? 4 : 3) + more, THIN), "m" ]
        when :deg
          [ grouped(value, 1 + more, THIN), "°" ]
        when :percent
          [ grouped(value * 100, digits + more, THIN), "%" ]
        when :celsius
          us ? [ grouped(value * 1.8 + 32, 0, ","), "°F" ] : [ grouped(value, 0, THIN), "°C" ]
        when :count
          [ grouped(value, 0, THIN), "" ]
        else
          DERIVED.key?(unit) ? derived(us, more) : [ grouped(value, 4 + more, THIN), "" ]
        end
      end

      # A small measure in tenths of a millimetre, such as a wall of 4.5 mm.
      def thin?
        tenths = value * 10_000
        round == :near && value.abs.between?(*THIN_M) && (tenths - tenths.round).abs < 1e-6 && tenths.round % 10 != 0
      end
      THIN_M = [ 0.001, 0.1 ].freeze

      def derived(us, more)
        metric, decimals, other, others, worth = DERIVED.fetch(unit)
        us ? [ grouped(value * worth, others + more, ","), other ] : [ grouped(value, decimals + more, THIN), metric ]
      end

      def rounded(amount, digits)
        scale = 10**digits
        slack = SLACK * [ 1.0, amount.abs * scale ].max
        whole =
          case round
          when :up
            (amount * scale - slack).ceil
          when :down
            (amount * scale + slack).floor
          else
            (amount * scale).round
          end
        digits.zero? ? whole : whole.to_f / scale
      end

      def grouped(amount, digits, separator)
        return "beyond measure" unless amount.finite?

        shown =
          if digits.zero?
            rounded(amount, 0).to_s
          else
            format(DECIMALS[[ digits, MOST_DECIMALS ].min], rounded(amount, [ digits, MOST_DECIMALS ].min))
          end
        shown = shown.sub(/\A-(0(\.0+)?)\z/, '\1').sub("-", "−") if shown.start_with?("-")
        return shown if amount.abs < 999

        at = (shown.index(".") || shown.length) - 3
        least = shown.start_with?("−") ? 1 : 0
        while at > least
          shown.insert(at, separator)
          at -= 3
        end
        shown
      end

      def feet
        sixteenths = rounded(value / M_PER_IN * 16, 0)
        sign = sixteenths.negative? ? "−" : ""
        inches, part = sixteenths.abs.divmod(16)
        feet, inches = inches.divmod(12)
        divisor = part.gcd(16)
        fraction = part.zero? ? "" : " #{part / divisor}/#{16 / divisor}"
        "#{sign}#{feet}'#{inches}#{fraction}\""
      end
    end
  end
end
