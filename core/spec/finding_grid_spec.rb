# What a search goes through: every hold and setting a whole change of the plan, each once, and what is known to fall
# never more than what would.
RSpec.describe DustLadder::Finding do
  def demo(name) =
    DustLadder::PlanFile.read(File.read(File.expand_path("../../demo/plans/#{name}.json", __dir__)))

  def charts = Dir[File.expand_path("../../demo/charts/*.json", __dir__)].sort.map do |file|
    DustLadder::PlanFile::Digest.snapshot(JSON.parse(File.read(file)))
  end

  def two(kg, **more) = %w[a b].map { |mark|
    sling("G-#{kg}-#{mark}", reach_m: 6.0, tag: { "vertical_kg" => kg }, **more).merge("state" => "ready")
  }

  def base_of(document, slings: [ *two(9000), *two(4000) ], beams: [ beam ])
    stock = DustLadder::Advice::Base::Stock.new(slings: slings, charts: charts, beams: beams)
    DustLadder::Advice::Base.new(document, stock: stock)
  end

  def holds(base, **may) = described_class::Holds.new(base, described_class::May.new(**may)).to_enum(:each).to_a
  def settings(base, **may) = described_class::Settings.new(base, described_class::May.new(**may))

  def taken(base, values) = DustLadder::PlanFile.accept(base.document_with(values))

  %w[gearbox cabin-on-salt pipe-bundle receiver-cabin-four feed-cone isolator sledge-on-the-pan].each do |name|
    describe name do
      let(:base) { base_of(demo(name)) }

      it "goes through holds that are whole plans, what is planned first, none twice" do
        all = holds(base)
        documents = all.map { |hold| taken(base, hold.values)["rigging"] }
        expect(documents.uniq.size).to eq(documents.size)
        expect(all.first&.changes).to eq([]) if base.lift.legs.all?(&:sling)
        expect(all.map(&:minutes)).to all(be >= 0)
        all.each { |hold| expect(hold.changes.flat_map { |one| one.words["us"] }).to all(be_present_text) }
      end

      it "goes through settings that are whole plans, each with a name of its own" do
        all = settings(base)
        [ all.racks, all.spots, all.matting ].each do |options|
          expect(options.map(&:id).uniq.size).to eq(options.size)
          expect(options.map(&:minutes)).to eq(options.map(&:minutes).sort)
          options.sample(12, random: Random.new(3)).each { |option| taken(base, option.values) }
        end
        expect(all.racks.map(&:id)).to include("")
      end

      it "keeps within what may be changed" do
        all = settings(base, machines: false, move: false, hire: false)
        acts = [ *all.racks, *all.spots, *all.matting ].flat_map(&:changes).map(&:knob)
        expect(acts & %w[machine stand bearing wide_mats]).to eq([])
        expect(holds(base, hold: false).map(&:kind).uniq.size).to be <= 1
      end
    end
  end

  RSpec::Matchers.define(:be_present_text) { match { |text| text.is_a?(String) && !text.strip.empty? } }

  it "hangs nothing on slings that are quarantined, late, of no known mass or already planned" do
    document = demo("counterweight-block")
    odd = [ *two(20_000).map { |one| one.merge("state" => "quarantined") }, *two(21_000, due: "2020-01-01") ]
    ids = holds(base_of(document, slings: odd, beams: [])).map(&:id)
    expect(ids.grep(/G-2/)).to eq([])
  end

  it "never says that a beam bears more than it is marked with" do
    base = base_of(demo("receiver-cabin"))
    under = holds(base).select(&:bears)
    expect(under).not_to be_empty
    under.each do |hold|
      marked = base.stock.beams.flat_map { |one| one["spans"].map { |span| span["kg"] } }
      expect(marked).to include(hold.bears)
      judge = described_class::Judge.new(base)
      rig = described_class::Rig.new(hold, judge)
      kg = (hold.bears / (1 + base.lift.load.allowance) - judge.weight).floor + 2
      expect(rig.may_hold?(kg.to_f)).to be(false)
      expect(judge.heavier(hold.values, kg.to_f)).not_to be_nil
    end
  end

  describe described_class::Deadwood do
    option = ->(id, **more) { DustLadder::Finding::Option.new(id: id, changes: [], **more) }
    rig = Struct.new(:kg, :shape, :hook)
    fall = ->(id) { DustLadder::Finding::Judge::Fall.new(id: id, label: id, unknown: false) }
    setting = lambda { |rack, spot, mats, parts|
      own = option.("#{rack}/#{parts}", reads: rack, parts: parts)
      DustLadder::Finding::Setting.new(own, option.(spot), option.(mats))
    }

    # The same said by hand: is there one that fell, of what this depends on, and not heavier than this?
    def fell?(rows, here, this)
      rows.any? do |there, that, id|
        heavier = this.kg >= that.kg
        case id
        when "chart" then there.rack.id == here.rack.id
        when "pads" then same?(there, here, true) && heavier && this.hook <= that.hook && parts(here) >= parts(there)
        when "height" then same?(there, here) && heavier && this.shape == that.shape
        else there.to_a.map(&:id) == here.to_a.map(&:id) && heavier && this.shape == that.shape
        end
      end
    end

    def parts(setting) = setting.rack.parts
    def same?(one, other, mats = false) =
      one.rack.reads == other.rack.reads && one.spot.id == other.spot.id && (!mats || one.mats.id == other.mats.id)

    it "says of nothing that it falls but what weighs as much where another fell, and of all of that" do
      random = Random.new(11)
      any = ->(some) { some.sample(random: random) }
      8.times do
        deadwood, rows = described_class.new, []
        60.times do
          here = setting.(any.(%w[A B]), any.(%w[n e]), any.(%w[- m]), any.([ 2, 4 ]))
          this = rig.new(any.([ 1.0, 2.0, 3.0 ]), any.(%w[s t]), any.([ 4.0, 6.0 ]))
          expect(!deadwood.fall(here, this).nil?).to eq(fell?(rows, here, this))
          next unless random.rand < 0.3

          id = any.(%w[pads height landing chart])
          deadwood.add(here, this, fall.(id))
          rows << [ here, this, id ]
        end
      end
    end

    it "counts what would hang beside" do
      deadwood, here = described_class.new, setting.("A", "n", "-", 2)
      deadwood.add(here, rig.new(1000.0, "s", 5.0), fall.("pads"), 500.0)
      light = rig.new(1400.0, "s", 5.0)
      expect(deadwood.fall(here, light)).to be_nil
      expect(deadwood.fall(here, light, 100.0).id).to eq("pads")
    end
  end

  # What Deadwood takes for granted: a rung says the same whatever else of a Setting changes.
  %w[cabin-on-salt crate-by-the-line pump-over-the-track filter-over-the-pit tank-under-the-line].each do |name|
    it "asks of a rung nothing that it is said not to depend on (#{name})" do
      base = base_of(demo(name))
      all = settings(base)
      random = Random.new(name.sum)
      own = all.racks.group_by(&:reads).values.select { |some| some.size > 2 }
      deadwood = described_class::Deadwood
      8.times do
        racks, spot = own.sample(random: random).sample(2, random: random), all.spots.sample(random: random)
        mats = all.matting.sample(2, random: random)
        here, reeved, laid = [ [ racks[0], mats[0] ], [ racks[1], mats[0] ], [ racks[0], mats[1] ] ].map { |rack, mat|
          base.state(described_class::Setting.new(rack, spot, mat).values)
        }
        deadwood::OF_BOOM.each { |id| expect(reeved.mark(id)).to eq(here.mark(id)), "#{id}, reeved #{racks.map(&:id)}" }
        [ *deadwood::OF_BOOM, *deadwood::OF_SPOT, *deadwood::OF_RACK ].each do |id|
          expect(laid.mark(id)).to eq(here.mark(id)), "#{id}, on mats #{mats.map(&:id)}"
        end
      end
    end

    it "asks of the rungs of a rack nothing of where it stands (#{name})" do
      base = base_of(demo(name))
      all = settings(base)
      states = all.spots.sample(4, random: Random.new(2)).map { |spot|
        base.state(described_class::Setting.new(all.racks[0], spot, all.matting[0]).values)
      }
      described_class::Deadwood::OF_RACK.each do |id|
        expect(states.map { |state| state.mark(id) }.uniq.size).to eq(1), id
      end
    end
  end

  describe described_class::Judge do
    it "takes for known nothing that a choice left open, and no blank of a plan for a fall" do
      open = plan("/cranes/0/wind" => nil, "/cranes/0/obstacle_height" => nil)
      base = base_of(open, beams: [])
      judge = described_class.new(base)
      expect(judge.falls(base.now, {})).to be_nil
      unheavy = { "/rigging/legs/0/sling" => "Q", "/rigging/legs/1/sling" => "Q" }
      piece = sling("Q", legs: 2).merge("mass_kg" => nil)
      values = { **unheavy, "/snapshots/slings/Q" => DustLadder::Gear::Piece.snapshot(piece) }
      fall = judge.falls(judge.state(values), values)
      expect(fall).to have_attributes(unknown: true)
    end

    it "falls the sooner the heavier it is" do
      base = base_of(plan("/load/weight/bare" => "3 t"), beams: [])
      judge = described_class.new(base)
      falls = [ 0.0, 500.0, 2000.0, 6000.0, 40_000.0 ].map { |kg| !judge.heavier({}, kg).nil? }
      expect(falls).to eq(falls.sort_by { |fell| fell ? 1 : 0 })
      expect(falls.last).to be(true)
    end
  end

  describe described_class::May do
    it "tells each thing that would let more in, and twice the time" do
      shut = described_class.new(machines: false, hire: false, minutes: 60)
      expect(shut.wider.map(&:first)).to eq(
        [ "other machines of the house", "mats from elsewhere", "ready within 2 h" ]
      )
      expect(shut.wider.map(&:last)).to all(be_a(described_class))
      expect(shut.machines).to be(false)
      expect(described_class.new.wider.map(&:first)).to eq([ "ready within 12 h" ])
    end
  end
end
