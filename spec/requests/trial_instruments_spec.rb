# Load cells and level as stand-ins: a load that is not quite as planned hangs on them, and troubles as real ones have.
RSpec.describe "The instruments of a trial" do
  include DeviceHelp

  before do
    load_store
    @endings = {
      cells: stand_in(:cells, LegCells.new(random: Random.new(1)), DustLadder::Devices::CellsFeed.new).last,
      level: stand_in(:level, Inclinometer.new(random: Random.new(1)), DustLadder::Devices::LevelFeed.new).last
    }
  end

  after { @endings.each { |name, ending| unplug(name, ending) } }

  let(:plan) { issued(demo_plan("duct-section")) }
  let(:lift) { plan.ladder.lift }
  let(:truth) { HiddenLoad.of(lift, plan.title) }

  def tell(**words)
    patch "/api/trial_instruments", params: JSON.generate(words), headers: { "Content-Type" => "application/json" }
    response.parsed_body
  end

  def said = get("/api/trial_instruments").then { response.parsed_body }

  # What they say once the line after the command has come.
  def after_a_line
    before = said.dig("cells", "reading", "seq").to_i
    Timeout.timeout(5) { sleep 0.05 until said.dig("cells", "reading", "seq").to_i > before + 1 }
    said
  end

  def kg(one) = one["metric"].delete(" ").to_f

  it "reads the load as it really is, the same at every try, on whatever lengths" do
    tell(do: "hang", plan: plan.id)
    expect(response.status).to eq(200)
    told = after_a_line
    hung = DustLadder::Trial::Simulated.new(lift, truth).hung
    told.dig("cells", "reading", "cells").zip(hung.tensions).each { |one, real|
      expect(kg(one)).to be_within(0.01 * real + 2).of(real)
    }
    expect(told.dig("level", "reading", "along_deg")).to be_within(0.1).of(hung.pitch)
    lengths = lift.bridle.lengths.each_with_index.map { |long, leg| leg.zero? ? long + 0.2 : long }
    tell(do: "hang", plan: plan.id, lengths: lengths)
    other = DustLadder::Trial::Simulated.new(lift, truth).hung(lengths)
    expect(after_a_line.dig("level", "reading", "along_deg")).to be_within(0.1).of(other.pitch)
    tell(do: "down")
    expect(after_a_line.dig("cells", "reading", "cells").map { |one| kg(one) }).to eq([ 0, 0, 0 ])
  end

  it "tells nobody how the load really is" do
    text = JSON.generate(tell(do: "hang", plan: plan.id))
    expect(text).not_to match(/truth|stiff/)
  end

  it "has a dead cell, cells in each other's place, a drift and a silence" do
    tell(do: "hang", plan: plan.id)
    sound = after_a_line.dig("cells", "reading", "cells").map { |one| kg(one) }
    tell(do: "set", dead: 1, swapped: [ 0, 2 ], noise: 0)
    told = after_a_line.dig("cells", "reading", "cells")
    expect(told[1]["metric"]).to eq("dead")
    expect(kg(told[0])).to be_within(0.02 * sound[2] + 2).of(sound[2])
    tell(do: "set", dead: nil, swapped: nil, drift: 0.2)
    sleep 1
    expect(kg(said.dig("cells", "reading", "cells", 0))).to be > sound[0]
    tell(do: "set", drift: 0, trouble: "silent")
    Timeout.timeout(5) { sleep 0.1 until said["cells"].key?("no_reading") }
    expect(said["cells"]["no_reading"]).to match(/silent/)
    tell(do: "set", trouble: "mad")
    Timeout.timeout(5) { sleep 0.1 until said.dig("cells", "no_reading").to_s.include?("cannot be read") }
    tell(do: "set", trouble: nil)
    Timeout.timeout(5) { sleep 0.1 until said["cells"].key?("reading") }
  end

  it "refuses what cannot be, in words" do
    {
      { do: "dance" } => /not known/,
      { do: "set", dead: 99 } => nil,
      { do: "hang", plan: plan.id, lengths: "long" } => nil
    }.each do |words, why|
      told = tell(**words)
      expect(response.status).to eq(why ? 422 : 200), words.inspect
      expect(told["errors"][0]["message"]).to match(why) if why
    end
    tell(do: "hang", plan: 0)
    expect(response.status).to eq(404)
    blank = Plan.start(Plan.blank("Nothing yet"))
    tell(do: "hang", plan: blank.id)
    expect(response.status).to eq(422)
  end

  it "says that nothing is connected where nothing is" do
    @endings.each { |name, ending| unplug(name, ending) }
    @endings = {}
    expect(said["cells"]).to match("no_reading" => /no set of load cells is connected/)
  end
end
