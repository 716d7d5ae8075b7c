# A plan of two cranes that holds, to be changed by a spec at the places that it speaks of: a vessel of 10 t and 10 m
# that is stood up, the tail's hook coming toward the head's.
module TandemHelp
  HEAD_CRANE = { "east" => "20 m", "north" => "0 m", "ground" => "0 m", "bearing" => "0°", "carried" => nil }.freeze
  TAIL_CRANE = { "east" => "4 m", "north" => "7 m", "ground" => "0 m", "bearing" => "0°", "carried" => nil }.freeze

  # A chart that is the same all round, big enough.
  def big_chart(id = "big", scale: 1.0, radii: (3..24).to_a, **changes)
    cells = radii.map { |radius| [ (scale * 200_000 / radius).round(-1) ] * 2 }
    chart(
      id: id,
      "boom_length_m" => [ 20.0, 30.0 ],
      "radius_m" => radii.map(&:to_f),
      "sectors" => [ { "name" => "all round", "slew_from_deg" => 0, "slew_to_deg" => 360, "table" => "main" } ],
      "tables" => { "main" => cells },
      **changes
    )
  end

  def vessel(tail_z: "2.4 m")
    {
      "/load/weight" => { "bare" => "10 t", "basis" => "certified", "source" => "plate" },
      "/load/size" => { "length" => "10 m", "width" => "2 m", "height" => "2 m" },
      "/load/cg" => { "x" => "4.6 m", "y" => "1 m", "z" => "1 m", "basis" => "drawing" },
      "/load/points" => [
        { "name" => "Head", "x" => "9.8 m", "y" => "1 m", "z" => "1 m", "wll" => "30 t" },
        { "name" => "Tail", "x" => "0.4 m", "y" => "1 m", "z" => tail_z, "wll" => "30 t", "on" => "tail lug" }
      ]
    }
  end

  # changes: { "/tandem/from" => "10°", ... }. tail: of the tail crane's chart beside the head's.
  def two_cranes(changes = {}, head: big_chart, tail: big_chart("small", scale: 0.8), **more)
    slings = [
      sling(
        "H-1",
        kind: "wire_rope",
        reach_m: 4.0,
        mass_kg: 60,
        "diameter_m" => 0.04,
        "core" => "steel",
        tag: { "vertical_kg" => 20_000, "basket_kg" => 40_000, "choker_kg" => 15_000 }
      ),
      sling(
        "T-1",
        kind: "wire_rope",
        reach_m: 3.0,
        mass_kg: 40,
        "diameter_m" => 0.028,
        "core" => "steel",
        tag: { "vertical_kg" => 20_000, "basket_kg" => 40_000, "choker_kg" => 15_000 }
      )
    ]
    document = plan(vessel, slings: slings, chart: head)
    document["rigging"]["set_by"] = "leg_lengths"
    document["rigging"]["legs"].zip([ "4 m", "3 m" ]) { |leg, length| leg["length"] = length }
    document["cranes"] << JSON.parse(JSON.generate(document["cranes"][0]))
    document["cranes"].zip([ head, tail ], [ HEAD_CRANE, TAIL_CRANE ]) do |crane, chart, stand|
      crane.merge!(
        "chart" => chart["id"],
        "boom_length" => "30 m",
        "parts_of_line" => 4,
        "turn" => nil,
        "stand" => stand
      )
    end
    document["snapshots"]["charts"] = [ head, tail ].to_h { |one|
      [ one["id"], DustLadder::PlanFile::Digest.snapshot(one) ]
    }
    document["tandem"] = JSON.parse(JSON.generate(tandem))
    # A spec changes its own plan only, not what it gives.
    document = JSON.parse(JSON.generate(document))
    changes.merge(more).each { |pointer, value| change(document, pointer.to_s, JSON.parse(JSON.generate(value))) }
    document
  end

  def tandem
    ends = DustLadder::Plan::TandemEnd::BLANK.merge("hold" => "lug", "slings" => 1)
    DustLadder::Plan::Tandem::BLANK.merge(
      "does" => "stand_up",
      "from" => "0°",
      "to" => "85°",
      "comes" => "tail",
      "bearing" => "90°",
      "head_at" => { "east" => "10 m", "north" => "0 m" },
      "under" => "0.3 m",
      "ends" => [ ends.merge("moves" => "stays"), ends.merge("moves" => "slews_and_luffs") ]
    )
  end

  def tandem_rung(id, ...) = DustLadder.check(two_cranes(...)).rung(id)
end
