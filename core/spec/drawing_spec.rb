RSpec.describe "What a screen is given to draw" do
  def drawing(...) = check(...).as_json["drawing"]
  def reach(...) = check(...).as_json["reach"]

  it "puts the hook plumb over the CG, legs of their length, in the pose that hangs" do
    uneven = {
      "/rigging/set_by" => "leg_lengths",
      "/rigging/legs/0/length" => "4.3 m",
      "/rigging/legs/1/length" => "4.4 m"
    }
    [ drawing, drawing(uneven), drawing("/load/cg/x" => "1.5 m") ].each do |drawn|
      from_cg = drawn["hook"].zip(drawn["cg"]).map { |hook, cg| hook - cg }
      long = Math.sqrt(from_cg.sum { |side| side**2 })
      expect(from_cg.map { |side| side / long }).to match(drawn["up"].map { |part| be_within(1e-9).of(part) })
      drawn["legs"].zip(drawn["points"]) do |leg, point|
        far = Math.sqrt(drawn["hook"].zip(point["at"]).sum { |hook, place| (hook - place)**2 })
        expect(leg["length"]["value"]).to be_within(1e-9).of(far)
      end
    end
  end

  it "tells each leg's angle in three conventions that agree" do
    drawing("/load/cg/x" => "1.6 m")["legs"].each do |leg|
      expect(leg["from_horizontal"]["value"] + leg["from_plumb"]["value"]).to be_within(1e-9).of(90)
    end
    level = drawing["legs"]
    expect(level.first["included"]["value"]).to be_within(1e-9).of(level.sum { |leg| leg["from_plumb"]["value"] })
  end

  it "keeps the load while the geometry does not close, and draws nothing without a size" do
    drawn = drawing("/rigging/hook_height" => "1 m")
    expect(drawn["points"].size).to eq(2)
    expect(drawn.values_at("hook", "up", "legs")).to eq([ nil, nil, [] ])
    expect(drawing("/load/size/length" => nil)).to be_nil
  end

  it "steps down the chart at the next larger row, the least of the sectors on the way" do
    one_sector = reach
    expect(one_sector["sectors"]).to eq([ "rear" ])
    expect(one_sector["steps"]).to eq(
      [
        { "from_m" => 4.0, "to_m" => 6.0, "kg" => 20_000.0 },
        { "from_m" => 6.0, "to_m" => 8.0, "kg" => 14_000.0 },
        { "from_m" => 8.0, "to_m" => 10.0, "kg" => 9500.0 },
        { "from_m" => 10.0, "to_m" => 12.0, "kg" => 6500.0 }
      ]
    )
    both = reach("/cranes/0/turn" => "anticlockwise")
    expect(both["sectors"]).to contain_exactly("rear", "front")
    expect(both["steps"].map { |step| step["kg"] }).to eq([ 16_000, 11_000, 7400, 5000 ])
  end

  it "shows where the chart allows nothing at this boom length" do
    expect(reach("/cranes/0/boom_length" => "15 m")["steps"].last["kg"]).to be_nil
    expect(
      reach("/cranes/0/boom_length" => "22 m")["steps"].map { |step|
        step["kg"]
      }
    ).to eq([ nil, 13_000, 9200, 6500 ])
    expect(reach("/cranes/0/boom_length" => "40 m")["steps"].map { |step| step["kg"] }.uniq).to eq([ nil ])
  end

  it "tells each station's loaded radius, row, margin and the end for this load" do
    given = reach
    pick, set = given["stations"]
    expect(pick["radius"]["value"]).to eq(5.0)
    expect(pick["loaded_radius"]["value"]).to be_within(1e-9).of(5.3)
    expect(pick["row"]["value"]).to eq(6.0)
    expect(set["row"]["value"]).to eq(8.0)
    expect(set["left"]["value"]).to be_within(1e-6).of(14_000 - given["gross"]["value"])
    expect(given["end"]["value"]).to eq(12.0)
    heavy = reach("/load/weight/bare" => "9 t")
    expect(heavy["end"]["value"]).to eq(8.0)
  end

  it "draws the chart before the load is known, without a gross line" do
    given = reach("/load/weight/bare" => nil)
    expect(given["gross"]).to be_nil
    expect(given["steps"]).not_to be_empty
    expect(given["stations"].map { |station| station["verdict"] }.uniq).to eq([ "not_known" ])
  end
end
