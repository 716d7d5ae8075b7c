# Shown arithmetic adds up by hand: what is shown, put into a pocket calculator, gives the result that is shown.
RSpec.describe "Shown arithmetic" do
  def calculated(line)
    numbers =
      line.operands.transform_values do |figure|
        DustLadder::Ladder::Formula.number(figure.bare(:metric, line.digits_needed))
      end
    value = DustLadder::Ladder::Formula.value(line.formula, numbers)
    value /= 100 if line.result.unit == :percent
    DustLadder::Figure.new(value, line.result.unit, line.result.round, line.result.digits).bare
  end

  def wrong(ladder)
    ladder
      .rungs
      .flat_map do |rung|
        rung
          .working
          .select(&:formula)
          .map { |line| [ rung.id, line.symbol, line.substituted(:metric), line.result.bare, calculated(line) ] }
      end
      .reject { |_, _, _, shown, calculated| shown == calculated }
  end

  Dir[File.expand_path("../../demo/plans/*.json", __dir__)].each do |path|
    it "adds up in #{File.basename(path, ".json")}" do
      expect(wrong(DustLadder.check(DustLadder::PlanFile.read(File.read(path))))).to eq([])
    end
  end

  it "adds up a take-off of odd parts, marked up, and says which way it was rounded" do
    parts = {
      "plate" => "1000 mm x 1000 mm x 12 mm",
      "pipe" => "114.3 x 4.5 mm x 3.5 m",
      "round bar" => "37 mm x 2.83 m"
    }
    ladder = DustLadder.check(taken_off(*parts.map { |shape, size| part(shape, size, "steel") }))
    expect(wrong(ladder)).to eq([])
    weight = ladder.rung("load").as_json["working"].find { |line| line["symbol"] == "W" }
    expect(weight["source"]).to match(/rounded up\z/)
  end

  it "shows a wall of 4.5 mm as 0.0045 m" do
    expect(DustLadder::Figure.m(0.0045).shown).to eq("0.0045\u00a0m")
  end
end
