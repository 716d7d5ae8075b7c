module DustLadder
  module Gear
    # Numbers of several like pieces as a keeper writes them: "S-31, S-32", or "S-31 to S-40" for all of a run.
    module Numbers
      MOST = 200
      RUN = /\A(?<head>.*?)(?<from>\d{1,6})\s*(?:to|\.{2,}|…)\s*(?<again>.*?)(?<to>\d{1,6})\z/i

      # What is wrong with them, and what was expected.
      class Unreadable < StandardError
        attr_reader :expected

        def initialize(what, expected = "such as S-31, S-32 or S-31 to S-40")
          super(what)
          @expected = expected
        end
      end

      module_function

      # Each number once, in order. Raises Unreadable.
      def of(text)
        numbers = text.to_s.split(/[,;\n]/).map(&:strip).reject(&:empty?).flat_map { |part| run(part) || [ part ] }
        raise Unreadable, "no number is given" if numbers.empty?
        raise Unreadable.new("these are #{numbers.size} numbers", "#{MOST} at most") if numbers.size > MOST

        twice = numbers.tally.find { |_, count| count > 1 }
        raise Unreadable, "#{twice[0]} stands there twice" if twice

        numbers
      end

      # All of a run, with the noughts that the first has; nil for what is none.
      def run(part)
        match = RUN.match(part) or return
        head, from, to = match[:head], match[:from], match[:to]
        return unless [ "", head ].include?(match[:again].strip)
        raise Unreadable, "#{part} runs backwards" if to.to_i < from.to_i
        many = to.to_i - from.to_i + 1
        raise Unreadable.new("these are #{many} numbers", "#{MOST} at most") if many > MOST

        (from.to_i..to.to_i).map { |number| head + number.to_s.rjust(from.size, "0") }
      end
      private_class_method :run
    end
  end
end
