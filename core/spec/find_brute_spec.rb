# Find a lift against every lift of a grid made thin, each as a whole check of a whole new document.
RSpec.describe DustLadder::Finding::Search do
  slings = lambda do |kilograms|
    kilograms.each_slice(1).flat_map do |(kg)|
      %w[a b].map do |mark|
        PlanHelp.instance_method(:sling).bind_call(
          Object.new.extend(PlanHelp),
          "B-#{kg}-#{mark}",
          mass_kg: kg / 200,
          reach_m: 6.0,
          tag: { "vertical_kg" => kg, "choker_kg" => 0.8 * kg, "basket_kg" => 2 * kg }
        ).merge("state" => "ready")
      end
    end
  end

  def demo(name) =
    DustLadder::PlanFile.read(File.read(File.expand_path("../../demo/plans/#{name}.json", __dir__)))

  def demo_charts =
    Dir[File.expand_path("../../demo/charts/*.json", __dir__)].sort.flat_map do |file|
      data = JSON.parse(File.read(file))
      (data["charts"] || [ data ]).map { |one| DustLadder::PlanFile::Digest.snapshot(one) }
    end

  # Every lift of a search's grid that is ready in time: [Hold, Setting].
  def all_of(search, minutes)
    settings = search.grid.settings
    parts = [ settings.racks, [ *settings.spots, *settings.far_spots ], settings.matting ]
    all = search.grid.holds.product(*parts).map { |hold, *some| [ hold, DustLadder::Finding::Setting.new(*some) ] }
    all.select { |hold, setting| hold.minutes + setting.minutes <= minutes }
  end

  # Nothing stops, and nothing is unknown that was known.
  def sound?(ladder, before)
    ladder.rungs.none? do |rung|
      rung.verdict == "stop" || (rung.verdict == "not_known" && before.rung(rung.id)&.verdict != "not_known")
    end
  end

  def heavier(base, document, kg)
    pointer = base.lift.load.pointer("weight", "bare")
    DustLadder::PlanFile::Pointer.with_values(document, pointer => "#{base.lift.load.bare_kg + kg} kg")
  end

  def holds_with?(base, document, kg) = sound?(DustLadder.check(heavier(base, document, kg)), base.now.ladder)

  def compare(document, slings:, charts: [], may: {}, minutes: 360, beams: [])
    stock = DustLadder::Advice::Base::Stock.new(slings: slings, charts: charts, beams: beams)
    base = DustLadder::Advice::Base.new(document, stock: stock)
    may = DustLadder::Finding::May.new(minutes: minutes, **may)
    search = described_class.new(base, may: may)
    found = []
    search.each { |lift, far| lift ? found << lift : @far = far }
    all = all_of(search, minutes)
    expect(@far).to have_attributes(done: all.size, of: all.size)
    expect(@far.found + @far.passed + @far.fallen).to eq(all.size)
    brute = all.select { |hold, setting|
      sound?(DustLadder.check(base.document_with({ **hold.values, **setting.values })), base.now.ladder)
    }
    expect(found.empty?).to eq(brute.empty?)
    agree(base, search, found, brute)
    [ found, brute, all ]
  end

  def kind(hold, setting) = [ hold.kind, setting.rack.name ]

  def agree(base, search, found, brute)
    step = search.instance_variable_get(:@step)
    found.each do |lift|
      expect(sound?(DustLadder.check(lift.document), base.now.ladder)).to be(true)
      expect(holds_with?(base, lift.document, lift.margin.kg)).to be(true), lift.inspect
      expect(holds_with?(base, lift.document, lift.margin.kg + 1)).to be(false) if lift.margin.ends
    end
    # Of each kind one that takes least.
    least = brute.group_by { |pair| kind(*pair) }
    least = least.transform_values { |some| some.map { |pair| pair.sum(&:minutes) }.min }
    expect(found.group_by(&:kind).transform_values { |some| some.map(&:minutes).min }).to eq(least)
    # None that takes no more leaves a step more.
    brute.each do |hold, setting|
      minutes = hold.minutes + setting.minutes
      best = found.select { |lift| lift.minutes <= minutes }.map { |lift| lift.margin.kg }.max
      next if best + step > 2 * base.lift.load.bare_kg

      there = base.document_with({ **hold.values, **setting.values })
      expect(holds_with?(base, there, best + step)).to be(false), "#{hold.id} #{setting.id} leaves more than #{best}"
    end
  end

  before { stub_const("DustLadder::Finding::Holds::DEGREES", [ 50.0, 65.0 ]) }

  # Plans made up by chance, some of which stop.
  def chance(random)
    plan(
      "/load/weight/bare" => "#{random.rand(30..90) / 10.0} t",
      "/rigging/hook_height" => "#{random.rand(25..60) / 10.0} m",
      "/cranes/0/stations/1/radius" => "#{random.rand(6..11)} m",
      "/cranes/0/parts_of_line" => random.rand(1..4),
      "/cranes/0/boom_length" => "#{[ 15, 20, 25 ].sample(random: random)} m",
      "/cranes/0/stations/1/support_height" => "#{random.rand(1..12)} m",
      "/load/points/0/wll" => "#{random.rand(4..9)} t",
      "/load/points/1/wll" => "#{random.rand(4..9)} t"
    )
  end

  6.times do |seed|
    it "agrees where slings, hook, boom and parts of line may change (#{seed})" do
      stub_const("DustLadder::Finding::Settings::PARTS", [ 1, -1 ])
      compare(chance(Random.new(seed)), slings: slings.([ 3000, 6000, 9000 ]))
    end
  end

  it "agrees where machines may change" do
    stub_const("DustLadder::Finding::Settings::PARTS", [])
    stub_const("DustLadder::Finding::Settings::MOST_PARTS_TRIED", 2)
    stub_const("DustLadder::Finding::Holds::DEGREES", [ 60.0 ])
    found, = compare(demo("receiver-cabin"), slings: slings.([ 4000, 9000 ]), charts: demo_charts)
    expect(found.map(&:kind).uniq.size).to be > 1
  end

  it "agrees on a site, where the crane may move and mats be laid" do
    stub_const("DustLadder::Finding::Settings::PARTS", [])
    stub_const("DustLadder::Advice::SiteChoices::MOVES_M", [ 2.0 ])
    stub_const("DustLadder::Advice::SiteChoices::TURNS_DEG", [ 180.0 ])
    stub_const("DustLadder::Advice::SiteChoices::MATS_M", [ 1.5, 2.4 ])
    stub_const("DustLadder::Finding::Holds::DEGREES", [ 65.0 ])
    found, = compare(demo("cabin-on-salt"), slings: slings.([ 6000 ]), minutes: 260)
    expect(found.size).to be > 1
  end

  it "agrees under a power line and over a pit" do
    stub_const("DustLadder::Finding::Settings::PARTS", [])
    stub_const("DustLadder::Advice::SiteChoices::MOVES_M", [ 2.0 ])
    stub_const("DustLadder::Advice::SiteChoices::TURNS_DEG", [])
    stub_const("DustLadder::Advice::SiteChoices::MATS_M", [ 1.8 ])
    stub_const("DustLadder::Finding::Holds::DEGREES", [ 60.0 ])
    compare(demo("crate-by-the-line"), slings: slings.([ 3000 ]), minutes: 240)
  end
end
