# Charts of every family, read both ways round.
RSpec.describe DustLadder::Cranes do
  g = PropCheck::Generators
  # A table that falls with radius: steps down from a start, for each of two booms, with a hole here and there.
  some =
    g.tuple(
      g.array(g.choose(0..3000), min: 5, max: 5),
      g.array(g.choose(0..3000), min: 5, max: 5),
      g.choose(0..9),
      g.choose(300..1200),
      g.choose(100..200)
    )
  radii, booms = [ 3.0, 5.0, 7.0, 9.0, 12.0 ], [ 10.0, 20.0 ]
  cells =
    lambda do |*steps|
      columns = steps.map { |drops| drops.reduce([ 20_000 ]) { |kgs, drop| kgs << kgs.last - drop }.drop(1) }
      columns.transpose
    end

  it "reads no more than either neighbour, with and without interpolation" do
    PropCheck.forall(some) do |first, second, hole, radius, boom|
      kgs = cells.call(first, second)
      kgs[hole / 2][hole % 2] = nil if hole < 8
      [ false, true ].each do |interpolate|
        table = described_class::Table.new(radii, booms, kgs, interpolate: interpolate)
        kg = table.capacity(radius / 100.0, boom / 10.0) or next
        lower = radii.rindex { |row| row <= radius / 100.0 + 0.001 }
        upper = radii.index { |row| row >= radius / 100.0 - 0.001 }
        columns = boom == 100 ? [ 0 ] : (boom == 200 ? [ 1 ] : [ 0, 1 ])
        around = [ lower, upper ].flat_map { |row| columns.map { |column| kgs[row][column] } }
        expect(around).not_to include(nil)
        if interpolate
          expect(kg).to(be_between(around.min, columns.map { |column| kgs[lower][column] }.min))
        else
          expect(kg).to(eq(around.min))
        end
      end
    end
  end

  it "holds what it answers the other way round, and not one row farther" do
    PropCheck.forall(some) do |first, second, hole, gross, boom|
      kgs = cells.call(first, second)
      kgs[hole / 2][hole % 2] = nil if hole < 8
      table = described_class::Table.new(radii, booms, kgs)
      load = gross * 15.0
      farthest = table.largest_radius(load, boom / 10.0)
      filled = radii.select { |radius| table.capacity(radius, boom / 10.0) }
      if farthest
        expect(table.capacity(farthest, boom / 10.0)).to be >= load
        following = radii[radii.index(farthest) + 1]
        expect(following && table.capacity(following, boom / 10.0) || 0).to be < load
      else
        expect(filled.first && table.capacity(filled.first, boom / 10.0) || 0).to be < load
      end
    end
  end

  it "reads between rows only where the chart permits it, and never past its ends" do
    table = described_class::Table.new([ 4, 6, 8 ], [ 10 ], [ [ 8000 ], [ 5000 ], [ nil ] ], interpolate: true)
    expect([ 5.0, 5.5, 6.0, 6.5, 3.9 ].map { |radius| table.capacity(radius, 10) }).to eq(
      [ 6500.0, 5750.0, 5000, nil, nil ]
    )
  end

  it "marks what a reading rests on" do
    table = described_class::Table.new([ 4, 6 ], [ 10 ], [ [ 8000 ], [ 5000 ] ], marks: [ [ "strength" ], [ nil ] ])
    expect([ 4.0, 5.0, 6.0 ].map { |radius| table.marks(radius, 10) }).to eq([ [ "strength" ], [ "strength" ], [] ])
  end

  describe "a jib table by boom angle" do
    geometry = ->(length) do
      DustLadder::Cranes::Boom.new(length: length, foot_radius: -1, foot_height: 2, jib: 8, offset: 15)
    end
    table =
      described_class::AngleTable.new(
        [ 80, 75, 70, 60 ],
        [ 20, 30 ],
        [ [ 5000, 4000 ], [ 4200, 3300 ], [ 3500, 2600 ], [ 2000, nil ] ],
        geometry
      )

    it "takes the worse of both angles, the lower of both booms, and nothing outside the rows" do
      at = ->(angle, boom) { table.capacity(geometry.call(boom).radius_at(angle), boom) }
      expect(
        [ at.(80, 20.0), at.(77, 20.0), at.(75, 30.0), at.(72, 25.0), at.(81, 20.0), at.(59, 20.0), at.(65, 30.0) ]
      ).to eq([ 5000, 4200, 3300, 2600, nil, nil, nil ])
    end

    it "answers the other way round with the radius of a row" do
      expect(table.largest_radius(3000, 20.0)).to be_within(1e-9).of(geometry.call(20.0).radius_at(70.0))
      expect(table.largest_radius(9000, 20.0)).to be_nil
    end

    it "is crossed exactly along a way, also while the boom telescopes" do
      station = ->(radius, boom) { described_class::Path::Station.new(radius: radius, slew: nil, boom: boom) }
      chart = described_class::Chart.all_round(table)
      [ [ [ 8.0, 20.0 ], [ 14.0, 20.0 ] ], [ [ 9.0, 20.0 ], [ 15.0, 30.0 ] ] ].each do |from, to|
        path = described_class::Path.new(chart, [ station.(*from), station.(*to) ])
        stepped =
          (0..2000)
            .map { |step| [ 0, 1 ].map { |part| from[part] + (to[part] - from[part]) * step / 2000.0 } }
            .map { |radius, boom| table.capacity(radius, boom) || 0 }
        expect(path.least.kg || 0).to be <= stepped.min
        expect(stepped.min - (path.least.kg || 0)).to be <= 1000
      end
    end
  end

  it "does not raise more boom than a side allows" do
    data = chart
    data["sectors"][1]["longest_boom_m"] = 18.0
    front = { "/cranes/0/stations/0/slew" => "30°", "/cranes/0/stations/1/slew" => "40°" }
    expect(check({}, chart: data).rung("crane").verdict).to eq("holds")
    expect(check(front, chart: data).rung("crane")).to have_attributes(
      verdict: "stop",
      note: satisfy { |note| note["metric"].match?(/at most 18.000.m of boom/) }
    )
  end

  it "finds the boom length that is used least over all stations" do
    made =
      described_class::Chart.of(
        radii: chart["radius_m"],
        booms: chart["boom_length_m"],
        tables: chart["tables"],
        sectors: chart["sectors"]
      )
    stations =
      [ [ 6.0, 120.0 ], [ 10.5, 200.0 ] ].map do |radius, slew|
        described_class::Path::Station.new(radius: radius, slew: slew, boom: nil)
      end
    expect(made.best_boom(stations, 6000)).to eq(boom: 25.0, least_kg: 6800)
    expect(made.best_boom(stations, 6801)).to be_nil
    expect(made.best_boom(stations, 6700)[:boom]).to eq(25.0)
  end

  describe "a tower crane" do
    tower = {
      "jib_length_m" => 40.0,
      "trolley_height_m" => 30.0,
      "falls" => {
        "2" => {
          "max_kg" => 4000,
          "radius_m" => [ 3, 20, 30, 40 ],
          "capacity_kg" => [ 4500, 4000, 2600, 1800 ],
          "needs_second_trolley" => false
        },
        "4" => {
          "max_kg" => 8000,
          "radius_m" => [ 3, 15, 20 ],
          "capacity_kg" => [ 8000, 6000, 4300 ],
          "needs_second_trolley" => true
        }
      }
    }
    data = nil
    before do
      data =
        chart.slice("id", "title", "identity", "record", "hoist", "hook_block", "least_block_to_tip_m").merge(
          "family" => "tower",
          "tower" => tower
        )
    end
    set = ->(falls, more = {}) do
      {
        "/cranes/0/parts_of_line" => falls,
        "/cranes/0/boom_length" => nil,
        "/cranes/0/stations/0/radius" => "12 m",
        "/cranes/0/stations/1/radius" => "26 m"
      }.merge(more)
    end

    it "reads by trolley radius, never above the falls' maximum, and hangs its block below the trolley" do
      rungs = check(set.(2, "/cranes/0/stations/1/radius" => "18 m"), chart: data)
      expect(rungs.rung("crane").capacity.value).to eq(4000)
      expect(check(set.(2), chart: data).rung("crane")).to have_attributes(
        verdict: "stop",
        capacity: have_attributes(value: 2600)
      )
      expect(rungs.rung("height").capacity.value).to eq(28)
    end

    it "does not use falls that need a trolley which is not fitted, nor falls without a row" do
      fitted = ->(word) do
        check(set.(4, "/cranes/0/second_trolley" => word, "/cranes/0/stations/1/radius" => "14 m"), chart: data).rung(
          "crane"
        )
      end
      expect([ fitted.("not fitted").verdict, fitted.(nil).verdict, fitted.("fitted").capacity.value ]).to eq(
        [ "stop", "not_known", 6000 ]
      )
      expect(check(set.(3), chart: data).rung("crane").note["metric"]).to include(
        "no row for 3 falls, only for 2 and 4"
      )
    end
  end

  describe "a fixed hoist" do
    data = nil
    before do
      data = {
        "id" => "h",
        "title" => "Hoist",
        "family" => "fixed_hoist",
        "identity" => PlanHelp::IDENTITY,
        "record" => PlanHelp::RECORD,
        "least_block_to_tip_m" => 0.2,
        "limits" => {},
        "fixed_hoist" => {
          "wll_kg" => 5000,
          "highest_hook_m" => 9.0,
          "reach_from_m" => 1.0,
          "reach_to_m" => 6.0
        }
      }
    end
    set = ->(more = {}) do
      {
        "/cranes/0/parts_of_line" => nil,
        "/cranes/0/boom_length" => nil,
        "/cranes/0/stations/0/radius" => "2 m",
        "/cranes/0/stations/1/radius" => "5 m",
        "/cranes/0/side_pull" => "0°"
      }.merge(more)
    end

    it "has one rating, without block and rope, and is never run to its stops" do
      ladder = check(set.(), chart: data)
      expect(ladder.rung("crane").utilisation).to be_within(1e-9).of((3090 + 30) / 5000.0)
      expect(ladder.rungs.map(&:id)).not_to include("hoist", "wraps", "boom")
      expect(ladder.rung("height").capacity.value).to be_within(1e-9).of(8.8)
      expect(check(set.("/cranes/0/stations/1/radius" => "6.5 m"), chart: data).rung("crane").verdict).to eq("stop")
    end

    it "bears 10 degrees of side pull where a crane stops at 3" do
      pull = ->(typed, of) { check(set.("/cranes/0/side_pull" => typed), chart: of).rung("side_pull").verdict }
      crane = chart(limits: {})
      expect(
        [
          pull.("10°", data),
          pull.("10.1°", data),
          pull.("0°", crane),
          pull.("2.9°", crane),
          pull.("3°", crane),
          pull.(nil, crane)
        ]
      ).to eq(%w[holds stop holds holds stop not_known])
      expect(check(set.("/cranes/0/side_pull" => "1.1°"), chart: crane).rung("side_pull").cautions.size).to eq(1)
      expect(check(set.("/cranes/0/side_pull" => "1°"), chart: crane).rung("side_pull").cautions).to be_empty
    end
  end

  describe "a platform and jib machine" do
    machine = {
      "zones" => [
        { "name" => "A", "lower_boom_from_deg" => -10, "lower_boom_to_deg" => 45 },
        { "name" => "B", "lower_boom_from_deg" => 45, "lower_boom_to_deg" => 85 }
      ],
      "upper_boom_bands_deg" => [ [ 0, 20 ], [ 20, 40 ], [ 40, 60 ] ],
      "load_radius_m" => [ 1.0, 2.0 ],
      "jib_cap_kg" => [ 480, 300 ],
      "jib_kg" => {
        "A" => [ [ 300, 170 ], [ 340, 195 ], [ 390, 225 ] ],
        "B" => [ [ 360, 210 ], [ 400, nil ], [ 445, 265 ] ]
      },
      "platform_rated_kg" => 320,
      "credit_share" => 0.5
    }
    jib = described_class::PlatformJib.new(machine)
    read = ->(lower, upper, radius, aboard) do
      jib.read(lower: lower, upper: upper, radius: radius, aboard_kg: aboard)
    end

    {
      "one zone, two bands, half of what is unused" => [ [ 10, 20 ], [ 10, 30 ], 1.0, 220, 350 ],
      "both zones at their border" => [ [ 45, 45 ], [ 21, 30 ], 1.0, 320, 340 ],
      "no credit of a platform that is overfull" => [ [ 10, 20 ], [ 10, 15 ], 1.0, 400, 300 ],
      "the cap of the column" => [ [ 50, 60 ], [ 41, 59 ], 1.5, 0, 300 ],
      "an empty cell" => [ [ 50, 60 ], [ 21, 50 ], 1.5, 100, nil ],
      "past the last radius" => [ [ 10, 20 ], [ 10, 15 ], 2.1, 100, nil ],
      "above the rows" => [ [ 10, 20 ], [ 50, 61 ], 1.0, 100, nil ],
      "below the zones" => [ [ -11, 20 ], [ 10, 15 ], 1.0, 100, nil ]
    }.each { |words, (*use, kg)| it("allows #{kg.inspect}: #{words}") { expect(read.(*use).allowed_kg).to eq(kg) } }

    it "allows nothing in a gap between bands" do
      gap = described_class::PlatformJib.new(
        machine.merge(
          "upper_boom_bands_deg" => [ [ 0, 20 ], [ 25, 40 ],
            [ 40, 60 ] ]
        )
      )
      expect(gap.read(lower: [ 0, 1 ], upper: [ 10, 30 ], radius: 1.0, aboard_kg: 0).allowed_kg).to be_nil
    end

    it "never allows more with more aboard, or over a wider range" do
      PropCheck.forall(
        g.tuple(g.choose(0..60), g.choose(0..60), g.choose(0..400), g.choose(0..100))
      ) do |one, other, aboard, more|
        range = [ one, other ].minmax
        kg = read.([ 10, 20 ], range, 1.0, aboard).allowed_kg
        expect(read.([ 10, 20 ], range, 1.0, aboard + more).allowed_kg).to be <= kg
        expect(read.([ 10, 45 ], [ 0, range.last ], 1.0, aboard).allowed_kg).to be <= kg
      end
    end

    it "is two rungs of a plan, jib and platform, and both must hold" do
      data = {
        "id" => "p",
        "title" => "Machine",
        "family" => "platform_jib",
        "identity" => PlanHelp::IDENTITY,
        "record" => PlanHelp::RECORD,
        "platform_jib" => machine
      }
      dry = {
        "lower_boom_from" => "10°",
        "lower_boom_to" => "20°",
        "upper_boom_from" => "10°",
        "upper_boom_to" => "30°",
        "load_radius" => "0.9 m",
        "aboard" => [ { "what" => "people", "mass" => "200 kg" }, { "what" => "tools", "mass" => "20 kg" } ]
      }
      at = ->(changes = {}, given = dry) do
        check({ "/load/weight/bare" => "250 kg", "/cranes/0/platform" => given }.merge(changes), chart: data)
      end
      expect(at.().rung("crane")).to have_attributes(
        verdict: "tight",
        capacity: have_attributes(value: 350.0),
        demand: have_attributes(value: 287.5)
      )
      expect(at.().rung("platform")).to have_attributes(
        verdict: "holds",
        utilisation: be_within(1e-9).of(220 / 320.0)
      )
      expect(
        at.({}, dry.merge("aboard" => [ { "what" => "people", "mass" => "321 kg" } ])).rung("platform").verdict
      ).to eq("stop")
      gust = ->(measured, high) do
        data["limits"] = { "wind_m_s" => 10.0 }
        at.({ "/cranes/0/wind" => measured, "/cranes/0/wind_at" => high }).rung("wind")
      end
      expect([ gust.("1 m/s", nil), gust.("1 m/s", "12 m"), gust.("14 m/s", "12 m") ].map(&:verdict)).to eq(
        %w[holds not_known stop]
      )
      expect(gust.("1 m/s", "12 m").missing).to match([ have_attributes(pointer: "/cranes/0/wind_at") ])
      expect(at.({}, dry.merge("aboard" => [])).rung("platform").verdict).to eq("not_known")
      expect(at.({}, dry.merge("upper_boom_to" => nil)).rung("crane")).to have_attributes(
        verdict: "not_known",
        missing: [ have_attributes(pointer: "/cranes/0/platform/upper_boom_to") ]
      )
      expect(at.({}, dry.merge("upper_boom_to" => "5°")).rung("crane").verdict).to eq("not_known")
      expect(
        at.("/cranes/0/platform" => nil).rungs.select { |rung| %w[crane platform].include?(rung.id) }.map(&:verdict)
      ).to eq(%w[not_known not_known])
    end
  end
end
