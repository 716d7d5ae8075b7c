# A server that has just started is made warm by checks of its own, beside the first requests.
RSpec.describe WarmUp do
  it "checks the plans that are here, and changes nothing of them" do
    load_store
    plan = demo_plan("feed-horn")
    stub_const("WarmUp::ROUNDS", 2)
    expect { expect(described_class.run).to eq(4) }.not_to(change { [ plan.reload.updated_at, Revision.count ] })
  end

  it "has something to check where nothing is yet, and stops when its time is over" do
    stub_const("WarmUp::ROUNDS", 3)
    expect(described_class.run).to eq(3)
    stub_const("WarmUp::MOST_S", 0.0)
    expect(described_class.run).to eq(0)
  end

  it "goes on past a plan that cannot be checked" do
    stub_const("WarmUp::ROUNDS", 1)
    demo_plan("feed-horn")
    real = DustLadder.method(:check)
    allow(DustLadder).to receive(:check) { |document, **rest|
      document["title"] == "warm up" ? raise("broken") : real.call(document, **rest)
    }
    expect(described_class.run).to eq(1)
  end

  it "is done before others are made of its process, for a moment at the most" do
    stub_const("WarmUp::ROUNDS", 2)
    expect(described_class.at_once).to eq(2)
    stub_const("WarmUp::AT_ONCE_S", 0.0)
    expect(described_class.at_once).to eq(0)
  end

  it "waits while anybody asks" do
    stub_const("WarmUp::ROUNDS", 1)
    InTurn.listen
    ActiveSupport::Notifications.instrument("start_processing.action_controller")
    from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    expect(described_class.run).to eq(1)
    expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - from).to be >= InTurn::QUIET_S
  end

  it "runs in a thread of little weight, of which nobody hears" do
    allow(described_class).to receive(:run).and_raise("no database")
    thread = described_class.begin
    expect(thread.priority).to be < 0
    expect { thread.join }.to raise_error("no database")
  end
end
