# Which charts could take a weight at all, before a plan has a crane.
RSpec.describe DustLadder::Cranes::CouldTake do
  include PlanHelp

  let(:data) { plan["snapshots"]["charts"].values.first["data"] }

  def rows(charts, kg) = described_class.new(charts, kg).as_json["cranes"]

  it "reaches as far as the farthest row that carries the load and what always hangs, over all sectors and booms" do
    hangs = data["hook_block"]["mass_kg"] + (data["deductions"] || []).sum { |item| item["kg"] }
    cells =
      data["tables"].values.flat_map do |table|
        data["radius_m"].zip(table).flat_map { |radius, row| Array(row).map { |kg| [ radius, kg ] } }
      end
    [ 1000.0, 2000.0, 5000.0 ].each do |kg|
      by_hand = cells.select { |_, allowed| allowed && allowed >= kg + hangs }.map(&:first).max
      expect(rows([ data ], kg).first["to_m"]).to eq(by_hand)
    end
  end

  it "never reaches farther with more" do
    reached = (1..60).map { |tonnes| rows([ data ], tonnes * 500.0).first["to_m"] || 0.0 }
    expect(reached).to eq(reached.sort.reverse)
    expect(reached.uniq.size).to be > 2
  end

  it "says why where it cannot tell, after those that can" do
    blockless = data.merge("title" => "A crane", "hook_block" => nil)
    jib = { "id" => "jib", "title" => "Jib", "family" => "platform_jib" }
    light, *others = rows([ blockless, jib, data ], 1000.0)
    expect(light["title"]).to eq(data["title"])
    expect(others.map { |row| [ row["to"], row["why"] ] }).to eq(
      [ [ nil, "its chart does not say what its hook block weighs" ], [ nil, "goes by the angles of both booms" ] ]
    )
    expect(rows([ data ], 1e7).first.values_at("to", "why")).to eq([ nil, "not on any row of its chart" ])
  end

  it "tells a chart that nobody read a second time" do
    unread = data.merge("record" => data["record"].merge("checked_by" => " "))
    expect(rows([ data ], 1000.0).first["checked"]).to be(true)
    expect(rows([ unread ], 1000.0).first["checked"]).to be(false)
  end
end
