RSpec.describe DustLadder::Ladder do
  verdict = described_class::Verdict

  it "judges with unrounded figures: exactly full holds, exactly the attention line is not yet tight" do
    table = {
      1.0 => "tight",
      1.0 + 1e-10 => "tight",
      1.0 + 1e-6 => "stop",
      0.75 => "holds",
      0.7501 => "tight",
      0.0 => "holds",
      Float::NAN => "not_known",
      nil => "not_known"
    }
    table.each { |share, expected| expect(verdict.of(share, 0.75)).to eq(expected), "#{share}" }
    expect(verdict.of(1.0, nil)).to eq("holds")
  end

  it "is as good as its weakest rung, and nothing is never good" do
    expect(verdict.weakest(%w[holds tight not_known stop])).to eq("stop")
    expect(verdict.weakest(%w[holds tight not_known])).to eq("not_known")
    expect(verdict.weakest(%w[holds tight])).to eq("tight")
    expect(verdict.weakest([])).to eq("not_known")
  end

  it "climbs the whole ladder of a sound plan and names the weakest rung" do
    ladder = check
    expect(ladder.rungs.map(&:id)).to eq(
      %w[
        load level angle points fittings surroundings slings hook hoist wraps height boom side_pull chart crane stand
        ground power_lines obstacles wind gear crew
      ]
    )
    expect(ladder.verdict).to eq("holds")
    expect(ladder.governing.map(&:utilisation)).to eq([ ladder.rungs.filter_map(&:utilisation).max ])
    expect(DustLadder::PlanFile::Schema.ladder_errors(JSON.parse(JSON.generate(ladder.as_json)))).to eq([])
  end

  it "answers a blank plan with dashed rungs that say what they need, and draws nothing" do
    ladder =
      DustLadder.check(DustLadder::Plan.blank(title: "New", rule_set: DustLadder::RuleSet.shipped("strict")))
    expect(ladder.rungs.map(&:verdict).uniq).to eq([ "not_known" ])
    expect(ladder.rungs.flat_map(&:missing).map(&:pointer)).to all(start_with("/"))
    expect(ladder.governing.map(&:id)).to eq([ "load" ])
    expect(ladder.as_json.values_at("drawing", "reach")).to eq([ nil, nil ])
  end

  it "shows arithmetic that can be worked out again from what is shown" do
    plans = [
      plan,
      plan(
        {
          "/rigging/legs/0/hitch" => "choker",
          "/rigging/legs/1/hitch" => "choker",
          "/rigging/legs/0/choke_angle" => "100°",
          "/rigging/legs/1/choke_angle" => "125°",
          "/rigging/legs/0/held_by" => "lug",
          "/rigging/legs/1/held_by" => "lug"
        }
      ),
      plan(
        {
          "/rigging/legs/0/hitch" => "basket",
          "/rigging/legs/1/hitch" => "basket",
          "/rigging/legs/0/basket_width" => "1 m",
          "/rigging/legs/1/basket_width" => "1 m",
          "/rigging/legs/0/held_by" => "lug",
          "/rigging/legs/1/held_by" => "lug",
          "/load/cg/x" => "1.4 m"
        },
        slings: [ sling("L-1", reach_m: 12.0), sling("L-2", reach_m: 12.0) ]
      ),
      plan({ "/cranes/0/obstacle_height" => "6 m", "/load/cg/y" => "0.6 m" }, rules: "level-side")
    ]
    lines = plans.flat_map { |document| DustLadder.check(document).rungs.flat_map(&:working) }.select(&:formula)
    expect(lines.map(&:symbol).uniq).to include("W", "t", "h", "b", "V", "T", "C", "G", "N", "A", "U")
    lines.each do |line|
      expect(rework(line)).to be_within(1e-9 * [ 1, line.result.value.abs * 100 ].max).of(
        line.result.unit == :percent ? line.result.value * 100 : line.result.value
      ),
        "#{line.symbol} = #{line.formula}"
    end
  end

  it "never lets a changed input make a heavier load look better" do
    PropCheck.forall(PropCheck::Generators.choose(100..20_000), PropCheck::Generators.choose(1..3000)) do |kg, more|
      light, heavy = [ kg, kg + more ].map { |weight|
        check("/load/weight/bare" => "#{weight} kg", "/cranes/0/wind" => "0")
      }
      %w[slings hoist crane].each { |id| expect(heavy.rung(id).utilisation).to be > light.rung(id).utilisation }
      expect(verdict.rank(heavy.verdict)).to be <= verdict.rank(light.verdict)
    end
  end

  it "is under strict never more generous than under either school" do
    PropCheck.forall(
      PropCheck::Generators.choose(215..900),
      PropCheck::Generators.choose(10..300),
      PropCheck::Generators.one_of(*%w[vertical choker].map { |hitch| PropCheck::Generators.constant(hitch) })
    ) do |hook, off, hitch|
      changes = { "/rigging/hook_height" => "#{hook / 100.0} m", "/load/cg/x" => "#{0.5 + off / 100.0} m" }
      2.times do |leg|
        changes.merge!(
          "/rigging/legs/#{leg}/hitch" => hitch,
          "/rigging/legs/#{leg}/choke_angle" => "130°",
          "/rigging/legs/#{leg}/held_by" => "lug"
        )
      end
      slings = %w[A-1 A-2].map { |number| sling(number, reach_m: 12.0, tag: { "choker_kg" => nil }) }
      strict, *schools =
        %w[strict level-side plumb-side].map { |rules| DustLadder.check(plan(changes, slings: slings, rules: rules)) }
      schools.each do |school|
        strict
          .rungs
          .zip(school.rungs) do |own, other|
            expect(
              [ verdict.rank(own.verdict), -(own.utilisation || 0) ] <=>
                [ verdict.rank(other.verdict), -(other.utilisation || 0) ]
            ).to be <= 0,
              "#{own.id}"
          end
      end
    end
  end

  it "answers any well-formed plan, however odd its figures, with a ladder and never with a crash" do
    odd = [
      nil,
      "",
      "0 m",
      "-3 m",
      "1000 m",
      "0.000001 m",
      "2 m",
      "4 m",
      "6 m",
      "0 kg",
      "20000 t",
      "1 mm",
      "90°",
      "720°",
      "-360°",
      "0°",
      "what",
      "12'6\""
    ]
    places = quantity_pointers(plan)
    g = PropCheck::Generators
    PropCheck.forall(
      g.array(g.tuple(g.choose(0..places.size - 1), g.choose(0..odd.size - 1)), min: 1, max: 8),
      g.choose(0..2),
      g.choose(0..1)
    ) do |changes, hitch, by|
      document = plan(changes.to_h { |place, value| [ places[place], odd[value] ] })
      2.times { |leg| change(document, "/rigging/legs/#{leg}/hitch", %w[vertical choker basket][hitch]) }
      change(document, "/rigging/set_by", %w[hook_height leg_lengths][by])
      answer = JSON.parse(JSON.generate(DustLadder.check(document).as_json))
      expect(DustLadder::PlanFile::Schema.ladder_errors(answer)).to eq([])
    end
  end

  def quantity_pointers(data, pointer = "")
    case data
    when Hash
      data.flat_map { |key, value| key == "snapshots" ? [] : quantity_pointers(value, "#{pointer}/#{key}") }
    when Array
      data.each_with_index.flat_map { |value, index| quantity_pointers(value, "#{pointer}/#{index}") }
    else
      if %w[
        bare
        length
        width
        height
        x
        y
        z
        hook_height
        choke_angle
        basket_width
        radius
        slew
        support_height
        obstacle_height
        boom_length
      ].include?(pointer[%r{[^/]+\z}])
        [ pointer ]
      else
        []
      end
    end
  end

  it "names what cannot be read and keeps it as typed" do
    ladder = check("/load/weight/bare" => "3,2 t", "/cranes/0/stations/0/radius" => "far")
    expect(ladder.verdict).to eq("not_known")
    expect(ladder.as_json["problems"].map { |problem| problem.values_at("pointer", "typed") }).to contain_exactly(
      [ "/load/weight/bare", "3,2 t" ],
      %w[/cranes/0/stations/0/radius far]
    )
    expect(ladder.as_json["readings"]["/cranes/0/boom_length"]).to eq(
      { "typed" => "20 m", "value" => 20.0, "metric" => "20.000\u00a0m", "us" => "65'7 3/8\"" }
    )
  end

  it "stands in flights, foot first, whose rungs and names the answer's schema lists" do
    climb = DustLadder::Ladder::Climb
    schema = JSON.parse(
      File.read(File.expand_path("../lib/dust_ladder/plan_file/schemas/ladder-1.json", __dir__))
    )["$defs"]
    own = climb::CHECKS.map { |check| check::ID }.uniq
    expect(schema["rung_id"]["enum"]).to eq([ *own, DustLadder::Life::Signatures::ID ])
    expect(schema["flight_id"]["enum"]).to eq(climb::FLIGHTS.keys)
    places = climb::CHECKS.map { |check| climb::FLIGHTS.keys.index(check::FLIGHT) }
    expect(places).to eq(places.sort)
  end

  it "names the worst rung of each flight, and only flights that have one" do
    flights = check("/load/weight/bare" => nil).as_json["flights"].to_h { |flight| flight.values_at("id", "worst") }
    expect(flights.slice("load", "gear_and_people")).to eq({ "load" => "load", "gear_and_people" => "gear" })
    expect(check("/scope" => { "kind" => "rigging", "by" => "A. Planner" }).as_json["flights"].map { |one| one["id"] })
      .to eq(%w[load rigging gear_and_people])
    steep = check("/rigging/hook_height" => "2.7 m").as_json["flights"].find { |flight| flight["id"] == "rigging" }
    # Legs too far apart in the hook: a stop without a figure outranks one with.
    expect(steep["worst"]).to eq("hook")
  end
end
