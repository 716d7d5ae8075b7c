module DustLadder
  module Cranes
    # The names that lines of a CSV grid begin with, and the units that its figures may be in.
    module ChartGridNames
      # A name, where it goes in the chart, and what kind of quantity it is.
      NAMES = {
        "foot radius" => [ %w[boom_foot radius_m], :length ],
        "foot height" => [ %w[boom_foot height_m], :length ],
        "line pull" => [ %w[hoist line_pull_kg], :mass ],
        "rope wll" => [ %w[hoist rope_wll_kg], :mass ],
        "rope mass" => [ %w[hoist rope_kg_per_m], :mass_per_length ],
        "efficiency per sheave" => [ %w[hoist efficiency_per_sheave], :number ],
        "most parts of line" => [ %w[hoist most_parts], :whole ],
        "lead sheaves" => [ %w[hoist lead_sheaves], :whole ],
        "rope on drum" => [ %w[hoist rope_m], :length ],
        "least wraps" => [ %w[hoist least_wraps], :number ],
        "drum diameter" => [ %w[hoist drum diameter_m], :length ],
        "drum rope" => [ %w[hoist drum rope_mm], :millimetres ],
        "wraps per layer" => [ %w[hoist drum wraps_per_layer], :number ],
        "hook block mass" => [ %w[hook_block mass_kg], :mass ],
        "hook block length" => [ %w[hook_block length_m], :length ],
        "hook block wll" => [ %w[hook_block wll_kg], :mass ],
        "block to tip" => [ %w[least_block_to_tip_m], :length ],
        "boom depth" => [ %w[boom_depth_m], :length ],
        "boom head" => [ %w[boom_head_m], :length ],
        "jib length" => [ %w[jib length_m], :length ],
        "jib offset" => [ %w[jib offset_deg], :angle ],
        "wind limit" => [ %w[limits wind_m_s], :speed ],
        "level limit" => [ %w[limits level_percent], :percent ],
        "trolley height" => [ %w[tower trolley_height_m], :length ],
        "tower jib" => [ %w[tower jib_length_m], :length ],
        "platform rating" => [ %w[platform_jib platform_rated_kg], :mass ],
        "credit share" => [ %w[platform_jib credit_share], :number ],
        "rated load" => [ %w[fixed_hoist wll_kg], :mass ],
        "highest hook" => [ %w[fixed_hoist highest_hook_m], :length ],
        "reach from" => [ %w[fixed_hoist reach_from_m], :length ],
        "reach to" => [ %w[fixed_hoist reach_to_m], :length ]
      }.freeze
      # Units of capacity as pages have them, and as they are read.
      UNITS = {
        "kg" => "kg",
        "t" => "t",
        "lb" => "lb",
        "klb" => "kip",
        "thousands of lb" => "kip",
        "1000 lb" => "kip",
        "short tons" => "short tons"
      }.freeze
    end
  end
end
