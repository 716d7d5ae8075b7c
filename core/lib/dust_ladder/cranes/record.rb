module DustLadder
  module Cranes
    # Who entered a chart's figures, and who read them against the paper. data: the chart's record, or nil.
    class Record
      # Between names of several who entered one chart.
      BOTH = " and ".freeze

      def initialize(data)
        @data = data || {}
      end

      def entered_by = @data["entered_by"].to_s.strip
      def checked_by = @data["checked_by"].to_s.strip

      # Why an issued plan cannot rest on it; nil when two different people stand for it.
      def doubt
        return "who entered the chart is not on record" if entered_by.empty?
        return "the chart is not checked against the paper by a second person" if checked_by.empty?

        "the chart was checked by #{checked_by}, who entered it: another person must" if same?(checked_by)
      end

      # Is this one of those who entered it?
      def same?(name) = entered_by.split(BOTH).any? { |one| Record.one?(name, one) }

      # One person with and without a dot, whichever name comes first.
      def self.one?(name, other) = plain(name) == plain(other)
      def self.plain(name) = name.downcase.scan(/[[:alnum:]]+/).sort
      private_class_method :plain

      def words = "version #{@data["version"].to_i}: entered by #{entered_by}, checked by #{checked_by}"
    end
  end
end
