require_relative "support/trial_help"

RSpec.describe DustLadder::Trial do
  include TrialHelp

  def lift_of(document) = DustLadder::Lift.new(document)
  def tries(document, *data, **more) = described_class::Tries.new(document, data, **more)
  def truth(lift, **changes)
    described_class::Simulated::Truth.new(
      weight: lift.load.planned_kg * 0.95,
      cg: lift.load.cg,
      lengths: [ 0.0 ] * lift.legs.size,
      stiff: 1.0,
      **changes
    )
  end

  let(:document) { chained(4, Random.new(7)) }
  let(:lift) { lift_of(document) }

  # A simulated load with its CG off by [x, y, z] m.
  def load_off(by, **changes)
    described_class::Simulated.new(lift, truth(lift, cg: lift.load.cg.zip(by).map(&:sum), **changes))
  end

  describe "how a try is judged" do
    let(:two) { DustLadder::PlanFile.accept(plan) }
    let(:gross) {
      lift_of(two).load.planned_kg + lift_of(two).duty.gross.shown_beside_load(with_block: false).sum(&:kg)
    }
    let(:seen) do
      {
        "cells" => [ "1200 kg", "1200 kg" ],
        "indicator" => "#{gross.floor} kg",
        "shows" => "without_block",
        "along" => "1°",
        "across" => "0.5°",
        "brakes" => "held",
        "swing" => "none"
      }
    end

    def finding(changes, id, leg = nil)
      judged = tries(two, seen.merge(changes)).judged[0]
      judged.findings.find { |one| one.id == id && one.leg == leg }
    end

    # [what is read, finding, leg, verdict, words]
    [
      [ {}, "weight", nil, "holds", /0\.\d.% under the planned gross/ ],
      [ { "indicator" => nil }, "weight", nil, "not_known", /not read/ ],
      [ { "shows" => nil }, "weight", nil, "holds", /planned gross/ ],
      [ { "along" => "5.2°" }, "tilt", nil, "stop", /5\.3° off level, of 5\.0°/ ],
      [ { "along" => "-4.5°" }, "tilt", nil, "tight", /4\.6° off level/ ],
      [ { "across" => nil }, "tilt", nil, "not_known", /both ways/ ],
      [ { "brakes" => "slipped" }, "brakes", nil, "stop", /did not hold/ ],
      [ { "brakes" => nil }, "brakes", nil, "not_known", /not tried/ ],
      [ { "swing" => "some" }, "swing", nil, "tight", /a little/ ],
      [ { "swing" => "much" }, "swing", nil, "stop", /hook was not over it/ ],
      [ { "swing" => nil }, "swing", nil, "not_known", /not looked at/ ],
      [ { "cells" => [ "0", "1200 kg" ] }, "leg", 0, "stop", /slack/ ],
      [ { "cells" => [ "60 kg", "1200 kg" ] }, "leg", 0, "tight", /nearly slack/ ],
      [ { "cells" => [ "dead", "1200 kg" ] }, "leg", 0, "not_known", /dead/ ],
      [ { "cells" => nil }, "leg", 1, "not_known", /not looked at/ ],
      [ { "cells" => nil, "tight" => "yes" }, "leg", 1, "holds", /by eye/ ],
      [ { "cells" => nil, "tight" => "no", "slack" => [ 1 ] }, "leg", 1, "stop", /slack/ ],
      [ { "cells" => nil, "tight" => "no", "slack" => [ 1 ] }, "leg", 0, "not_known", /not looked at/ ],
      [ { "cells" => [ "1200 kg", "9 t" ] }, "leg", 1, "stop", /more than its sling may carry/ ],
      [ { "cells" => [ "1200 kg", "2200 kg" ] }, "leg", 1, "stop", /far over what the plan counts with/ ]
    ].each do |changes, id, leg, verdict, words|
      it("takes #{changes} as #{verdict}") do
        found = finding(changes, id, leg)
        expect([ found.verdict, found.words["metric"] ]).to match([ verdict, words ])
      end
    end

    it "is over plan beyond five in a hundred of the planned gross, and tight above it" do
      over = [ 1.0499, 1.0501 ].map { |share| "#{format("%.2f", gross * share)} kg" }
      expect(over.map { |text| finding({ "indicator" => text }, "weight").verdict }).to eq(%w[tight stop])
    end

    it "counts block and rope in where the indicator does" do
      shown = finding({ "shows" => "with_block" }, "weight").words["metric"]
      block = lift_of(two).duty.gross.shown_beside_load(with_block: true).sum(&:kg)
      expect(shown).to include(
        "planned gross of " \
          "#{DustLadder::Quantity::Figure.kg(block + lift_of(two).load.planned_kg, :down)}"
      )
    end

    it "is as good as the worst of it; what nobody looked at is never a pass" do
      expect(tries(two, seen).judged[0].verdict).to eq("holds")
      expect(tries(two, seen.except("swing")).judged[0].verdict).to eq("not_known")
      expect(tries(two, {}).judged[0].verdict).to eq("not_known")
      expect(tries(two, {})).to have_attributes(learnt: nil, advice: nil, missing: /nothing was read/)
      both = tries(two, seen, seen.merge("along" => "1.5°"))
      expect(both.advised_after(0).as_json).to eq(tries(two, seen).advice.words.as_json)
      expect(both.advised_after(1)).to eq(both.advice.words)
      expect(tries(two, {}, seen).advised_after(0)).to be_nil
    end

    # [what is typed, pointer, words]
    [
      [ { "cells" => [ "1200", "1200 kg" ] }, "/tries/0/cells/0", /unit|kg/ ],
      [ { "cells" => [ "-5 kg", "1200 kg" ] }, "/tries/0/cells/0", /below nothing/ ],
      [ { "cells" => [ "1200 kg" ] }, "/tries/0/cells", /one text for each leg/ ],
      [ { "cells" => "all" }, "/tries/0/cells", /one text for each leg/ ],
      [ { "cells" => [ 5, nil ] }, "/tries/0/cells", /one text for each leg/ ],
      [ { "along" => "70°" }, "/tries/0/along", /more than can be/ ],
      [ { "along" => "half" }, "/tries/0/along", /./ ],
      [ { "indicator" => "0.0000001 Mt" }, "/tries/0/indicator", /./ ],
      [ { "indicator" => "9999999 t" }, "/tries/0/indicator", /more than can be|believe/ ],
      [ { "brakes" => "perhaps" }, "/tries/0/brakes", /not an answer/ ],
      [ { "slack" => [ 7 ] }, "/tries/0/slack", /no leg/ ],
      [ { "tight" => "yes", "slack" => [ 0 ] }, "/tries/0/slack", /tight/ ],
      [ { "lengths" => [ "0 m", nil ] }, "/tries/0/lengths/0", /more than nothing/ ],
      [ { "colour" => "red" }, "/tries/0/colour", /not read at a try/ ]
    ].each do |changes, pointer, words|
      it("refuses #{changes}") do
        expect { tries(two, seen.merge(changes)) }.to raise_error(DustLadder::PlanFile::Invalid) { |error|
          expect(error.errors).to include(a_hash_including("pointer" => pointer, "message" => words))
        }
      end
    end
  end

  describe "what is learnt" do
    it "finds weight and CG of whatever was tried, within what it tells, in nineteen of twenty" do
      random = Random.new(11)
      told = { weight: [], x: [], y: [] }
      48.times do |index|
        one = lift_of(chained(2 + index % 3, random))
        load = described_class::Simulated.by_chance(one, random)
        leave = [ [], %w[cells], %w[indicator], %w[along across] ][index % 4]
        learnt = tries(one.document.data, load.try(leave: leave)).learnt or next
        next unless learnt.told?

        told[:weight] << ((learnt.weight - load.truth.weight).abs <= learnt.weight_error) if learnt.weight
        %i[x y].each_with_index do |axis, at|
          told[axis] << ((learnt.cg[at] - load.truth.cg[at]).abs <= learnt.cg_errors[at]) if learnt.cg[at]
        end
      end
      expect(told.transform_values(&:size)).to match(weight: be > 40, x: be > 40, y: be > 36)
      expect(told.transform_values { |all| all.count(true) / all.size.to_f }).to all(
        satisfy { |_, share|
          share >= 0.95
        }
      )
    end

    it "agrees with the balance of the legs alone, worked out another way" do
      load = load_off([ 0.3, -0.1, 0.0 ], lengths: [ 0.0 ] * 4)
      hung = load.hung
      cells =
        DustLadder::Statics::CellReadings.new(
          lift.load.points.zip(hung.tensions).map { |point, kg|
            DustLadder::Statics::CellReadings::Leg.new(point.name, point.at, hung.hook, kg)
          },
          pitch_deg: hung.pitch,
          roll_deg: hung.roll,
          consistent_upto: 1e-6
        )
      learnt = tries(document, load.try).learnt
      z = lift.load.cg[2]
      expect(cells).to have_attributes(weight: be_within(1e-3).of(load.truth.weight), consistent?: true)
      expect(cells.plumb_line(z)).to match(load.truth.cg.first(2).map { |at| be_within(1e-4).of(at) })
      expect(learnt.weight).to be_within(0.01 * cells.weight).of(cells.weight)
      expect(learnt.cg.first(2)).to match(cells.plumb_line(z).map { |at| be_within(0.02).of(at) })
    end

    it "tells the weight alone by an indicator, and the place alone by a tilt" do
      load = load_off([ 0.3, 0.1, 0.0 ])
      by_indicator = tries(document, load.try(leave: %w[cells along across tight])).learnt
      expect(by_indicator).to have_attributes(weight: be_within(1).of(load.truth.weight), cg: [ nil, nil, nil ])
      by_tilt = tries(document, load.try(leave: %w[cells indicator])).learnt
      expect(by_tilt.weight).to be_nil
      expect(by_tilt.cg[0]).to be_within(by_tilt.cg_errors[0]).of(load.truth.cg[0])
      expect(by_tilt.cannot_tell.map { |one| one["metric"] }).to include("the weight", /how high/)
    end

    it "is surer by a second try in another pose, and then tells how high the CG is" do
      load = load_off([ 0.25, 0.1, 0.3 ])
      lengths = lift.bridle.lengths
      first = load.try(lengths)
      second = load.try(lengths.zip([ -0.5, 0.5, 0.5, -0.5 ]).map(&:sum))
      learnt = tries(document, first, second).learnt
      expect(learnt.cg[2]).to be_within(learnt.cg_errors[2]).of(load.truth.cg[2])
      expect(learnt.cg_errors[0]).to be < tries(document, first).learnt.cg_errors[0]
    end

    it "says which CG lies outside of its box, and that what agrees with the plan does not" do
      outside = tries(document, load_off([ 0.5, 0.0, 0.0 ]).try).learnt
      expect([ 0, 1 ].map { |axis| outside.outside?(axis) }).to eq([ true, false ])
      expect(tries(document, load_off([ 0.0, 0.0, 0.0 ]).try).learnt.outside?(0)).to be(false)
    end

    it "is scaled with the weights, and mirrored with the load" do
      load = load_off([ 0.3, 0.12, 0.0 ])
      mirrored = load_off([ -0.3, 0.12, 0.0 ])
      learnt, other = [ load, mirrored ].map { |one| tries(document, one.try).learnt }
      expect(learnt.off[0]).to be_within(0.005).of(-other.off[0])
      expect(learnt.off[1]).to be_within(0.005).of(other.off[1])
      expect(learnt.weight).to be_within(0.002 * learnt.weight).of(other.weight)
    end
  end

  describe "an instrument that is wrong" do
    def wrongs(**changes)
      described_class::Simulated::Wrongs.new(cells: [ 0.0 ] * 4, indicator: 0.0, pitch: 0.0, roll: 0.0, **changes)
    end

    def tried(**changes)
      cg = lift.load.cg.zip([ 0.5, 0.0, 0.0 ]).map(&:sum)
      described_class::Simulated.new(lift, truth(lift, cg: cg), wrongs(**changes)).try
    end

    it "suspects cells that stand in each other's place, and asks to look before anything is rigged" do
      found = tries(document, tried(swapped: [ [ 0, 1 ] ]))
      expect(found.learnt.agrees?).to be(false)
      expect(found.learnt.suspects.map { |one| [ one.what, one.lines ] }).to include([ "swapped", [ 0, 1 ] ])
      expect(found.advice).to have_attributes(id: "look", lengths: nil)
    end

    it "suspects a cell that reads far too much" do
      found = tries(document, tried(cells: [ 0.6, 0.0, 0.0, 0.0 ]))
      expect(found.learnt.suspects.map(&:what)).to include("cell")
      expect(found.learnt.doubt["metric"]).to match(/do not agree.*NW/)
    end

    it "does without a dead cell, and says so" do
      found = tries(document, tried(dead: [ 2 ]))
      expect(found.learnt).to have_attributes(agrees?: true)
      expect(found.learnt.weight).to be_within(found.learnt.weight_error).of(lift.load.planned_kg * 0.95)
      expect(found.judged[0].findings.map { |one| one.words["metric"] }).to include("The SE cell is dead.")
    end

    it "tells nothing where nothing explains it" do
      data = tried.merge("cells" => [ "9 t", "10 kg", "9 t", "10 kg" ], "along" => "20°", "across" => "-20°")
      found = tries(document, data)
      expect(found.learnt&.weight).to be_nil
      expect(found.advice&.id).to eq("look").or be_nil
      expect(found.taken).to be_nil
    end
  end

  describe "the advice" do
    it "levels what can be levelled within two degrees at the next try, in nine of ten" do
      random = Random.new(5)
      next_tilts = []
      36.times do |index|
        one = lift_of(chained(3 + index % 2, random))
        load = described_class::Simulated.by_chance(one, random)
        advice = tries(one.document.data, load.try(one.bridle.lengths)).advice
        next unless advice&.lengths

        next_tilts << load.hung(lengths_of(advice, one.bridle.lengths)).tilt
        expect(next_tilts.last).to be_within(1.0).of(advice.expected.tilt)
      end
      expect(next_tilts.size).to be > 15
      expect(next_tilts.count { |tilt| tilt <= 2.0 }).to be >= 0.9 * next_tilts.size
    end

    it "names legs and links, and what to leave" do
      # The east end is heavy, so it hangs low: its legs come up.
      advice = tries(document, load_off([ 0.45, 0.0, 0.0 ]).try(lift.bridle.lengths)).advice
      level = /\A(NE and SE: \d+ links shorter each|NW and SW: \d+ links longer each)\z/
      expect(advice.words["metric"]).to match(level)
      expect(advice.detail["metric"]).to match(/m\. Leave .* as they are\. Then about [\d.]+° off level/)
    end

    it "changes nothing where it hangs level, and says so" do
      expect(tries(document, load_off([ 0.0, 0.0, 0.0 ]).try).advice).to have_attributes(id: "nothing", lengths: nil)
    end

    it "asks for the weight first where it is over plan, or nothing tells it" do
      over = load_off([ 0.4, 0.0, 0.0 ], weight: lift.load.planned_kg * 1.12)
      expect(
        tries(
          document,
          over.try
        ).advice
      ).to have_attributes(id: "weigh", words: have_attributes_of(/take the weight/))
      tilt_alone = load_off([ 0.4, 0.0, 0.0 ]).try(leave: %w[cells indicator])
      expect(
        tries(
          document,
          tilt_alone
        ).advice
      ).to have_attributes(id: "weigh", words: have_attributes_of(/Weigh it first/))
    end

    it "sets down what no rigging mends" do
      data = load_off([ 0.0, 0.0, 0.0 ]).try
      expect(tries(document, data.merge("brakes" => "slipped")).advice.words["metric"]).to match(/brake does not hold/)
      expect(tries(document, data.merge("swing" => "much")).advice.words["metric"]).to match(/hook over the load/)
    end

    it "moves the points of what hangs on two legs and leans across" do
      pair = lift_of(chained(2, Random.new(3)))
      cg = pair.load.cg.zip([ 0.0, 0.15, 0.0 ]).map(&:sum)
      load = described_class::Simulated.new(pair, truth(pair, cg: cg))
      advice = tries(pair.document.data, load.try).advice
      expect(advice.id).to eq("points")
      expect(advice.words["metric"]).to match(/0\.1\d\d.m across/)
    end

    it "offers another sling of the store where legs cannot be taken up" do
      soft = DustLadder::PlanFile.accept(on_points("/rigging/set_by" => "hook_height"))
      one = lift_of(soft)
      load = described_class::Simulated.new(one, truth(one, cg: one.load.cg.zip([ 0.4, 0.0, 0.0 ]).map(&:sum)))
      advice = tries(soft, load.try, pieces: []).advice
      expect(advice.id).to eq("points").or eq("other")
    end

    def have_attributes_of(words) = satisfy { |one| one["metric"].match?(words) }
  end

  describe "what is taken into the plan" do
    it "is the weight as weighed, the CG with its box, and the new lengths; the plan is judged anew with them" do
      found = tries(document, load_off([ 0.45, 0.0, 0.0 ]).try(lift.bridle.lengths))
      changes = found.taken.changes
      learnt = found.learnt
      expect(changes["/load/weight"]).to include("basis" => "weighed", "source" => "trial lift")
      expect(changes["/load/weight"]["history"].last).to include("bare" => lift.load["weight"]["bare"])
      covered = found.taken.ladder.lift.load
      expect(covered.planned_kg).to be >= learnt.weight + learnt.weight_error - 1
      expect(covered.cg[0]).to be_within(0.001).of(learnt.cg[0])
      expect(covered.cg_half_width[0]).to be >= learnt.cg_errors[0]
      expect(changes).to include("/rigging/set_by" => "leg_lengths")
      expect(found.as_json["taken"]).to include("verdict" => covered && found.taken.ladder.verdict)
    end

    it "leaves what was not told as it was" do
      data = load_off([ 0.0, 0.0, 0.0 ]).try(leave: %w[cells along across tight])
      expect(tries(document, data).taken.changes.keys).to eq([ "/load/weight" ])
    end
  end

  it "hangs under a beam too" do
    beamed = DustLadder::PlanFile.accept(under_beam)
    one = lift_of(beamed)
    lines = DustLadder::Rigging::AsRig.of(one).lines.size
    cg = one.load.cg.zip([ 0.2, 0.0, 0.0 ]).map(&:sum)
    load = described_class::Simulated.new(one, truth(one, cg: cg, lengths: [ 0.0 ] * lines))
    learnt = tries(beamed, load.try).learnt
    expect(learnt.weight).to be_within(learnt.weight_error).of(load.truth.weight)
    expect(learnt.cg[0]).to be_within(learnt.cg_errors[0]).of(cg[0])
  end
end
