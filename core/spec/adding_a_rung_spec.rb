# How a check is added, by one that nobody needs: the shortest there can be, as docs/house.md tells it step by step. All
# that a rung has to do in any case is done for it, and shown here: it is worked out line by line, judged by its
# unrounded figures, not known without what it asks for, and not known to plans whose rule set is older than it.
RSpec.describe "Adding a rung" do
  # How high a load stands on its narrower side.
  slender =
    Class.new(DustLadder::Ladder::Check) do
      const_set(:ID, "slender")
      const_set(:LABEL, "Slender")
      const_set(:FLIGHT, "load")

      private

      def examine
        long, wide, high = lift.load.size
        figure = DustLadder::Figure
        from = { b: figure.m([ long, wide ].min, :down), n: figure.factor(rules[:slender, :times], :down) }
        line("b", from[:b], source: "its narrower side")
        most = figure.m(from[:b].value * from[:n].value, :down)
        line("H", most, formula: "b × n", from: from, source: rules.cite(:slender))
        judge(figure.m(high, :up), most)
      end
    end

  before { stub_const("DustLadder::Ladder::Climb::CHECKS", [ *DustLadder::Ladder::Climb::CHECKS, slender ]) }

  # A plan whose rule set knows it: its limit, with its reason, and its name among the rungs that are climbed.
  def knowing(changes = {})
    document = plan(changes)
    rules = JSON.parse(JSON.generate(document.dig("snapshots", "rule_sets", "strict", "data")))
    rules["values"]["slender"] = { "value" => { "times" => 3.0 }, "reason" => "made up for this example" }
    rules["values"]["climbs"]["value"] += %w[slender]
    snapshot = { "digest" => DustLadder::PlanFile::Digest.of(rules), "data" => rules }
    document.merge("snapshots" => document["snapshots"].merge("rule_sets" => { "strict" => snapshot }))
  end

  def rung(document) = DustLadder.check(document).rung("slender")
  def size(wide, high) = { "/load/size/width" => "#{wide} m", "/load/size/height" => "#{high} m" }

  it "works line by line, and ends in a verdict by its unrounded figures" do
    low = rung(knowing(size(0.7, 1.9)))
    expect([ low.verdict, low.working.map(&:symbol) ]).to eq([ "holds", %w[b H] ])
    expect(low.utilisation).to be_within(1e-12).of(1.9 / 2.1)
    expect(rung(knowing(size(0.7, 2.2))).verdict).to eq("stop")
  end

  it "is not known without what it asks for, with the place, and takes the whole ladder with it" do
    open = knowing("/load/size/height" => nil)
    expect(rung(open).verdict).to eq("not_known")
    expect(rung(open).missing.map(&:pointer)).to eq([ "/load/size/height" ])
    expect(DustLadder.check(open).verdict).to eq("not_known")
  end

  it "is not known to a plan whose rules are older than it: never left out, never passed" do
    older = rung(plan)
    expect([ older.verdict, older.note["metric"] ]).to eq([ "not_known", "slender, newer than this plan's rules" ])
  end

  it "stands in its flight, and is told as all others are" do
    ladder = DustLadder.check(knowing)
    expect(ladder.flights.first).to include("id" => "load", "worst" => "slender")
    told = ladder.as_json["rungs"].find { |one| one["id"] == "slender" }
    expect(told).to include("label" => "Slender", "flight" => "load")
    expect(told["working"].map { |line| line["symbol"] }).to eq(%w[b H])
  end
end
