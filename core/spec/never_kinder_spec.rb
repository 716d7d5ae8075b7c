# Where the ladder once said something kinder than the truth: each a plan, and what it must say.
RSpec.describe "Never too kind" do
  fault = ->(name) { DustLadder::PlanFile.read(File.read(File.expand_path("fixtures/faults/#{name}.json", __dir__))) }

  def prevented(means: "lug", words: "", by: "A. Rigger") = { "means" => means, "words" => words, "by" => by }

  # Both legs alike in a hitch.
  def hitched(hitch, **more)
    [ 0, 1 ].flat_map { |leg|
      { "hitch" => hitch, **more.transform_keys(&:to_s) }.map { |key, value|
        [ "/rigging/legs/#{leg}/#{key}", value ]
      }
    }.to_h
  end

  it "looks at every corner: 5.416° at the low end of the weight, not 4.964°" do
    ladder = DustLadder.check(fault.("pruned-corners-tilt"))
    level = ladder.rung("level")
    expect(level.verdict).to eq("stop")
    expect(level.demand.value).to be_within(0.0006).of(5.416)
    corner = ladder.lift.bridle.steepest.corner
    expect([ corner.weight, corner.box, corner.lengths ]).to eq([ -1, [ 1, 1, 1 ], [ 1, 1, -1, -1 ] ])
  end

  it "stops legs 106° apart in the crane's hook, until a ring is named that carries them" do
    document = fault.("legs-106-degrees-in-the-hook")
    expect(DustLadder.check(document).rung("hook").verdict).to eq("stop")
    expect(DustLadder.check(document).verdict).to eq("stop")
    gathered = { "off_centre" => "0", "latch" => "closes", "ring" => { "what" => "M-4", "wll" => nil } }
    document["cranes"][0]["hook"] = gathered
    expect(DustLadder.check(document).rung("hook").verdict).to eq("not_known")
    document["cranes"][0]["hook"]["ring"]["wll"] = "8 t"
    expect(DustLadder.check(document).rung("hook").verdict).to eq("holds")
  end

  it "counts a basket's sides as legs: 13° from the horizontal is a stop" do
    angle = DustLadder.check(fault.("basket-sides-13-degrees")).rung("angle")
    expect(angle.verdict).to eq("stop")
    expect(90 - angle.demand.value).to be_within(0.5).of(13)
    expect(angle.subject).to match(/sides of the (West|East) basket/)
  end

  describe "the hook" do
    at = ->(share) { { "/cranes/0/hook" => { "off_centre" => share, "latch" => "closes", "ring" => nil } } }

    it "carries load and rigging, less for a load off its bowl" do
      hook = rung("hook", at.("25 %"))
      expect(hook.demand.value).to be_within(1e-9).of(3090 + 30)
      expect(hook.capacity.value).to be_within(1e-9).of(20_000 * 0.86)
      expect([ hook.demand.round, hook.capacity.round ]).to eq(%i[up down])
      expect(rung("hook", at.("80 %")).verdict).to eq("stop")
    end

    it "knows nothing without where the load sits, or whether the latch closes" do
      expect(rung("hook", { "/cranes/0/hook" => nil }).missing.first.pointer).to eq("/cranes/0/hook/off_centre")
      open = { "off_centre" => "0", "latch" => nil, "ring" => nil }
      expect(rung("hook", { "/cranes/0/hook" => open }).missing.first.pointer).to eq("/cranes/0/hook/latch")
      expect(rung("hook", { "/cranes/0/hook" => open.merge("latch" => "missing") }).verdict).to eq("stop")
    end

    it "counts what the plan hangs in it, also where it is not said that it hangs there" do
      hung = ->(where) { { "/cranes/0/deductions" => [ { "what" => "ball", "mass" => "100 kg", "hangs" => where } ] } }
      demand = ->(where) { rung("hook", hung.(where)).demand.value }
      expect([ demand.("elsewhere"), demand.("hook"), demand.(nil) ]).to match(
        [ 3120, 3220, 3220 ].map { |kg|
          be_within(1e-9).of(kg)
        }
      )
    end
  end

  describe "stretch" do
    soft = ->(kind) { %w[A-1 A-2].map { |number| sling(number, kind: kind, reach_m: 4.272) } }

    it "tilts and lifts two legs as it does four, and never helps a leg" do
      stiff, nylon = check({ "/load/cg/x" => "2.3 m" }),
