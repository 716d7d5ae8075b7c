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
          return { "typed" => typed, **Quantity::Systems.words { words } }
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
        { "typed" => typed, "value" => @reading, **Quantity::Systems.words { |system| figure.shown(system) } }
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
  end
end
