# What a crane's chart assumes, rung by rung, and the way of the load.
RSpec.describe DustLadder::Cranes do
  limits = { "level_percent" => 1.0, "wind_m_s" => 9.8 }
  given = { "/cranes/0/level" => "0.5 %", "/cranes/0/side_pull" => "0°", "/cranes/0/wind" => "2 m/s" }

  it "says what is missing of level, side pull and wind, whatever the chart says of limits" do
    ladder = check(given.transform_values { nil })
    expect(%w[stand side_pull wind].to_h { |id| [ id, ladder.rung(id).missing.first.pointer ] }).to eq(
      "stand" => "/cranes/0/level",
      "side_pull" => "/cranes/0/side_pull",
      "wind" => "/cranes/0/wind"
    )
    without = check(given, chart: chart(limits: {}))
    expect(%w[stand side_pull wind].map { |id| without.rung(id).verdict }).to eq(%w[holds holds not_known])
    expect(without.rung("wind").note["metric"]).to eq("the chart gives no limit of wind")
    expect(check(given, chart: chart(limits: limits)).verdict).to eq("holds")
  end

  it "knows nothing of rope on the drum or room beside the boom where the chart says nothing of them" do
    bare = chart.except("boom_depth_m")
    bare["hoist"] = bare["hoist"].except("drum", "rope_m")
    found = check({}, chart: bare)
    expect(%w[wraps boom].map { |id| [ found.rung(id).verdict, found.rung(id).missing.first.pointer ] }).to eq(
      [ [ "not_known", "/cranes/0/chart" ] ] * 2
    )
  end

  levels = { "1 %" => "tight", "0.81 %" => "tight", "0.8 %" => "holds", "1.01 %" => "stop", "0 %" => "holds" }
  levels.each do |typed, verdict|
    it("#{verdict} when #{typed} out of level") do
      expect(
        rung(
          "stand",
          given.merge("/cranes/0/level" => typed),
          chart: chart(limits: limits)
        ).verdict
      ).to eq(verdict)
    end
  end

  it "brings the chart's wind down for much sail and little weight, never up" do
    at = ->(weight, size = "4 m") do
      rung(
        "wind",
        given.merge("/load/weight/bare" => weight, "/load/size/length" => size),
        chart: chart(limits: limits)
      )
    end
    heavy, light = at.("20 t"), at.("0.5 t")
    expect(heavy.capacity.value).to eq(9.8)
    expect(light.capacity.value).to be_within(1e-9).of(9.8 * Math.sqrt(1.2 * 0.5 * 0.97 / (1.6 * 4 * 2)))
    expect(at.("0.5 t", "5 m").capacity.value).to be < light.capacity.value
    expect(
      rung(
        "wind",
        given.merge("/cranes/0/wind" => "12 m/s", "/load/weight/bare" => "20 t"),
        chart: chart(limits: limits)
      ).verdict
    ).to eq("stop")
    expect(
      rung(
        "wind",
        given.merge("/cranes/0/wind" => "18 mph", "/load/weight/bare" => "20 t"),
        chart: chart(limits: limits)
      ).demand.value
    ).to be_within(1e-9).of(8.04672)
  end

  # [who and when, verdict, what is missing]; the lift is on 2026-12-14.
  {
    [ "M. Quell", "2026-12-14T05:40" ] => [ "holds" ],
    [ "M. Quell", "2026-12-13T18:00" ] => [ "not_known", /measured on 2026-12-13, and a night lies between/ ],
    [ "M. Quell", "2026-12-15T05:00" ] => [ "not_known", /a night lies between/ ],
    [ " ", "2026-12-14T05:40" ] => [ "not_known", /who measured/ ],
    [ "...", "2026-12-14T05:40" ] => [ "not_known", /who measured/ ],
    [ "M. Quell", nil ] => [ "not_known", /when the level was measured/ ],
    [ "M. Quell", "2026-02-30T05:40" ] => [ "not_known", /when the level was measured/ ],
    [ "M. Quell", "2026-12-14T29:40" ] => [ "not_known", /when the level was measured/ ]
  }.each do |(by, at), (verdict, missing)|
    it "#{verdict} for a level that #{by.inspect} measured at #{at.inspect}, and stops for too much all the same" do
      seen = { "/cranes/0/level_seen" => { "by" => by, "at" => at }, "/lift_at" => "2026-12-14T06:30" }
      found = rung("stand", given.merge(seen))
      expect([ found.verdict, found.missing.first&.what ]).to match([ verdict, missing ])
      told = found.cautions.map { |one| one.text["metric"] }.join
      expect(told).to include("at 05:40. Due again after the first lift") if verdict == "holds"
      expect(rung("stand", given.merge(seen, "/cranes/0/level" => "3 %")).verdict).to eq("stop")
    end
  end

  it "asks for the day of the lift where the level was measured on one" do
    seen = { "/cranes/0/level_seen" => { "by" => "M. Quell", "at" => "2026-12-14T05:40" }, "/lift_at" => nil }
    expect(rung("stand", given.merge(seen)).missing.first.pointer).to eq("/lift_at")
  end

  describe "the height of the wind" do
    def highest_tip(crane) = [ 0, 1 ].map { |at| crane.tip_height(crane.radius(at), at) }.max

    it "is that of the tip, or only a stop is known" do
      high = highest_tip(check(given).lift.duty.crane)
      judged = ->(typed, gust) do
        changes = { "/cranes/0/wind" => gust, "/cranes/0/wind_at" => typed, "/load/weight/bare" => "20 t" }
        rung("wind", given.merge(changes), chart: chart(limits: limits))
      end
      enough = [ nil, "#{high.ceil(1)} m", "200 m", "#{(high - 0.4).round(2)} m" ]
      enough.each { |typed| expect([ typed, judged.(typed, "2 m/s").verdict ]).to eq([ typed, "holds" ]) }
      [ "#{(high - 0.6).round(2)} m", "10 m", "33 ft", "x", "0 m", "-3 m" ].each do |typed|
        low = judged.(typed, "2 m/s")
        expect([ low.verdict, low.missing.first.pointer ]).to eq([ "not_known", "/cranes/0/wind_at" ])
        expect(judged.(typed, "12 m/s").verdict).to eq("stop")
      end
      expect(judged.("10 m", "2 m/s").missing.first.what).to include("stands higher than where this one was measured")
    end
  end

  describe "the drum" do
    drum = {
      "diameter_m" => 0.4,
      "rope_mm" => 20,
      "wraps_per_layer" => 20,
      "layer_pulls_kg" => [ 5000, 4600, 4200, 3900 ]
    }
    hoist = ->(rope, **more) do
      {
        "line_pull_kg" => 4000,
        "rope_wll_kg" => 6000,
        "rope_kg_per_m" => 1.5,
        "efficiency_per_sheave" => 0.98,
        "lead_sheaves" => 1,
        "rope_m" => rope,
        "drum" => drum
      }.merge(more.transform_keys(&:to_s))
    end

    it "winds as many wraps on as a rope of their lengths" do
      [ 3.0, 26.38, 26.4, 60.0, 120.0 ].each do |length|
        made = described_class::Drum.new(drum, rope_m: length, most_out_m: 0.0, least_out_m: 0.0)
        full, part = made.wraps_left.divmod(20)
        laid =
          (1..full).sum { |layer| 20 * Math::PI * (0.4 + (2 * layer - 1) * 0.02) } +
            part * Math::PI * (0.4 + (2 * full + 1) * 0.02)
        expect(laid).to be_within(1e-9).of(length)
        expect(made.top_layer).to eq(full + 1)
      end
    end

    it "stops under five wraps, or under the maker's figure" do
      lift = DustLadder::Lift.new(plan({}, chart: chart(hoist: hoist.(200.0))))
      out = described_class::Drum.of(lift.duty).most_out_m
      expect(out).to be_within(1e-9).of(20 + 4 * (lift.duty.crane.tip_height(5.0) - 1 - lift.bridle.hook_range.first))
      wrap = Math::PI * 0.42
      at = ->(wraps, **more) { rung("wraps", {}, chart: chart(hoist: hoist.(out + wraps * wrap, **more))).verdict }
      expect([ at.(5.0001), at.(4.99), at.(4.99, least_wraps: 4), at.(-1.0) ]).to eq(%w[holds stop holds stop])
    end

    it "pulls with the layer that it is on at the highest hook" do
      pull = ->(rope) do
        rung("hoist", {}, chart: chart(hoist: hoist.(rope))).working.find { |line| line.symbol == "P" }.result.value
      end
      expect(pull.(300.0)).to be < pull.(100.0)
      expect(drum["layer_pulls_kg"]).to include(pull.(100.0), pull.(300.0))
    end
  end

  describe "room between load and boom" do
    at = ->(spec, changes = {}) { spec.rung("boom", changes, chart: spec.chart(boom_depth_m: 1.0)) }

    it "is least for the corner that may be turned towards the boom" do
      lift = DustLadder::Lift.new(plan({}, chart: chart(boom_depth_m: 1.0)))
      reach = Math.hypot(2 + lift.load.cg_half_width[0], 0.5 + lift.load.cg_half_width[1])
      room = [ 5.0, 5.3 ].map { |radius|
        lift.duty.crane.family.boom(20.0).clearance(radius, [ radius - reach, 3.0 ])
      }.min
      expect(at.call(self).parts.first.capacity.value).to be_within(1e-9).of(room)
    end

    it "shows its arithmetic, which comes out at what was used" do
      line = at.call(self).working.find { |one| one.symbol == "C" }
      expect(rework(line)).to be_within(1e-9).of(line.result.value)
      expect(line.result.value).to eq(at.call(self).capacity.value)
    end

    it "stops a wide load at a short radius, and one that is raised over what stands in the way" do
      expect(at.call(self).verdict).to eq("holds")
      expect(at.call(self, "/load/size/length" => "14 m", "/load/cg/x" => "7 m").verdict).to eq("stop")
      expect(at.call(self, "/cranes/0/obstacle_height" => "9 m")).to have_attributes(
        verdict: "stop",
        subject: "over the obstacle"
      )
    end

    it "never grows with the load" do
      PropCheck.forall(
        PropCheck::Generators.tuple(PropCheck::Generators.choose(20..60), PropCheck::Generators.choose(0..40))
      ) do |length, more|
        least = ->(metres) do
          at
            .call(self, "/load/size/length" => "#{metres / 10.0} m", "/load/cg/x" => "#{metres / 20.0} m")
            .parts
            .map { |part| part.capacity&.value || 0 }
            .min
        end
        expect(least.(length + more)).to be <= least.(length) + 1e-9
      end
    end
  end

  describe "the way over several stations" do
    way =
      lambda do |*stations|
        {
          "/cranes/0/stations" =>
            stations.map.with_index do |(radius, slew, turn), index|
              {
                "name" => "s#{index}",
                "radius" => "#{radius} m",
                "slew" => "#{slew}°",
                "support_height" => "1 m"
              }.merge(turn ? { "turn" => turn } : {})
            end
        }
      end

    it "never holds less than its least at any station, and not more than any part of it" do
      g = PropCheck::Generators
      PropCheck.forall(g.array(g.tuple(g.choose(45..115), g.choose(0..359)), min: 2, max: 5)) do |stations|
        crane = DustLadder::Lift.new(plan(way.(*stations.map { |radius, slew| [ radius / 10.0, slew ] }))).duty.crane
        kgs =
          crane.path_stations.map do |station|
            crane.chart.capacity(station.radius, station.boom, station.slew).first || 0
          end
        expect(crane.path.least.kg || 0).to be <= kgs.min
        parts =
          crane.path_stations.each_cons(2).map { |pair| described_class::Path.new(crane.chart, pair).least.kg || 0 }
        expect(crane.path.least.kg || 0).to eq(parts.min)
        steps = crane.path.places.each_cons(2).select { |before, after| before.between == after.between }
        expect(steps.map { |before, after| (after.at.slew - before.at.slew).abs }.max).to be <= 1.0 + 1e-9
        expect(steps.map { |before, after| (after.at.radius - before.at.radius).abs }.max).to be <= 0.25 + 1e-9
      end
    end

    it "counts turns on in the direction stated for each, and asks where none is" do
      crane = DustLadder::Lift.new(
        plan(
          way.(
            [ 5, 100 ],
            [ 5, 200 ],
            [ 5, 80, "anticlockwise" ],
            [ 6, 80, "none" ]
          )
        )
      ).duty.crane
      expect(crane.path_stations.map(&:slew)).to eq([ 100, 200, 80, 80 ])
      expect(rung("crane", way.([ 5, 100 ], [ 5, 200 ]).merge("/cranes/0/turn" => nil)).verdict).to eq("not_known")
    end

    it "names the stations that the least lies between" do
      turned = rung("crane", way.([ 5, 170 ], [ 5, 190 ], [ 7.7, 271 ], [ 5, 190, "anticlockwise" ]))
      expect(turned.subject).to eq("s2")
      expect(rung("crane", way.([ 10, 20 ], [ 10, 200 ], [ 5, 200 ], [ 5, 20, "clockwise" ])).subject).to eq("s0")
    end

    it "measures the room in metres against each place's own sectors" do
      # Far out over the rear, where 9 m holds it; near over the front, where less does.
      lift = DustLadder::Lift.new(plan(way.([ 9, 180 ], [ 5, 300 ]).merge("/load/weight/bare" => "6.5 t")))
      expect(DustLadder.check(lift.document.data).rung("crane").verdict).not_to eq("stop")
      ends = lift.duty.crane.chart.sectors.to_h { |sector|
        [ sector.name, sector.largest_radius(lift.duty.gross.kg, 20.0) ]
      }
      expect(ends).to eq("rear" => 10.0, "front" => 10.0).or eq("rear" => 10.0, "front" => 8.0)
      expect(lift.duty.room_m).to be_between(0.0, 10.0 - 9.3 + 1e-9)
      expect(
        DustLadder::Lift.new(plan(way.([ 9, 180 ], [ 9, 300 ]).merge("/load/weight/bare" => "7.5 t"))).duty.room_m
      ).to be_negative
    end

    it "lets the boom change from station to station" do
      longer = way.([ 9, 120 ], [ 11, 200 ]).tap { |made| made["/cranes/0/stations"][1]["boom_length"] = "25 m" }
      crane = DustLadder::Lift.new(plan(longer)).duty.crane
      expect(crane.path_stations.map(&:boom)).to eq([ 20.0, 25.0 ])
      expect(crane.tip_height(11.3, 1)).to be > crane.tip_height(11.3, 0)
    end
  end

  it "does not let what is short of the first row pass by its growth under load" do
    short = { "/cranes/0/stations/0/radius" => "3.9 m" }
    expect(rung("crane", short)).to have_attributes(verdict: "stop")
    expect(rung("crane", "/cranes/0/stations/0/radius" => "4 m").verdict).to eq("holds")
  end

  it "takes more off with everything that hangs besides, the idle line too" do
    net = ->(changes) { DustLadder::Lift.new(plan(changes)).duty.gross.then { |gross| gross.net_capacity_kg(20_000) } }
    idle = ->(hanging) { { "/cranes/0/idle_line" => { "parts" => 1, "hanging" => hanging } } }
    expect([ net.({}), net.(idle.("4 m")), net.(idle.(nil)) ].each_cons(2).map { |one, other| one - other }).to match(
      [ be_within(1e-9).of(6.0), be_within(1e-9).of(16 * 1.5) ]
    )
    PropCheck.forall(PropCheck::Generators.array(PropCheck::Generators.choose(1..500), max: 5)) do |masses|
      list = masses.map.with_index { |kg, index| { "what" => "thing #{index}", "mass" => "#{kg} kg" } }
      expect(net.("/cranes/0/deductions" => list + [ { "what" => "ball", "mass" => "50 kg" } ])).to be <
        net.("/cranes/0/deductions" => list)
    end
  end

  it "takes the boom's length for the rope where the tip's height is not known" do
    data = chart.except("boom_foot")
    lift = DustLadder::Lift.new(plan({}, chart: data))
    expect(lift.duty.gross.items.find { |item| item.symbol == "r" }.kg).to be_within(1e-9).of(4 * 20 * 1.5)
    expect(check({}, chart: data).rung("height").verdict).to eq("not_known")
  end

  describe "parts of line" do
    def with_most(most, parts)
      document = plan({ "/cranes/0/parts_of_line" => parts })
      id, chart = document["snapshots"]["charts"].first
      data = chart["data"].merge("hoist" => chart["data"]["hoist"].merge({ "most_parts" => most }.compact))
      document["snapshots"]["charts"] = { id => DustLadder::PlanFile::Digest.snapshot(data) }
      DustLadder.check(DustLadder::PlanFile.accept(document)).rung("hoist")
    end

    it "above the chart's most stop; a chart that does not say gets a caution" do
      expect(with_most(4, 4).verdict).to eq("holds")
      expect(with_most(4, 4).cautions.map(&:id)).not_to include("most_parts")
      found = with_most(3, 4)
      expect([ found.verdict, found.note["metric"] ]).to eq([ "stop", "4 parts of line, the chart gives 3 at most" ])
      expect(with_most(nil, 4).cautions.map(&:id)).to include("most_parts")
      expect(with_most(nil, 1).cautions.map(&:id)).not_to include("most_parts")
    end
  end

  describe "zones" do
    zone = ->(from, to, near = "0 m", far = nil, name: "road", **more) do
      {
        "/cranes/0/zones" => [
          {
            "name" => name,
            "slew_from" => "#{from}°",
            "slew_to" => "#{to}°",
            "radius_from" => near,
            "radius_to" => far,
            **more.transform_keys(&:to_s)
          }
        ]
      }
    end

    it "is closed to any part of the load, or to the tip alone" do
      # Beside the way of the plumb line, where only the load's corners come.
      beside = [ 150, 160, "8 m" ]
      expect(rung("zones", zone.(*beside, closed_to: "load")).verdict).to eq("stop")
      expect(rung("zones", zone.(*beside, closed_to: "tip")).verdict).to eq("holds")
      found = rung("zones", zone.(150, 160, closed_to: "tip"))
      expect([ found.verdict, found.note["metric"] ]).to match([ "stop", /\Athe boom's tip enters road/ ])
      expect(rung("zones", zone.(*beside, closed_to: "tip")).note["metric"]).to eq("boom's tip clear of 1 zone")
    end

    it "is refused the wrong way round, with its place" do
      found = rung("zones", zone.(150, 160, "30 m", "10 m"))
      expect([ found.verdict, found.missing.first.pointer ]).to match([ "not_known", %r{/zones/0/radius_} ])
    end

    it "has a way out by the other way round, where that keeps clear" do
      document = plan({ "/cranes/0/turn" => "clockwise" }.merge(zone.(150, 160)))
      slews = document["cranes"][0]["stations"].map { |station| station["slew"] }
      ways = ways_out(document)
      expect(slews.uniq.size).to eq(2)
      expect(ways.tried).to include("the other way round")
      way = ways.found.find { |one| one.id == "turn" }
      other = DustLadder.check(DustLadder::PlanFile::Pointer.with_values(document, "/cranes/0/turn" => "anticlockwise"))
      better = other.rung("zones").verdict == "holds" && other.rungs.none? { |one|
        one.id != "zones" && one.verdict == "stop"
      }
      expect(way.nil?).to be(!better)
    end

    it "stops a way that brings any of the load into one, from whichever side" do
      verdicts =
        [
          zone.(150, 160),
          zone.(240, 60),
          zone.(150, 160, "9 m"),
          zone.(150, 160, "8 m"),
          zone.(150, 160, "0 m", "2 m"),
          zone.(150, 160, "0 m", "4.5 m"),
          zone.(350, 20)
        ].map { |changes| rung("zones", changes).verdict }
      expect(verdicts).to eq(%w[stop holds holds stop holds stop holds])
    end

    it "asks for its figures, and does not apply without one" do
      expect(rung("zones", zone.("", 160)).verdict).to eq("not_known")
      expect(check.rung("zones")).to be_nil
    end
  end

  describe "two people" do
    it "must stand for a chart: one who entered it and another who checked it" do
      record = ->(**changes) do
        check({}, chart: chart(record: PlanHelp::RECORD.merge(changes.transform_keys(&:to_s)))).rung("chart")
      end
      expect(
        [
          record.(),
          record.(checked_by: nil),
          record.(checked_by: " "),
          record.(entered_by: ""),
          record.(checked_by: "a.  WRITER".sub("  ", " "))
        ].map(&:verdict)
      ).to eq(%w[holds not_known not_known not_known not_known])
      expect(check({}, chart: chart.except("record")).verdict).to eq("not_known")
    end

    it "does not hide a machine that differs" do
      expect(
        check({ "/cranes/0/as_rigged/counterweight" => "5 t" }, chart: chart.except("record")).rung("chart")
      ).to have_attributes(verdict: "stop", subject: "counterweight")
    end
  end

  describe described_class::Limiter do
    it "trips where the chart no longer holds the gross load, and at a zone" do
      over = plan("/cranes/0/stations/1/radius" => "11 m", "/load/weight/bare" => "7 t")
      trip = described_class.new(DustLadder::Lift.new(over).duty).trip
      expect(trip).to have_attributes(why: "load moment", between: 0)
      expect(trip.at.radius).to be_within(0.26).of(10.0)
      expect(described_class.new(DustLadder::Lift.new(plan).duty).trip).to be_nil
      expect(described_class.new(DustLadder::Lift.new(over).duty, cut_out: 1.5).trip).to be_nil
      road =
        plan(
          "/cranes/0/zones" => [
            {
              "name" => "road",
              "slew_from" => "150°",
              "slew_to" => "160°",
              "radius_from" => "0 m",
              "radius_to" => nil
            }
          ]
        )
      expect(described_class.new(DustLadder::Lift.new(road).duty).trip).to have_attributes(
        why: "zone road",
        at: have_attributes(slew: be_between(105, 150))
      )
    end

    it "trips exactly when the crane rung stops for its capacity" do
      g = PropCheck::Generators
      PropCheck.forall(
        g.tuple(g.choose(45..115), g.choose(45..115), g.choose(0..359), g.choose(0..359), g.choose(10..90))
      ) do |near, far, from, to, weight|
        document =
          plan(
            "/cranes/0/stations/0/radius" => "#{near / 10.0} m",
            "/cranes/0/stations/1/radius" => "#{far / 10.0} m",
            "/cranes/0/stations/0/slew" => "#{from}°",
            "/cranes/0/stations/1/slew" => "#{to}°",
            "/load/weight/bare" => "#{weight / 10.0} t"
          )
        lift = DustLadder::Lift.new(document)
        stops = DustLadder.check(document).rung("crane").verdict == "stop"
        expect(described_class.new(lift.duty).trip.nil?).to eq(!stops)
        expect(lift.duty.room_m.nil? || lift.duty.room_m < -0.001).to eq(stops)
      end
    end
  end

  describe described_class::Comparison do
    it "finds a boom and parts of line for each chart, says why one cannot, and keeps its word when it is taken" do
      charts = [
        chart,
        chart(id: "small", radius_m: [ 2.0, 2.5, 3.0, 3.5, 4.0 ]),
        chart(id: "heavier", hook_block: { "mass_kg" => 900, "length_m" => 1.0, "wll_kg" => 20_000 })
      ]
      rows = described_class.new(plan, charts.map { |data| DustLadder::PlanFile::Digest.snapshot(data) }).rows
      expect(rows.map { |row| row.chart["data"]["id"] }).to eq(%w[test heavier small])
      last = described_class.new(plan, charts.map { |data| DustLadder::PlanFile::Digest.snapshot(data) }).as_json.last
      expect(last["reasons"].map { |reason| reason["note"]["metric"] }.join).to include("nothing allowed")
      first = rows.first
      taken = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(plan, first.changes))
      expect(DustLadder.check(taken).rung("chart").verdict).to eq("not_known")
      taken["cranes"][0]["as_rigged"] = PlanHelp::IDENTITY.dup
      expect(DustLadder.check(taken).rung("crane").utilisation).to be_within(1e-12).of(
        first.rungs.find { |rung| rung.id == "crane" }.utilisation
      )
    end
  end

  describe described_class::RangeDiagram do
    it "shows every cell of the chart where its boom's tip may be" do
      diagram = described_class.new(chart)
      table = diagram.as_json["tables"].first
      expect(table["arcs"].map { |arc| arc["boom_m"] }).to eq([ 15.0, 20.0, 25.0 ])
      expect(table["arcs"].first["points"]).to all(
        satisfy { |radius, height| ((radius + 1)**2 + (height - 2)**2 - 225).abs < 1e-6 }
      )
      expect(table["cells"].map { |cell| cell["kg"] }).to all(be_positive)
    end
  end

  it "tells a screen where boom, load and hook are, by its own schema" do
    json =
      JSON.parse(
        JSON.generate(
          check(
            "/cranes/0/zones" => [
              {
                "name" => "road",
                "slew_from" => "10°",
                "slew_to" => "20°",
                "radius_from" => "0 m",
                "radius_to" => nil
              }
            ]
          ).as_json
        )
      )
    expect(DustLadder::PlanFile::Schema.ladder_errors(json)).to be_empty
    view = json["crane"]
    expect(view["attention"]).to eq(0.75)
    expect(check("/cranes/0/obstacle_height" => "900 mm").as_json["crane"]["obstacle_m"]).to be_within(1e-9).of(0.9)
    expect(view["curve"].map { |run| run[2] }.max).to be_within(1e-9).of(check.rung("crane").utilisation)
    expect(view["curve"].each_cons(2)).to all(satisfy { |before, after| (before[1] - after[0]).abs < 1e-9 })
    expect(check("/cranes/0/as_rigged/counterweight" => "5 t").as_json["crane"]).to be_nil
  end

  describe "a chart of one table that does not hold all round" do
    one = ->(**sector) {
      { "name" => "over rear", "slew_from_deg" => 90, "slew_to_deg" => 270, "table" => "main", **sector }
    }
    slews = { "/cranes/0/stations/0/slew" => nil, "/cranes/0/stations/1/slew" => nil, "/cranes/0/turn" => nil }
    {
      "a gap between its only sector's ends" => [ one.call ],
      "a gap beside two sectors of the same table" => [ one.call,
        one.call("name" => "left", "slew_from_deg" => 270, "slew_to_deg" => 350) ],
      "another longest boom over one side" => [
        one.call, one.call("name" => "over front", "slew_from_deg" => 270, "slew_to_deg" => 90, "longest_boom_m" => 16)
      ]
    }.each do |words, sectors|
      it "knows nothing of a lift without a slew: #{words}" do
        data = chart(sectors: sectors).tap { |made| made["tables"] = made["tables"].slice("main") }
        found = check(slews, chart: data).rung("crane")
        expect([ found.verdict, found.missing.map(&:pointer).grep(/slew/).empty? ]).to eq([ "not_known", false ])
      end
    end

    it "needs none where the one table holds all the way round" do
      data = chart(sectors: [ one.call("slew_from_deg" => 0, "slew_to_deg" => 360) ]).tap { |made|
        made["tables"] = made["tables"].slice("main")
      }
      expect(check(slews, chart: data).rung("crane").verdict).to eq("holds")
    end
  end
end
