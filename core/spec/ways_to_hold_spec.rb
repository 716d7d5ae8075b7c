# How a load could be held at all: what is made of its outline, points and centre of gravity, by geometry alone.
RSpec.describe DustLadder::Rigging::WaysToHold do
  def ways(changes = {}) = described_class.new(DustLadder::Lift.new(plan(changes)))

  def made(way, changes = {})
    document = DustLadder::PlanFile::Pointer.with_values(plan(changes), way.changes)
    DustLadder::PlanFile.accept(document)
  end

  def spreader(number = "B-06", **changes) = beam(number, "kind" => "spreader", **changes)

  describe "straight legs" do
    it "stand as steep as is asked where the centre of gravity is farthest from a point" do
      random = Random.new(3)
      10.times do
        degrees = random.rand(45..75)
        x = random.rand(12..28) / 10.0
        changes = { "/load/cg/x" => "#{x} m" }
        way = ways(changes).bridle(degrees)
        lift = DustLadder::Lift.new(made(way, changes))
        run = [ x - 0.5, 3.5 - x ].max
        rise = lift.rigging.hook_height.value - 2.0
        expect(Math.atan2(rise, run) * 180 / Math::PI).to be_within(0.3).of(degrees)
      end
    end

    it "are never shorter than a hand can work at, however near the points lie" do
      near = { "/load/points/0/x" => "1.95 m", "/load/points/1/x" => "2.05 m" }
      lift = DustLadder::Lift.new(made(ways(near).bridle(45.0), near))
      expect(lift.rigging.hook_height.value).to be >= 2.0 + described_class::GAP_M
    end

    it "keep what is shackled to the points, and leave no beam and no sling" do
      fitting = { "kind" => "shackle", "weight" => "5 kg", "name" => "shackle" }
      changes = { "/rigging/legs/0/fittings" => [ fitting ] }
      legs = ways(changes).bridle.changes["/rigging/legs"]
      expect(legs[0]["fittings"]).to eq([ fitting ])
      expect(legs.map { |leg| leg["sling"] }).to eq([ nil, nil ])
    end

    it "wait for what the load lacks" do
      expect { ways("/load/cg/x" => nil).bridle }.to raise_error(DustLadder::NotKnown)
      expect { ways("/load/points/0/z" => nil).bridle }.to raise_error(DustLadder::NotKnown)
    end
  end

  describe "spreaders" do
    it "are those that are rated for the load with its allowance, the span nearest to the one wanted first" do
      light, strong = [ 3000, 9000 ].map { |kg|
        spreader("S-#{kg}", "spans" => [ 2.0, 3.0, 4.0 ].map { |span| { "span_m" => span, "kg" => kg } })
      }
      found = ways.spreaders([ light, strong, beam("L-1", "kind" => "lifting") ], 3.1)
      expect(found.map { |one, span| [ one["number"], span ] }).to eq(
        [ [ "S-9000", 3.0 ], [ "S-9000", 4.0 ], [ "S-9000", 2.0 ] ]
      )
      heavy = ways("/load/weight/bare" => "40 t")
      expect(heavy.spreaders([ light, strong ], 3.0)).to eq([])
    end

    it "spread to the points' two sides, and not where three points or one cannot share two" do
      expect(ways.spread).to be_within(1e-9).of(3.0)
      same = { "/load/points/0/x" => "2 m", "/load/points/1/x" => "2 m" }
      expect(ways(same).spread).to be_nil
    end

    it "stand no flatter than they are marked for" do
      marked = spreader("S-1", "least_deg_from_horizontal" => 60.0)
      span = marked["spans"].first["span_m"]
      way = ways.spreader(marked, span, 45.0)
      headroom = way.changes["/rigging/beam"]["headroom"].to_f
      expect(Math.atan2(headroom, span / 2) * 180 / Math::PI).to be >= 59.9
    end
  end

  describe "baskets" do
    it "hang plumb either side of the centre of gravity, and none where they would stand off the load's end" do
      one = spreader("S-1", "spans" => [ { "span_m" => 2.0, "kg" => 9000 }, { "span_m" => 3.9, "kg" => 9000 } ])
      places = ways.baskets(one, 2.0).changes["/load/points"]
      expect(places.map { |point| point["x"].to_f }).to eq([ 1.0, 3.0 ])
      expect(ways.baskets(one, 3.9)).to be_nil
    end

    it "need no points" do
      bare = { "/load/points/0/x" => nil, "/load/points/1/x" => nil }
      one = spreader("S-1", "spans" => [ { "span_m" => 2.0, "kg" => 9000 } ])
      expect(ways(bare).baskets(one, 2.0)).not_to be_nil
    end
  end

  it "asks a hasty choice of slings by no more than hangs at worst" do
    [ 50.0, 65.0 ].each do |degrees|
      document = made(ways.bridle(degrees))
      store = DustLadder::Slings::Selection::Store.from([ sling("A-9") ])
      needs = [ true, false ].map { |hasty|
        DustLadder::Slings::PlanSelection.new(document, store, hasty: hasty).need.tension
      }
      expect(needs[0]).to be <= needs[1]
      expect(needs[0]).to be > 0.5 * needs[1]
    end
  end
end
