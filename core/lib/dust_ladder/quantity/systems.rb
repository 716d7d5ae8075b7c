module DustLadder
  module Quantity
    # The systems of units that what is told is written in: both, or the one that is asked for. Whoever drags a grip
    # reads one of them many times a second.
    module Systems
      BOTH = %i[metric us].freeze
      KEY = :dust_ladder_systems

      module_function

      # Writes only one system while the block runs; both for nil. Raises ArgumentError for any other word.
      def only(system)
        raise ArgumentError, "no system of units: #{system.inspect}" unless system.nil? || BOTH.include?(system)

        before = Thread.current[KEY]
        begin
          Thread.current[KEY] = system && [ system ]
          yield
        ensure
          Thread.current[KEY] = before
        end
      end

      # { "metric" => ..., "us" => ... } of those that are written: yields each and takes its words.
      def words
        one, *rest = Thread.current[KEY] || BOTH
        told = { one.name => yield(one) }
        rest.each { |other| told[other.name] = yield(other) }
        told
      end
    end
  end
end
