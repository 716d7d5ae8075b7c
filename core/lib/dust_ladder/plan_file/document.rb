module DustLadder
  module PlanFile
    # A place of the plan that holds a quantity as it was typed. `value` is a Float in kg, m or deg;
    # asking for it when nothing readable is there raises NotKnown, naming the place.
    class Field
      attr_reader :pointer, :typed, :label

      def initialize(pointer, typed, kind, label)
        @pointer = pointer
        @typed = typed
        @kind = kind
        @label = label
        @reading = Quantity::Reader.read(typed, kind) if given?
      rescue Quantity::Unreadable => error
        @problem = error
      end

      def given? = !(typed.nil? || typed.strip.empty?)
      def known? = !@reading.nil?

      def value
        raise NotKnown.new(
          @problem ? "#{label}: “#{typed}” cannot be read" : "#{label} is not given",
          pointer: pointer
        ) unless known?

        @reading
      end

      # The value when it is above zero, else NotKnown.
      def positive
        value.positive? ? value : raise(NotKnown.new("#{label} must be more than nothing", pointer: pointer))
      end
      def not_negative
        value.negative? ? raise(NotKnown.new("#{label} cannot be below zero", pointer: pointer)) : value
      end

      # What was understood, in both systems; nil when nothing was.
      def echo
        return unless known?

        figure = case @kind
        when :mass then Figure.kg(@reading)
        when :length then Figure.m(@reading)
        when :share then Figure.percent(@reading, digits: ((@reading * 100) % 1).zero? ? 0 : 2)
        when :speed then Figure.speed(@reading)
        when :temperature then Figure.new(@reading, :celsius)
        else Figure.deg(@reading, :near)
        end
        { "metric" => figure.shown(:metric), "us" => figure.shown(:us) }
      end

      def problem
        @problem && {
          "pointer" => pointer,
          "typed" => typed,
          "message" => @problem.message,
          "expected" => @problem.expected
        }
      end
    end

    # A plan document with its quantities read. Every place is read once; none of them is changed.
    class Document
      attr_reader :data

      def initialize(data)
        @data = data
        @fields = []
      end

      # The Field at a path of keys, such as "load", "cg", "x". kind as in Quantity::Reader. Whoever asks keeps it.
      def field(kind, label, *path)
        Field.new("/#{path.join('/')}", @data.dig(*path), kind, label).tap { |field| @fields << field }
      end

      def mass(label, *path) = field(:mass, label, *path)
      def length(label, *path) = field(:length, label, *path)
      def angle(label, *path) = field(:angle, label, *path)

      # What was understood of everything read so far, by JSON pointer, and what could not be read.
      def readings = @fields.select(&:known?).to_h { |field| [ field.pointer, field.echo ] }
      def problems = @fields.filter_map(&:problem)

      def dig(...) = @data.dig(...)
    end
  end
end
