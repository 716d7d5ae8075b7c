# Finding a lift: what is gone through, which few are shown, going on where it was stopped, and what is not known.
RSpec.describe DustLadder::Finding do
  def finding = DustLadder::Finding

  def kept(id, minutes, kg, hold: "bridle", machine: "Juniper") =
    finding::Kept.new(id: id, minutes: minutes, kg: kg, hold: hold, machine: machine)

  def few(*kept) = finding::Few.new(kept)

  def base_of(document, **stock) =
    DustLadder::Advice::Base.new(document, stock: DustLadder::Advice::Base::Stock.new(**stock))

  def search(document, may: {}, **stock) =
    finding::Search.new(base_of(document, **stock), may: finding::May.new(**may))

  def lifts_of(search) = [].tap { |found| search.each { |lift, _| found << lift if lift } }

  def two(kg) = %w[a b].map { |mark| sling("F-#{kg}-#{mark}", tag: { "vertical_kg" => kg }).merge("state" => "ready") }

  describe described_class::Few do
    it "shows what takes least first, and only steps of more margin on its line" do
      some = few(kept("c", 90, 900), kept("a", 0, 300), kept("b", 30, 200, machine: "Acacia"), kept("d", 120, 900))
      expect(some.front.map(&:id)).to eq(%w[a c])
      expect(some.all.map(&:id)).to eq(%w[a b c])
      expect(some.as_json.map { |one| one["front"] }).to eq([ true, false, true ])
      expect(some.as_json.map { |one| one["why"]["metric"] }).to match(
        [ /\Aleast to do/, /shown for its kind; by Acacia/, /\A600.kg more than any that takes less/ ]
      )
    end

    it "shows each way to hold it and the most margin before more of the same, and no more than it may" do
      rising = Array.new(12) { |at| kept("r#{at}", 10 * at, 100 + at) }
      shown = few(*rising, kept("s", 500, 1, hold: "spreader"), kept("t", 600, 2, hold: "baskets", machine: nil)).all
      expect(shown.size).to eq(described_class::MOST)
      expect(shown.map(&:id)).to include("r0", "r11", "s", "t")
      expect(shown.map(&:minutes)).to eq(shown.map(&:minutes).sort)
    end

    it "is nothing of nothing" do
      expect(few.as_json).to eq([])
    end
  end

  describe described_class::Position do
    it "is read as it was written, and nothing else is" do
      place = described_class.new(mark: "m", at: 7, kept: [ kept("a", 30, 12.5) ])
      expect(described_class.of(JSON.parse(JSON.generate(place.as_json)))).to eq(place)
      [ nil, 3, {}, { "mark" => "m", "at" => 1.5, "kept" => [] }, { "mark" => "m", "at" => 1, "kept" => [ {} ] },
        { "mark" => "m", "at" => 1, "kept" => Array.new(500) { kept("a", 1, 1).as_json } } ].each do |odd|
        expect { described_class.of(odd) }.to raise_error(ArgumentError)
      end
    end
  end

  describe described_class::Search do
    before do
      stub_const("DustLadder::Finding::Holds::DEGREES", [ 55.0, 65.0 ])
      stub_const("DustLadder::Finding::Settings::PARTS", [ 1 ])
    end

    let(:document) { plan("/load/weight/bare" => "4 t") }
    let(:slings) { [ *two(3000), *two(6000) ] }

    it "finds the same in one go and in as many as one likes" do
      whole = lifts_of(search(document, slings: slings)).map(&:id)
      place = finding::Position::START
      pieces = []
      loop do
        one = described_class.new(base_of(document, slings: slings), from: place)
        catch(:enough) { one.each { |lift, _| lift && pieces.push(lift.id) && throw(:enough) } }
        break if one.position.at == place.at || one.position.at == one.grid.count

        place = finding::Position.of(JSON.parse(JSON.generate(one.position.as_json)))
      end
      expect(pieces).to eq(whole)
    end

    it "begins anew where the list is another" do
      stopped = search(document, slings: slings)
      lifts_of(stopped)
      other = described_class.new(base_of(document, slings: two(6000)), from: stopped.position)
      expect(other).not_to be_taken_up
      expect(lifts_of(other)).not_to be_empty
    end

    it "begins anew where nothing has another name, and yet the load weighs more or a tag says less" do
      stopped = search(document, slings: slings)
      lifts_of(stopped)
      again = ->(plan, some) { described_class.new(base_of(plan, slings: some), from: stopped.position) }
      expect(again.(document, slings)).to be_taken_up
      expect(again.(plan("/load/weight/bare" => "4.1 t"), slings)).not_to be_taken_up
      less = slings.map { |one| one.merge("tag" => one["tag"].merge("vertical_kg" => 2900)) }
      expect(again.(document, less)).not_to be_taken_up
    end

    it "counts each of them once, whatever became of it" do
      one = search(document, slings: slings)
      far = nil
      one.each { |_, now| far = now }
      expect([ far.done, far.found + far.passed + far.fallen ]).to eq([ one.grid.count, one.grid.count ])
      expect(one.fallen.as_json.sum { |row| row["count"] }).to eq(far.fallen)
    end

    it "keeps within the time that it has, and tells how many more there would be" do
      one = search(document, slings: slings, may: { minutes: 10 })
      expect(lifts_of(one).map(&:minutes)).to all(be <= 10)
      expect(one.grid.wider).to match([ [ "ready within 0 h", be_positive ] ]).or eq([])
      expect(search(document, slings: slings, may: { minutes: 60 }).grid.count).to be > one.grid.count
    end

    it "takes nothing for held that is not known for what was chosen" do
      unheavy = two(6000).map { |piece| piece.merge("mass_kg" => nil) }
      found = search(document.merge("rigging" => document["rigging"]), slings: unheavy)
      lifts = lifts_of(found)
      expect(lifts.map(&:id).grep(/F-6000/)).to be_empty
      expect(found.fallen.as_json.map { |row| row["id"] }).to include("not_known")
    end

    it "finds lifts where something is not known whatever is chosen, and says what" do
      open = plan("/load/weight/bare" => "4 t", "/cranes/0/wind" => nil)
      base = base_of(open, slings: slings)
      expect(base.aside).not_to be_empty
      lifts = lifts_of(described_class.new(base))
      expect(lifts).not_to be_empty
      expect(lifts.map(&:unknown)).to all(eq(base.aside))
      expect(lifts.map { |lift| lift.as_json["verdict"] }.uniq).to eq([ "not_known" ])
    end

    it "seeks by the weight of the take-off too: never less than it plans" do
      taken = taken_off(part("box", "2 m x 1 m x 1 m", "steel"))
      base = base_of(taken, slings: two(90_000))
      judge = finding::Judge.new(base)
      own = base.lift.load.planned_kg
      expect(judge.planned(judge.weight)).to be_within(1e-6 * own).of(own)
      planned = judge.look({}, 100.0).state.lift.load.planned_kg
      expect(planned).to be_within(0.01).of(own + judge.planned(100.0))
    end

    it "never says that it came to an end where its time was over, whatever it had found" do
      now = -> { Process.clock_gettime(Process::CLOCK_THREAD_CPUTIME_ID) }
      began = now.call
      lifts_of(search(document, slings: slings))
      all_of_it = now.call - began
      [ 0.0, all_of_it / 20, all_of_it / 5 ].each do |seconds|
        one = search(document, slings: slings)
        expect { DustLadder::Budget.within(seconds) { lifts_of(one) } }.to raise_error(DustLadder::Budget::Spent)
      end
      none = search(document, may: { minutes: 0, hold: false, machines: false })
      expect { DustLadder::Budget.within(-1) { lifts_of(none) } }.to raise_error(DustLadder::Budget::Spent)
    end

    it "says what it cannot seek by" do
      expect { search(plan("/load/weight/bare" => nil)) }.to raise_error(DustLadder::NotKnown)
    end
  end

  describe described_class::Margin do
    # A lift that falls by one rung as the weight grows, by a curve.
    judged = Struct.new(:weight, :curve, :asked) do
      def look(_, kg, _ = nil)
        self.asked = asked.to_i + 1
        used = curve.(kg)
        fall = used > 1 ? DustLadder::Finding::Judge::Fall.new(id: "slings", label: "Slings", figure: used) : nil
        rung = Struct.new(:utilisation).new(used)
        state = Struct.new(:ids) { define_method(:rung) { |_| rung } }.new(%w[slings])
        DustLadder::Finding::Judge::Look.new(kg, state, fall, nil)
      end
    end

    {
      "a straight line" => ->(kg) { 0.4 + kg / 2000.0 },
      "a curve" => ->(kg) { 0.5 + (kg / 2500.0)**2 },
      "steps" => ->(kg) { kg < 777 ? 0.6 : 1.3 },
      "a rung that hardly grows" => ->(kg) { kg < 1999 ? 0.999 : 1.001 },
      "one that is full at once" => ->(kg) { 1.0 + kg }
    }.each do |words, curve|
      it "ends at the very kilogram of #{words}" do
        judge = judged.new(1000.0, curve)
        margin = described_class.new(judge, {})
        expect(curve.(margin.kg)).to be <= 1
        expect(curve.(margin.kg + 1)).to be > 1
        expect(judge.asked).to be < 40
      end
    end

    it "tells nothing past three times the load" do
      margin = described_class.new(judged.new(1000.0, ->(_) { 0.1 }), {})
      expect([ margin.kg, margin.ends ]).to eq([ 2000, nil ])
    end
  end

  describe described_class::Reach do
    it "is never less than what the rung of the crane allows" do
      random = Random.new(5)
      20.times do
        document = plan(
          "/cranes/0/boom_length" => "#{[ 15, 17.3, 20, 25 ].sample(random: random)} m",
          "/cranes/0/stations/1/radius" => "#{random.rand(40..130) / 10.0} m"
        )
        base = base_of(document)
        rung = base.now.rung("crane")
        settings = finding::Settings.new(base, finding::May.new)
        kg = described_class.new(base).kg(settings.racks[0], settings.spots[0])
        expect(kg).to be >= (rung.capacity&.value || 0.0) - 1e-6
      end
    end
  end
end
