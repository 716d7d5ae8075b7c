module DustLadder
  module Snapshots
    # One of them. data: as JSON gave it; floats: the same with its whole numbers as Floats. Both are frozen.
    class Kept
      attr_reader :data, :floats

      def initialize(data)
        @data = Snapshots.frozen(data)
        @floats = Snapshots.frozen(DustLadder.floats(data))
      end

      def survey = @survey ||= Site::Survey.new(floats)
      def rule_set = @rule_set ||= RuleSet.new(data)
    end
  end
end
