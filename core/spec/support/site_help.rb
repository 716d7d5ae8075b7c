# A crane of the spec's plan that stands on a made-up site on which everything holds, to be changed where a spec speaks.
module SiteHelp
  STAND = {
    "axis_m" => [ -0.3, 0.0 ],
    "pads" => [
      { "name" => "FR", "at_m" => [ 3.6, 2.9 ], "side_m" => 0.6 },
      { "name" => "RR", "at_m" => [ -3.4, 2.9 ], "side_m" => 0.6 },
      { "name" => "RL", "at_m" => [ -3.4, -2.9 ], "side_m" => 0.6 },
      { "name" => "FL", "at_m" => [ 3.6, -2.9 ], "side_m" => 0.6 }
    ],
    "parts" => [
      { "what" => "carrier", "kg" => 17_400, "at_m" => [ 0.8, 0.0 ] },
      { "what" => "upper and counterweight", "kg" => 13_900, "toward_boom_m" => -2.1 }
    ],
    "booms" => [ { "length_m" => 20.0, "kg" => 3900, "along_m" => 8.0 } ],
    "total_kg" => 35_200,
    "tail" => { "radius_m" => 3.4, "bottom_m" => 1.0, "top_m" => 3.0 }
  }.freeze
  SAW = { "by" => "M. Quell", "on" => "2026-12-10" }.freeze
  WIDE = [ [ -60, -60 ], [ 60, -60 ], [ 60, 60 ], [ -60, 60 ] ].freeze

  def feature(kind, name, **more) = { "kind" => kind, "name" => name, **SAW, **more.transform_keys(&:to_s) }

  def box(west, south, east, north) = [ [ west, south ], [ east, south ], [ east, north ], [ west, north ] ]

  # The stand of the spec's machine on tracks.
  def tracks_stand
    STAND.except("pads").merge(
      "tracks" => { "length_m" => 6.2, "width_m" => 0.9, "gauge_m" => 4.4, "middle_m" => [ 0.0, 0.0 ] }
    )
  end

  GRAVEL = { "allowable_kpa" => 240, "found" => "plate_test", "confirmed_by" => "M. Quell" }.freeze

  def site(*features, gravel: GRAVEL, looked: {}, boundary: WIDE)
    {
      "id" => "pan",
      "title" => "Spec pan",
      "peg" => "nail in the road",
      "version" => 1,
      "boundary_m" => boundary,
      "looked" => %w[lines cuts obstacles people].to_h { |kind| [ kind, SAW ] }.merge(looked).compact,
      "features" => [
        *[ gravel && feature("ground", "gravel", outline_m: WIDE).merge(gravel) ].compact,
        feature("landing", "antenna pad", outline_m: box(-14, -14, 14, 14), allowable_kpa: 200),
        *features
      ]
    }
  end

  # A plan that holds on such a site. stand: changes to where and how the crane stands.
  def on_site(*features, site: nil, stand: {}, machine: STAND, chart: {}, rules: "strict", **changes)
    site ||= self.site(*features)
    document =
      plan(
        {
          "/cranes/0/stations/0/support_height" => "0 m",
          "/cranes/0/stations/1/support_height" => "0 m"
        }.merge(changes),
        chart: self.chart(**chart, stand: machine),
        rules: rules
      )
    document["cranes"][0]["stand"] = {
      "east" => "0 m",
      "north" => "0 m",
      "ground" => "0 m",
      "bearing" => "0°",
      "mat" => { "side" => "1.2 m", "mass" => "150 kg" },
      "carried" => "1.5 m",
      "load_turned" => "with_boom",
      "load_axis" => "90°",
      "watcher" => "",
      "dunnage" => { "count" => 2, "length" => "1.2 m", "width" => "0.2 m" }
    }.merge(stand.transform_keys(&:to_s))
    document["site_document"] = "pan"
    document["snapshots"]["sites"] = { "pan" => DustLadder::PlanFile::Digest.snapshot(site) }
    document
  end

  # The same rung of a chart that does not say how thick the boom is.
  def thin_rung(id, ...)
    document = on_site(...)
    chart = document["snapshots"]["charts"]["test"]["data"].except("boom_depth_m")
    document["snapshots"]["charts"]["test"] = DustLadder::PlanFile::Digest.snapshot(chart)
    DustLadder.check(DustLadder::PlanFile.accept(document)).rung(id)
  end

  def on_site_rung(id, ...) = DustLadder.check(DustLadder::PlanFile.accept(on_site(...))).rung(id)
end
