# Plans of two cranes: rungs of both, what is not known, what stops, and the figures worked out a second way.
RSpec.describe "A plan of two cranes" do
  def ladder(...) = DustLadder.check(two_cranes(...))

  it "holds as it is, with the rungs of two cranes in place of those of one hook" do
    found = ladder
    expect(
      found.rungs.reject { |rung|
        rung.verdict == "holds"
      }.map { |rung| [ rung.id, rung.note["metric"] ] }
    ).to eq([])
    expect(found.rungs.map(&:id)).to include(
      "turn",
      "boom_room",
      "booms",
      "radii",
      "tail_crane",
      "head_crane",
      "points"
    )
    expect(found.rungs.map(&:id)).not_to include("level", "angle", "crane", "boom", "trunnion", "beam_gap", "end_beams")
    expect(found.rungs.map(&:id).uniq.size).to eq(found.rungs.size)
    expect(found.critical.found.map(&:first)).to include("two_cranes", "upended")
    expect(found.as_json.fetch("tailing")["steps"].size).to eq(86)
  end

  it "tells of each crane in the rungs that both have, the worse of them first" do
    hook = ladder("/cranes/1/hook/latch" => "missing").rung("hook")
    expect(hook).to have_attributes(verdict: "stop", subject: "tail, latch")
    expect(hook.parts.map(&:name)).to all(match(/\A(head|tail)/))
    expect(hook.working.map(&:group)).to all(match(/\A(head|tail)/))
    level = ladder("/cranes/0/level" => nil).rung("stand")
    expect(level.verdict).to eq("not_known")
    expect(level.missing.map(&:to_h)).to eq(
      [ { what: "how far out of level the crane stands is not given (head crane)", pointer: "/cranes/0/level" } ]
    )
    both = ladder("/cranes/0/level" => nil, "/cranes/1/level" => "2 %").rung("stand")
    expect([ both.verdict, both.missing.size ]).to eq([ "stop", 1 ])
  end

  # What is missing, and the rungs that are not known for it.
  {
    "/tandem/does" => %w[turn tail_crane head_crane radii booms boom_room],
    "/tandem/from" => %w[turn tail_crane head_crane slings],
    "/tandem/to" => %w[turn tail_crane],
    "/tandem/comes" => %w[tail_crane radii],
    "/tandem/bearing" => %w[tail_crane booms],
    "/tandem/head_at/east" => %w[tail_crane head_crane],
    "/tandem/under" => %w[height booms boom_room],
    "/tandem/ends/0/slings" => %w[slings hook hoist],
    "/tandem/ends/1/moves" => %w[radii],
    "/tandem/ends/0/hold" => %w[turn trunnion],
    "/load/points/1/z" => %w[turn points tail_crane],
    "/load/weight/basis" => %w[turn tail_crane head_crane slings points],
    "/rigging/legs/1/length" => %w[height slings],
    "/rigging/legs/1/sling" => %w[slings hook],
    "/cranes/1/stand/bearing" => %w[tail_crane booms],
    "/cranes/1/stand/north" => %w[tail_crane radii],
    "/cranes/1/chart" => %w[tail_crane],
    "/cranes/0/boom_length" => %w[head_crane booms height]
  }.each do |place, rungs|
    it "does not know #{rungs.join(", ")} without #{place}" do
      found = ladder(place => place.end_with?("basis") ? "unknown" : nil)
      expect(rungs.to_h { |id| [ id, found.rung(id).verdict ] }).to eq(rungs.to_h { |id| [ id, "not_known" ] })
      expect(found.verdict).not_to eq("holds")
    end
  end

  # What may never hold: the changes, the rung, its verdict, words.
  [
    [ { "/tandem/to" => "0°" }, "turn", "not_known", /ends higher than it begins/ ],
    [ { "/tandem/from" => "40°", "/tandem/to" => "10°" }, "turn", "not_known", /ends higher/ ],
    [ { "/tandem/does" => "lay_down" }, "turn", "not_known", /ends lower/ ],
    [ { "/tandem/to" => "120°" }, "turn", "not_known", /is more than can be/ ],
    [ { "/tandem/to" => "90°" }, "turn", "stop", /the tail line goes slack at 89.*plan the handover/ ],
    [ { "/load/points/1/z" => "0 m", "/tandem/to" => "90°" }, "turn", "stop", /the head line goes slack at 7\d/ ],
    [ { "/load/points/1/z" => "1 m", "/tandem/to" => "90°" }, "turn", "stop", /undefined/ ],
    [ { "/load/points/1/y" => "1.6 m" }, "turn", "not_known", /how it would roll/ ],
    [ { "/load/points/1/x" => "9.8 m" }, "turn", "not_known", /at the same place along/ ],
    [ { "/tandem/handover" => { "at" => "84°", "by" => "" } }, "turn", "not_known", /who planned the handover/ ],
    [ { "/tandem/handover" => { "at" => nil, "by" => "A. P." } }, "turn", "not_known", /tilt of the handover/ ],
    [
      { "/tandem/to" => "90°", "/tandem/handover" => { "at" => "89.9°", "by" => "A. P." } },
      "turn", "stop", /the handover is planned at 89.9°, later/
    ],
    [ { "/tandem/ends/1/moves" => "stays" }, "radii", "stop", /the tail crane stays, and its hook goes/ ],
    [ { "/tandem/ends/1/moves" => "walks" }, "radii", "stop", /its chart is not for that/ ],
    [ { "/tandem/ends/1/moves" => "walks" }, "booms", "not_known", /as it walks is not worked out/ ],
    [ { "/tandem/ends/0/plumb" => "2.6°" }, "side_pull", "holds", /2.6° from plumb/ ],
    [ { "/tandem/ends/0/plumb" => "3°" }, "side_pull", "stop", /3.0° from plumb/ ],
    [ { "/cranes/1/stand/north" => "60 m" }, "radii", "stop", /nothing at|does not reach/ ],
    [ { "/cranes/1/stand/north" => "60 m" }, "tail_crane", "stop", /nothing allowed|does not reach/ ],
    [ { "/cranes/1/stand/north" => "0 m", "/cranes/1/stand/east" => "10 m" }, "tail_crane", "stop", /nothing allowed/ ],
    [ { "/rigging/legs/1/hitch" => "choker" }, "slings", "not_known", /a choke is not worked out/ ],
    [ { "/tandem/under" => "-1 m" }, "height", "not_known", /cannot be below nothing/ ],
    [ { "/cranes/1/stand/ground" => "0.5 m" }, "height", "not_known", /below the ground of a crane/ ],
    [ { "/tandem/dynamic" => "-5 %" }, "tail_crane", "not_known", /what jerking adds.*cannot be below/ ],
    [ { "/load/points/0/wll" => "8 t" }, "points", "stop", /Head point/ ]
  ].each do |changes, id, verdict, words|
    it "says #{verdict} of #{id} with #{changes}" do
      found = ladder(changes).rung(id)
      expect([ found.verdict, found.note["metric"] ]).to match([ verdict, words ])
    end
  end

  describe "its shares, the second way" do
    # At every corner by itself, each line plumb or leaning; the greatest of what moments about the other point give.
    def by_moments(document, tilt, side)
      lift = DustLadder::Lift.new(document)
      load = lift.load
      head, tail = load.points.map(&:at)
      turned = tilt * Math::PI / 180
      widths = load.cg_half_width
      [ load.least_kg, load.planned_kg ].product([ -1, 1 ], [ -1, 1 ]).map do |kg, along, up|
        cg = [ load.cg[0] + along * widths[0], load.cg[2] + up * widths[2] ]
        place = ->(at) { at[0] * Math.cos(turned) - at[1] * Math.sin(turned) }
        x = place.(cg)
        a, b = place.([ head[0], head[2] ]), place.([ tail[0], tail[2] ])
        side == :head ? kg * (x - b) / (a - b) : kg * (a - x) / (a - b)
      end.max
    end

    it "agrees with moments at every tilt, for loads by chance, where lines hang plumb" do
      random = Random.new(19)
      8.times do
        document = two_cranes(
          "/load/cg/x" => "#{random.rand(3.5..6.0).round(2)} m",
          "/load/points/1/z" => "#{random.rand(0.4..2.4).round(2)} m",
          "/tandem/to" => "70°",
          "/tandem/ends/0/plumb" => "0°",
          "/tandem/ends/1/plumb" => "0°"
        )
        lift = DustLadder::Lift.new(document)
        %i[head tail].each do |side|
          worst = (0..70).map { |tilt| by_moments(document, tilt, side) }.max
          expect(lift.turn.most_kg(side)).to be_within(worst * 1e-3).of(worst)
          expect(lift.turn.most_kg(side)).to be >= worst - 1e-6
        end
      end
    end

    it "never tells a finer look worse by more than a thousandth, of either crane's chart" do
      random = Random.new(23)
      6.times do
        document = two_cranes(
          "/load/points/1/z" => "#{random.rand(0.4..2.4).round(2)} m",
          "/tandem/to" => "#{random.rand(40..84)}°",
          "/cranes/1/stand/north" => "#{random.rand(5.0..9.0).round(2)} m",
          "/tandem/comes" => %w[tail head both].sample(random: random)
        )
        turn = DustLadder::Lift.new(document).turn
        next if turn.sweep.slack_at || turn.sweep.untold_from

        %i[head tail].each do |side|
          fine = (0..2000).filter_map { |at| turn.sweep.moment(side, turn.high * at / 2000.0)&.use }.max
          expect(turn.worst(side).use).to be >= fine * 0.999
        end
      end
    end

    it "is worse for a wider CG box, a poorer weight, a line off plumb and a dynamic factor, never better" do
      of = ->(changes) {
        DustLadder::Lift.new(two_cranes(changes)).turn.then { |turn|
          %i[head tail].map { |side|
            turn.most_kg(side)
          }
        }
      }
      plain = of.({})
      [
        { "/load/cg/basis" => "by_eye" },
        { "/load/weight/basis" => "estimated" },
        { "/tandem/ends/0/plumb" => "2°", "/tandem/ends/1/plumb" => "2°" },
        { "/tandem/dynamic" => "15 %" }
      ].each do |changes|
        expect(of.(changes).zip(plain)).to all(satisfy { |more, less| more > less })
      end
    end

    it "is the same seen from the other end" do
      turned = two_cranes(
        "/load/cg/x" => "5.4 m",
        "/load/points/0/x" => "0.2 m",
        "/load/points/1/x" => "9.6 m"
      )
      one, other = [ two_cranes, turned ].map { |document| DustLadder::Lift.new(document).turn }
      %i[head tail].each { |side| expect(one.worst(side).use).to be_within(1e-9).of(other.worst(side).use) }
    end

    it "is the same laid down as stood up" do
      down = two_cranes("/tandem/does" => "lay_down", "/tandem/from" => "85°", "/tandem/to" => "0°")
      # The hooks begin where they end when it is stood up.
      up = DustLadder::Lift.new(two_cranes).turn
      down["tandem"]["comes"] = "tail"
      found = DustLadder::Lift.new(down).turn
      expect(found.worst(:head).use).to be_within(1e-9).of(up.worst(:head).use)
      expect(found.worst(:tail).gross).to be_within(1e-6).of(up.worst(:tail).gross)
      expect(found.steps.first).to eq(85.0)
      expect(DustLadder.check(down).rung("turn").verdict).to eq("holds")
    end
  end

  describe "the handover" do
    handed = { "/tandem/to" => "90°", "/tandem/handover" => { "at" => "88°", "by" => "A. Planner" } }

    it "gives the head all of it, and what the tail's hook leaves on it" do
      found = ladder(handed)
      expect(found.rung("turn")).to have_attributes(verdict: "holds")
      expect(found.rung("turn").note["metric"]).to eq(
        "both lines taut to 88.0°, then the head alone to 90.0°, swinging 2.5°; planned by A. Planner"
      )
      turn = found.lift.turn
      expect(turn.worst(:head)).to eq(turn.alone)
      expect(turn.alone.gross).to be_within(1e-6).of(10_300 + turn.lift.duties[0].side.rigging + 40)
      expect(turn.most_kg(:head)).to eq(10_300)
      expect(found.rung("hook").parts.map { |part| part.demand.value.round }).to include(10_360)
    end

    it "stops where the tail would let go of a load that swings far" do
      early = [ 89, 86, 84, 60, 0 ].map do |at|
        found = ladder("/tandem/to" => "90°", "/tandem/handover" => { "at" => "#{at}°", "by" => "A. Planner" })
        found.rung("turn").verdict
      end
      expect(early).to eq(%w[holds tight stop stop stop])
    end

    it "stops the head crane that would not hold it alone" do
      weak = big_chart("weak", scale: 0.7)
      found = DustLadder.check(two_cranes(handed, head: weak))
      expect(found.rung("head_crane").verdict).to eq("stop")
      expect(DustLadder.check(two_cranes({}, head: weak)).rung("head_crane").verdict).not_to eq("stop")
    end
  end

  describe "a trunnion" do
    trunnion = {
      "/load/points/1/z" => "1 m",
      "/load/points/1/on" => "",
      "/tandem/to" => "80°",
      "/tandem/ends/1/hold" => "trunnion"
    }
    wrapped = {
      **trunnion,
      "/tandem/ends/1/trunnion" => { "diameter" => "0.3 m", "by" => "half_wrap", "keeper" => true },
      "/rigging/legs/1/hitch" => "basket",
      "/rigging/legs/1/length" => "1.242 m",
      "/rigging/legs/1/basket_width" => "0.33 m",
      "/rigging/legs/1/bend" => "0.3 m",
      "/rigging/legs/1/round" => "0.52 m",
      "/rigging/legs/1/prevents" => {
        "along" => { "means" => "collar", "words" => "", "by" => "A. R." },
        "round" => nil
      }
    }

    # Changes beside, verdict, words.
    [
      [ {}, "holds", /bend, in rope diameters 8.* of 10.7/ ],
      [ { "/tandem/ends/1/trunnion/keeper" => false }, "stop", /nothing keeps the sling/ ],
      [ { "/tandem/ends/1/trunnion/keeper" => nil }, "not_known", /what keeps the sling/ ],
      [ { "/tandem/ends/1/trunnion/by" => nil }, "not_known", /how the sling holds/ ],
      [ { "/tandem/ends/1/trunnion/diameter" => nil }, "not_known", /diameter of the tail trunnion/ ],
      [ { "/tandem/ends/1/trunnion/diameter" => "0.2 m" }, "not_known",
        /is bent round 0.300.m, its trunnion is 0.200.m/ ],
      [ { "/tandem/ends/1/trunnion/diameter" => "0.2 m", "/rigging/legs/1/bend" => "0.2 m" }, "stop", /8.* of 7.1/ ],
      [ { "/rigging/legs/1/hitch" => "vertical" }, "not_known", /is a basket/ ],
      [ { "/tandem/ends/1/trunnion/by" => "eye" }, "not_known", /how long the eye/ ],
      [ { "/tandem/ends/1/trunnion" => nil }, "not_known", /keeps the sling|how the sling holds/ ]
    ].each do |changes, verdict, words|
      it "#{verdict} with #{changes}" do
        found = ladder(wrapped.merge(changes)).rung("trunnion")
        expect([ found.verdict, found.note["metric"] ]).to match([ verdict, words ])
      end
    end

    it "keeps both shares as they are all the way, as long as its lines hang plumb" do
      turn = DustLadder::Lift.new(
        two_cranes(
          trunnion.merge(
            "/tandem/ends/0/plumb" => "0°",
            "/tandem/ends/1/plumb" => "0°",
            "/load/cg/half_width" => { "x" => "0 m", "y" => "0 m", "z" => "0 m" }
          )
        )
      ).turn
      shares = [ 0, 20, 55, 80 ].map { |tilt| turn.box.most_at(tilt) }
      shares.each { |share| expect(share).to match(shares[0].map { |kg| be_within(1e-6).of(kg) }) }
    end

    it "takes the short figure for what touches and the long one for headroom" do
      turn = DustLadder::Lift.new(two_cranes(wrapped)).turn
      one = turn.hangs[1]
      expect(one.length).to be_within(1e-3).of((3 - Math::PI * 0.328 / 2) / 2)
      expect(one.short).to be_within(1e-9).of((1.5 - Math::PI * 0.15) * 0.995)
      expect([ one.short < one.length, one.length < one.long ]).to eq([ true, true ])
    end
  end

  describe "a beam above the tail" do
    beam = { "name" => "B-1", "mass" => "300 kg", "rated" => "9 t", "width" => "0.3 m", "high" => "0.5 m" }
    below = { "/tandem/ends/1/beam" => beam }

    it "keeps its room, carries what hangs there, and counts in the crane's gross load" do
      found = ladder(below)
      expect(found.rung("beam_gap").verdict).to eq("holds")
      expect(found.rung("end_beams")).to have_attributes(verdict: "holds", subject: "tail beam")
      more = found.lift.duties[1].gross.kg - ladder.lift.duties[1].gross.kg
      # Its hook is higher by the beam, and so less rope hangs.
      expect(more).to be_within(5).of(300 - 4 * 0.5 * 1.5)
    end

    it "touches the load that turns up beside it, where its slings are short; and stops at the rating" do
      low = ladder(below.merge("/load/points/1/z" => "1 m", "/load/points/1/on" => "", "/tandem/to" => "80°"))
      expect(low.rung("beam_gap")).to have_attributes(verdict: "stop")
      expect(low.rung("beam_gap").note["metric"]).to match(/touches the load from 6\d.\d°: longer slings/)
      expect(ladder(below.merge("/tandem/ends/1/beam/rated" => "5 t")).rung("end_beams").verdict).to eq("stop")
      expect(ladder(below.merge("/tandem/ends/1/beam/width" => nil)).rung("beam_gap").verdict).to eq("not_known")
      expect(ladder(below.merge("/tandem/ends/1/beam/rated" => nil)).rung("end_beams").verdict).to eq("not_known")
    end
  end

  describe "two slings side by side" do
    def paired(changes = {}, other: {})
      document = two_cranes(
        {
          "/tandem/ends/1/slings" => 2,
          "/tandem/ends/1/second" => "T-2",
          "/tandem/ends/1/apart" => "1 m"
        }.merge(changes)
      )
      data = document["snapshots"]["slings"]["T-1"]["data"].merge("number" => "T-2").merge(other)
      document["snapshots"]["slings"]["T-2"] = DustLadder::PlanFile::Digest.snapshot(data)
      DustLadder.check(document)
    end

    it "has each carry a half, and more where the CG may lie to one side; gear knows both" do
      found, single = paired, ladder
      half = found.rung("slings").parts[1].demand.value / single.rung("slings").parts[1].demand.value
      expect(half).to be_within(1e-6).of(0.5 + 0.04)
      expect(found.rung("gear").parts.map(&:name)).to include("T-2")
      whole = [ found, single ].map { |one| one.rung("points").parts[1].demand.value }
      expect(whole[0]).to be_within(1e-6).of(whole[1])
    end

    it "wants how far apart they hang, another piece, and one that is alike" do
      expect(paired({ "/tandem/ends/1/apart" => nil }).rung("slings").verdict).to eq("not_known")
      expect(paired({ "/tandem/ends/1/second" => nil }).rung("hook").verdict).to eq("not_known")
      expect(paired({ "/tandem/ends/1/second" => "T-1" }).rung("slings").note["metric"]).to match(/in two places/)
      weak = paired(
        {},
        other: {
          "tag" => {
            "legible" => true,
            "vertical_kg" => 100,
            "choker_kg" => nil,
            "basket_kg" => 100,
            "multi_leg" => []
          }
        }
      )
      expect(weak.rung("slings")).to have_attributes(verdict: "stop")
      expect(weak.rung("slings").note["metric"]).to match(/not alike/)
    end
  end

  describe "carried level" do
    carry = {
      "/tandem/does" => "carry",
      "/tandem/out_of_step" => "0.3 m",
      "/tandem/head_to" => { "east" => "11 m", "north" => "1 m", "bearing" => "95°" },
      "/tandem/ends/0/moves" => "slews_and_luffs",
      "/load/points/0/z" => "2 m",
      "/load/points/1/z" => "2 m",
      "/load/points/1/on" => ""
    }

    it "holds, and tells what one hook ahead of the other does" do
      found = ladder(carry)
      expect(
        found.rungs.reject { |rung|
          rung.verdict == "holds"
        }.map { |rung| [ rung.id, rung.note["metric"] ] }
      ).to eq([])
      turn = found.rung("turn")
      expect(turn.demand.value).to be_within(1e-6).of(Math.asin(0.3 / 9.4) * 180 / Math::PI)
      level, ahead = [ "0 m", "0.6 m" ].map { |step|
        DustLadder::Lift.new(two_cranes(carry.merge("/tandem/out_of_step" => step))).turn.most_kg(:tail)
      }
      expect(ahead).to be > level
    end

    it "keeps both hooks as far apart all the way, however it turns" do
      turn = DustLadder::Lift.new(two_cranes(carry)).turn
      apart = turn.steps.map { |step|
        Math.hypot(
          *turn.place(
            :head,
            step
          ).zip(turn.place(:tail, step)).map { |one, other|
            one - other
          }
        )
      }
      expect(apart).to all(be_within(1e-9).of(9.4))
      expect(turn.place(:head, 100)).to eq([ 11.0, 1.0 ])
    end

    [
      [ { "/tandem/out_of_step" => nil }, "turn", "not_known" ],
      [ { "/tandem/out_of_step" => "9.5 m" }, "turn", "not_known" ],
      [ { "/tandem/out_of_step" => "1 m" }, "turn", "stop" ],
      [ { "/tandem/head_to" => nil }, "tail_crane", "not_known" ],
      [ { "/tandem/head_to/bearing" => nil }, "tail_crane", "not_known" ]
    ].each do |changes, id, verdict|
      it("says #{verdict} of #{id} with #{changes}") {
        expect(ladder(carry.merge(changes)).rung(id).verdict).to eq(verdict)
      }
    end
  end

  describe "as a file" do
    # Changes to a sound file, and where it is wrong.
    {
      "two cranes and nothing on what they do" => [ ->(document) { document.delete("tandem") }, "/tandem" ],
      "one crane and what two do" => [ ->(document) { document["cranes"].pop }, "/cranes" ],
      "three points" => [
        ->(document) {
          document["load"]["points"] << document["load"]["points"][0]
          document["rigging"]["legs"] << document["rigging"]["legs"][0]
        },
        "/load/points"
      ],
      "a chart that it does not carry" => [ ->(document) {
        document["cranes"][1]["chart"] = "none"
      }, "/cranes/1/chart" ],
      "a second sling that it does not carry" => [
        ->(document) { document["tandem"]["ends"][1]["second"] = "none" }, "/tandem/ends/1/second"
      ],
      "another word for what they do" => [ ->(document) { document["tandem"]["does"] = "throw" }, "/tandem/does" ],
      "three slings at an end" => [ ->(document) {
        document["tandem"]["ends"][0]["slings"] = 3
      }, "/tandem/ends/0/slings" ]
    }.each do |words, (spoil, place)|
      it "is refused with #{words}" do
        document = two_cranes.tap(&spoil)
        expect { DustLadder::PlanFile.accept(document) }.to raise_error(DustLadder::PlanFile::Invalid) do |error|
          expect(error.errors.map { |one| one["pointer"] }).to include(place)
        end
      end
    end

    it "is accepted as it is, and says the same read back" do
      document = DustLadder::PlanFile.accept(two_cranes)
      again = DustLadder::PlanFile.read(DustLadder::PlanFile.write(document))
      expect(DustLadder.check(again).headline).to eq(ladder.headline)
    end

    it "is not known under rules of before there were two cranes" do
      document = two_cranes
      folder = File.expand_path("fixtures/of_their_day/rules_5", __dir__)
      older = DustLadder::PlanFile.read(File.read("#{folder}/cabin-on-gravel.json"))
      document["snapshots"]["rule_sets"] = older["snapshots"]["rule_sets"]
      found = DustLadder.check(document)
      expect(%w[turn tail_crane head_crane booms].map { |id| found.rung(id).verdict }.uniq).to eq([ "not_known" ])
    end
  end
