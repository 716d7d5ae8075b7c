# The day of a lift by two cranes: where it is held, what both hooks may show there, and what that bars.
RSpec.describe DustLadder::Tailing::Reading do
  def lift(changes = {}) = DustLadder::Lift.new(two_cranes({ "/tandem/holds" => [ "40°", "20°" ] }.merge(changes)))

  # Both hooks as planned at a tilt, times a factor each; the figures of the indicator with block and rope.
  def read(lift, tilt, head: 1.0, tail: 1.0, shows: "with_block")
    at = lift.turn.hooks.at(10_000.0, tilt)
    shown = [ at.head * head, at.tail * tail ].zip(lift.duties).map do |share, duty|
      share + duty.gross.shown_beside_share(with_block: shows == "with_block").sum(&:kg)
    end
    { "at" => "#{tilt}°", "head" => "#{shown[0].round(3)} kg", "tail" => "#{shown[1].round(3)} kg", "shows" => shows }
  end

  it "is held where it begins and at what the plan has chosen, in the order of the lift" do
    expect(lift.turn.hold_points.all.map(&:step)).to eq([ 0.0, 20.0, 40.0 ])
    down = lift("/tandem/does" => "lay_down", "/tandem/from" => "85°", "/tandem/to" => "0°")
    expect(down.turn.hold_points.all.map(&:step)).to eq([ 85.0, 40.0, 20.0 ])
    expect(lift("/tandem/holds" => [ "89°", "20°", "20°" ]).turn.hold_points.all.map(&:step)).to eq([ 0.0, 20.0 ])
    expect {
      lift("/tandem/holds" => [ nil ]).turn.hold_points.all
    }.to raise_error(DustLadder::NotKnown, /where it is held/)
  end

  it "tells what each indicator is to show of what hangs in the hook, slings with it" do
    lift = lift()
    point = lift.turn.hold_points.as_json[1]
    at = lift.turn.hooks.at(lift.turn.whole_kg, 20.0)
    { "head" => at.head + 60, "tail" => at.tail + 40 }.each do |side, kg|
      expect(point[side]["planned"]["value"]).to be_within(1e-6).of(kg)
      expect(point[side]["most"]["value"]).to be > kg
      shown = { "at" => "20°", "head" => "1 t", "tail" => "1 t", "shows" => "load" }
      shown[side] = "#{point[side]["most"]["value"].floor} kg"
      words = described_class.new(lift, shown).findings.find { |one| one.id == side }
      expect(words.verdict).to eq("holds")
    end
  end

  # Head and tail times what is planned, verdict, and whose words tell it.
  [
    [ 1.0, 1.0, "holds", nil ],
    [ 1.12, 0.9, "tight", "head" ],
    [ 1.4, 0.6, "stop", "head" ],
    [ 0.6, 1.4, "stop", "tail" ],
    [ 1.0, 0.6, "tight", "tail" ],
    [ 1.09, 1.09, "stop", "both" ],
    [ 4.0, 1.0, "stop", "head" ],
    [ 0.0, 0.0, "tight", "head" ]
  ].each do |head, tail, verdict, who|
    it "says #{verdict} where the head has #{head} and the tail #{tail} of what is planned" do
      found = described_class.new(lift, read(lift, 30, head: head, tail: tail))
      expect(found.faults).to eq([])
      expect(found.verdict).to eq(verdict)
      expect(found.findings.find { |one| one.verdict == verdict }.id).to eq(who) if who
    end
  end

  it "takes block and rope off where they are counted in, and nothing where they are not" do
    both = %w[load with_block].map { |shows| described_class.new(lift, read(lift, 30, shows: shows)) }
    expect(both.map { |one| one.findings.map { |found| found.words["metric"] } }.uniq.size).to eq(1)
    # What is said to be without the block and has it in is read as more load.
    wrong = read(lift, 30).merge("shows" => "load")
    expect(described_class.new(lift, wrong).verdict).not_to eq("holds")
  end

  # What is wrong, and its place.
  {
    { "at" => "" } => "/at",
    { "at" => "95°" } => "/at",
    { "at" => "-3°" } => "/at",
    { "at" => "30" } => "/at",
    { "head" => "" } => "/head",
    { "head" => "much" } => "/head",
    { "head" => "-4 t" } => "/head",
    { "tail" => nil } => "/tail",
    { "shows" => "" } => "/shows",
    { "shows" => "something" } => "/shows",
    { "wind" => "3 m/s" } => "/wind"
  }.each do |change, place|
    it "refuses #{change}" do
      expect(
        described_class.new(lift, read(lift, 30).merge(change)).faults.map { |one|
          one["pointer"]
        }
      ).to eq([ place ])
    end
  end

  it "refuses what is no object, and a plan of one crane" do
    expect(described_class.new(lift, "11 t").faults).not_to be_empty
    expect(described_class.new(DustLadder::Lift.new(plan), read(lift, 30)).faults.map { |one| one["message"] }).to eq(
      [ "this plan is of one crane" ]
    )
  end

  it "is not known where the lines are past what can be told" do
    found = described_class.new(
      lift("/tandem/to" => "90°", "/load/points/1/z" => "1 m"),
      read(lift, 30).merge("at" => "90°")
    )
    expect(found.verdict).not_to eq("holds")
  end

  describe DustLadder::Day::Turning do
    def event(number, kind, name, **about)
      DustLadder::Day::Event.new(
        "id" => format("%08d-0000-0000-0000-000000000000", number),
        "at" => "2026-12-14T06:00:00Z",
        "kind" => kind,
        "name" => name,
        "seen" => number - 1,
        "about" => about.transform_keys(&:to_s),
        "number" => number,
        "by" => { "id" => "1", "name" => name }
      )
    end

    def course(lift, events)
      turning = described_class.new(lift)
      DustLadder::Day::Course.new(
        DustLadder::Day::Phases.of(lift),
        crew: [ %w[supervisor Rook] ],
        hooks_stop: turning.method(:stop_words),
        hooks_bar: turning.method(:bar)
      ).take(events)
    end

    it "bars what comes after a hold point until both hooks were read there, and opens it again for a worse reading" do
      turning = described_class.new(lift)
      good = ->(tilt, number) { event(number, "turned", "Rook", read: read(lift, tilt)) }
      expect(turning.bar([], :first)).to match(/are to be read.*at 0.0°/)
      expect(turning.bar([ good.(0, 1) ], :first)).to be_nil
      expect(turning.bar([ good.(0, 1) ], :all)).to match(/at 20.0°, at 40.0°/)
      all = [ good.(0, 1), good.(21, 2), good.(40, 3) ]
      expect(turning.bar(all, :all)).to be_nil
      bad = event(4, "turned", "Rook", read: read(lift, 20, head: 1.5))
      expect(turning.bar([ *all, bad ], :all)).to match(/at 20.0°\z/)
    end

    it "stops by itself for more than is planned" do
      held = course(lift, [ event(1, "turned", "Rook", read: read(lift, 20, tail: 1.5)) ])
      expect(held).to be_stopped
      expect(held.stop.words).to match(/both hooks: tail/)
      expect(course(lift, [ event(1, "turned", "Rook", read: read(lift, 20)) ])).not_to be_stopped
    end

    it "briefs where it is held, who lets go, and what either indicator may show" do
      ladder = DustLadder.check(
        two_cranes(
          "/tandem/holds" => [ "20°" ],
          "/tandem/to" => "90°",
          "/tandem/handover" => { "at" => "88°", "by" => "A. P." }
        )
      )
      brief = DustLadder::Day::Brief.new(ladder)
      expect(brief.route.map { |one| one["metric"] }).to match(
        [
          /Stood up between both cranes/,
          /at 0.0°, at 20.0°/,
          /lets go at 88.0°/,
          /Head crane.*radius/,
          /Tail crane.*radius .* to /
        ]
      )
      expect(brief.stops.map { |one| one["metric"] }).to include(match(/more than .* at the head, or .* at the tail/))
      items = DustLadder::Day::Phases.of(ladder.lift).find { |one| one.id == "lift" }.items.map(&:id)
      expect(items).to include("plumb")
      expect(
        DustLadder::Day::Phases.of(DustLadder::Lift.new(plan)).find { |one|
          one.id == "lift"
        }.items.map(&:id)
      ).not_to include("plumb")
    end
  end
end
