module DustLadder
  module PlanFile
    # A place of the plan that holds a quantity as it was typed. `value` is a Float in kg, m or deg;
    # asking for it when nothing readable is there raises NotKnown, naming the place.
    class Field
      attr_reader :pointer, :typed, :label

      # above, at_least, at_most: bounds in the base unit; what lies outside is refused as if it could not be read.
      def initialize(pointer, typed, kind, label, above: nil, at_least: nil, at_most: nil, share: nil)
        @pointer = pointer
        @typed = typed
        @kind = kind
        @label = label
        @share = share
        @reading = read if given?
        bound(above, at_least, at_most) if @reading
      rescue Quantity::Unreadable => error
        @problem = error
      end

      def given? = !(typed.nil? || typed.strip.empty?)
      def known? = !@reading.nil?

      def value
        unless known?
          raise NotKnown.new(
            @problem ? "#{label}: “#{typed}” #{@refused || "cannot be read"}" : "#{label} is not given",
            pointer: pointer
          )
        end

        @reading
      end

      # The value when it is above zero, else NotKnown.
      def positive
        value.positive? ? value : raise(NotKnown.new("#{label} must be more than nothing", pointer: pointer))
      end

      def not_negative
        value.negative? ? raise(NotKnown.new("#{label} cannot be below zero", pointer: pointer)) : value
      end

      # Takes back what was read, since it cannot be so beside something else.
      def refuse(message, expected)
        @problem = Quantity::Unreadable.new(message, typed: typed, expected: expected)
        @refused = message
        @reading = nil
      end

      # What was understood of what was typed, in both systems; nil when nothing was.
      def echo
        return unless known?
        if @kind == :leg_angle
          words = Rigging::Angle.new(@reading).words
          return { "typed" => typed, "metric" => words, "us" => words }
        end

        figure =
          case @kind
          when :mass
            Figure.kg(@reading, digits: @reading.abs < LIGHT_KG ? 2 : 0)
          when :length
            Figure.m(@reading)
          when :share
            Figure.percent(@reading, digits: ((@reading * 100) % 1).zero? ? 0 : 2)
          when :speed
            Figure.speed(@reading)
          when :voltage
            Figure.new(@reading, :kv)
          when :temperature
            Figure.new(@reading, :celsius)
          else
            Figure.deg(@reading, :near)
          end
        { "typed" => typed, "value" => @reading, "metric" => figure.shown(:metric), "us" => figure.shown(:us) }
      end

      # Below this a mass is echoed with its decimals.
      LIGHT_KG = 10

      def problem
        return unless @problem

        {
          "pointer" => pointer,
          "typed" => typed,
          "message" => @problem.message,
          "expected" => @problem.expected,
          "choices" => @problem.choices
        }
      end

      private

      # A leg's angle is read with its convention, and kept from the horizontal.
      def read
        return Quantity::Reader.read(typed, @kind) unless @kind == :leg_angle

        Rigging::Angle.parse(typed, share: @share).deg_from_horizontal
      end

      def bound(above, at_least, at_most)
        if above && @reading <= above
          refuse(above.zero? ? "must be more than nothing" : "must be more than #{above}", "more than #{above}")
        elsif at_least && @reading < at_least
          refuse(at_least.zero? ? "cannot be below nothing" : "cannot be less than #{at_least}", "at least #{at_least}")
        elsif at_most && @reading > at_most
          refuse("is more than can be", "at most #{at_most}")
        end
      end
    end

    # A plan document with its quantities read. Every place is read once; none of them is changed.
    class Document
      attr_reader :data

      def initialize(data)
        @data = data
        @fields = []
      end

      # The Field at a path of keys, such as "load", "cg", "x". kind as in Quantity::Reader; bounds as of Field. Whoever
      # asks keeps it.
      def field(kind, label, *path, **bounds)
        Field.new("/#{path.join("/")}", @data.dig(*path), kind, label, **bounds).tap { |field| @fields << field }
      end

      # A mass, a length that measure something: never nothing.
      def mass(label, *path) = field(:mass, label, *path, above: 0)
      def size(label, *path) = field(:length, label, *path, above: 0)
      # A place, which may lie on either side of where it is measured from.
      def place(label, *path) = field(:length, label, *path)
      # A length that may be nothing, such as a half-width.
      def extent(label, *path) = field(:length, label, *path, at_least: 0)
      def angle(label, *path, **bounds) = field(:angle, label, *path, **bounds)

      # Two Fields of a range, the least and the most: given the wrong way round both are refused.
      def ordered(least, most)
        return unless least.known? && most.known? && least.value > most.value

        words = "#{least.typed} to #{most.typed} is the wrong way round"
        [ least, most ].each { |field| field.refuse(words, "the lesser first") }
      end

      # What was understood of everything read so far, by JSON pointer, and what could not be read.
      def readings = @fields.select(&:known?).to_h { |field| [ field.pointer, field.echo ] }
      def problems = @fields.filter_map(&:problem)

      def dig(...) = @data.dig(...)
    end
  end
end