end

# What would make a lift of two cranes better, and the tail's holds beside each other.
RSpec.describe DustLadder::Advice::TailChoices do
  def ways(changes = {}, store: [], charts: [], **more)
    ways_out(DustLadder::PlanFile.accept(two_cranes(changes, **more)), slings: store, charts: charts)
  end

  let(:weak) { big_chart("small", scale: 0.42) }

  it "offers the weight weighed and the tail crane nearer, each tried on the whole plan" do
    found = ways(tail: weak)
    expect(found.rung.id).to eq("tail_crane")
    expect(found.found.map(&:id)).to include("weigh").or include("tail")
    found.found.each do |way|
      again = DustLadder.check(DustLadder::PlanFile::Pointer.with_values(two_cranes({}, tail: weak), way.changes))
      expect(again.headline).to eq(way.ladder.headline)
      expect(again.rung("tail_crane").utilisation).to be < found.rung.utilisation
    end
    expect(found.tried).to include("the tail's lug on the other face", "trunnions at the tail")
  end

  it "offers another crane of the house that would do, and none that would not" do
    strong, little = [ [ "strong", 1.2 ], [ "little", 0.2 ] ].map { |id, scale|
      DustLadder::PlanFile::Digest.snapshot(big_chart(id, scale: scale))
    }
    tail = big_chart("small", scale: 0.3)
    found = ways(tail: tail, charts: [ strong, little ])
    way = found.found.find { |one| one.id == "heavier" }
    expect(way.changes["/cranes/1/chart"]).to eq("strong")
    expect(way.ladder.rung("tail_crane").verdict).not_to eq("stop")
    expect(ways(tail: tail, charts: [ little ]).found.map(&:id)).not_to include("heavier")
  end

  it "offers longer slings of the store where a beam has no room, as many alike as hang there" do
    beam = { "name" => "B", "mass" => "100 kg", "rated" => "9 t", "width" => "0.3 m", "high" => "0.5 m" }
    short = { "/tandem/ends/1/beam" => beam, "/load/points/1/z" => "1.8 m", "/tandem/to" => "80°" }
    longer = [ 3.6, 4.4, 5.4 ].map do |reach|
      sling(
        "L-#{reach}",
        kind: "wire_rope",
        reach_m: reach,
        mass_kg: 50,
        "diameter_m" => 0.028,
        "core" => "steel",
        tag: { "vertical_kg" => 20_000, "basket_kg" => 40_000, "choker_kg" => 15_000 }
      )
    end
    found = ways(short, store: longer)
    expect(found.rung.id).to eq("beam_gap")
    way = found.found.find { |one| one.id == "longer" }
    expect(way.ladder.rung("beam_gap").capacity.value).to be > found.rung.capacity.value
  end

  it "says of lug and trunnion what each comes to, by the same rows" do
    both = DustLadder::Tailing::Beside.new(DustLadder::Lift.new(two_cranes("/tandem/to" => "90°"))).as_json
    expect(both.map { |one| [ one["kind"], one["planned"] ] }).to eq([ [ "upper", true ], [ "trunnion", false ] ])
    expect(both.map { |one| one["upright"] }).to match([ /slack at 89/, /undefined at 8/ ])
    expect(both.map { |one| one["curve"].size }).to eq([ 19, 19 ])
    own = DustLadder.check(two_cranes("/tandem/to" => "90°", "/load/points/1/z" => "1 m"))
    expect(DustLadder::Tailing::Beside.new(own.lift).as_json.map { |one| one["kind"] }).to eq(%w[trunnion upper])
  end

  it "draws rows of the chart as steps, and nothing past where a line is slack" do
    view = DustLadder::Tailing::View.new(DustLadder::Lift.new(two_cranes("/tandem/to" => "90°")), []).as_json
    turn = DustLadder::Lift.new(two_cranes("/tandem/to" => "90°")).turn
    crossed = turn.sweep.crossings(:tail)
    at = view["curves"]["tail"].map(&:first)
    crossed.each { |tilt| expect(at.count { |one| (one - tilt).abs < 1e-4 }).to be >= 2 }
    expect(view["steps"].last["tail"]["share"]).to be_nil
    expect(view["steps"].first.dig("tail", "share", "value")).to be_within(1e-6).of(turn.box.most_at(0.0)[1])
  end
end
