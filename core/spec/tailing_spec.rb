# A load that is stood up between two cranes: both charts over the whole turn.
RSpec.describe DustLadder::Tailing do
  hooks = DustLadder::Statics::TwoHooks

  def table(radii, kg)
    DustLadder::Cranes::Chart.all_round(DustLadder::Cranes::Table.new(radii, [ 30.0 ], kg.map { |one| [ one ] }))
  end

  def box(hooks, **changes)
    given = { weights: [ 14_200.0 ], half_widths: [ 0.0, 0.0 ], leans: [ 0.0, 0.0 ], long: 11.0, **changes }
    DustLadder::Statics::TwoHooksBox.new(hooks, **given)
  end

  let(:head_chart) { table([ 8, 10, 12, 14, 17, 20 ], [ 48_000, 39_000, 31_500, 25_800, 19_600, 15_300 ]) }
  let(:tail_chart) do
    table(
      [ 5, 6, 7, 8, 9.5, 11, 13, 15, 18, 21 ],
      [ 25_000, 22_500, 19_000, 16_200, 13_100, 10_600, 8200, 6500, 4800, 3600 ]
    )
  end
  let(:lug) { hooks.new([ 5.8, 0.0 ], [ -4.4, 0.7 ]) }

  # The tail crane stands beyond the tail, on the line of both; the head hook stays 10 m off its crane.
  def sweep(of, to: 90.0, box: self.box(of), tail_chart: self.tail_chart)
    course = described_class::Course.new(of, head: [ 0.0, 0.0 ], bearing: 90.0)
    head = described_class::Side.new(chart: head_chart, boom: 30.0, rigging: 520.0, stands: [ 10.0, 0.0 ])
    tail = described_class::Side.new(chart: tail_chart, boom: 30.0, rigging: 360.0, stands: [ -15.6, 0.0 ])
    described_class::Sweep.new(box, course, head: head, tail: tail, to: to)
  end

  it "brings the tail's hook along as the lines come nearer, or the head's, or both" do
    comes = described_class::Course.new(lug, head: [ 3.0, 4.0 ], bearing: 90.0)
    expect(comes.head_at(50)).to eq([ 3.0, 4.0 ])
    expect(comes.tail_at(0)).to match([ be_within(1e-9).of(3 - 10.2), be_within(1e-9).of(4) ])
    [ 0.0, 0.3, 1.0 ].each do |part|
      course = described_class::Course.new(lug, head: [ 3.0, 4.0 ], bearing: 30.0, tail_comes: part)
      [ 0, 20, 75 ].each do |tilt|
        apart = Math.hypot(*course.head_at(tilt).zip(course.tail_at(tilt)).map { |one, other| one - other })
        expect(apart).to be_within(1e-9).of(lug.at(1.0, tilt).apart.abs)
      end
      moved = [ course.head_at(0), course.head_at(60) ].transpose.map { |one, other| other - one }
      expect(Math.hypot(*moved)).to be_within(1e-9).of((1 - part) * course.nearer(60))
    end
  end

  it "finds the worst of both charts exactly, rows of the chart included" do
    tail = sweep(lug).worst(:tail)
    expect(tail).to have_attributes(row: 15.0, capacity: 6500.0)
    # From the moment on at which the row of 13 m ends.
    expect(tail.radius).to be_within(1e-3).of(13.001)
    expect(tail.use).to be_within(1e-9).of((lug.at(14_200.0, tail.tilt_deg).tail + 360) / 6500)
    expect(sweep(lug).crossings(:tail).size).to eq(6)
    head = sweep(lug).worst(:head)
    expect(head).to have_attributes(tilt_deg: be_within(1e-6).of(90), use: be_within(1e-6).of(14_720 / 39_000.0))
  end

  it "agrees with going through it in fiftieths of a degree, for any cranes and loads by chance" do
    random = Random.new(5)
    10.times do
      of = hooks.new([ random.rand(4.0..6.5), 0.0 ], [ -random.rand(3.5..5.0), random.rand(-0.6..0.8) ])
      open = {
        weights: [ 12_000.0, 14_200.0 ],
        half_widths: [ random.rand(0.0..0.2), random.rand(0.0..0.08) ],
        leans: [ random.rand(0.0..1.0) ] * 2
      }
      found = sweep(of, to: random.rand(40.0..75.0), box: box(of, **open))
      %i[head tail].each do |side|
        worst = found.worst(side)
        last = found.tilts.last
        fine = (0..(last * 50).floor).map { |step| found.moment(side, step / 50.0)&.use }.compact.max
        expect(worst.use).to be >= fine * (1 - 1e-9)
        expect(worst.use).to be <= fine * 1.005 unless worst.use.infinite?
        expect(found.moment(side, worst.tilt_deg).use).to eq(worst.use)
      end
    end
  end

  it "has no use where the chart allows nothing, which is worse than any" do
    short = table([ 5, 6, 7 ], [ 25_000, 22_500, 19_000 ])
    worst = sweep(lug, tail_chart: short).worst(:tail)
    expect(worst).to have_attributes(capacity: nil, use: Float::INFINITY, off_chart?: true)
  end

  it "ends before a line hangs slack, and tells from where on nothing can be told" do
    under = hooks.new([ 5.8, 0.0 ], [ -4.4, -0.7 ])
    slack = Math.atan2(4.4, 0.7) * 180 / Math::PI
    found = sweep(under)
    expect(found.slack_at).to be_within(0.25).of(slack)
    expect(found.tilts.last).to be < slack
    trunnion = sweep(hooks.new([ 5.8, 0.0 ], [ -4.4, 0.0 ]))
    expect(trunnion.slack_at).to be_nil
    expect(trunnion.untold_from).to be_within(0.5).of(Math.acos(0.02 * 11 / 10.2) * 180 / Math::PI)
    expect(trunnion.moments(:tail).map(&:share)).to all(be_within(1e-6).of(14_200 * 5.8 / 10.2))
  end

  it "goes through it backwards as well, for a load that is laid down" do
    course = described_class::Course.new(lug, head: [ 0.0, 0.0 ], bearing: 90.0)
    cranes = {
      head: described_class::Side.new(chart: head_chart, boom: 30.0, rigging: 520.0, stands: [ 10.0, 0.0 ]),
      tail: described_class::Side.new(chart: tail_chart, boom: 30.0, rigging: 360.0, stands: [ -15.6, 0.0 ])
    }
    down = described_class::Sweep.new(box(lug), course, **cranes, from: 85.0, to: 0.0)
    up = described_class::Sweep.new(box(lug), course, **cranes, from: 0.0, to: 85.0)
    expect(down.tilts).to eq(up.tilts.reverse)
    %i[head tail].each { |side| expect(down.worst(side).use).to be_within(1e-4).of(up.worst(side).use) }
  end

  it "reads a crane's sector by where its hook is, and a crane that goes along at its one radius" do
    chart =
      DustLadder::Cranes::Chart.of(
        radii: [ 9, 10, 20 ],
        booms: [ 30 ],
        tables: { "rear" => [ [ 9000 ], [ 8000 ], [ 4000 ] ], "front" => [ [ 6000 ], [ 5000 ], [ 2000 ] ] },
        sectors: [
          { "name" => "rear", "slew_from_deg" => 90, "slew_to_deg" => 270, "table" => "rear" },
          { "name" => "front", "slew_from_deg" => 270, "slew_to_deg" => 90, "table" => "front" }
        ]
      )
    side = described_class::Side.new(chart: chart, boom: 30.0, rigging: 0.0, stands: [ 5.0, 5.0 ], front: 90.0)
    expect(side.at([ 14.0, 5.0 ])).to have_attributes(radius: 9.0, slew: 0.0, row: 9.0, capacity: 6000)
    expect(side.at([ -4.0, 5.0 ])).to have_attributes(slew: 180.0, capacity: 9000)
    bent = described_class::Side.new(chart: chart, boom: 30.0, rigging: 0.0, radius: 9.5, growth: ->(_) { 0.6 })
    expect(bent.at([ 99.0, 99.0 ])).to have_attributes(radius: be_within(1e-9).of(10.1), row: 20.0)
    expect { described_class::Side.new(chart: chart, boom: 30.0, rigging: 0.0) }.to raise_error(ArgumentError)
  end

  describe described_class::Clash do
    let(:outline) { [ [ -4.6, -0.9 ], [ 6.3, -0.9 ], [ 6.3, 0.9 ], [ -4.6, 0.9 ] ] }

    def clash(slings: 3.0) = described_class.new(outline, point: [ -4.4, 0.9 ], slings: slings, beam: [ 1.2, 0.4 ])

    it "is as far off as the slings are long while it lies level, and touches as it stands up beside a short one" do
      expect(clash.gap(0)).to be_within(1e-9).of(3.0)
      expect(clash.gap(90)).to be_within(1e-9).of(0.0)
      expect(clash.least(0, 80)[0]).to be < clash.gap(0)
    end

    it "finds where it is too near, as a fine look does, and never with slings so long that it clears" do
      found = clash.short_from(0.3, 0, 90)
      expect(clash.gap(found - 0.001)).to be >= 0.3
      expect(clash.gap(found + 0.001)).to be <= 0.3
      expect(clash.short_from(4.0, 0, 90)).to eq(0)
      expect(clash(slings: 30.0).short_from(0.3, 0, 60)).to be_nil
      expect(clash.short_from(0.3, 20, 90)).to be_within(1e-5).of(found)
      expect(clash.least(20, 50)[0]).to be_within(1e-9).of((80..200).map { |step| clash.gap(step / 4.0) }.min)
    end

    it "has more room with longer slings, at every tilt" do
      (0..85).step(5) { |tilt| expect(clash(slings: 4.0).gap(tilt)).to be >= clash(slings: 3.0).gap(tilt) - 1e-9 }
    end
  end
end
