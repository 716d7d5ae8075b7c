# Beams, reeved slings and gripped baskets in a plan.
RSpec.describe DustLadder::Rigging::UnderBeam do
  include Arithmetic
  two = { "West" => [ 0.5, 0.5 ], "East" => [ 3.5, 0.5 ] }

  def lift(document) = DustLadder::Lift.new(DustLadder::PlanFile.accept(document))
  def answer(document, **rest) = DustLadder.check(DustLadder::PlanFile.accept(document), **rest)
  def level_lengths(document) =
    lift(document).bridle.then do |bridle|
      {
        **bridle.lengths.each_with_index.to_h { |m, leg| [ "/rigging/legs/#{leg}/length", "#{m.round(4)} m" ] },
        **bridle.upper_lengths.each_with_index.to_h do |m, leg|
          [ "/rigging/beam/legs/#{leg}/length", "#{m.round(4)} m" ]
        end
      }
    end

  it "carries load and beam above, the load alone below, two legs and four" do
    [ two, PlanHelp::CORNERS ].each do |points|
      bridle = lift(under_beam(points: points, "/load/cg/x": "2.2 m")).bridle
      expect(bridle.nominal.sum(&:share)).to be_within(1e-3).of(3090)
      expect([ 0, 1 ].sum { |index| bridle.upper_nominal(index).share }).to be_within(1e-3).of(
        3090 + 180 + 15 * points.size
      )
      bridle.worst.zip(bridle.nominal) { |worst, nominal| expect(worst.tension).to be >= nominal.tension }
    end
  end

  it "makes up lengths that hang level, load and beam, wherever the CG is and whatever the span" do
    [ [ "1.7 m", "2.4 m" ], [ "2.0 m", "3.0 m" ], [ "2.45 m", "3.4 m" ] ].each do |cg, span|
      [ two, PlanHelp::CORNERS ].each do |points|
        bridle =
          lift(
            under_beam(
              points: points,
              beam: beam(spans: [ { "span_m" => 2.0, "kg" => 6000 }, { "span_m" => 4.0, "kg" => 6000 } ]),
              "/load/cg/x": cg,
              "/rigging/beam/span": span
            )
          ).bridle
        expect(bridle.pose.tilt_deg).to be < 0.7
        expect(bridle.beam_tilt_deg).to be < 0.7
      end
    end
  end

  it "splits two plumb legs by the lever law" do
    bridle = lift(under_beam(points: two, "/load/cg/x": "2.3 m")).bridle
    expect(bridle.nominal.map(&:share)).to match([ be_within(15).of(3090 * 1.2 / 3), be_within(15).of(3090 * 1.8 / 3) ])
  end

  it "mirrors with the load" do
    one, other = %w[1.7 2.3].map { |x| lift(under_beam(points: two, "/load/cg/x": "#{x} m")).bridle }
    expect(one.worst.map(&:tension)).to match(
      other.worst.map(&:tension).reverse.map { |tension| be_within(0.5).of(tension) }
    )
  end

  it "shows figures that can be worked again, in the format, and adds the beam to the gross load" do
    ladder = answer(under_beam)
    expect(DustLadder::PlanFile::Schema.ladder_errors(JSON.parse(JSON.generate(ladder.as_json)))).to be_empty
    ladder
      .rungs
      .flat_map(&:working)
      .select(&:formula)
      .each do |line|
        value = line.result.value * (line.result.unit == :percent ? 100 : 1)
        expect(rework(line)).to be_within(1e-6 * [ 1, value.abs ].max).of(value), "#{line.symbol} = #{line.formula}"
      end
    expect(ladder.rung("hoist").working.find { |line| line.symbol == "t" }.result.value).to eq(180)
    expect(ladder.as_json["drawing"]["beam"]["holes"].size).to eq(2)
  end

  it "stops an overloaded end, a span that is not marked, uppers flatter than marked, and weak uppers" do
    expect(answer(under_beam(points: two, beam: beam(end_kg: 1400))).rung("beam").verdict).to eq("stop")
    expect(answer(under_beam(points: two, "/rigging/beam/span": "2.6 m")).rung("beam").note["metric"]).to include(
      "no rating is marked for this span"
    )
    flat = answer(under_beam(points: two, "/rigging/beam/headroom": "1.2 m")).rung("beam")
    expect([ flat.verdict, flat.subject ]).to eq([ "stop", "upper slings from plumb" ])
    weak =
      under_beam(points: two).tap do |document|
        document["snapshots"]["slings"]["S-3"] = DustLadder::PlanFile::Digest.snapshot(
          sling("S-3", kind: "polyester_round", reach_m: 3.13, tag: { "vertical_kg" => 1500 })
        )
      end
    expect(answer(weak).rung("upper").verdict).to eq("stop")
  end

  it "knows nothing without the beam, its mass, its marking, a hole, or a sling above" do
    bare = {
      "/rigging/beam/beam": nil,
      "/rigging/legs/2/hole": nil,
      "/rigging/beam/legs/1/sling": nil,
      "/rigging/beam/span": nil,
      "/rigging/beam/headroom": nil
    }
    bare.each do |pointer, value|
      expect(answer(under_beam(pointer => value)).verdict).to eq("not_known"), pointer.to_s
    end
    [ { mass_kg: nil }, { least_deg_from_horizontal: nil } ].each do |less|
      expect(answer(under_beam(beam: beam(**less))).rung("beam").verdict).to eq("not_known")
    end
    expect(answer(under_beam("/rigging/legs/2/hole": 5)).rung("beam").missing.first.pointer).to eq(
      "/rigging/legs/2/hole"
    )
  end

  it "leaves the worst case pending when in haste, never a verdict from the nominal, and then tells it" do
    document = under_beam("/load/cg/y": "0.51 m", "/load/cg/x": "#{1.9 + rand(1000) / 10_000.0} m")
    hasty = answer(document, hasty: true)
    expect(
      %w[level angle slings beam upper height].map do |id|
        hasty.rung(id).then { |rung| [ rung.verdict, rung.pending, rung.utilisation ] }
      end
    ).to all(eq([ "not_known", true, nil ]))
    expect(hasty.as_json["drawing"]["legs"].map { |leg| leg["nominal"] }).to all(be_a(Hash))
    whole = answer(document)
    expect(whole.rungs.map(&:pending)).to all(be(false))
    expect(answer(document, hasty: true).rungs.map(&:verdict)).to eq(whole.rungs.map(&:verdict))
  end

  it "hangs a lifting beam by its bail, one hole farther out one end more loaded" do
    lifting =
      beam(
        "L-02",
        kind: "lifting",
        holes_m: [ -1.5, -1.0, 1.0, 1.5 ],
        spans: [ { "span_m" => 2.0, "kg" => 6000 }, { "span_m" => 3.0, "kg" => 5000 } ],
        least_deg_from_horizontal: nil
      )
    made = ->(west, east, cg) do
      under_beam(
        points: two,
        beam: lifting,
        "/load/cg/x": cg,
        "/rigging/beam/legs": [],
        "/rigging/beam/span": nil,
        "/rigging/legs/0/hole": west,
        "/rigging/legs/1/hole": east
      )
    end
    centred = lift(made.(0, 3, "2.0 m"))
    expect(centred.bridle.nominal.map(&:share)).to all(be_within(2).of(1545))
    expect(answer(made.(0, 3, "2.0 m")).rung("beam").parts.map(&:name)).to include(start_with("beam at 3.000"))
    expect(answer(made.(0, 3, "2.5 m")).rung("beam").verdict).to eq("stop")
    expect(lift(made.(0, 3, "2.5 m")).bridle.beam_tilt_deg).to be > 5
  end

  it "stops in words, quickly, where the CG is above all hope, and for a tag that says nothing" do
    high = answer(under_beam("/load/cg/z": "5 m"))
    expect(high.rung("level").verdict).to eq("stop")
    outside = answer(under_beam("/load/cg/x": "-1 m"))
    expect(outside.rung("level").verdict).to eq("stop")
    nothing =
      under_beam.tap do |document|
        document["snapshots"]["slings"]["S-3"] = DustLadder::PlanFile::Digest.snapshot(
          sling("S-3", kind: "polyester_round", tag: { "vertical_kg" => 0 })
        )
      end
    expect { answer(nothing) }.to raise_error(DustLadder::PlanFile::Invalid, /vertical_kg/)
    bent = answer(under_beam(beam: beam(bending_kg_m: 30)))
    expect(DustLadder::PlanFile::Schema.ladder_errors(JSON.parse(JSON.generate(bent.as_json)))).to be_empty
  end

  it "takes typed lengths, and tells a beam that leans" do
    lengths = level_lengths(under_beam(points: two)).transform_keys(&:to_sym)
    level = answer(under_beam(points: two, "/rigging/set_by": "leg_lengths", **lengths))
    expect(level.rung("level").verdict).to eq("holds")
    crooked = answer(
      under_beam(
        points: two,
        "/rigging/set_by": "leg_lengths",
        **lengths,
        "/rigging/beam/legs/0/length": "3.60 m"
      )
    )
    expect(crooked.rung("beam").parts.find { |part| part.name == "lean of the beam" }.verdict).to eq("stop")
  end

  it "shares one reeved sling alike over both its points, on a named person's choice only" do
    reeved = ->(who) do
      on_points("/rigging/reeved" => { "pairs" => [ [ 0, 2 ] ], "decided_by" => who }, "/rigging/legs/2/sling" => "S-1")
    end
    bridle = lift(reeved.("Imke Falk")).bridle
    expect(bridle.nominal[0].tension).to be_within(1e-6).of(bridle.nominal[2].tension)
    expect(bridle.nominal.sum(&:share)).to be_within(1e-3).of(3090)
    expect(answer(reeved.("Imke Falk")).rung("sharing").cautions.map(&:id)).to include("reeved")
    expect(answer(reeved.(" ")).rung("sharing").missing.first.pointer).to eq("/rigging/reeved/decided_by")
    two_slings = reeved.("Imke Falk").tap { |document| document["rigging"]["legs"][2]["sling"] = "S-3" }
    expect(answer(two_slings).rung("level").missing.first.pointer).to eq("/rigging/legs/2/sling")
  end
