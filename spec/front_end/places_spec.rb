# Places of a plan on the screen: which panel has a field, how it is named, what a drag changed, and what stands in for
# a rung that is gone.
RSpec.describe "Places of a plan" do
  places_ts = "rungs/shared/places.ts"

  # A place of the plan, and the rung whose panel has its field.
  {
    "/lift_at" => "gear",
    "/lift_until" => nil,
    "/load/weight/bare" => "load",
    "/load/cg/x" => "load",
    "/load/points/0/x" => "load",
    "/load/points/0/wll" => "points",
    "/load/rated_points" => "points",
    "/load/thrust" => "load",
    "/rigging/hook_height" => "level",
    "/rigging/legs/1/length" => "level",
    "/rigging/legs/1/angle" => "level",
    "/rigging/legs/1/sling" => "slings",
    "/rigging/legs/1/hitch" => "slings",
    "/rigging/legs/1/hole" => "beam",
    "/rigging/legs/1/fittings/0/wll" => "fittings",
    "/rigging/legs/1/fittings/0/piece" => "fittings",
    "/rigging/legs/1/load_end" => "fittings",
    "/rigging/beam/span" => "beam",
    "/rigging/reeved/blocks/0" => "blocks",
    "/rigging/reeved/decided_by" => "sharing",
    "/rigging/surroundings/temperature" => "surroundings",
    "/cranes/0/chart" => "chart",
    "/cranes/0/as_rigged/serial" => "chart",
    "/cranes/0/parts_of_line" => "hoist",
    "/cranes/0/deductions/0/mass" => "hoist",
    "/cranes/0/idle_line" => "hoist",
    "/cranes/0/level" => "stand",
    "/cranes/0/level_seen" => "stand",
    "/cranes/0/side_pull" => "side_pull",
    "/cranes/0/wind" => "wind",
    "/cranes/0/zones/0" => "zones",
    "/cranes/0/platform/aboard" => "platform",
    "/cranes/0/obstacle_height" => "height",
    "/cranes/0/stations/1/support_height" => "height",
    "/cranes/0/stations/1/radius" => "crane",
    "/cranes/0/hook/kind" => "hook",
    "/cranes/0/stand/east" => "pads",
    "/cranes/0/stand/mat/side" => "pads",
    "/cranes/0/stand/mat/pieces/2" => "pads",
    "/cranes/0/stand/watcher" => "power_lines",
    "/cranes/0/stand/carried" => "clearance",
    "/cranes/0/stand/load_turned" => "clearance",
    "/cranes/0/stand/dunnage/count" => "landing",
    "/cranes/12/stand/east" => "pads",
    "/site_document" => "pads",
    "/by_word/ground/says" => "ground",
    "/by_word/crew/by" => "crew",
    "/crew/0/person" => "crew",
    "/title" => nil,
    "" => nil
  }.each do |pointer, rung|
    it("#{pointer.inspect} is in the panel of #{rung.inspect}") {
      expect(front(places_ts, "panelOf", pointer)).to eq(rung)
    }
  end

  # The rung that was looked at, those that there are now, and which is looked at then.
  {
    [ "pads", %w[load pads] ] => "pads",
    [ "pads", %w[load tracks] ] => "tracks",
    [ "pads", %w[load ground] ] => "ground",
    [ "ground", %w[load pads ground] ] => "ground",
    [ "ground", %w[load tracks] ] => "tracks",
    [ "clearance", %w[obstacles] ] => "obstacles",
    [ "obstacles", %w[clearance] ] => "clearance",
    [ "people", %w[load] ] => nil,
    [ "slings", %w[load] ] => nil,
    [ "load", [] ] => nil
  }.each do |(chosen, rungs), found|
    it "of #{chosen} among #{rungs} looks at #{found.inspect}" do
      expect(front(places_ts, "stillThere", chosen, rungs.map { |id| { "id" => id } })).to eq(found)
    end
  end

  {
    "/load/weight/bare" => "load, weight, weight",
    "/cranes/0/as_rigged/serial" => "crane, as rigged, serial",
    "/cranes/0/stations/1/radius" => "crane, stations, second, radius",
    "/cranes/1/boom_length" => "tail crane, boom length",
    "/tandem/ends/0/beam/mass" => "head, beam, mass",
    "/tandem/beam/off" => "tandem, beam, off",
    "/rigging/hook_height" => "rigging, hook height"
  }.each do |pointer, words|
    it("calls #{pointer} #{words.inspect}") { expect(front(places_ts, "wordsOf", pointer)).to eq(words) }
  end

  it "gives every place a field of its own" do
    pointers = %w[/load/cg/x /load/cg_x /load/cg/x/0 /rigging/legs/0/length]
    ids = pointers.map { |pointer| front(places_ts, "fieldId", pointer) }
    expect(ids).to eq(%w[field-load-cg-x field-load-cg_x field-load-cg-x-0 field-rigging-legs-0-length])
  end

  describe "a drag" do
    let(:before) { demo_document("feed-horn") }

    def changed(before, changes)
      now = DustLadder::PlanFile::Pointer.with_values(before, changes)
      front("drawing/scale/changes.ts", "changed", before, now).map { |one| one.values_at("was", "is", "thing") }
    end

    it "tells what it changed, as it was and is written" do
      was = before["rigging"]["hook_height"] || "not set"
      expect(changed(before, { "/rigging/hook_height" => "7.77 m" })).to eq([ [ was, "7.77 m", "hook" ] ])
      x = before["load"]["points"][1]["x"]
      expect(changed(before, { "/load/points/1/x" => "0.11 m" })).to eq([ [ x, "0.11 m", 1 ] ])
      cg = before["load"]["cg"]["y"]
      expect(changed(before, { "/load/cg/y" => "0.22 m" })).to eq([ [ cg || "not set", "0.22 m", "cg" ] ])
    end

    it "tells nothing where nothing changed, and of nothing else" do
      expect(changed(before, {})).to eq([])
      expect(changed(before, { "/title" => "another", "/load/name" => "another" })).to eq([])
    end

    it "says not set where nothing stood there" do
      bare = DustLadder::PlanFile::Pointer.with_values(before, { "/rigging/legs/0/length" => nil })
      expect(changed(bare, { "/rigging/legs/0/length" => "3 m" })).to eq([ [ "not set", "3 m", 0 ] ])
    end
  end

  describe "a site" do
    features_ts = "rooms/sites/features.ts"

    # A kind, fewest places, and how its places are kept.
    {
      "ground" => [ 3, "outline_m" ],
      "cut" => [ 2, "edge_m" ],
      "line" => [ 2, "wire_m" ],
      "obstacle" => [ 3, "outline_m" ],
      "walkway" => [ 3, "outline_m" ],
      "live_plant" => [ 3, "outline_m" ],
      "exclusion" => [ 3, "outline_m" ],
      "landing" => [ 3, "outline_m" ],
      "escape" => [ 2, "edge_m" ],
      "peg" => [ 1, "at_m" ]
    }.each do |kind, (count, shape)|
      it "draws a new #{kind} with as many places as it needs, and moves them" do
        feature = front(features_ts, "fresh", kind, [ 10.4, 20.6 ], [])
        places = front(features_ts, "placesOf", feature)
        expect(
          [ front(features_ts, "fewest", kind), places.size >= count,
            feature.key?(shape) ]
        ).to eq([ count, true, true ])
        moved = places.map { |east, north, *up| [ east + 1, north - 1, *up ] }
        again = front(features_ts, "withPlaces", feature, moved)
        expect(front(features_ts, "placesOf", again)).to eq(moved)
        expect(again.except(shape)).to eq(feature.except(shape))
      end
    end

    it "names a new one as no other is named" do
      names = [ "Ground 1", "Ground 2", "Peg 1" ]
      expect(front(features_ts, "fresh", "ground", [ 0, 0 ], names)["name"]).to eq("Ground 3")
      expect(front(features_ts, "fresh", "peg", [ 0, 0 ], names)["name"]).to eq("Peg 2")
      expect(front(features_ts, "fresh", "cut", [ 0, 0 ], names)["name"]).to eq("Trench 1")
    end
  end

  # How a plan stands, and as what it is frozen.
  {
    [ "draft", false ] => nil,
    [ "checked", false ] => nil,
    [ "issued", false ] => "issued",
    [ "lifting", false ] => "lifting",
    [ "closed", false ] => "closed",
    [ "withdrawn", false ] => nil,
    [ "draft", true ] => "archived",
    [ "closed", true ] => "archived"
  }.each do |(state, archived), frozen|
    it "#{state}#{", archived" if archived} stands as #{frozen.inspect}" do
      given = { "state" => state, "archived" => archived }
      expect(front("rooms/life/words.ts", "frozenAs", given)).to eq(frozen)
    end
  end

  # Values of a rule set as they are typed, and read again.
  {
    true => "yes",
    false => "no",
    nil => "",
    0.05 => "0.05",
    45 => "45",
    "strict" => "strict"
  }.each do |value, text|
    it "writes #{value.inspect} as #{text.inspect}, and reads it back" do
      expect(front("rooms/rules/leaves.ts", "textOf", value)).to eq(text)
      expect(front("rooms/rules/leaves.ts", "valueOf", text, value)).to eq(value) unless value.nil?
    end
  end

  {
    "allowance/weighed" => "weighed",
    "broken_wires/lay" => "lay",
    "examination_interval/accessory/hard" => "accessory hard",
    "hook_twist_deg" => "hook twist deg"
  }.each do |place, words|
    it("calls #{place} #{words.inspect}") { expect(front("rooms/rules/leaves.ts", "placeWords", place)).to eq(words) }
  end

  describe "the slings that a list offers" do
    def planned(legs, snapshots = {})
      legs = legs.map { |number| { "sling" => number } }
      { "rigging" => { "legs" => legs }, "snapshots" => { "slings" => snapshots } }
    end
    def kept(digest, number) = { "digest" => digest, "data" => { "number" => number } }

    it "are those that the plan uses, whatever else the store has" do
      plan = planned([ "C-14", nil, "R-11" ])
      expect(front("rungs/shared/slings.ts", "usedSlings", plan)).to eq([ "C-14", nil, "R-11" ])
    end

    it "keeps of the plan's snapshots what it uses, and takes the new one from the store" do
      plan = planned([ "C-14" ], { "C-14" => kept("old", "C-14"), "X" => kept("x", "X") })
      store = [ kept("new", "R-11"), kept("newer", "C-14") ]
      both = front("rungs/shared/slings.ts", "keptSlings", plan, [ "C-14", "R-11", nil ], "R-11", store)
      expect(both.transform_values { |one| one["digest"] }).to eq("C-14" => "old", "R-11" => "new")
      again = front("rungs/shared/slings.ts", "keptSlings", plan, [ "C-14" ], "C-14", store)
      expect(again["C-14"]["digest"]).to eq("newer")
    end
  end
end
