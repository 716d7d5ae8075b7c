module DustLadder
  module Gear
    # How far a measured finding may go: the rule set's value, and for wear and growth the piece's size new (handbook,
    # sections 5 and 9). A count is out at its limit; shares and angles over it, where the rule says no more than that.
    class Limit
      # verdict: stays or out; used: share of what is allowed that is used up, a fraction; words: the rule in both
      # systems of units.
      Judged = Struct.new(:verdict, :used, :words, keyword_init: true) { def out? = verdict == "out" }
      SLACK = 1e-9
      # A piece never measures much more than it did new, or grows shorter: such a figure was misread.
      MISREAD = 1.1
      # A third of a wire is gone on both sides of the rope.
      SIDES = 2

      # look: a Look that measures. data: the piece. rules: a RuleSet.
      def initialize(look, data, rules)
        @look = look
        @data = data
        @rules = rules
      end

      def judge(value)
        used = used(value)
        out = @look.at_limit? ? used >= 1 - SLACK : used > 1 + SLACK
        Judged.new(verdict: out ? "out" : "stays", used: used, words: words)
      end

      # What makes a value unbelievable for this piece, in words; nil where nothing does or its size new is not known.
      def misread(value)
        new = size or return
        shown = Figure.small(new)
        case @look.how
        when "worn", "crown"
          "that is more than its size new, #{shown}" if value > new * MISREAD
        when "grown"
          "that is less than its size new, #{shown}" if value * MISREAD < new
        end
      end

      # { metric:, us: }
      def words = @words ||= Quantity::Systems.words { |system| said(system) }

      private

      def figure(value, round) = Figure.small(value, round)

      def said(system)
        shown = ->(value, round) { figure(value, round).shown(system) }
        case @look.how
        when "worn" then "new #{shown.(new, :near)}, #{out} #{shown.(new * (1 - share), :up)}"
        when "grown" then "new #{shown.(new, :near)}, #{over} #{shown.(new * (1 + share), :down)}"
        when "crown" then "new #{shown.(new, :near)}, #{out} #{shown.(new - most_gone, :up)}"
        when "count" then "out at #{most.round}"
        when "between" then "at least #{shown.(least, :up)}, at most #{shown.(widest, :down)}"
        else "#{over} #{quantity(most).shown(system)}"
        end
      end

      def out = @look.at_limit? ? "out at" : "out under"
      def over = @look.at_limit? ? "out at" : "out over"
      def quantity(value) = @look.read == "mass" ? Figure.kg(value, :down, digits: 1) : Figure.deg(value, :down)

      def used(value)
        case @look.how
        when "worn" then [ (new - value) / new / share, 0.0 ].max
        when "grown" then [ (value - new) / new / share, 0.0 ].max
        when "crown" then [ (new - value) / most_gone, 0.0 ].max
        when "count", "most" then value / most
        when "between" then value < least - SLACK ? least / value : value / widest
        end
      end

      def most_gone = SIDES * share * wire

      # A share, or a greatest value, of the rule set: by the school that it follows where schools differ.
      def share
        entry = @look.school ? @rules[@look.school] : @look.entry
        @rules[@look.rule.to_sym, entry]
      end
      alias most share

      # The pin that an eye takes, m.
      def least = @rules[@look.rule.to_sym, "least_rope_diameters"] * size_of("diameter")
      def widest = @rules[@look.rule.to_sym, "most_share_of_eye_length"] * new

      def new = size_of(@look.of)
      def wire = size_of("outer_wire")
      def size = @look.of && @data[key(@look.of)]

      def key(field) = field == "reach" ? "reach_m" : Kinds::FIELDS.fetch(field).key

      def size_of(field)
        @data[key(field)] or
          raise NotKnown.new("its #{Kinds::FIELDS.fetch(field).label.downcase} when new is not written down")
      end
    end
  end
end