end

RSpec.describe "Cautions where they matter" do
  def cautions(id, ...) = rung(id, ...).cautions.map(&:id)

  it "warns of thrust under flat legs, of a single sling, of bundles in a choke, and not elsewhere" do
    expect(cautions("angle", "/rigging/hook_height" => "3.2 m")).to include("thrust")
    expect(cautions("angle")).not_to include("thrust")
    one =
      plan({ "/load/points" => plan["load"]["points"].first(1), "/rigging/legs" => plan["rigging"]["legs"].first(1) })
    expect(DustLadder.check(one).rung("level").cautions.map(&:id)).to include("one_point")
    choked =
      [ 0, 1 ].flat_map do |leg|
        [
          [ "/rigging/legs/#{leg}/hitch", "choker" ],
          [ "/rigging/legs/#{leg}/choke_angle", "125°" ],
          [ "/rigging/legs/#{leg}/held_by", "lug" ]
        ]
      end
        .to_h
    expect(cautions("slings", choked)).to include("choke")
  end

  it "counts for a basket at least its width as going round the load" do
    baskets =
      [ 0, 1 ].flat_map do |leg|
        [
          [ "/rigging/legs/#{leg}/hitch", "basket" ],
          [ "/rigging/legs/#{leg}/basket_width", "1 m" ],
          [ "/rigging/legs/#{leg}/round", "0.1 m" ]
        ]
      end
        .to_h
    lift = DustLadder::Lift.new(DustLadder::PlanFile.accept(plan(baskets)))
    expect(DustLadder::Slings::Leg.of(lift, 0).taken(4.0)).to be_within(1e-9).of(2 * Math.sqrt(16.25) + 1)
  end
