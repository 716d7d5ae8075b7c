RSpec.describe DustLadder::Load::TakeOff do
  g = PropCheck::Generators
  shapes = [
    [ "plate", "1.2 m x 0.8 m x 12 mm" ],
    [ "angle", "100 mm x 75 mm x 8 mm x 2.4 m" ],
    [ "tube", "114 mm x 6 mm x 3 m" ],
    [ "box", "0.6 m x 0.5 m x 0.4 m" ],
    [ "cone", "0.8 m x 0.9 m" ],
    [ "channel", "200 mm x 75 mm x 8 mm x 11 mm x 3 m" ],
    [ "known item", "140 kg x 0.5 m x 0.4 m x 0.3 m" ]
  ]
  cell =
    g.tuple(
      g.choose(0..shapes.size - 1),
      g.choose(0..4000),
      g.choose(0..2000),
      g.choose(0..2500),
      g.choose(1..4),
      g.one_of(*%w[x y z yz xz -z].map { |way| g.constant(way) }),
      g.one_of(*[ "", "corner" ].map { |to| g.constant(to) }),
      g.one_of(*%w[steel concrete softwood].map { |name| g.constant(name) })
    )
  random_parts = g.array(cell, min: 1, max: 7)

  def of(cells, shapes, shift: [ 0, 0, 0 ])
    cells.map do |shape, x, y, z, n, lies, to, material|
      part(
        *shapes[shape],
        material,
        quantity: n.to_s,
        lies: lies,
        to: to,
        **%i[x y z].zip([ x, y, z ].zip(shift)).to_h { |axis, (at, by)| [ axis, "#{at + by} mm" ] }
      )
    end
  end

  def near(values, wanted) =
    values.zip(wanted) { |value, other| expect(value).to be_within(1e-9 * [ 1, other.abs ].max).of(other) }

  it "moves its centre as far as all its parts are moved" do
    PropCheck.forall(random_parts) do |cells|
      here, there = take_off(*of(cells, shapes)), take_off(*of(cells, shapes, shift: [ 1500, -700, 320 ]))
      near(there.cg, here.cg.zip([ 1.5, -0.7, 0.32 ]).map(&:sum))
      near(there.cg_reach, here.cg_reach)
      near([ there.bare_kg, there.planned_kg ], [ here.bare_kg, here.planned_kg ])
    end
  end

  it "is the same in any order" do
    PropCheck.forall(random_parts) do |cells|
      one, other = take_off(*of(cells, shapes)), take_off(*of(cells, shapes).reverse)
      near(
        [ other.bare_kg, other.planned_kg, other.least_kg, *other.cg, *other.cg_reach ],
        [ one.bare_kg, one.planned_kg, one.least_kg, *one.cg, *one.cg_reach ]
      )
    end
  end

  it "is the same with a part cut in two, and with a number of pieces written one by one" do
    whole = [
      part("plate", "3 m x 1 m x 20 mm", "steel", x: "1.5 m", y: "0.5 m", z: "10 mm"),
      part("known item", "90 kg", quantity: "3", x: "1 m", y: "1 m", z: "1 m")
    ]
    halves = [
      part("plate", "1 m x 1 m x 20 mm", "steel", x: "0.5 m", y: "0.5 m", z: "10 mm"),
      part("plate", "2 m x 1 m x 20 mm", "steel", x: "2 m", y: "0.5 m", z: "10 mm")
    ]
    singles = Array.new(3) { part("known item", "90 kg", x: "1 m", y: "1 m", z: "1 m") }
    one, other = take_off(*whole), take_off(*halves, *singles)
    near([ other.bare_kg, other.planned_kg, *other.cg ], [ one.bare_kg, one.planned_kg, *one.cg ])
  end

  it "is the same with a part added and cut out again, apart from its allowance" do
    base = part("plate", "3 m x 1 m x 20 mm", "steel", x: "1.5 m", y: "0.5 m")
    hole = ->(n) { part("plate", "1 m x 0.5 m x 20 mm", "steel", quantity: n, x: "0.7 m", y: "0.4 m") }
    near(take_off(base, hole.("1"), hole.("-1")).cg, take_off(base).cg)
    expect(take_off(base, hole.("1"), hole.("-1")).bare_kg).to be_within(1e-9).of(take_off(base).bare_kg)
  end

  it "is the same with its rows in a group set down at 0, and turned with a group that is turned" do
    PropCheck.forall(random_parts) do |cells|
      rows = of(cells, shapes)
      flat, grouped = take_off(*rows), take_off(part("Frame", ""), groups: { "Frame" => rows })
      near(
        [ grouped.bare_kg, grouped.planned_kg, *grouped.cg, *grouped.cg_reach, *grouped.outline.flatten ],
        [ flat.bare_kg, flat.planned_kg, *flat.cg, *flat.cg_reach, *flat.outline.flatten ]
      )
      turned = take_off(part("Frame", "", lies: "y", x: "2 m", z: "1 m"), groups: { "Frame" => rows })
      x, y, z = flat.cg
      near(turned.cg, [ 2 - y, x, 1 + z ])
      twice =
        take_off(
          part("Frame", "", quantity: "2", to: "centre", x: "3 m", y: "1 m", z: "2 m"),
          groups: {
            "Frame" => rows
          }
        )
      near([ *twice.cg, twice.bare_kg ], [ 3.0, 1.0, 2.0, flat.bare_kg * 2 ])
      corner = take_off(part("Frame", "", to: "corner", lies: "zx"), groups: { "Frame" => rows })
      near(corner.outline.first, [ 0.0, 0.0, 0.0 ])
    end
  end

  it "puts a part with its near corner where the corner was measured, however it lies" do
    PropCheck.forall(random_parts) do |cells|
      cells.each do |cell|
        row = take_off(*of([ cell.dup.tap { |one| one[6] = "corner" } ], shapes)).rows.first
        near(row.solids.first.low, cell[1, 3].map { |mm| mm / 1000.0 })
        expect(row.at.zip(row.solids.first.low, row.solids.first.high)).to all(
          satisfy { |at, low, high| at.between?(low - 1e-9, high + 1e-9) }
        )
      end
    end
  end

  it "holds the centre in its box wherever masses and fluids are in their ranges" do
    tank = part("fluid", "2 m x 1 m x 0.8 m x 40 %", "brine", x: "1 m", y: "2 m", z: "0.6 m")
    PropCheck.forall(g.tuple(random_parts, g.array(g.choose(0..100), min: 11, max: 11))) do |cells, shares|
      sheet =
        take_off(
          *of(cells, shapes).each_with_index.map do |row, index|
            index.even? ? row.merge("basis" => "estimated") : row
          end,
          tank
        )
      extra = ->(leaf) { leaf.basis == "estimated" ? 0.25 : 0.0 }
      somewhere =
        sheet.leaves.each_with_index.map do |leaf, index|
          low, high = leaf.low * (1 - extra.(leaf)), leaf.high * (1 + extra.(leaf))
          place =
            if leaf.slack
              leaf
                .at
                .zip(leaf.slack)
                .each_with_index
                .map { |(at, far), axis| at + far * (shares[8 + axis] / 50.0 - 1) }
            else
              leaf.at
            end
          [ low + (high - low) * shares[index % 8] / 100.0, place ]
        end
      kg = somewhere.sum(&:first)
      centre = [ 0, 1, 2 ].map { |axis| somewhere.sum { |mass, at| mass * at[axis] } / kg }
      centre.zip(sheet.cg, sheet.cg_reach) { |at, cg, reach| expect((at - cg).abs).to be <= reach + 1e-9 }
    end
  end

  it "reaches its box: half a tank moved to one end carries the centre its whole half-width" do
    sheet =
      take_off(
        part("fluid", "2 m x 1 m x 1 m x 50 %", "water", x: "1 m", y: "0.5 m", z: "0.5 m"),
        part("known item", "1000 kg", x: "1 m", y: "0.5 m", z: "0.25 m")
      )
    near(sheet.cg, [ 1.0, 0.5, 0.25 ])
    near(sheet.cg_reach, [ 0.25, 0.125, 0.125 ]) # 1000 of 2000 kg, moved by 2 m x (1 - 0.5) / 2
    held = take_off(part("fluid", "2 m x 1 m x 1 m x 50 %", "water", fluid: "held"), part("known item", "1000 kg"))
    near(held.cg_reach, [ 0.0, 0.0, 0.0 ])
  end

  # [size, lies, drop of the fluid below the tank's middle, share]
  [
    [ "1 m x 2 m x 50 %", "z", 0.5, 0.5 ],
    [ "1 m x 2 m x 0.5 m", "z", 0.75, 0.25 ],
    [ "1 m x 2 m x 50 %", "x", 2 / (3 * Math::PI), 0.5 ],
    [ "1 m x 2 m x 0.5 m", "y", 2 / (3 * Math::PI), 0.5 ],
    [ "1 m x 2 m x 1 m", "x", 0.0, 1.0 ],
    [ "1 m x 2 m x 100 %", "x", 0.0, 1.0 ]
  ].each do |size, lies, drop, share|
    it "puts the fluid of a round tank of #{size} along #{lies} #{drop.round(3)} m below its middle" do
      row = take_off(part("round tank", size, "water", lies: lies, z: "2 m")).rows.first
      expect(row.at[2]).to be_within(1e-6).of(2 - drop)
      expect(row.kg).to be_within(1e-3).of(Math::PI / 4 * 2 * share * 1000)
    end
  end

  it "agrees with strips on a lying round tank at any fill" do
    PropCheck.forall(g.choose(3..97)) do |percent|
      row = take_off(part("round tank", "2 m x 1 m x #{percent} %", "water", lies: "x")).rows.first
      surface = DustLadder::Load::Fluid.send(:half_angle, percent / 100.0).then { |q| -Math.cos(q) }
      strips = (0...4000).map { |index| -1 + (surface + 1) * (index + 0.5) / 4000 }
      area = strips.sum { |z| 2 * Math.sqrt(1 - z * z) } * (surface + 1) / 4000
      expect(area / Math::PI).to be_within(1e-4).of(percent / 100.0)
      expect(row.at[2]).to be_within(1e-3).of(
        strips.sum { |z| z * 2 * Math.sqrt(1 - z * z) } * (surface + 1) / 4000 / area
      )
    end
  end

  it "marks up each row by how it is known, the heavy end of its material too, and a cut-out by the least" do
    plate = part("plate", "1 m x 1 m x 100 mm", "steel") # 785 kg calculated: 10 %
    sand = part("box", "1 m x 1 m x 1 m", "dry sand") # 1 600, at most 1 750 kg
    weighed = part("known item", "500 kg", basis: "weighed")
    hole = part("plate", "0.5 m x 0.5 m x 100 mm", "steel", quantity: "-1", basis: "estimated") # 196.25 kg
    expect(take_off(plate).planned_kg).to be_within(1e-9).of(785 * 1.1)
    expect(take_off(sand).planned_kg).to be_within(1e-9).of(1750 * 1.1)
    expect(take_off(plate, weighed).planned_kg).to be_within(1e-9).of(785 * 1.1 + 500 * 1.02)
    expect(take_off(plate, weighed, hole).planned_kg).to be_within(1e-9).of(785 * 1.1 + 500 * 1.02 - 196.25 * 1.02)
    expect(take_off(plate, hole.merge("basis" => "")).planned_kg).to be_within(1e-9).of((785 - 196.25) * 1.1)
  end

  it "takes a plan's own materials, and a density in the place of a name" do
    own = [
      {
        "name" => "Salt brick",
        "density" => "1.4 t/m3",
        "low" => "1.2 t/m3",
        "high" => "",
        "source" => "sample of 3 November"
      }
    ]
    row = take_off(part("box", "1 m x 1 m x 1 m", "salt brick"), materials: own).rows.first
    expect([ row.kg, row.leaves.first.low, row.leaves.first.high ]).to eq([ 1400.0, 1200.0, 1400.0 ])
    expect(take_off(part("box", "1 m x 1 m x 1 m", "490 lb/ft3")).bare_kg).to be_within(0.1).of(7849.05)
    wrong = [ own.first.merge("low" => "1.6 t/m3") ]
    expect(
      take_off(part("box", "1 m x 1 m x 1 m", "salt brick"), materials: wrong).rows.first.problems.first.message
    ).to match(/does not hold its density/)
  end

  # [size of a plate, length, width, thickness]
  [
    [ "3.6 m x 1.5 m x 20 mm", 3.6, 1.5, 0.02 ],
    [ "3600 x 1500 x 20 mm", 3.6, 1.5, 0.02 ],
    [ "12' x 4' x 1/2 in", 3.6576, 1.2192, 0.0127 ],
    [ "12'6\" × 3' 6 1/2\" × 3/8\"", 3.81, 1.0795, 0.009525 ],
    [ "2 m by 1 m by 1 cm", 2, 1, 0.01 ],
    [ "2m*1m*10mm", 2, 1, 0.01 ],
    [ "1,200 x 900 mm x 6 mm", 1.2, 0.9, 0.006 ]
  ].each do |size, *wanted|
    it("reads a plate of #{size}") { near(take_off(part("plate", size, "steel")).rows.first.size.values, wanted) }
  end

  # [cells, field with the problem, words of it]
  [
    [ { "size" => "3 x 2 x 20 mm" }, "size", /could be mm or m/ ],
    [ { "size" => "4 x 8 x 3/8 in" }, "size", /unit is missing/ ],
    [ { "size" => "2.4 x 1.2 x 20 mm" }, "size", /mm or m/ ],
    [ { "size" => "3,6 m x 1 m x 1 cm" }, "size", /decimal with a point/ ],
    [ { "size" => "3 m x 1 m" }, "size", /2 measures/ ],
    [ { "size" => "0 m x 1 m x 1 cm" }, "size", /more than nothing/ ],
    [ { "size" => "-1 m x 1 m x 1 cm" }, "size", /more than nothing/ ],
    [ { "size" => "NaN x 1 m x 1 cm" }, "size", /cannot be read/ ],
    [ { "size" => "1 m x 1 m x 0.001 mm" }, "size", /0.01 mm/ ],
    [ { "size" => "5000 m x 1 m x 1 cm" }, "size", /beyond/ ],
    [ { "size" => "900 m x 900 m x 900 m" }, "size", /20 000 t/ ],
    [ { "size" => "" }, "size", /no size/ ],
    [ { "size" => "x" * 300 }, "size", /too long/ ],
    [ { "shape" => "platte" }, "shape", /not a shape/ ],
    [ { "shape" => "" }, "shape", /no shape/ ],
    [ { "material" => "unobtainium" }, "material", /not a material/ ],
    [ { "material" => "" }, "material", /no material/ ],
    [ { "material" => "0 kg/m3" }, "material", /more than nothing/ ],
    [ { "quantity" => "2.5" }, "quantity", /not a number of pieces/ ],
    [ { "quantity" => "0" }, "quantity", /take the row out/ ],
    [ { "quantity" => "many" }, "quantity", /not a number/ ],
    [ { "basis" => "guessed" }, "basis", /not a way/ ],
    [ { "lies" => "xx" }, "lies", /both be along/ ],
    [ { "lies" => "up" }, "lies", /does not tell/ ],
    [ { "lies" => "x, 30 about y" }, "lies", /unit is missing/ ],
    [ { "to" => "somewhere" }, "to", /does not tell/ ],
    [ { "to" => "origin" }, "to", /does not tell/ ],
    [ { "x" => "two" }, "x", /cannot be read/ ],
    [ { "shape" => "fluid", "size" => "1 m x 1 m x 1 m x 120 %" }, "size", /beyond/ ],
    [ { "shape" => "fluid", "size" => "1 m x 1 m x 1 m x 1.2 m" }, "size", /deeper than the tank/ ],
    [ { "shape" => "fluid", "size" => "1 m x 1 m x 1 m x 0 %" }, "size", /empty tank/ ],
    [ { "shape" => "fluid", "size" => "1 m x 1 m x 1 m x 50 %", "lies" => "x, 5° about y" }, "lies", /stand square/ ],
    [
      { "shape" => "fluid", "size" => "1 m x 1 m x 1 m x 50 %", "fluid" => "calm" },
      "fluid",
      /whether the fluid can move/
    ],
    [ { "shape" => "fluid", "size" => "1 m x 1 m x 1 m x 50 %", "quantity" => "-1" }, "quantity", /cannot be cut out/ ]
  ].each do |cells, field, words|
    it "marks #{cells.to_a.join(" ")[0, 40]} and leaves the rest not known" do
      sheet =
        take_off(
          part("plate", "1 m x 1 m x 10 mm", "steel"),
          part("plate", "1 m x 1 m x 10 mm", "steel", **cells.transform_keys(&:to_sym))
        )
      problem = sheet.rows[1].problems.find { |one| one.field == field }
      expect(problem&.message).to match(words)
      expect(problem.expected).not_to be_empty
      expect { sheet.cg }.to raise_error(DustLadder::NotKnown) { |error|
        expect(error.pointer).to eq("/load/take_off/parts/1/#{field}")
      }
      unless %w[x to lies].include?(field) && cells["shape"].nil?
        expect { sheet.bare_kg }.to raise_error(DustLadder::NotKnown)
      end
    end
  end

  it "knows the weight without a place, and says where the place is missing" do
    sheet = take_off(part("known item", "90 kg"), part("known item", "10 kg", name: "Motor", y: ""))
    expect(sheet.bare_kg).to eq(100)
    expect { sheet.cg }.to raise_error(DustLadder::NotKnown, /row 2, Motor: y is not given/)
  end

  it "does not know an empty sheet, one of cut-outs, or one that is cut away" do
    plate = part("plate", "1 m x 1 m x 10 mm", "steel")
    [
      [],
      [ plate.merge("quantity" => "-1") ],
      [ plate, plate.merge("quantity" => "-2") ],
      [ plate, plate.merge("quantity" => "-1") ]
    ].each { |rows| expect { take_off(*rows).planned_kg }.to raise_error(DustLadder::NotKnown) }
    expect(take_off(plate, part("", "")).bare_kg).to be_within(1e-9).of(78.5)
  end

  it "marks a group that has a trouble inside, and does not let groups stand in groups" do
    rows = { "Leaf" => [ part("plate", "1 m", "steel") ], "Frame" => [ part("Leaf", "") ] }
    expect(take_off(part("Leaf", ""), groups: rows).trouble).to match(/Leaf: row 1, plate: there is one measure/)
    expect(take_off(part("Frame", ""), groups: rows).trouble).to match(/Frame: row 1, leaf: “Leaf” is not a shape/)
    expect(take_off(part("Leaf", "2 m"), groups: rows).rows.first.problems.map(&:field)).to include("size")
  end

  it "works out every shown line again from its own text" do
    [
      *DustLadder::Load::StandardParts::ALL.first(60).map { |one| [ one.shape.title, one.size.gsub("…", "2.2 m") ] },
      [ "cone", "1 m x 2 m x 20 mm" ],
      [ "frustum", "1 m x 0.4 m x 2 m x 20 mm" ],
      [ "bend", "200 mm x 0.6 m x 75 deg x 8 mm" ],
      [ "cap", "1 m x 0.3 m x 10 mm" ],
      [ "round tank", "1 m x 2 m x 0.4 m" ],
      [ "sheet", "38 kg/m2 x 2 m x 3 m" ],
      [ "section", "14.2 kg/m x 6 m" ],
      [ "sphere", "1 m x 10 mm" ]
    ].each do |shape, size|
      row = take_off(part(shape, size, "steel", quantity: "3")).rows.first
      lines = row.working
      lines
        .select(&:formula)
        .each do |line|
          expect(rework(line)).to be_within(1e-9 * [ 1, line.result.value.abs ].max).of(line.result.value),
            "#{shape}: #{line.symbol}"
        end
      expect(lines.last.result.value).to be_within(1e-9 * row.kg).of(row.kg)
    end
  end
  include Arithmetic
end
