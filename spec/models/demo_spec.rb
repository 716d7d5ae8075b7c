require Rails.root.join("demo/crane_model")

RSpec.describe "The demo data" do
  wanted = {
    "feed-horn" => [ "holds", %w[level] ],
    "receiver-cabin" => [ "holds", %w[height] ],
    "waveguide-duct" => [ "holds", %w[level] ],
    "counterweight-block" => [ "tight", %w[crane] ],
    "cable-girder" => [ "stop", %w[angle] ],
    "generator" => [ "stop", %w[chart] ],
    "azimuth-drive" => [ "not_known", %w[load] ],
    "chiller" => [ "holds", %w[slings] ],
    "receiver-cabin-racks" => [ "holds", %w[level] ],
    "brine-tank" => [ "stop", %w[level] ],
    "mast-section" => [ "holds", %w[level] ],
    "dish-panel" => [ "stop", %w[level] ],
    "receiver-cabin-four" => [ "stop", %w[level] ],
    "pipe-bundle" => [ "tight", %w[level] ],
    "gearbox" => [ "stop", %w[fittings] ],
    "transformer" => [ "stop", %w[crane] ],
    "azimuth-bearing" => [ "tight", %w[crane] ],
    "feed-cone" => [ "tight", %w[crane] ],
    "isolator" => [ "tight", %w[platform] ],
    "drive-motor" => [ "holds", %w[height] ],
    "cabin-on-salt" => [ "stop", %w[pads] ],
    "cabin-on-gravel" => [ "holds", %w[slings] ],
    "panel-by-the-line" => [ "not_known", %w[landing] ],
    "pump-over-the-track" => [ "stop", %w[people] ],
    "mast-on-tracks" => [ "not_known", %w[power_lines] ],
    "drum-by-the-trench" => [ "stop", %w[cut] ],
    "crate-by-the-line" => [ "tight", %w[stand] ],
    "reel-by-the-hut" => [ "tight", %w[cut] ],
    "tank-under-the-line" => [ "stop", %w[power_lines people] ],
    "filter-over-the-pit" => [ "stop", %w[clearance] ],
    "sledge-on-the-pan" => [ "not_known", %w[height] ],
    "duct-section" => [ "holds", %w[height] ],
    "vessel-by-lug" => [ "tight", %w[tail_crane] ],
    "vessel-by-trunnion" => [ "stop", %w[booms beam_gap] ],
    "truss-between-two" => [ "holds", %w[slings] ]
  }

  it "has a plan for each verdict, and no other plans than these" do
    found = Rails.root.glob("demo/plans/*.json").map { |path| path.basename(".json").to_s }
    expect(found).to match_array(wanted.keys)
  end

  # A walkway is closed or it is not.
  it "shows each rung of ground and site holding, tight, stopping and not known somewhere on its sites" do
    on_sites = wanted.keys.map { |name| demo_document(name) }.select { |document| document["site_document"] }
    rungs = on_sites.flat_map { |document| DustLadder.check(document).rungs }
    words = rungs.group_by(&:id).transform_values { |some| some.map(&:verdict).uniq.sort }
    %w[pads stand cut power_lines clearance tail_swing landing wind].each do |id|
      expect([ id, words[id] ]).to eq([ id, %w[holds not_known stop tight] ])
    end
    expect(words["people"]).to eq(%w[holds not_known stop])
  end

  wanted.each do |name, (verdict, governs)|
    it "says #{verdict} of #{name}, #{governs.join(" and ")} governing" do
      ladder = DustLadder.check(demo_document(name))
      expect(ladder.verdict).to eq(verdict)
      expect(ladder.governing.map(&:id)).to eq(governs)
    end

    it "keeps #{name} as the writer writes it" do
      expect(DustLadder::PlanFile.write(demo_document(name))).to eq(demo_text(name))
    end
  end

  Rails
    .root
    .glob("demo/charts/*.json")
    .each do |path|
      chart = JSON.parse(path.read)

      describe chart["title"] do
        it "is a whole chart, with nothing in it to look at again" do
          judged = DustLadder::Cranes::ChartFile.judge(chart)
          expect([ judged.faults, judged.data ]).to eq([ [], chart ])
          expect(judged.warnings).to eq([]) unless chart["family"] == "platform_jib"
        end

        it "never allows more where it tips sooner: over the front than the rear, over the side than the front" do
          tables = chart.fetch("tables", {}).values_at("main", "rear", "front", "side").compact
          tables.each_cons(2) do |more, less|
            expect(less.flatten.zip(more.flatten)).to all(satisfy { |kg, most| (kg || 0) <= (most || 0) })
          end
        end
      end
    end

  Rails
    .root
    .glob("demo/pages/*.csv")
    .each do |path|
      it "has a page of #{path.basename(".csv")} that says what its chart says" do
        chart = JSON.parse(Rails.root.join("demo/charts/#{path.basename(".csv")}.json").read)
        paper = DustLadder::Cranes::ChartPaper.new(chart, path.read)
        expect(paper.reading.faults).to eq([])
        expect(
          DustLadder::Cranes::ChartDifferences.between(
            chart.except("record"),
            paper.reading.data.except("record")
          )
        )
          .to eq([])
        expect(path.sub_ext(".jpg")).to exist
      end
    end

  it "has charts of every family, one of them not yet checked" do
    charts = Rails.root.glob("demo/charts/*.json").map { |path| JSON.parse(path.read) }
    expect(charts.map { |chart| chart["family"] || "mobile" }.tally).to eq(
      "mobile" => 5,
      "tower" => 1,
      "platform_jib" => 1,
      "fixed_hoist" => 1
    )
    expect(
      charts.select { |chart| DustLadder::Cranes::Record.new(chart["record"]).doubt }.map { |chart| chart["id"] }
    ).to eq([ "juniper-jib" ])
  end

  it "has a crane model that weakens with radius, boom length and a nearer edge" do
    model =
      CraneModel.new(
        machine_kg: 30_000,
        machine_behind_m: 0.5,
        boom_kg_per_m: 150,
        strongest_kg: 30_000,
        strongest_m: 3.0,
        shortest_m: 10.0,
        foot_radius_m: -1.0
      )
    near, far = model.table([ 6.0, 9.0 ], [ 12.0, 18.0 ], 2.8)
    expect(near[0]).to be > far[0]
    expect(near[0]).to be > near[1]
    expect(model.table([ 9.0 ], [ 12.0 ], 2.2)[0][0]).to be < far[0]
    expect(model.table([ 1.0, 30.0 ], [ 12.0 ], 2.8).flatten).to eq([ nil, nil ])
  end

  it "seeds once, and a second time changes nothing" do
    load Rails.root.join("db/seeds.rb")
    Plan.first.update!(title: "Changed by a user")
    expect { load Rails.root.join("db/seeds.rb") }.not_to change {
      [ Plan.count, Piece.count, Chart.count, Revision.count ]
    }
    expect(Plan.pluck(:title)).to include("Changed by a user")
    expect(Piece.count).to eq(51)
  end
end
