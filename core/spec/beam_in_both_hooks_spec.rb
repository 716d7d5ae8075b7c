# One beam that both hooks hold, with a load below it on two plumb slings, worked out a second way: forces on the load,
# then on the beam.
RSpec.describe "A beam in both hooks" do
  include TandemHelp

  beam = {
    "name" => "SB-1",
    "mass" => "1 t",
    "rated" => "14 t",
    "span" => "8 m",
    "off" => "0 m",
    "high" => "0.8 m",
    "long" => "11 m",
    "width" => "0.3 m"
  }
  carried = {
    "/tandem/does" => "carry",
    "/tandem/out_of_step" => "0.3 m",
    "/tandem/head_to" => { "east" => "11 m", "north" => "1 m", "bearing" => "95°" },
    "/tandem/ends/0/moves" => "slews_and_luffs",
    "/tandem/beam" => beam,
    "/load/points/0/z" => "2 m",
    "/load/points/1/z" => "2 m",
    "/load/points/1/on" => "",
    "/rigging/legs/0/length" => "3 m",
    "/rigging/legs/1/length" => "3 m"
  }

  def lift(changes) = DustLadder::Lift.new(two_cranes(changes))

  # What each hook has of load and beam where the beam leans by one angle and the load by another: moments about the
  # load's tail point, then about the tail's hook. Metres, degrees, kg.
  def by_hand(load_tilt, beam_tilt, weight:, cg:, off: 0.0, span: 8.0, high: 0.8, mass: 1000.0)
    turned = [ load_tilt, beam_tilt ].map { |tilt| tilt * Math::PI / 180 }
    cos, sin = turned.map { |one| Math.cos(one) }, turned.map { |one| Math.sin(one) }
    # Load's points at 9.8 and 0.4 along, 2.0 up; CG told.
    arm = (cg[0] - 0.4) * cos[0] - (cg[1] - 2.0) * sin[0]
    head_sling = weight * arm / (9.4 * cos[0])
    tail_sling = weight - head_sling
    # In the beam: hooks at the top, slings below by high, along from the slings' middle.
    from_tail = ->(along, up) { (along - (off - span / 2)) * cos[1] - up * sin[1] }
    slings = head_sling * from_tail.(4.7, -high) + tail_sling * from_tail.(-4.7, -high)
    head = (slings + mass * from_tail.(off, -high / 2)) / (span * cos[1])
    [ head, weight + mass - head ]
  end

  it "holds as a whole, and only there has the rung of its rating" do
    reached = { "/load/points/0/z" => "1 m", "/rigging/legs/0/length" => "4 m" }
    found = DustLadder.check(two_cranes(carried.merge(reached)))
    expect(found.rungs.reject { |rung| rung.verdict == "holds" }.map { |rung| [ rung.id, rung.note["metric"] ] }).to eq(
      []
    )
    expect(found.rung("end_beams").demand.value).to be > 10_000
    expect(DustLadder.check(two_cranes(carried.except("/tandem/beam"))).rungs.map(&:id)).not_to include("end_beams")
  end

  it "gives each hook what the forces on load and beam give it, level" do
    level = lift(carried.merge("/tandem/out_of_step" => "0 m", "/tandem/beam" => beam.merge("off" => "0.5 m")))
    head, tail = by_hand(0, 0, weight: level.load.planned_kg, cg: [ 4.6, 1.0 ], off: 0.5)
    hooks = level.turn.hooks.at(level.load.planned_kg, 0.0)
    expect([ hooks.head + 500, hooks.tail + 500 ]).to match([ be_within(1e-6).of(head), be_within(1e-6).of(tail) ])
  end

  it "is never under what any lean of beam and load within reach gives" do
    random = Random.new(4)
    40.times do
      off, high = random.rand(-0.6..0.6).round(2), random.rand(0.3..2.0).round(2)
      z = random.rand(0.2..2.6).round(2)
      one = beam.merge("off" => "#{off} m", "high" => "#{high} m")
      made = lift(carried.merge("/tandem/beam" => one, "/load/cg/z" => "#{z} m"))
      most = made.turn.then { |turn| DustLadder::Tailing::Turn::SIDES.map { |side| turn.most_kg(side) } }
      of_beam = made.turn.below_beam.beam_kg(made.turn.tilt_range.map(&:abs).max)
      20.times do
        lean = random.rand(made.turn.tilt_range[0]..made.turn.tilt_range[1])
        off_beam = random.rand(-1.0..1.0) * made.turn.below_beam.unlike_deg
        told = by_hand(lean + off_beam, lean, weight: made.load.planned_kg, cg: [ 4.6, z ], off: off, high: high)
        expect(most.zip(told)).to all(satisfy { |known, hand| known + of_beam >= hand - 1e-6 })
      end
    end
  end

  it "leaves the slings what the load's own points give them, wherever the hooks are" do
    kg = [ "-0.6 m", "0.6 m" ].map { |off|
      lift(carried.merge("/tandem/beam" => beam.merge("off" => off))).turn.own_most_kg(:tail)
    }
    expect(kg[0]).to be_within(1e-9).of(kg[1])
    hooks = [ "-0.6 m", "0.6 m" ].map { |off|
      lift(carried.merge("/tandem/beam" => beam.merge("off" => off))).turn.most_kg(:tail)
    }
    expect(hooks[0]).to be < hooks[1]
  end

  it "has both hooks as far apart as the beam's, over where they take hold" do
    turn = lift(carried).turn
    apart = turn.steps.map { |step|
      Math.hypot(
        *turn.place(:head, step).zip(turn.place(:tail, step)).map { |a, b|
          a - b
        }
      )
    }
    expect(apart).to all(be_within(1e-9).of(8.0))
    shown = DustLadder.check(two_cranes(carried)).as_json["tailing"]
    expect(shown["hooks"].map(&:first)).to match([ be_within(1e-9).of(4.5), be_within(1e-9).of(-3.5) ])
    expect(shown["beam"]).to eq([ 1.5, 0.8 ])
  end

  [
    [ { "rated" => "10 t" }, "end_beams", "stop" ],
    [ { "rated" => nil }, "end_beams", "not_known" ],
    [ { "mass" => nil }, "tail_crane", "not_known" ],
    [ { "span" => nil }, "turn", "not_known" ],
    [ { "span" => "0 m" }, "turn", "not_known" ],
    [ { "span" => "0.2 m" }, "turn", "not_known" ],
    [ { "span" => "2 m" }, "turn", "stop" ],
    [ { "off" => nil }, "turn", "not_known" ],
    [ { "off" => "5 m" }, "tail_crane", "not_known" ],
    [ { "off" => "1.4 m", "span" => "2.4 m", "long" => "11 m" }, "turn", "stop" ],
    [ { "high" => nil }, "height", "not_known" ],
    [ { "long" => "9 m" }, "turn", "not_known" ],
    [ { "long" => nil }, "boom_room", "not_known" ],
    [ { "width" => nil }, "boom_room", "not_known" ]
  ].each do |changes, id, verdict|
    it("says #{verdict} of #{id} of a beam with #{changes}") do
      found = DustLadder.check(two_cranes(carried.merge("/tandem/beam" => beam.merge(changes))))
      expect(found.rung(id).verdict).to eq(verdict)
    end
  end

  {
    "stood up below it" => { "/tandem/does" => "stand_up" },
    "on slings that end at unlike heights" => { "/rigging/legs/1/length" => "2.9 m" },
    "with a second beam below it" => {
      "/tandem/ends/0/beam" => { "name" => "", "mass" => "1 t", "rated" => "9 t", "width" => "1 m", "high" => "1 m" }
    }
  }.each do |words, changes|
    it("does not know a load #{words}") do
      expect(DustLadder.check(two_cranes(carried.merge(changes))).rung("turn").verdict).to eq("not_known")
    end
  end

  it "stops where the load comes as near to the beam as it may not" do
    short = { "/rigging/legs/0/length" => "0.3 m", "/rigging/legs/1/length" => "0.3 m" }
    rung = DustLadder.check(two_cranes(carried.merge(short))).rung("end_beams")
    expect(rung).to have_attributes(verdict: "stop")
    expect(rung.note["metric"]).to match(/longer slings/)
  end

  it "is on the rigging list, as each end's own beam is, to be looked at by hand" do
    list = ->(changes) { DustLadder::Gear::RiggingList.new(two_cranes(changes)) }
    lines = list.(carried).lines.reject(&:number)
    expect(lines.map { |one| [ one.what, one.count, one.kg, one.verdict ] }).to eq(
      [ [ "SB-1, 14 t", 1, 1000.0, "not_known" ] ]
    )
    expect(list.(carried).to_do.map(&:to_do)).to include(/tag/)
    own = { "name" => "", "mass" => nil, "rated" => nil, "width" => "1 m", "high" => "1 m" }
    found = list.({ "/tandem/ends/1/beam" => own })
    expect(found.lines.reject(&:number).map(&:what)).to eq([ "tail beam, of a rating that is not given" ])
    expect(found).not_to be_whole
  end

  it "has the fittings of slings side by side once for each of them" do
    shackle = { "kind" => "shackle", "wll" => "12 t", "weight" => "5 kg" }
    two = { "/tandem/ends/1/slings" => 2, "/rigging/legs/1/fittings" => [ shackle ] }
    lines = DustLadder::Gear::RiggingList.new(two_cranes(two)).lines.reject(&:number)
    expect(lines.map { |one| [ one.what, one.count ] }).to include([ "shackle, 12 t", 2 ])
  end
end
