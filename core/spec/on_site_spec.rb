# The rungs that are worked out from the site that a crane stands on (handbook, sections 7, 8, 15 and 16).
RSpec.describe "A crane on its site" do
  ids = %w[pads cut power_lines clearance tail_swing people landing]

  def holds_all = ids_of(DustLadder.check(DustLadder::PlanFile.accept(on_site)))
  def ids_of(ladder) = ladder.rungs.to_h { |rung| [ rung.id, rung.verdict ] }

  def said(rung) = [ rung.verdict, rung.note["metric"].tr("\u00a0\u202f", " ") ]
  def asks(rung) = rung.missing.map(&:pointer)

  it "holds on every rung where all of it is known, and leaves out what was answered by word" do
    rungs = holds_all
    expect(rungs.values.uniq).to eq([ "holds" ])
    expect(rungs.keys).to include(*ids, "stand", "wind")
    expect(rungs.keys & %w[ground obstacles tracks]).to be_empty
  end

  it "asks by word where the plan has no site, and of a crane that is not the kind that stands on pads" do
    plain = DustLadder.check(plan)
    expect(plain.rungs.map(&:id) & ids).to eq([ "power_lines" ])
    expect(plain.rungs.map(&:id)).to include("ground", "obstacles")
  end

  it "has every rung there, not known, until the crane is stood somewhere" do
    document = on_site
    document["cranes"][0].delete("stand")
    ladder = DustLadder.check(DustLadder::PlanFile.accept(document))
    expect(ids.map { |id| ladder.rung(id).verdict }.uniq).to eq([ "not_known" ])
    expect(asks(ladder.rung("pads"))).to eq([ "/cranes/0/stand/east" ])
  end

  # What is taken away: id of the rung that is not known then, and the place that it names.
  [
    [ "pads", "/cranes/0/stand/mat/side", { stand: { mat: { "side" => nil, "mass" => "150 kg" } } } ],
    [ "pads", "/cranes/0/stand/mat/mass", { stand: { mat: { "side" => "1.2 m", "mass" => nil } } } ],
    [ "pads", "/cranes/0/stand/bearing", { stand: { bearing: nil } } ],
    [ "power_lines", "/cranes/0/stand/ground", { stand: { ground: " " } } ],
    [ "landing", "/cranes/0/stand/dunnage", { stand: { dunnage: nil } } ],
    [ "landing", "/cranes/0/stand/dunnage/width",
      { stand: { dunnage: { "count" => 2, "length" => "1 m", "width" => "0 m" } } } ]
  ].each do |id, pointer, changes|
    it "does not know #{id} without #{pointer}" do
      rung = on_site_rung(id, **changes)
      expect([ rung.verdict, asks(rung) ]).to eq([ "not_known", [ pointer ] ])
    end
  end

  describe "pads" do
    it "carries what a second way of working it out says" do
      document = on_site(stand: { "mat" => nil })
      lift = DustLadder::Lift.new(DustLadder::PlanFile.accept(document))
      rung = DustLadder.check(document).rung("pads")
      gross, growth = lift.duty.gross.kg, ->(radius) { radius + [ 0.02 * radius, 0.3 ].max }
      loads =
        [ [ gross, growth ], [ 0.0, ->(radius) { radius } ] ].flat_map do |kg, grown|
          (0..4000).flat_map do |step|
            share = step / 4000.0
            radius = grown.(5.0) + (grown.(7.0) - grown.(5.0)) * share
            by_matrix(120 + 80 * share, radius, kg)
          end
        end
      expect(rung.demand.value).to be_within(2e-4).of(loads.max * DustLadder::G / 1000 / 0.36)
    end

    # Reactions of the spec's pads, by normal equations.
    def by_matrix(slew, radius, kg)
      angle = slew * Math::PI / 180
      boom = -1.0 + (radius + 1.0) * 8 / 20
      turning = 13_900 * -2.1 + 3900 * boom + kg * radius
      all = 17_400 + 13_900 + 3900 + kg
      x = 17_400 * 0.8 + (all - 17_400) * -0.3 + turning * Math.cos(angle)
      y = turning * Math.sin(angle)
      pads = [ [ 1, 3.6, 2.9 ], [ 1, -3.4, 2.9 ], [ 1, -3.4, -2.9 ], [ 1, 3.6, -2.9 ] ]
      rows = pads.transpose.map { |one| pads.transpose.map { |other| one.zip(other).sum { |a, b| a * b } } }
      fit = DustLadder::Statics::Linear.solve(rows.flatten.map(&:to_f), [ all, x, y ].map(&:to_f))
      pads.map { |pad| pad.zip(fit).sum { |a, b| a * b } }
    end

    it "stops where it tips, and says with what and where" do
      light = SiteHelp::STAND.merge("parts" => [ { "what" => "carrier", "kg" => 1500, "at_m" => [ 0.8, 0 ] } ])
      rung = on_site_rung("pads", machine: light)
      expect(said(rung)).to match([ "stop", /it tips, with the load, at .* m and/ ])
    end

    it "takes the weaker of two grounds that a mat touches, though another pad carries more" do
      soft = feature("ground", "salt", outline_m: box(2.5, 2, 9, 9), allowable_kpa: 60, found: "probe")
      rung = on_site_rung("pads", soft)
      expect(said(rung)).to match([ "stop", /FR .* of 60\.0 kPa, salt/ ])
      expect(rung.parts.to_h { |part| [ part.name, part.verdict ] }).to include("FL" => "holds", "FR" => "stop")
      expect(rung.cautions.map(&:id)).to include("heaviest_pad", "confirm_ground", "look_again")
      expect(rung.working.map(&:symbol)).to include("V", "A", "B", "C", "R", "p", "a", "w")
    end

    {
      "was judged by eye" => { allowable_kpa: 240, found: "by_eye" },
      "is from a table" => { soil: "dense_gravel" },
      "is of no known source" => { allowable_kpa: 240 },
      "is made ground" => { soil: "made_ground", confirmed_by: "M. Quell" },
      "nobody knows" => {}
    }.each do |words, ground|
      it "does not know ground that #{words} and nobody confirmed, and stops where it is too weak even so" do
        rung = on_site_rung("pads", site: site(gravel: ground.transform_keys(&:to_s)))
        expect([ rung.verdict, asks(rung).uniq ]).to eq([ "not_known", [ "/site_document" ] ])
        next unless ground[:allowable_kpa]

        weak = ground.merge(allowable_kpa: 30).transform_keys(&:to_s)
        expect(on_site_rung("pads", site: site(gravel: weak)).verdict).to eq("stop")
      end
    end

    it "does not know ground that nobody stands for, however it was found" do
      ground = SiteHelp::GRAVEL.merge("confirmed_by" => "", "by" => "?")
      expect(
        said(
          on_site_rung(
            "pads",
            site: site(gravel: ground)
          )
        )
      ).to match([ "not_known", /nobody says what gravel bears/ ])
    end

    it "counts a table's figure when a named person confirmed it" do
      ground = { "soil" => "dense_gravel", "confirmed_by" => "M. Quell" }
      rung = on_site_rung("pads", site: site(gravel: ground))
      expect([ rung.verdict, rung.capacity.value ]).to eq([ "holds", 300 ])
      expect(on_site_rung("pads", site: site(gravel: ground.merge("confirmed_by" => " - "))).verdict).to eq("not_known")
    end

    it "does not know a mat that hangs over ground that nobody tells of" do
      rung = on_site_rung("pads", site: site(gravel: SiteHelp::GRAVEL.merge("outline_m" => box(-60, -60, 2.9, 60))))
      expect(said(rung)).to match([ "not_known", /stands partly on ground that nobody tells of/ ])
      expect(on_site_rung("pads", site: site(gravel: nil)).verdict).to eq("not_known")
    end

    it "stands on its own pads where there is no mat, and does not believe in a mat of any size" do
      own = on_site_rung("pads", stand: { mat: nil })
      mat = on_site_rung("pads")
      expect(own.demand.value).to be > mat.demand.value * 3
      large = { "side" => "2 m", "mass" => "300 kg" }
      expect(asks(on_site_rung("pads", stand: { mat: large }))).to eq([ "/cranes/0/stand/mat/rated" ])
      expect(on_site_rung("pads", stand: { mat: large.merge("rated" => "30 t") }).verdict).to eq("holds")
      expect(said(on_site_rung("pads", stand: { mat: large.merge("rated" => "9 t") }))).to match(
        [ "stop", /the mat under FL carries .* may 9.000 kg/ ]
      )
    end

    it "has no more pressure under a larger mat, nor under a lighter load" do
      demand = ->(mat, load) { on_site_rung("pads", "/load/weight/bare" => load, stand: { mat: mat }).demand.value }
      mats = %w[0.7 0.8 0.9 1.0 1.1 1.2].map { |side| { "side" => "#{side} m", "mass" => "150 kg" } }
      pressures = mats.map { |mat| demand.(mat, "3 t") }
      expect(pressures).to eq(pressures.sort.reverse)
      expect(demand.(mats[0], "3 t")).to be <= demand.(mats[0], "6 t")
    end

    it "estimates where the machine's masses are not known, by rule set" do
      machine = SiteHelp::STAND.except("parts", "booms")
      strict = on_site_rung("pads", machine: machine)
      expect(said(strict)).to match([ "not_known", /an estimate does not count/ ])
      level = on_site_rung("pads", machine: machine, rules: "level-side")
      expect([ level.verdict, level.cautions.map(&:id) ]).to match([ "tight", include("estimate") ])
      kg = 0.8 * (35_200 + DustLadder::Lift.new(on_site).duty.gross.kg)
      expect(level.demand.value).to be_within(0.6).of((kg + 150) * DustLadder::G / 1000 / 1.44)
      without = on_site_rung("pads", machine: machine.except("total_kg"), rules: "level-side")
      expect(without.verdict).to eq("not_known")
    end

    it "does not guess what a boom of another length weighs, nor how a jib does" do
      booms = [ { "length_m" => 15.0, "kg" => 3000, "along_m" => 6.0 } ]
      expect(said(on_site_rung("pads", machine: SiteHelp::STAND.merge("booms" => booms)))).to match(
        [ "not_known", /what a boom of 20.000 m weighs/ ]
      )
      jib = { "length_m" => 4.0, "offset_deg" => 10 }
      expect(said(on_site_rung("pads", chart: { jib: jib }))).to match([ "not_known", /what the jib weighs/ ])
    end
  end

  describe "tracks" do
    it "presses by the moment along and across, and stops where it tips" do
      rung = on_site_rung("tracks", machine: tracks_stand)
      expect([ rung.verdict, rung.parts.map(&:name) ]).to eq([ "holds", [ "left track", "right track" ] ])
      expect(rung.working.map(&:symbol)).to include("W", "V", "e", "p", "a")
      light = tracks_stand.merge("parts" => [ { "what" => "undercarriage", "kg" => 3000, "at_m" => [ 0, 0 ] } ])
      expect(
        said(
          on_site_rung(
            "tracks",
            machine: light
          )
        )
      ).to match([ "stop", /it tips over its (left|right|front|rear)/ ])
    end

    it "takes the weakest ground that a track touches" do
      soft = feature("ground", "salt", outline_m: box(1.5, 2, 9, 9), allowable_kpa: 20, found: "probe")
      expect(said(on_site_rung("tracks", soft, machine: tracks_stand))).to match([ "stop", /right track .*salt/ ])
    end
  end

  describe "excavation" do
    trench = ->(spec, north, depth) {
      spec.feature("cut", "trench", edge_m: [ [ -20, north ], [ 20, north ] ], depth_m: depth)
    }

    it "keeps off by the depth: exactly as much is tight, a quarter more is not" do
      # The mats' northern edge lies 4.5 m north of the axis.
      expect(
        said(
          on_site_rung(
            "cut",
            trench.(self, 6.5, 1.8)
          )
        )
      ).to match([ "tight", /trench to F[LR] 2.000 m, wants 1.800 m/ ])
      expect(on_site_rung("cut", trench.(self, 6.75, 1.8)).verdict).to eq("holds")
      expect(on_site_rung("cut", trench.(self, 6.3, 1.8)).verdict).to eq("tight")
      expect(on_site_rung("cut", trench.(self, 6.299, 1.8)).verdict).to eq("stop")
      expect(on_site_rung("cut", trench.(self, 4.2, 1.8)).verdict).to eq("stop")
    end

    it "does not know when nobody looked for cuts, or too long ago, or not far enough" do
      nobody = site(looked: { "cuts" => nil })
      expect(asks(on_site_rung("cut", site: nobody))).to eq([ "/site_document" ])
      old = site(looked: { "cuts" => { "by" => "M. Quell", "on" => "2026-11-01" } })
      expect(said(on_site_rung("cut", site: old))).to match([ "not_known", /counts until 2026-12-01/ ])
      later = site(looked: { "cuts" => { "by" => "M. Quell", "on" => "2026-12-15" } })
      expect(said(on_site_rung("cut", site: later))).to match([ "not_known", /after the lift/ ])
      near = site(boundary: box(-8, -8, 8, 8))
      expect(said(on_site_rung("cut", site: near))).to match([ "not_known", /looked 8.000 m far/ ])
      expect(
        said(
          on_site_rung(
            "cut",
            site: site(boundary: box(5, 5, 30, 30))
          )
        )
      ).to match([ "not_known", /looked 0.000 m/ ])
    end
  end

  describe "power line" do
    define_method(:wire) do |east, **more|
      feature(
        "line",
        "11 kV",
        wire_m: [ [ east, -40, 9 ], [ east, 40, 9 ] ],
        blow_out_m: 0.5,
        agreed_by: "grid desk",
        **more
      )
    end

    # Stations lie south-east to south-west of the axis, so a line in the east is near.
    it "is worked out in space, sway and blow-out taken off, and wants a watcher in its working zone" do
      rung = on_site_rung("power_lines", wire(13, kilovolts: 11), stand: { watcher: "T. Varga" })
      expect(said(rung)).to match([ "holds", /from 11 kV, wants 3.050 m/ ])
      expect(rung.working.map(&:symbol)).to include("V", "c", "s", "w", "d", "z")
      expect(asks(on_site_rung("power_lines", wire(13, kilovolts: 11)))).to eq([ "/cranes/0/stand/watcher" ])
      expect(
        asks(
          on_site_rung(
            "power_lines",
            wire(13, kilovolts: 11),
            stand: { watcher: "1" }
          )
        )
      ).to eq([ "/cranes/0/stand/watcher" ])
    end

    it "counts the boom's head, and says where the chart is silent about it" do
      high = wire(13, kilovolts: 11).merge("wire_m" => [ [ 14, -40, 21 ], [ 14, 40, 21 ] ])
      plain, headed = [ {}, { boom_head_m: 2.5 } ].map { |head|
        on_site_rung("power_lines", high, stand: { watcher: "T. Varga" }, chart: head)
      }
      expect(headed.note["metric"]).to match(/boom head/)
      expect(headed.capacity&.value.to_f).to be < plain.capacity&.value.to_f
      expect([ plain, headed ].map { |rung| rung.cautions.map(&:id).include?("boom_head") }).to eq([ true, false ])
    end

    it "is never kinder than the same line nearer, of more voltage, or of one that nobody knows" do
      ranks =
        [ 40, 24, 18, 14, 11, 9, 7, 4 ].map do |east|
          known, unknown =
            [ 33, nil ].map { |kv|
            on_site_rung("power_lines", wire(east, kilovolts: kv), stand: { watcher: "T. Varga" }).verdict
          }
          expect(unknown).not_to(satisfy { |verdict| %w[holds tight].include?(verdict) })
          expect(DustLadder::Ladder::Verdict.rank(unknown)).to be <= DustLadder::Ladder::Verdict.rank(known)
          DustLadder::Ladder::Verdict.rank(known)
        end
      expect(ranks).to eq(ranks.sort.reverse)
      expect(ranks.minmax).to eq([ 0, 3 ])
    end

    it "stands off by the boom's length unless the line's operator agrees, where the rule set says so" do
      far = wire(30, kilovolts: 11).except("agreed_by")
      expect(said(on_site_rung("power_lines", far))).to match([ "stop", /30.000 m from the axis; 35.000 m unless/ ])
      expect(on_site_rung("power_lines", far.merge("on_towers" => false)).verdict).to eq("holds")
      expect(on_site_rung("power_lines", far, rules: "level-side").verdict).to eq("holds")
    end

    it "is live until somebody proved it dead on a day" do
      near = wire(11, kilovolts: 110)
      expect(on_site_rung("power_lines", near).verdict).to eq("stop")
      dead = near.merge("dead_by" => "grid desk", "dead_on" => "2026-12-13")
      expect(on_site_rung("power_lines", dead).verdict).to eq("holds")
      expect(on_site_rung("power_lines", dead.merge("dead_by" => "")).verdict).to eq("stop")
      expect(on_site_rung("power_lines", dead.merge("dead_on" => nil)).verdict).to eq("stop")
      expect(on_site_rung("power_lines", dead.merge("dead_on" => "2026-12-15")).verdict).to eq("stop")
      expect(on_site_rung("power_lines", dead, "/lift_at" => nil).verdict).to eq("stop")
    end

    it "is not known where nobody stands for its voltage" do
      expect(said(on_site_rung("power_lines", wire(24, kilovolts: 11).merge("by" => " ")))).to match(
        [ "not_known", /who says what voltage 11 kV has/ ]
      )
    end

    it "is not known without its blow-out, above all tables, without a height to carry at, or when nobody looked" do
      calm = wire(24, kilovolts: 11).except("blow_out_m")
      expect(said(on_site_rung("power_lines", calm))).to match([ "not_known", /how far the wind blows/ ])
    end

    it "stops for what hangs too near, though nobody knows how thick the boom is" do
      at = ->(east) { said(thin_rung("power_lines", wire(east, kilovolts: 11))) }
      expect(at.(9.5)).to match([ "stop", /\A(load|rigging|rope) [\d.]+ m from 11 kV, wants/ ])
      expect(at.(30)).to match([ "not_known", /how thick the boom is/ ])
      expect(
        said(
          on_site_rung(
            "power_lines",
            wire(40, kilovolts: 1200)
          )
        )
      ).to match([ "not_known", /engineer registered/ ])
      rung = on_site_rung("power_lines", wire(24, kilovolts: 11), stand: { carried: nil })
      expect(asks(rung)).to eq([ "/cranes/0/stand/carried" ])
      nobody = site(wire(24, kilovolts: 11), looked: { "lines" => nil })
      expect(on_site_rung("power_lines", site: nobody).verdict).to eq("not_known")
    end
  end

  describe "obstacles" do
    # The way goes from slew 120 to 200 at 5.3 to 7.3 m, 1.5 m over the ground.
    def hut(top, west: 1.3, south: -6.3, wide: 0.8)
      feature("obstacle", "hut", outline_m: box(west, south, west + wide, south + wide), top_m: top)
    end

    it "passes over, passes beside, or strikes" do
      expect(said(on_site_rung("clearance", hut(0.8)))).to match([ "holds", /load over hut 0.700 m, wants 0.500 m/ ])
      expect(said(on_site_rung("clearance", hut(1.2)))).to match([ "stop", /load over hut 0.300 m/ ])
      expect(said(on_site_rung("clearance", hut(2.5)))).to match([ "stop", /load (over|beside) hut/ ])
      expect(said(on_site_rung("clearance", hut(2.5, west: 12)))).to match([ "holds", /hut/ ])
    end

    it "needs no height where it passes beside, and asks for it where it does not" do
      expect(on_site_rung("clearance", hut(9.0, west: 14), stand: { carried: nil }).verdict).to eq("holds")
      expect(asks(on_site_rung("clearance", hut(0.8), stand: { carried: nil }))).to eq([ "/cranes/0/stand/carried" ])
    end

    it "strikes with the boom what the load passes by" do
      tall = feature("obstacle", "mast", outline_m: box(-0.5, -3.5, 0.5, -3.2), top_m: 11)
      expect(said(on_site_rung("clearance", tall))).to match([ "stop", /boom to mast/ ])
    end

    it "stops for what the load strikes, though nobody knows how thick the boom is" do
      expect(said(thin_rung("clearance", hut(1.2)))).to match([ "stop", /load over hut 0.300 m/ ])
      expect(said(thin_rung("clearance", hut(0.8)))).to match([ "not_known", /how thick the boom is/ ])
    end

    it "takes the boom's head off what the tip has, and says where the chart is silent about it" do
      high = feature("obstacle", "gantry", outline_m: box(4, -13, 9, -9), bottom_m: 17, top_m: 26)
      slim, wide = [ {}, { boom_head_m: 2.5 } ].map { |head| on_site_rung("clearance", high, chart: head) }
      room = ->(rung) { rung.parts.find { |part| part.name.start_with?("boom") }.capacity.value }
      expect(room.(slim) - room.(wide)).to be_within(0.02).of(2.5 - 0.4)
      expect([ slim, wide ].map { |rung| rung.cautions.map(&:id).include?("boom_head") }).to eq([ true, false ])
    end

    it "has no more room where nobody says how the load is turned" do
      near = hut(9.0, west: 8.2, south: -8, wide: 3)
      planned, any = [ "with_boom", nil ].map { |turned|
        on_site_rung("clearance", near, stand: { load_turned: turned })
      }
      expect(any.capacity.value).to be <= planned.capacity.value
      expect(any.cautions.map(&:id)).to include("tag_lines")
    end

    it "goes over nothing that is closed, however high it is carried" do
      closed = feature("exclusion", "live cellar", outline_m: box(-3, -9, 3, -4))
      expect(
        said(
          on_site_rung(
            "clearance",
            closed,
            stand: { carried: "9 m" }
          )
        )
      ).to match([ "stop", /live cellar, which is closed/ ])
    end

    it "refuses to be carried lower than what it stands on" do
      rung = on_site_rung("clearance", hut(0.8), "/cranes/0/stations/1/support_height" => "3 m")
      expect(asks(rung)).to eq([ "/cranes/0/stand/carried" ])
    end
  end

  describe "tail swing" do
    def wall(south, top: 2.0) = feature("obstacle", "wall", outline_m: box(-9, south, 9, south + 0.3), top_m: top)

    it "keeps room for people to what is as high as the tail" do
      expect(said(on_site_rung("tail_swing", wall(4.0)))).to match([ "tight", /wall 0.600 m, wants 0.600 m/ ])
      expect(on_site_rung("tail_swing", wall(4.15)).verdict).to eq("holds")
      expect(on_site_rung("tail_swing", wall(3.9)).verdict).to eq("stop")
      expect(on_site_rung("tail_swing", wall(3.2)).verdict).to eq("stop")
      expect(on_site_rung("tail_swing", wall(3.2, top: 0.9)).verdict).to eq("holds")
      expect(on_site_rung("tail_swing", machine: SiteHelp::STAND.except("tail")).verdict).to eq("not_known")
    end
  end

  describe "people" do
    def walk(**more) = feature("walkway", "walk", outline_m: box(-3, -9, 3, -7), **more)
    closed = { closed_from: "2026-12-14T06:00", closed_to: "2026-12-14T09:00", closed_by: "I. Rowan" }

    it "stops over a walkway that nobody closed for the time of the lift" do
      expect(said(on_site_rung("people", walk))).to match([ "stop", /walk is open/ ])
      expect(
        said(
          on_site_rung(
            "people",
            walk(**closed)
          )
        )
      ).to match([ "holds", /closed 2026-12-14 06:00 to .*I. Rowan/ ])
      expect(on_site_rung("people", walk(**closed, closed_by: "")).verdict).to eq("stop")
      expect(on_site_rung("people", walk(**closed, closed_to: "2026-12-14T06:30")).verdict).to eq("stop")
      expect(on_site_rung("people", walk(**closed, closed_from: "2026-12-14T06:31")).verdict).to eq("stop")
    end

    it "asks for the day, and for who looked; leaves alone what is far; counts what the tail sweeps" do
      expect(asks(on_site_rung("people", walk(**closed), "/lift_at" => nil))).to eq([ "/lift_at" ])
      expect(on_site_rung("people", site: site(looked: { "people" => nil })).verdict).to eq("not_known")
      expect(on_site_rung("people", feature("walkway", "far", outline_m: box(30, 30, 40, 40))).verdict).to eq("holds")
      behind = feature("walkway", "behind", outline_m: box(-5, 4.9, 5, 6))
      expect(said(on_site_rung("people", behind))).to match([ "stop", /behind is open/ ])
    end

    it "leaves ways of escape open" do
      over = feature("escape", "way out", edge_m: [ [ -20, 3.3 ], [ 20, 3.3 ] ])
      expect(said(on_site_rung("people", over))).to eq([ "stop", "way out is blocked" ])
      expect(
        on_site_rung(
          "people",
          feature("escape", "way out", edge_m: [ [ -20, 20 ], [ 20, 20 ] ])
        ).verdict
      ).to eq("holds")
    end
  end

  describe "landing" do
    it "presses with the whole load on its timbers" do
      rung = on_site_rung("landing")
      expect(rung.demand.value).to be_within(1e-6).of(3090 * DustLadder::G / 1000 / (2 * 1.2 * 0.2))
      one = { "count" => 1, "length" => "0.4 m", "width" => "0.2 m" }
      expect(on_site_rung("landing", stand: { dunnage: one }).verdict).to eq("stop")
    end

    it "stops at a stack that is higher than its timbers are long, and tells how to stack" do
      base = { "count" => 2, "length" => "1.2 m", "width" => "0.2 m" }
      {
        "1.2 m" => "holds",
        "1.201 m" => "stop",
        "9 m" => "stop",
        nil => "holds",
        "" => "holds"
      }.each do |high, verdict|
        expect(on_site_rung("landing", stand: { dunnage: base.merge("high" => high) }).verdict).to eq(verdict)
      end
      expect(on_site_rung("landing", stand: { dunnage: base.merge("high" => "tall") }).verdict).to eq("not_known")
      %w[box wedge notched].each do |form|
        rung = on_site_rung("landing", stand: { dunnage: base.merge("form" => form) })
        expect(rung.cautions.map(&:id)).to include("stack_#{form}")
      end
    end

    it "does not believe in timbers larger than the load, nor in none" do
      [ [ 200, "10 m", "1 m" ], [ 2, "900 m", "0.2 m" ], [ 5, "4 m", "0.3 m" ] ].each do |count, length, width|
        rung = on_site_rung("landing", stand: { dunnage: { "count" => count, "length" => length, "width" => width } })
        expect([ rung.verdict, asks(rung) ]).to eq([ "not_known", [ "/cranes/0/stand/dunnage" ] ])
      end
    end

    it "is not known where the landing says nothing of what it bears and no ground is drawn under it" do
      bare = site(gravel: nil)
      bare["features"].each { |one| one.delete("allowable_kpa") if one["kind"] == "landing" }
      rung = on_site_rung("landing", site: bare)
      expect([ rung.verdict, asks(rung) ]).to eq([ "not_known", [ "/site_document" ] ])
    end

    it "is not known where no landing holds the load, nor where nobody says what it bears" do
      plain = site.tap { |data| data["features"].reject! { |one| one["kind"] == "landing" } }
      expect(on_site_rung("landing", site: plain).verdict).to eq("not_known")
      narrow = plain.merge(
        "features" => [ *plain["features"],
          feature("landing", "slab", outline_m: box(-3, -9, 0, -5)) ]
      )
      expect(on_site_rung("landing", site: narrow).verdict).to eq("not_known")
      bare = plain.merge(
        "features" => [ *plain["features"],
          feature("landing", "yard", outline_m: box(-14, -14, 14, 14)) ]
      )
      expect(said(on_site_rung("landing", site: bare))).to match([ "holds", /on yard, bears 240.0 kPa/ ])
    end
  end

  it "gives the same ladder for site and crane turned and shifted together" do
    things = [
      feature("obstacle", "hut", outline_m: box(9, -8, 12, -4), top_m: 6.0),
      feature(
        "line",
        "wire",
        wire_m: [ [ 16, -40, 9 ], [ 16, 40, 9 ] ],
        kilovolts: 11,
        blow_out_m: 0.5,
        agreed_by: "grid"
      ),
      feature("cut", "trench", edge_m: [ [ -20, 8 ], [ 20, 8 ] ], depth_m: 2.0)
    ]
    stand = { watcher: "T. Varga" }
    one = DustLadder.check(DustLadder::PlanFile.accept(on_site(*things, stand: stand)))
    moved = site(*things).then { |data| turned_site(data, 37.0, [ 120.0, -80.0 ]) }
    there = { east: "120 m", north: "-80 m", bearing: "37°" }
    other = DustLadder.check(DustLadder::PlanFile.accept(on_site(site: moved, stand: stand.merge(there))))
    (ids + %w[stand]).each do |id|
      a, b = [ one, other ].map { |ladder| ladder.rung(id) }
      expect([ id, b.verdict ]).to eq([ id, a.verdict ])
      expect(b.utilisation).to(a.utilisation ? be_within(2e-3).of(a.utilisation) : be_nil)
    end
  end

  def turned_site(data, degrees, shift)
    angle = degrees * Math::PI / 180
    move =
      lambda do |(x, y, *up)|
        [ x * Math.cos(angle) + y * Math.sin(angle) + shift[0], y * Math.cos(angle) - x * Math.sin(angle) + shift[1],
          *up ]
      end
    features =
      data["features"].map do |one|
        one.to_h { |key, value| [ key, %w[outline_m edge_m wire_m].include?(key) ? value.map(&move) : value ] }
      end
    data.merge("boundary_m" => data["boundary_m"].map(&move), "features" => features)
  end

  it "shows arithmetic that adds up" do
    soft = feature("ground", "salt", outline_m: box(2.5, 2, 9, 9), allowable_kpa: 60, found: "probe")
    ladders = [ on_site(soft), on_site(machine: tracks_stand),
      on_site(machine: SiteHelp::STAND.except("parts"), rules: "level-side") ]
    lines = ladders.flat_map { |document| DustLadder.check(document).rungs.flat_map(&:working) }.select(&:formula)
    expect(lines.map(&:symbol)).to include("R", "p", "T")
    expect(lines.reject { |line| line.adds_up?(line.digits_needed) }.map(&:formula)).to be_empty
  end

  # [ place in the site document, its value, what the fault says ]
  [
    [ "boundary_m", [ [ 0, 0 ], [ 9, 9 ], [ 9, 0 ], [ 0, 9 ] ], /boundary crosses itself/ ],
    [ "features", [ { "kind" => "cut", "name" => "t", "edge_m" => [ [ 0, 0 ], [ 1, 0 ] ] } ],
      /depth_m of cut t is missing/ ],
    [ "features", [ { "kind" => "peg", "name" => "p", "at_m" => [ 0, 0 ], "top_m" => 1 } ], /top_m does not belong/ ],
    [
      "features",
      [ {
        "kind" => "obstacle",
        "name" => "o",
        "outline_m" => [ [ 0, 0 ], [ 1, 0 ], [ 1, 1 ] ],
        "top_m" => 1,
        "bottom_m" => 2
      } ],
      /top of o is not above/
    ],
    [ "features", [ { "kind" => "ground", "name" => "g", "outline_m" => [ [ 0, 0 ], [ 2, 2 ], [ 2, 0 ], [ 0, 2 ] ] } ],
      /outline of g crosses/ ],
    [ "features", [ { "kind" => "line", "name" => "l", "wire_m" => [ [ 0, 0, 9 ], [ 0, 0, 9 ] ] } ],
      /one place, not a line/ ],
    [ "features", Array.new(2) { { "kind" => "peg", "name" => "p", "at_m" => [ 0, 0 ] } }, /two things are called/ ],
    [ "looked", { "lines" => { "by" => "a", "on" => "2026-02-30" } }, /2026-02-30 is not a day/ ]
  ].each do |key, value, words|
    it "refuses a site whose #{key} is #{words.source}" do
      expect {
        DustLadder::PlanFile.accept(on_site(site: site.merge(key => value)))
      }.to raise_error(
        DustLadder::PlanFile::Invalid,
        words
      )
    end
  end

  {
    "pads in a line" => [ {
      "pads" => Array.new(3) { |n|
        { "name" => "p#{n}", "at_m" => [ n, n ], "side_m" => 0.5 }
      }
    }, /in one line/ ],
    "a part that is nowhere" => [ { "parts" => [ { "what" => "carrier", "kg" => 1 } ] }, /where carrier is/ ],
    "tracks and pads" => [ { "tracks" => { "length_m" => 5, "width_m" => 1, "gauge_m" => 3, "middle_m" => [ 0, 0 ] } },
      /on pads and on tracks/ ],
    "a boom's centroid beyond its tip" => [ { "booms" => [ { "length_m" => 20, "kg" => 9, "along_m" => 21 } ] },
      /beyond the boom's tip/ ],
    "a tail upside down" => [ { "tail" => { "radius_m" => 3, "bottom_m" => 3, "top_m" => 1 } }, /top is not above/ ]
  }.each do |words, (change, fault)|
    it "refuses a chart with #{words}" do
      expect {
        DustLadder::PlanFile.accept(on_site(machine: SiteHelp::STAND.merge(change)))
      }.to raise_error(
        DustLadder::PlanFile::Invalid, fault
      )
    end
  end
end

RSpec.describe "A station given by its place on the site" do
  def placed(document, index, east, north)
    document["cranes"][0]["stations"][index].merge!(
      "radius" => nil,
      "slew" => nil,
      "place" => { "east" => east, "north" => north }
    )
    document
  end

  def by_place(stand: {})
    document = on_site(stand: stand)
    setup = DustLadder::Lift.new(on_site).duty.setup
    [ [ 5.0, 120 ], [ 7.0, 200 ] ].each_with_index do |(radius, slew), index|
      placed(document, index, *setup.standing.place(radius, slew).first(2).map { |metres| format("%.9f m", metres) })
    end
    document
  end

  it "answers as the same radius and slew do, rung for rung, and shows how they come about" do
    one, other = [ on_site, by_place ].map { |document| DustLadder.check(DustLadder::PlanFile.accept(document)) }
    other.rungs.zip(one.rungs) do |a, b|
      expect([ a.id, a.verdict ]).to eq([ b.id, b.verdict ])
      expect(a.utilisation).to(b.utilisation ? be_within(1e-6).of(b.utilisation) : be_nil)
    end
    expect(other.rung("crane").working.map(&:symbol)).to include("e", "n", "s")
    expect(other.rung("crane").working.select(&:formula)).to all(satisfy { |line| line.adds_up?(line.digits_needed) })
    expect(other.rung("crane").parts.first.note["metric"]).to include("5.300 m".tr(" ", "\u00a0"))
  end

  it "stays where it is when the crane stands elsewhere, and is not known without the crane's place" do
    moved = DustLadder.check(DustLadder::PlanFile.accept(by_place(stand: { east: "-3 m" })))
    expect(moved.lift.duty.crane.radius(0)).to be_within(1e-6).of(Math.hypot(3 + 5 * Math.sin(2 * Math::PI / 3), 2.5))
    lost = DustLadder.check(DustLadder::PlanFile.accept(by_place(stand: { bearing: nil })))
    expect(lost.rung("crane")).to have_attributes(verdict: "not_known")
    expect(lost.rung("crane").missing.map(&:pointer)).to eq([ "/cranes/0/stand/bearing" ])
    nowhere = DustLadder.check(DustLadder::PlanFile.accept(placed(on_site, 1, nil, "2 m")))
    expect(nowhere.rung("crane").missing.map(&:pointer)).to eq([ "/cranes/0/stations/1/place/east" ])
    on_axis = DustLadder.check(DustLadder::PlanFile.accept(placed(on_site, 1, "0 m", "0 m")))
    expect(on_axis.rung("crane").verdict).to eq("not_known")
  end
end

RSpec.describe DustLadder::Ladder::Critical do
  def critical(document) = DustLadder.check(DustLadder::PlanFile.accept(document)).critical.found.map(&:first)

  it "names nothing of a plain lift" do
    expect(critical(on_site)).to eq([])
    expect(critical(plan)).to eq([])
  end

  # [ what is changed, what is named then ]
  {
    "over_chart" => ->(s) { s.on_site("/load/weight/bare" => "12 t") },
    "over_plant" => ->(s) { s.on_site(s.feature("live_plant", "main", outline_m: s.box(1, -7, 2, -6))) },
    "centre_high" => ->(s) { s.on_site("/load/cg/z" => "1.99 m") },
    "unequal_legs" => ->(s) { s.on_site("/load/points/0/x" => "0.1 m", "/load/points/0/z" => "1 m") },
    "near_line" => ->(s) {
      s.on_site(s.feature("line", "wire", wire_m: [ [ 13, -40, 9 ], [ 13, 40, 9 ] ], kilovolts: 11, blow_out_m: 0.5))
    },
    "unknown_ground" => ->(s) { s.on_site(site: s.site(gravel: nil)) },
    "blind" => ->(s) { s.on_site(s.feature("obstacle", "wall", outline_m: s.box(2, -2, 2.3, -1), top_m: 6)) }
  }.each do |id, make|
    it "names #{id} where it is so, and not where the rule set lets it be" do
      document = make.(self)
      expect(critical(document)).to include(id)
      rules = DustLadder::RuleSet.shipped("strict").data
      value = rules.dig("values", "critical", "value").merge(id => false)
      critical = rules["values"]["critical"].merge("value" => value)
      rules = rules.merge("values" => rules["values"].merge("critical" => critical))
      document["snapshots"]["rule_sets"]["strict"] = DustLadder::PlanFile::Digest.snapshot(rules)
      expect(critical(document)).not_to include(id)
    end
  end

  it "climbs a crane whose chart does not say where its boom begins: what needs it is not known" do
    document = on_site(feature("obstacle", "wall", outline_m: box(2, -2, 2.3, -1), top_m: 6))
    key, chart = document["snapshots"]["charts"].first
    document["snapshots"]["charts"][key] = DustLadder::PlanFile::Digest.snapshot(chart["data"].except("boom_foot"))
    ladder = DustLadder.check(DustLadder::PlanFile.accept(document))
    expect(ladder.as_json["critical"].map { |one| one["id"] }).not_to include("blind")
    expect(ladder.rung("clearance").verdict).to eq("not_known")
  end

  it "says by word of a line what it would on a site, and nothing where older rules have no such list" do
    expect(critical(plan("/by_word/power_lines" => PlanHelp::SAID.merge("lines" => "unknown")))).to eq(%w[near_line])
    old = JSON.parse(File.read(File.expand_path("fixtures/of_their_day/receiver-cabin.json", __dir__)))
    expect(critical(old)).to eq([])
  end
end

RSpec.describe DustLadder::Advice::SiteChoices do
  soft = ->(spec, kpa) {
    spec.feature("ground", "salt", outline_m: spec.box(2.5, 2, 9, 9), allowable_kpa: kpa, found: "probe")
  }
  def ways(document) = ways_out(DustLadder::PlanFile.accept(document)).found.to_h { |way| [ way.id, way ] }
  small = { "side" => "0.8 m", "mass" => "70 kg", "rated" => "40 t" }

  it "offers the smallest mats that cure it, as heavy as they are large, and none that nobody knows to be strong " \
    "enough" do
    way = ways(on_site(soft.(self, 100), stand: { mat: small })).fetch("mats")
    mat = way.changes["/cranes/0/stand/mat"]
    expect(mat).to eq("side" => "1.20 m", "mass" => "160 kg", "rated" => nil)
    expect(way.ladder.rung("pads").verdict).to eq("holds")
    few = ways(on_site(soft.(self, 40), stand: { mat: small }))["mats"]
    expect([ few&.cures, few&.ladder&.rung("pads")&.verdict ]).to eq([ false, "stop" ])
  end

  it "stands the crane off soft ground or away from a cut, pick and set where they are" do
    trench = feature("cut", "trench", edge_m: [ [ -20, 5 ], [ 20, 5 ] ], depth_m: 2)
    document = on_site(trench)
    way = ways(document).fetch("stand")
    expect(way.words["metric"]).to match(/Stand \d.000.m south/)
    there = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(document, way.changes))
    before, after = [ document, there ].map { |plan| DustLadder::Lift.new(plan).duty.setup.places.flatten }
    before.zip(after) { |a, b| expect(b).to be_within(0.03).of(a) }
  end

  it "carries the load higher over what stands in its way" do
    hut = feature("obstacle", "hut", outline_m: box(1.3, -6.3, 2.1, -5.5), top_m: 1.2)
    expect(ways(on_site(hut)).fetch("carried").changes).to eq("/cranes/0/stand/carried" => "1.70 m")
  end
end
