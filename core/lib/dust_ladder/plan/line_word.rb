module DustLadder
  module Plan
    # What somebody says of power lines: that there is none as far as they looked, or how near one of some voltage
    # comes. looked and nearest: Fields in m; voltage: a Field in kV.
    class LineWord < Word
      LINES = %w[none known unknown].freeze

      attr_reader :looked, :voltage, :nearest

      def initialize(document, id, what)
        super
        @looked = length("how far round somebody looked for lines", "looked")
        @voltage = field(:voltage, "the voltage of the line", "voltage", above: 0)
        @nearest = length("how near the line comes at its nearest", "nearest")
      end

      # One of LINES. Raises NotKnown when nobody says.
      def lines = LINES.include?(self["lines"]) ? self["lines"] : missing(@what, "lines")
    end
  end
end
