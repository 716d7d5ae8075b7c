RSpec.describe DustLadder::Snapshots do
  describe DustLadder::Snapshots::Store do
    it "keeps no more than its bytes, and lets go of what was not used for longest" do
      store = described_class.new(bytes: 100)
      %w[a b c].each { |key| store.keep(key, key.upcase, bytes: 40) }
      expect([ store["a"], store["b"], store["c"], store.bytes ]).to eq([ nil, "B", "C", 80 ])
      store["b"]
      store.keep("d", "D", bytes: 40)
      expect([ store["b"], store["c"], store["d"] ]).to eq([ "B", nil, "D" ])
      store.keep("b", "again", bytes: 90)
      expect([ store["b"], store["d"], store.size, store.bytes ]).to eq([ "again", nil, 1, 90 ])
      store.keep("huge", "never", bytes: 101)
      expect([ store["huge"], store["b"] ]).to eq([ nil, "again" ])
      store.clear
      expect([ store["b"], store.bytes, store.size ]).to eq([ nil, 0, 0 ])
    end

    it "counts right with many threads at once" do
      store = described_class.new(bytes: 1000)
      8.times.map { |thread|
        Thread.new {
          500.times { |at|
            store.keep([ thread, at % 40 ], at, bytes: 10) && store[[ thread, at % 7 ]]
          }
        }
      }
        .each(&:join)
      expect(store.bytes).to eq(10 * store.size)
      expect(store.bytes).to be <= 1000
    end
  end

  it "never takes a digest for the data: other data under a known digest are read as they are" do
    document = DustLadder::PlanFile.accept(plan)
    light = DustLadder.check(document).rung("slings").capacity.value
    changed = JSON.parse(JSON.generate(document))
    changed["snapshots"]["slings"].each_value { |one| one["data"]["tag"]["vertical_kg"] = 1000 }
    expect(DustLadder.check(changed).rung("slings").capacity.value).to be < light
    expect { DustLadder::PlanFile.accept(changed) }.to raise_error(DustLadder::PlanFile::Invalid, /digest/)
  end

  it "shares frozen data, of which nothing can be changed by a check" do
    document = DustLadder::PlanFile.accept(plan)
    one, other = Array.new(2) { DustLadder::Lift.new(JSON.parse(JSON.generate(document))) }
    expect(one.duty.crane.chart_data).to equal(other.duty.crane.chart_data)
    expect(one.rules).to equal(other.rules)
    expect { one.duty.crane.chart_data["tables"]["main"][0][0] = 1.0 }.to raise_error(FrozenError)
  end
end