check({ "/load/cg/x" => "2.3 m" }, slings: instance_exec("nylon_web", &soft))
      expect(nylon.rung("level").demand.value).to be > stiff.rung("level").demand.value + 0.5
      expect(nylon.lift.bridle.hook_range.last).to be > stiff.lift.bridle.hook_range.last + 0.05
      nylon.lift.bridle.worst.zip(stiff.lift.bridle.worst) { |one, other|
        expect(one.tension).to be >= other.tension - 1e-6
      }
    end

    it "agrees on random two-leg rigs with the general solver, and on its stiff ones with the closed form" do
      PropCheck.forall(
        PropCheck::Generators.tuple(
          *[ 150..250, 20..180, 300..800, 1..100 ].map { |range|
            PropCheck::Generators.choose(range)
          }
        )
      ) do |x, z, hook, soft|
        points, cg = [ [ 0.5, 0.5, 2.0 ], [ 3.5, 0.5, 2.0 ] ], [ x / 100.0, 0.52, z / 100.0 ]
        rests = points.map { |a, _, c| Math.sqrt((a - x / 100.0)**2 + (c - hook / 100.0)**2) }
        stiffness = [ 4000.0 / (soft / 1000.0), 5000.0 / (soft / 1000.0) ]
        found = DustLadder::Statics::HookHang.new(points.map { |point| [ point ] }, stiffness).find(3000.0, cg, rests)
        body = DustLadder::Statics::Rig::Body.new(
          name: "load",
          mass: 3000.0,
          cg: cg,
          points: { "0" => points[0], "1" => points[1] }
        )
        lines = [ 0, 1 ].map { |leg|
          { name: leg.to_s, nodes: [ "hook", "load.#{leg}" ], rest: rests[leg], stiffness: stiffness[leg] }
        }
        hang = DustLadder::Statics::Equilibrium.of(DustLadder::Statics::Rig.new(bodies: [ body ], lines: lines))
        next unless hang.stable? && hang.pose.tilt_deg(0) < 40

        expect(found.tensions).to match(hang.tensions.map { |kg| be_within(0.01).of(kg) })
        expect(found.tilt_deg).to be_within(0.001).of(hang.pose.tilt_deg(0))
      end
    end

    it "does not know how level and how high a load hangs whose slings are not chosen, but its angles" do
      bare = check({ "/rigging/legs/0/sling" => nil })
      expect(%w[level height angle].map { |id| bare.rung(id).verdict }).to eq(%w[not_known not_known holds])
    end
  end

  it "loads all that is above with what hangs below" do
    light, heavy = [ 15,
      115 ].map { |kg|
      DustLadder.check(
        under_beam(points: { "West" => [ 0.5, 0.5 ], "East" => [ 3.5, 0.5 ] }).tap { |document|
          document["snapshots"]["slings"].each_value { |one|
            one["data"]["mass_kg"] = kg
          }
        }
      )
    }
    pull = ->(ladder) { ladder.lift.bridle.upper_worst(0).share }
    expect(pull.(heavy) - pull.(light)).to be_within(5).of(100)
    ends = ->(ladder) { ladder.rung("beam").parts.find { |part| part.name.start_with?("hole") }.demand.value }
    expect(ends.(heavy) - ends.(light)).to be_within(5).of(100)
  end

  describe "baskets and chokes" do
    base = {
      basket_width: "1 m",
      round: "3 m",
      bend: nil,
      prevents: { "along" => { "means" => "lug", "words" => "", "by" => "A. Rigger" }, "round" => nil }
    }

    it "cures a question by a means from the list and a name, and each question by itself" do
      choke = { choke_angle: "130°", round: "1 m" }
      slides = ->(**more) { rung("slings", hitched("choker", **choke, **more)).note["metric"] }
      expect(slides.(held_by: "any word")).to match(/slides along the load/)
      expect(slides.(prevents: { "along" => prevented(by: ""), "round" => nil })).to match(/slides along/)
      expect(slides.(prevents: { "along" => prevented(means: "other"), "round" => nil })).to match(/slides along/)
      expect(slides.(prevents: { "along" => nil, "round" => prevented })).to match(/slides along/)
      expect(slides.(prevents: { "along" => prevented, "round" => nil })).not_to match(/slides/)
    end

    it "wants the bend of a wire rope, and what goes round the load" do
      ropes = %w[A-1 A-2].map { |number|
        sling(number, kind: "wire_rope", core: "steel", diameter_m: 0.016, reach_m: 5.27)
      }
      choke = { choke_angle: "130°", round: "1 m", prevents: { "along" => prevented, "round" => prevented } }
      bend = ->(text) { rung("slings", hitched("choker", **choke, bend: text), slings: ropes) }
      expect(bend.(nil).missing.first.pointer).to eq("/rigging/legs/0/bend")
      expect(bend.("100 mm").note["metric"]).to match(/under 8/)
      expect(bend.("200 mm").cautions.map(&:id)).to include("tight_bend")
      expect(bend.("400 mm").cautions.map(&:id)).not_to include("tight_bend")
      expect(
        rung(
          "slings",
          hitched("choker", **choke, round: nil)
        ).missing.first.pointer
      ).to eq("/rigging/legs/0/round")
    end

    it "stops a sling that is too long in any hitch, and names how much lower it hangs" do
      slings = %w[A-1 A-2].map { |number| sling(number, kind: "polyester_round", reach_m: 8.0) }
      choke = { choke_angle: "130°", round: "1 m", prevents: { "along" => prevented, "round" => prevented } }
      long = rung("slings", hitched("choker", **choke), slings: slings)
      expect([ long.verdict, long.note["metric"] ]).to match([ "stop", /hangs 2\.\d+\Wm lower than planned/ ])
    end

    it "does not believe a width that does not go with the load, the bend or the sling" do
      width = ->(text, **more) {
        rung(
          "slings",
          hitched("basket", **base, basket_width: text, **more),
          slings: %w[A-1 A-2].map { |number|
            sling(number, kind: "alloy_chain", reach_m: 20)
          }
        )
      }
      expect(width.("1 mm").note["metric"]).to match(/say what the basket goes round/)
      expect(width.("1.9 m").note["metric"]).to match(/one of them is wrong/)
      expect(width.("1 m", round: "0.4 m").note["metric"]).to match(/cannot go round/)
    end

    choke = {
      choke_angle: "100°",
      round: "1 m",
      prevents: { "along" => { "means" => "lug", "words" => "", "by" => "A. Rigger" }, "round" => nil }
    }
    slings = ->(spec) { %w[A-1 A-2].map { |number| spec.sling(number, kind: "polyester_round", reach_m: 5.27) } }

    it "wants a loose bundle wrapped twice, and asks how often where nobody said" do
      bundle = ->(wraps, hitch = "choker", made = "bundle") {
        changes = hitched(hitch, **choke, wraps: wraps).merge("/load/made_of" => made)
        rung("slings", changes, slings: slings.(self))
      }
      expect(bundle.(nil)).to have_attributes(verdict: "not_known")
      expect(bundle.(nil).missing.map(&:pointer)).to include("/rigging/legs/0/wraps")
      expect([ bundle.(1).verdict, bundle.(1).note["metric"] ]).to match([ "stop", /goes round it once: double wrap/ ])
      expect(bundle.(2).note["metric"]).not_to match(/bundle/)
      expect(bundle.(1, "choker", "one_piece").note["metric"]).not_to match(/bundle/)
      expect(bundle.(nil, "choker", nil).missing).to eq([])
    end

    it "does not take a double-wrapped choke for what goes round once" do
      double = { "along" => prevented(means: "choke_double_wrapped"), "round" => nil }
      said = ->(wraps) { rung("slings", hitched("choker", **choke, prevents: double, wraps: wraps)).note["metric"] }
      expect(said.(1)).to match(/slides along/)
      expect([ nil, 2 ].map(&said).grep(/slides along/)).to eq([])
    end

    it "stops a choke that was beaten down, and lets it be loosened as a way out" do
      beaten = plan(hitched("choker", **choke, beaten_down: true), slings: slings.(self))
      expect(DustLadder.check(beaten).rung("slings").note["metric"]).to match(/beaten down/)
      way = ways_out(beaten).found.find { |one| one.id == "choke" }
      expect(way.changes).to eq(
        [ 0, 1 ].to_h { |leg| [ "/rigging/legs/#{leg}/choke_angle", "120°" ] }.merge(
          [ 0, 1 ].to_h { |leg| [ "/rigging/legs/#{leg}/beaten_down", false ] }
        )
      )
      expect(way.ladder.rung("slings").verdict).not_to eq("stop")
      straight = plan(hitched("vertical", beaten_down: true))
      expect(DustLadder.check(straight).rung("slings").verdict).not_to eq("stop")
    end
  end

  describe "as it leaves the ground" do
    it "wants tag lines on a load longer than the rule set's length, on one point or more" do
      told = ->(length, **more) {
        rung("load", { "/load/size/length" => length, **more }).cautions.map(&:id).include?("tag_lines")
      }
      expect([ told.("4 m"), told.("3.001 m"), told.("3 m") ]).to eq([ true, true, false ])
      old = JSON.parse(JSON.generate(plan("/load/size/length" => "1 m")))
      old["snapshots"]["rule_sets"]["strict"]["data"]["values"].delete("tag_line")
      expect(DustLadder.check(old).rung("load").cautions.map(&:id)).to include("tag_lines")
    end

    it "says how far the load may swing under the hook, by the CG's box, and which end comes up first" do
      said = ->(**more) {
        rung("level", more.transform_keys(&:to_s)).cautions.find { |one| one.id == "leaving" }.text["metric"]
      }
      # 2 % of 4 m and of 1 m: the diagonal, rounded up.
      expect(said.()).to include("may swing #{DustLadder::Figure.m(Math.hypot(0.08, 0.02), :up)}")
      wide = Math.hypot(0.4, 0.1)
      expect(said.("/load/cg/basis": "by_eye")).to include(DustLadder::Figure.m(wide, :up).to_s)
      lengths = { "/rigging/set_by": "leg_lengths", "/rigging/legs/0/length": "5 m", "/rigging/legs/1/length": "4.8 m" }
      expect(said.(**lengths)).to include("the end opposite the West end comes up first")
    end
  end

  describe "under a beam" do
    def under(beam, **more) = DustLadder::Lift.new(DustLadder::PlanFile.accept(under_beam(beam: beam, **more)))
    two = { "West" => [ 0.5, 0.5 ], "East" => [ 3.5, 0.5 ] }.freeze
    bar = {
      kind: "lifting",
      holes_m: [ -1.5, 1.5 ],
      bails_m: [ -0.1, -0.05, 0.0, 0.05, 0.1 ],
      least_deg_from_horizontal: nil
    }

    it "hangs from the hole that its bail is in, which must be given, and moves it to hang level" do
      given = { points: two, "/rigging/beam/legs": [], "/load/cg/x": "2.06 m" }
      at = ->(bail) { under(beam(**bar), **given, "/rigging/beam/bail": bail) }
      expect { at.(nil).bridle }.to raise_error(DustLadder::NotKnown, /which of its holes the bail/)
      expect { at.(5).bridle }.to raise_error(DustLadder::NotKnown, /5 holes; it is planned in the 6th/)
      tilts = (0..4).map { |bail| at.(bail).bridle.beam_tilt_deg }
      expect(tilts.each_index.min_by { |bail| tilts[bail] }).to eq(3)
      advice = DustLadder::Rigging::LevelAdvice.new(
        under_beam(beam: beam(**bar), **given, "/rigging/beam/bail": 2)
      ).options
      expect(advice.first.changes).to eq({ "/rigging/beam/bail" => 3 })
    end

    it "judges a spreader that is marked with its push alone by that, and one with nothing not at all" do
      marked = { spans: [], end_kg: nil, least_deg_from_horizontal: nil }
      parts = ->(push) {
        DustLadder::Ladder::Climb.new(under(beam(**marked, compression_kg: push), points: two)).ladder.rung("beam")
      }
      expect(parts.(4000).verdict).to eq("holds")
      expect(parts.(4000).parts.map(&:name)).to include("compression")
      expect(parts.(4000).parts.map(&:name).grep(/hole|beam at/)).to eq([])
      expect(parts.(500).verdict).to eq("stop")
      expect(parts.(nil)).to have_attributes(verdict: "not_known")
      piece = { "number" => "B-9", "kind" => "spreader", "depth" => "0.3 m", "mass" => "90 kg" }
      read = ->(**more) { DustLadder::Gear::Piece.new(piece.merge(more.transform_keys(&:to_s))).problems.map(&:field) }
      expect(read.(compression: "40 kN")).to eq([])
      expect(read.()).to eq([ "span_ratings" ])
      expect(read.(kind: "lifting_beam", holes: "-1 m; 1 m", compression: "40 kN")).to eq([ "span_ratings" ])
    end

    # The worst corner of a rig as made need not be the worst of it as it stretches.
    it "leaves out no corner that tells, as it stretches or as made, of what hangs under it" do
      lifting = beam(
        kind: "lifting",
        mass_kg: 417,
        holes_m: [ -1.4, 1.4 ],
        eyes_m: [ -0.42, 0.42 ],
        spans: [ { "span_m" => 2.8, "kg" => 6000 } ]
      )
      document = under_beam(
        points: { "West" => [ 0.735, 0.454 ], "East" => [ 3.406, 0.463 ] },
        beam: lifting,
        "/load/cg": { "x" => "1.912 m", "y" => "0.434 m", "z" => "0.536 m", "basis" => "drawing" },
        "/load/weight/basis": "weighed",
        "/rigging/hook_height": "7.02 m",
        "/rigging/beam/headroom": "2.45 m"
      )
      document["snapshots"]["slings"].each_value { |kept| kept["data"]["kind"] = "alloy_chain" }
      figures = -> do
        bridle = DustLadder::Lift.new(document).bridle
        [ *bridle.hook_range.map.with_index { |height, end_| end_.zero? ? -height : height }, bridle.steepest.tilt_deg,
          *bridle.flattest_deg.map(&:-@), *bridle.poses.map(&:tensions).transpose.map(&:max) ]
      end
      some = figures.()
      allow(DustLadder::Statics::Envelope).to receive(:new).and_wrap_original { |made, rig, **given|
        made.call(rig, **given, every: true)
      }
      DustLadder::Rigging::Worked.clear
      every = figures.()
      expect(some.zip(every).map { |one, all| all - one }.max).to be < 2e-4
    end
  end

  describe "what a sling is made of" do
    hot = ->(celsius) {
      {
        "/rigging/surroundings" => {
          "temperature" => "#{celsius} °C",
          "near" => [],
          "edges" => "none",
          "no_sparks" => false,
          "no_current" => false,
          "site_factor" => nil,
          "site_reason" => "",
          "surface" => "plain"
        }
      }
    }

    # [kind, what is known of it, °C, verdict, words]
    [
      [ "alloy_chain", { grade: "100" }, 290, "stop", /outside/ ],
      [ "alloy_chain", { grade: "80" }, 290, "holds", // ],
      [ "alloy_chain", { grade: nil }, 290, "not_known", /grade of A-1 is not known/ ],
      [ "alloy_chain", { grade: nil }, 190, "holds", // ],
      [ "alloy_chain", { grade: "transport" }, 20, "stop", /transport chain/ ],
      [ "wire_rope", { core: "fibre" }, 120, "stop", /outside/ ],
      [ "wire_rope", { core: nil }, 120, "not_known", /core of A-1 is not known/ ],
      [ "wire_rope", { core: "steel" }, 120, "holds", // ],
      [ "high_modulus_round", {}, 20, "not_known", /only the maker/ ]
    ].each do |kind, known, celsius, verdict, words|
      it "#{kind.tr("_", " ")} #{known} at #{celsius} °C: #{verdict}" do
        slings = %w[A-1 A-2].map { |number| sling(number, kind: kind, reach_m: 4.272, diameter_m: 0.016, **known) }
        found = rung("slings", instance_exec(celsius, &hot), slings: slings)
        expect([ found.verdict, found.note["metric"] ]).to match([ verdict, words ])
      end
    end

    it "cuts every kind at a sharp bare edge, unless its radius is enough for chain or rope" do
      edge = ->(radius) {
        instance_exec(20, &hot).tap { |all|
          all.values.first.merge!("edges" => "sharp", "edge_radius" => radius)
        }
      }
      chain = ->(radius) {
        rung(
          "slings",
          edge.(radius).merge(
            hitched(
              "choker",
              choke_angle: "130°",
              round: "1 m",
              prevents: { "along" => prevented, "round" => prevented }
            )
          ),
          slings: %w[A-1 A-2].map { |number|
            sling(number, diameter_m: 0.010)
          }
        )
      }
      expect(chain.(nil).note["metric"]).to match(/sharp edge/)
      expect(chain.("19 mm").note["metric"]).to match(/too sharp/)
      expect(chain.("20 mm").verdict).not_to eq("stop")
    end

    it "keeps hard slings off a tender surface until a packing is named" do
      on = ->(packing) {
        rung(
          "slings",
          instance_exec(20, &hot).tap { |all|
            all.values.first.merge!("surface" => "polished", "packing" => packing)
          }
        )
      }
      expect(on.("").note["metric"]).to match(/polished surface: name the packing/)
      expect(on.("rubber sheet").verdict).to eq("holds")
    end
  end

  describe "gear on the day" do
    it "judges every piece on the day of the lift, as the store has it now" do
      document = DustLadder::PlanFile.accept(plan)
      gear = ->(standing = {}) { DustLadder.check(document, standing: standing).rung("gear") }
      expect(gear.().verdict).to eq("holds")
      expect(
        gear.(
          {
            "A-1" => {
              "state" => "quarantined",
              "due" => "2027-06-01"
            }
          }
        ).note["metric"]
      ).to match(/A-1: quarantined/)
      expect(gear.({ "A-2" => { "state" => "ready", "due" => "2026-12-13" } }).verdict).to eq("stop")
      expect(gear.({ "A-2" => { "state" => "ready", "due" => nil } }).verdict).to eq("not_known")
      expect(rung("gear", { "/lift_at" => nil }).missing.first.pointer).to eq("/lift_at")
      overdue = rung("gear", {}, slings: [ sling("A-1", due: "2026-12-14"), sling("A-2", due: "2026-12-13") ])
      expect([ overdue.verdict, overdue.subject ]).to eq(%w[stop A-2])
    end
  end

  describe "fittings" do
    eye = ->(**more) {
      {
        "end" => "load",
        "kind" => "eyebolt_shouldered",
        "wll" => "20 t",
        "axis" => "z",
        "across" => "y",
        "mass" => "1 kg",
        "through" => true,
        "into" => "frame, A. Builder"
      }.merge(more.transform_keys(&:to_s))
    }
    on = ->(fitting) { [ 0, 1 ].to_h { |leg| [ "/rigging/legs/#{leg}/fittings", [ fitting ] ] } }

    it "asks a shackle for its plane, and stops it across" do
      shackle = ->(plane) {
        rung(
          "fittings",
          on.({ "end" => "load", "kind" => "shackle", "wll" => "5 t", "mass" => "1 kg", "plane" => plane })
        )
      }
      expect([ nil, "in", "across" ].map { |plane| shackle.(plane).verdict }).to eq(%w[not_known holds stop])
    end

    it "asks an eyebolt what it is in, and how deep" do
      expect(rung("fittings", on.(eye.(into: ""))).missing.first.pointer).to end_with("into")
      tapped = { through: false, thread: "20 mm", shank: "30 mm" }
      expect(rung("fittings", on.(eye.(**tapped))).verdict).to eq("not_known")
      expect(rung("fittings", on.(eye.(**tapped, hole: "39 mm"))).verdict).to eq("stop")
      expect(rung("fittings", on.(eye.(**tapped, hole: "40 mm"))).verdict).not_to eq("stop")
    end

    it "counts the mass of fittings, and asks for it" do
      bare = on.({ "end" => "load", "kind" => "shackle", "wll" => "5 t", "plane" => "in" })
      expect(rung("hoist", bare).missing.first.pointer).to eq("/rigging/legs/0/fittings/0/mass")
      expect(
        rung(
          "hook",
          on.(
            {
              "end" => "load",
              "kind" => "shackle",
              "wll" => "5 t",
              "plane" => "in",
              "mass" => "4 kg"
            }
          )
        ).demand.value
      ).to be_within(1e-9).of(3128)
    end

    it "asks what a load may take along the level where it hangs by eyebolts or is marked thin" do
      expect(rung("thrust", {})).to be_nil
      expect(rung("thrust", on.(eye.())).verdict).to eq("not_known")
      thin = ->(limit) { rung("thrust", { "/load/thrust" => { "marks" => [ "thin" ], "limit" => limit } }) }
      expect(thin.("2 t").demand.value).to be_between(1545 * 1.5 / 4, 700)
      expect([ thin.("2 t"), thin.("500 kg"), thin.(nil) ].map(&:verdict)).to eq(%w[holds stop not_known])
    end
  end

  describe "points" do
    it "looks at three and four points as the area they hold, in any order" do
      orders = PlanHelp::CORNERS.to_a.permutation.first(6)
      shares = orders.map { |points| DustLadder.check(on_points(points.to_h)).rung("load").utilisation }
      expect(shares.uniq { |share| share.round(9) }.size).to eq(1)
      outside = DustLadder.check(on_points("/load/cg/x" => "3.9 m")).rung("load")
      expect(outside.verdict).to eq("stop")
    end

    it "does not know a point off the load until it is said what it is on" do
      off = { "/load/points/1/x" => "4.2 m" }
      expect(rung("load", off).missing.first.pointer).to eq("/load/points/1/on")
      expect(rung("load", off.merge("/load/points/1/on" => "outrigger bracket")).verdict).not_to eq("not_known")
    end
  end

  it "voids a tag's rating for all legs together where they are not alike, until somebody decides" do
    tagged = sling("B-1", legs: 2, tag: { "multi_leg" => [ { "upto_deg_from_plumb" => 60, "kg" => 9000 } ] })
    unlike = ->(by) {
      rung(
        "slings",
        { "/load/cg/x" => "1.2 m", "/rigging/hook_height" => "4 m", "/rigging/unlike_decided_by" => by },
        slings: [ tagged ],
        rules: "level-side"
      )
    }
    expect(unlike.("").missing.first.pointer).to eq("/rigging/unlike_decided_by")
    decided = unlike.("C. Competent")
    expect([ decided.parts.map(&:name), decided.cautions.map(&:id) ]).to match([ %w[West East], include("unlike") ])
  end

  it "tells a stop of one part though another is not known" do
    slings = [ sling("A-1", tag: { "vertical_kg" => 500, "choker_kg" => nil, "basket_kg" => nil }),
      sling("A-2", kind: "wire_rope", core: nil) ]
    expect(rung("slings", {}, slings: slings).verdict).to eq("stop")
  end

  it "holds a turning block, its eye and its anchor against twice the line times half its angle" do
    load = DustLadder::Rigging::BlocksCheck.method(:load_kg)
    expect(
      [ 0, 90, 120, 180 ].map { |deg|
        load.call(1000.0, deg)
      }
    ).to match(
      [ 2000, Math.sqrt(2) * 1000, 1000, 0 ].map { |kg|
        be_within(1e-6).of(kg)
      }
    )
  end
end
