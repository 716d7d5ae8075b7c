# Who wants what at the same hours, against a slower way of telling: minute by minute.
RSpec.describe DustLadder::Life::Bookings do
  let(:random) { Random.new(16) }


  def moment(minutes)
    day = %w[2026-12-14 2026-12-15][minutes / 1440]
    format("%sT%02d:%02d", day, minutes % 1440 / 60, minutes % 60)
  end

  # A lift of some hours, at most until the end of the next day; its minutes beside it.
  def lift(title, open: random.rand(4).zero?)
    from = random.rand(1300)
    till = from + 1 + random.rand(1400)
    taken =
      described_class::Taken.new(
        title: title,
        from: moment(from),
        until: open ? nil : moment([ till, 2879 ].min),
        pieces: %w[C-1 C-2 C-3].sample(random.rand(3), random: random),
        cranes: %w[juniper sagebrush].sample(1, random: random)
      )
    # Until the last minute of its day, where nobody says.
    [ taken, (from...(open ? 1439 : [ till, 2879 ].min)).to_a ]
  end

  def wanted(taken) = taken.pieces + taken.cranes

  it "tells of every minute that two lifts share, and of no other" do
    300.times do
      (own, minutes), (other, others) = lift("own"), lift("other")
      shared = minutes & others
      found = described_class.of(own, [ other ])
      both = shared.empty? ? [] : wanted(own) & wanted(other)
      expect(found.map(&:what)).to match_array(both)
      found.each do |one|
        expect([ one.title, one.from, one.until ]).to eq([ "other", moment(shared.first), moment(shared.last + 1) ])
        expect(one.words).to include(one.what, "other", one.from[11..])
      end
    end
  end

  it "tells the same of the other, whichever of them asks" do
    200.times do
      one, other = [ "one", "other" ].map { |title| lift(title).first }
      here, there = described_class.of(one, [ other ]), described_class.of(other, [ one ])
      expect(here.map { |found| [ found.what, found.from, found.until ] }).to match_array(
        there.map { |found| [ found.what, found.from, found.until ] }
      )
    end
  end

  it "tells of each of many by itself, and never of less where one more comes" do
    50.times do
      own, others = lift("own").first, Array.new(6) { |at| lift("lift #{at}").first }
      all = described_class.of(own, others)
      each = others.flat_map { |other| described_class.of(own, [ other ]) }
      expect(all).to eq(each)
      expect(described_class.of(own, others.take(5)) - all).to eq([])
    end
  end

  it "takes the rest of the day where the end is not said, or lies before the beginning" do
    own = described_class::Taken.new(title: "own", from: "2026-12-14T06:30", until: nil, pieces: %w[C-1], cranes: [])
    late = own.dup.tap { |one| one.from, one.until = "2026-12-14T23:00", "2026-12-14T23:30" }
    [ nil, "", "2026-12-14T06:00", "2026-12-13T09:00" ].each do |till|
      asked = own.dup.tap { |one| one.until = till }
      expect(described_class.of(asked, [ late ]).map(&:what)).to eq([ "C-1" ])
    end
    ended = own.dup.tap { |one| one.until = "2026-12-14T22:59" }
    expect(described_class.of(ended, [ late ])).to eq([])
  end
end