end

RSpec.describe DustLadder::Slings::GripCheck do
  # A box in two baskets, the CG across it where it is asked for.
  def baskets(across, height: "5 m", width: "1.0 m", held: { "along" => nil, "round" => nil })
    legs = [ 0, 1 ].to_h { |leg| [ "/rigging/legs/#{leg}/hitch", "basket" ] }
    plan(
      {
        **legs,
        **[ 0, 1 ].flat_map do |leg|
            [ [ "/rigging/legs/#{leg}/basket_width", width ], [ "/rigging/legs/#{leg}/prevents", held ] ]
          end
          .to_h,
        "/load/cg/y" => across,
        "/rigging/hook_height" => height,
        "/load/points/0/z" => "0 m",
        "/load/points/1/z" => "0 m",
        "/load/points/0/x" => "1.4 m",
        "/load/points/1/x" => "2.6 m"
      },
      slings: [ sling("R-1", kind: "polyester_round", reach_m: 12), sling("R-2", kind: "polyester_round", reach_m: 12) ]
    )
  end

  def grip(...) = DustLadder.check(DustLadder::PlanFile.accept(baskets(...))).rung("grip")

  it "pulls both sides nearly alike over a centred CG, and more apart the farther it is off" do
    ratios = [ "0.50 m", "0.55 m", "0.60 m" ].map { |across| grip(across).parts.first.demand&.value || Float::INFINITY }
    expect(ratios.first).to be < 1.4
    expect(ratios).to eq(ratios.sort)
  end

  it "stops when friction no longer holds the sides apart, unless it is said what holds them" do
    loose, held = grip("0.66 m"),
