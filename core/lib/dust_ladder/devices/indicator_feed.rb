module DustLadder
  module Devices
    # What a crane's load indicator says (docs/indicator.md).
    class IndicatorFeed < Feed
      NAME = "indicator"
      FORMAT = "dust-ladder-indicator"
      # Between two lines nothing on a crane moves farther than this.
      MOST_JUMP = { "radius_m" => 6.0, "slew_deg" => 60.0, "boom_m" => 6.0 }.freeze
      RANGES = {
        "boom_m" => 0.0..500.0,
        "radius_m" => 0.0..500.0,
        "hook_m" => -500.0..500.0,
        "load_kg" => -50_000.0..5e6,
        "rated_kg" => 0.0..5e6
      }.freeze
      STATES = %w[normal warning cut_out].freeze

      private

      # Of two cranes the other's figures have to be as sound.
      def fault(data, _now)
        other = data["other"]
        return unsound("other crane") unless other.nil? || other.is_a?(Hash)

        found = unsound_in(data) || (other && unsound_in(other))
        return found if found
        return unsound("place of the turn") unless other.nil? || sound?(data["at"], 0.0..100.0)

        field, = MOST_JUMP.find { |one, most| jumps?(data, one, most) }
        field && "the indicator's #{words(field)} jumps"
      end

      def unsound_in(data)
        RANGES.each do |field, range|
          next if field == "rated_kg" && data[field].nil?
          return unsound(words(field)) unless sound?(data[field], range)
        end
        unless data["slew_deg"].nil? || data["slew_deg"].is_a?(Numeric) && data["slew_deg"].to_f.finite?
          return unsound("slew")
        end

        unsound("state") unless STATES.include?(data["state"])
      end

      def words(field) = field.sub(/_\w+\z/, "")
    end
  end
end
