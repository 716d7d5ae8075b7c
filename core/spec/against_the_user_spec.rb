# What every rung owes its user: what is asked of a thing is rounded up, what it may take is rounded down, and nothing
# that makes the lift harder leaves its figures where they were, or makes them kinder.
RSpec.describe "Every rung" do
  def self.document_of(name)
    JSON.parse(File.read(File.expand_path("../../demo/plans/#{name}.json", __dir__)))
  end

  # Both legs with the same fields.
  def self.legs(**fields)
    [ 0, 1 ].flat_map { |leg| fields.map { |name, value| [ "/rigging/legs/#{leg}/#{name}", value ] } }.to_h
  end

  lug = { "means" => "lug", "words" => "", "by" => "A. Rigger" }
  hitched = { round: "1 m", prevents: { "along" => lug, "round" => nil } }
  choked = legs(hitch: "choker", choke_angle: "125°", loop_angle: "60°", **hitched)
  basket = legs(hitch: "basket", basket_width: "0.8 m", **hitched)
  rated = [ [ "lug 1", "0.5 m" ], [ "lug 2", "3.5 m" ] ].map { |name, x|
    { "name" => name, "x" => x, "y" => "0.5 m", "z" => "2 m", "wll" => "2 t" }
  }
  # What was said of a power line.
  lines = ->(voltage, nearest) do
    said = { "says" => "seen", "by" => "A. Walker", "on" => "2026-12-10", "lines" => "known" }
    { "/by_word/power_lines" => { **said, "voltage" => voltage, "nearest" => nearest } }
  end
  reeved = {
    "pairs" => [ [ 0, 2 ] ],
    "decided_by" => "Imke Falk",
    "blocks" => [ { "wll" => "9 t", "eye_wll" => "8 t", "anchor_wll" => "10 t" } ]
  }
  two = { "West" => [ 0.5, 0.5 ], "East" => [ 3.5, 0.5 ] }.freeze

  # Under a spreader whose upper slings are chain, which can be shortened.
  spreader_plan = ->(spec, changes) do
    spans = [ 2.0, 4.0 ].map { |span| { "span_m" => span, "kg" => 6000 } }
    bar = spec.beam(compression_kg: 2500, bending_kg_m: 900, spans: spans)
    spec.under_beam(beam: bar, points: two, "/rigging/beam/headroom": "2.5 m", **changes).tap do |document|
      %w[S-3 S-4].each do |number|
        chain = spec.sling(number, reach_m: 3.6)
        document["snapshots"]["slings"][number] = DustLadder::PlanFile::Digest.snapshot(chain)
      end
    end
  end

  # A site with something on it for every rung.
  crowded = ->(spec, more) do
    things = [
      spec.feature("obstacle", "hut", outline_m: spec.box(9, -8, 12, -4), top_m: 6.0),
      spec.feature(
        "line",
        "wire",
        wire_m: [ [ 16, -40, 9 ], [ 16, 40, 9 ] ],
        kilovolts: 11,
        blow_out_m: 0.5,
        agreed_by: "grid"
      ),
      spec.feature("cut", "trench", edge_m: [ [ -20, 8 ], [ 20, 8 ] ], depth_m: 2.0)
    ]
    spec.on_site(*things, stand: { watcher: "T. Varga" }, **more)
  end
  plans = {
    **Dir[File.expand_path("../../demo/plans/*.json", __dir__)].to_h { |path|
      [ File.basename(path, ".json"), ->(_) { JSON.parse(File.read(path)) } ]
    },
    "choked" => ->(spec) { spec.plan(choked) },
    "baskets" => ->(spec) { spec.plan(basket) },
    "rated points" => ->(spec) { spec.plan("/load/rated_points" => rated) },
    "reeved" => ->(spec) { spec.on_points("/rigging/reeved" => reeved, "/rigging/legs/2/sling" => "S-1") },
    "spreader" => ->(spec) { spreader_plan.(spec, {}) },
    "on a site" => ->(spec) { crowded.(spec, {}) },
    "on tracks" => ->(spec) { crowded.(spec, machine: spec.tracks_stand) },
    "on pads by estimate" => ->(spec) { crowded.(spec, machine: SiteHelp::STAND.except("parts"), rules: "level-side") }
  }

  def figures(rung)
    [ [ rung.demand, rung.capacity ], *rung.parts.map { |part| [ part.demand, part.capacity ] } ]
  end

  it "is looked at here: none of the ladder's checks is left out, in any plan" do
    seen = plans.values.flat_map { |made| DustLadder.check(made.(self)).rungs.select(&:demand).map(&:id) }.uniq
    figureless = %w[chart gear zones surroundings ground obstacles people crew radii]
    expect(DustLadder::Ladder::Climb::CHECKS.map { |check| check::ID }.uniq - figureless - seen).to eq([])
  end

  plans.each do |name, made|
    it "rounds against its user: #{name}" do
      DustLadder.check(made.(self)).rungs.each do |rung|
        figures(rung).each do |demand, capacity|
          expect(demand.round).to eq(:up), "#{rung.id}: #{demand} is asked" if demand
          expect(capacity.round).to eq(:down), "#{rung.id}: #{capacity} is what it may take" if capacity
        end
      end
    end
  end

  # Where the working shows the very figure that is judged, it is rounded the same way there.
  plans.each do |name, made|
    it "shows what it judges as it judges it: #{name}" do
      DustLadder.check(made.(self)).rungs.each do |rung|
        figures(rung).each do |judged|
          judged.zip(%i[up down]).each do |figure, way|
            next if figure.nil? || figures(rung).any? { |pair| pair.compact.map(&:value).uniq.one? && pair.all? }

            rung.working.map(&:result).select { |one| one.unit == figure.unit && one.value == figure.value }
              .each { |one| expect(one.round).to eq(way), "#{rung.id}: #{one}" }
          end
        end
      end
    end
  end

  # In each line of working every operand counts.
  plans.each do |name, made|
    it "moves with every term of its arithmetic: #{name}" do
      DustLadder.check(made.(self)).rungs.flat_map { |rung| rung.working.select(&:formula) }.each do |line|
        # A term that is multiplied by nothing would not show.
        numbers = line.operands.transform_values { |figure| figure.value.abs < 1e-6 ? 0.5 : figure.value.to_f }
        value = ->(changed) { DustLadder::Ladder::Formula.value(line.formula, numbers.merge(changed)) }
        asleep =
          numbers.keys.select do |symbol|
            [ 1.01, 0.99 ].all? { |much|
              (value.({ symbol => numbers[symbol] * much }) - value.({})).abs < 1e-12
            }
          end
        expect(asleep).to eq([]), "#{line.symbol} = #{line.formula}: #{asleep} changes nothing"
      end
    end
  end

  # [rung, what is made harder, the base plan, the change, what must grow: share, demand or (shrink) capacity]
  [
    [ "power_lines", "a nearer line", lines.("20 kV", "9.5 m"), lines.("20 kV", "4 m"), :capacity ],
    [ "power_lines", "a higher voltage", lines.("20 kV", "9.5 m"), lines.("110 kV", "9.5 m"), :demand ],
    [ "load", "the CG farther off", {}, { "/load/cg/x" => "2.4 m" }, :demand ],
    [ "load", "a CG box that is wider", {}, { "/load/cg/basis" => "by_eye" }, :demand ],
    [ "load", "points closer together", {}, { "/load/points/1/x" => "3.0 m" }, :share ],
    [ "level", "the CG farther off, with legs as they are", {
      "/rigging/set_by" => "leg_lengths",
      **legs(length: "4.3 m")
    }, { "/load/cg/x" => "2.2 m" }, :demand ],
    [ "angle", "a lower hook", {}, { "/rigging/hook_height" => "5 m" }, :demand ],
    [ "slings", "a heavier load", {}, { "/load/weight/bare" => "3.3 t" }, :demand ],
    [ "slings", "a weight that is known less well", {}, { "/load/weight/basis" => "estimated" }, :demand ],
    [ "slings", "a lower hook", {}, { "/rigging/hook_height" => "3.4 m" }, :share ],
    [ "slings", "a tighter choke", choked, legs(choke_angle: "100°"), :share ],
    [ "loop", "a heavier load", choked, { "/load/weight/bare" => "3.3 t" }, :demand ],
    [ "loop", "a flatter loop", choked, legs(loop_angle: "40°"), :demand ],
    [ "points", "a heavier load", { "/load/rated_points" => rated }, { "/load/weight/bare" => "3.3 t" }, :demand ],
    [ "points", "a lower hook", { "/load/rated_points" => rated }, { "/rigging/hook_height" => "5 m" }, :demand ],
    [ "points", "a lesser point", { "/load/rated_points" => rated },
      { "/load/rated_points" => rated.map { |one| one.merge("wll" => "1.9 t") } }, :capacity ],
    [ "thrust", "a lower hook", { "/load/thrust" => { "marks" => [ "thin" ], "limit" => "2 t" } },
      { "/rigging/hook_height" => "5 m" }, :demand ],
    [ "thrust", "a softer load", { "/load/thrust" => { "marks" => [ "thin" ], "limit" => "2 t" } },
      { "/load/thrust" => { "marks" => [ "thin" ], "limit" => "1.9 t" } }, :capacity ],
    [ "grip", "the CG off to one side", basket, { "/load/cg/y" => "0.55 m" }, :share ],
    [ "hook", "a heavier load", {}, { "/load/weight/bare" => "3.3 t" }, :demand ],
    [ "hook", "slings off its middle", {},
      { "/cranes/0/hook" => { "off_centre" => "0.5", "latch" => "closes", "ring" => nil } }, :capacity ],
    [ "hoist", "a heavier load", {}, { "/load/weight/bare" => "3.3 t" }, :demand ],
    [ "hoist", "fewer parts", {}, { "/cranes/0/parts_of_line" => 3 }, :share ],
    [ "hoist", "rigging in the deductions", {},
      { "/cranes/0/deductions" => [ { "name" => "lines", "mass" => "100 kg" } ] }, :demand ],
    [ "height", "a higher hook", {}, { "/rigging/hook_height" => "7 m" }, :demand ],
    [ "height", "a higher set", {}, { "/cranes/0/stations/1/support_height" => "3 m" }, :demand ],
    [ "height", "a shorter boom", {}, { "/cranes/0/boom_length" => "15 m" }, :capacity ],
    [ "crane", "a heavier load", {}, { "/load/weight/bare" => "3.3 t" }, :demand ],
    [ "crane", "a farther radius", {}, { "/cranes/0/stations/1/radius" => "9 m" }, :capacity ],
    [ "side_pull", "more side pull", { "/cranes/0/side_pull" => "1°" }, { "/cranes/0/side_pull" => "2°" }, :demand ],
    [ "stand", "farther out of level", { "/cranes/0/level" => "0.3 %" }, { "/cranes/0/level" => "0.4 %" }, :demand ],
    [ "wind", "more wind", { "/cranes/0/wind" => "2 m/s" }, { "/cranes/0/wind" => "3 m/s" }, :demand ],
    [ "wind", "a longer load", { "/cranes/0/wind" => "2 m/s" }, { "/load/size/length" => "6 m" }, :capacity ],
    [ "wind", "a higher load", { "/cranes/0/wind" => "2 m/s" }, { "/load/size/height" => "4 m" }, :capacity ]
  ].each do |id, harder, base, change, what|
    it "#{id}: #{harder}" do
      given = id == "wind" ? { chart: chart(limits: { "wind_m_s" => 9.0, "level_percent" => 1.0 }) } : {}
      before, after = [ base, base.merge(change) ].map { |changes| rung(id, changes, **given) }
      of = ->(rung) {
        { share: rung.utilisation, demand: rung.demand&.value, capacity: rung.capacity && -rung.capacity.value }[what]
      }
      expect(before).not_to be_nil
      expect(of.(after)).to be > of.(before)
      expect(after.utilisation).to be > before.utilisation
    end
  end

  wider = { "side" => "1.2 m", "mass" => "150 kg" }
  [
    [ "pads", "a smaller mat", {}, { stand: { mat: wider.merge("side" => "1.0 m") } } ],
    [ "pads", "a heavier mat", {}, { stand: { mat: wider.merge("mass" => "400 kg") } } ],
    [ "pads", "a heavier load over the pads that carry most",
      { "/load/weight/bare" => "6 t" }, { "/load/weight/bare" => "7 t" } ],
    [ "landing", "a heavier load", {}, { "/load/weight/bare" => "3.3 t" } ],
    [ "landing", "fewer timbers", {},
      { stand: { dunnage: { "count" => 1, "length" => "1.2 m", "width" => "0.2 m" } } } ],
    [ "cut", "a crane nearer to it", {}, { stand: { north: "0.5 m" } } ],
    [ "power_lines", "a crane nearer to it", {}, { stand: { east: "0.5 m", watcher: "T. Varga" } } ],
    [ "clearance", "a crane nearer to it", {}, { stand: { east: "0.5 m" } } ]
  ].each do |id, harder, base, change|
    it "on a site, #{id}: #{harder}" do
      before, after = [ base, base.merge(change) ].map { |more| DustLadder.check(crowded.(self, more)).rung(id) }
      expect(after.utilisation).to be > before.utilisation
    end
  end

  [
    [ "beam", "a heavier load", { "/load/weight/bare": "3.6 t" } ],
    [ "beam", "a wider span", { "/rigging/beam/span": "3.4 m" } ],
    [ "upper", "a heavier load", { "/load/weight/bare": "3.6 t" } ],
    [ "upper", "less height above the beam", { "/rigging/beam/headroom": "2 m" } ],
    [ "blocks", "a heavier load", { "/load/weight/bare": "3.6 t" } ]
  ].each do |id, harder, change|
    it "#{id}: #{harder}" do
      shares =
        [ {}, change ].map do |changes|
          document =
            if id == "blocks"
              on_points("/rigging/reeved" => reeved, "/rigging/legs/2/sling" => "S-1", **changes.transform_keys(&:to_s))
            else
              spreader_plan.(self, changes)
            end
          DustLadder.check(document).rung(id).utilisation
        end
      expect(shares[1]).to be > shares[0]
    end
  end
end
