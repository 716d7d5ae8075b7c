module DustLadder
  module PlanFile
    # SHA-256 over a canonical form of JSON data: keys sorted, no white space, whole numbers without a
    # decimal point (so that a file which went through another program still matches).
    module Digest
      module_function

      # Any JSON value. Returns "sha256:" and 64 hex digits.
      def of(data) = "sha256:#{::Digest::SHA256.hexdigest(canonical(data))}"

      # data with its digest beside it, as a plan's snapshots keep it.
      def snapshot(data) = { "digest" => of(data), "data" => data }

      def canonical(data)
        case data
        when Hash then "{#{data.sort.map { |key, value| "#{JSON.generate(key)}:#{canonical(value)}" }.join(',')}}"
        when Array then "[#{data.map { |value| canonical(value) }.join(',')}]"
        when Float then data == data.to_i && data.abs < 1e15 ? data.to_i.to_s : data.to_s
        else JSON.generate(data)
        end
      end
    end
  end
end