grip("0.66 m", held: { "along" => nil, "round" => { "means" => "lug", "words" => "", "by" => "A. Rigger" } })
    expect(loose.verdict).to eq("stop")
    expect(held.cautions.map(&:id)).to include("held")
    expect(held.parts.first.verdict).not_to eq("stop")
  end

  it "looks at baskets under a spreader too: their sides pull apart as the CG goes off across the load" do
    two = { "West" => [ 1.4, 0.5 ], "East" => [ 2.6, 0.5 ] }
    fuller =
      [ "0.50 m", "0.53 m", "0.56 m" ].map do |across|
        baskets =
          [ 0, 1 ].flat_map do |leg|
            [ [ :"/rigging/legs/#{leg}/hitch", "basket" ], [ :"/rigging/legs/#{leg}/basket_width", "1 m" ] ]
          end
            .to_h
        document =
          under_beam(
            points: two,
            beam: beam(spans: [ { "span_m" => 1.2, "kg" => 6000 } ]),
            "/rigging/beam/span": "1.2 m",
            "/load/cg/y": across,
            **baskets
          )
        DustLadder
          .check(DustLadder::PlanFile.accept(document))
          .rung("grip")
          .parts
          .find { |part| part.name.include?("fuller") }
          .demand
          .value
      end
    expect(fuller).to eq(fuller.sort)
    expect(fuller.first).to be > 3090 / 4.0
  end

  it "is not asked of straight legs, and knows nothing without the width" do
    expect(check.rungs.map(&:id)).not_to include("grip")
    expect(grip("0.5 m", width: nil).verdict).to eq("not_known")
  end
end

RSpec.describe DustLadder::Rigging::PointsCheck do
  def rated(wll: "2 t", x: "0.5 m", **changes) =
    check(
      {
        "/load/rated_points" => [
          { "name" => "lug 1", "x" => x, "y" => "0.5 m", "z" => "2 m", "wll" => wll },
          { "name" => "lug 2", "x" => "3.5 m", "y" => "0.5 m", "z" => "2 m", "wll" => "2 t" }
        ]
      }.merge(changes)
    )

  it "holds each leg's worst against its point, stops a leg that is off them, and knows nothing without a rating" do
    sound = rated
    expect(%w[holds tight]).to include(sound.rung("points").verdict)
    expect(sound.rung("points").demand.value).to eq(
      sound.rung("slings").parts.map { |part| part.demand.value }.first(2).max
    )
    expect(rated(wll: "1 t").rung("points").verdict).to eq("stop")
    expect(rated(x: "0.6 m").rung("points").note["metric"]).to include("West: not at a rated point")
    expect(rated(wll: nil).rung("points").verdict).to eq("not_known")
    expect(rated("/load/points/1/x" => "0.5 m", "/load/points/1/y" => "0.5 m").verdict).to eq("stop")
  end

  it "goes by what each point carries where no places are rated, and is never left out of straight legs" do
    points = ->(changes) { check(changes).rung("points") }
    expect(points.({})).to have_attributes(verdict: "holds")
    expect(points.("/load/points/1/wll" => "1 t")).to have_attributes(verdict: "stop", subject: "East point")
    expect(points.("/load/points/1/wll" => nil).missing.map(&:pointer)).to eq([ "/load/points/1/wll" ])
    expect(points.("/load/points/1/wll" => "0 kg").verdict).to eq("not_known")
  end
end
