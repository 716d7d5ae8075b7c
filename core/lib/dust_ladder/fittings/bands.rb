module DustLadder
  module Fittings
    # A table of bands, [[up to, factor], ...]: the upper end belongs to its band, between two the worse one counts,
    # past the last there is no figure (handbook, section 5).
    module Bands
      SLACK = 1e-9

      module_function

      # The factor at a value, or nil past the last band. Raises ArgumentError for what is not a figure.
      def factor(table, value)
        unless value.is_a?(Numeric) && value.to_f.finite? && value >= -SLACK
          raise ArgumentError, "#{value.inspect} is not an angle or a share"
        end

        table.find { |upto, _| value <= upto + SLACK }&.last
      end
    end
  end
end
