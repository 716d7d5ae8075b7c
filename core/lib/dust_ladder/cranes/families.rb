module DustLadder
  module Cranes
    # What each family of crane asks of a plan, and how its chart is read (handbook, section 6.1). A family answers:
    # chart, stations' boom lengths, height of the tip, whether rope and block hang below it, and what a screen asks.
    module Families
      # What is asked for before a chart is chosen, as of most cranes.
      ASKS = {
        "reads" => "radius",
        "booms" => true,
        "second_trolley" => false,
        "falls" => false,
        "hook_rated" => true
      }.freeze

      # What a row of a chart is called, where it is not a boom; and the row of a machine that has but one.
      ROWS = { "tower" => "jib", "fixed_hoist" => "hoist" }.freeze
      ONLY_ROWS = { "fixed_hoist" => "wherever it runs" }.freeze

      # A chart that says none is a mobile crane's. data: a chart's data.
      def self.name_of(data) = data["family"] || "mobile"

      # data: a chart's data. crane: the plan's Crane.
      def self.of(data, crane) =
        { "tower" => Tower, "fixed_hoist" => FixedHoist, "platform_jib" => PlatformJib }.fetch(
          data["family"],
          Mobile
        ).new(data, crane)
    end
  end
end
