module DustLadder
  module Trial
    # How far off what is read may be (instruments.yml): each figure is a bound, taken as twice the standard deviation.
    module Instruments
      DATA = YAML.safe_load_file(File.expand_path("instruments.yml", __dir__)).freeze
      NEARLY_SLACK = DATA["nearly_slack"]
      LEAST_GAIN_DEG = DATA["least_gain_deg"]
      # Standard deviations within which something is told to lie.
      TOLD = 2.5
      HEIGHT_SHARE = 0.1

      module_function

      # The Fit::Trust of a lift. length: the tolerance of the slings' lengths.
      def trust(lift)
        Fit::Trust.new(
          cell: DATA.dig("cell", "share") / 2,
          cell_kg: DATA.dig("cell", "kg") / 2.0,
          load: DATA.dig("indicator", "share") / 2,
          tilt: DATA.dig("level", "deg") / 2,
          stiff: DATA.dig("stretch", "share") / 2,
          length: lift.rules[:leg_length_tolerance] / 2,
          height: [ lift.load.cg_half_width[2], HEIGHT_SHARE * lift.load.size[2] ].max
        )
      end
    end
  end
end
