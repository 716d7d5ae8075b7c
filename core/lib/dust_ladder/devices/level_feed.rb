module DustLadder
  module Devices
    # What an inclinometer laid on the load says (docs/trial-instruments.md): degrees as of Statics::Pose.
    class LevelFeed < Feed
      NAME = "level"
      FORMAT = "dust-ladder-level"
      DEG = -60.0..60.0
      MOST_JUMP = 30.0

      private

      def fault(data, _now)
        field = %w[along_deg across_deg].find { |name| !sound?(data[name], DEG) }
        return unsound("tilt #{field.delete_suffix("_deg")}") if field

        "the level's tilt jumps" if %w[along_deg across_deg].any? { |name| jumps?(data, name, MOST_JUMP) }
      end

      def shown = @reading.slice("seq", "along_deg", "across_deg")
    end
  end
end
