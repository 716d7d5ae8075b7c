# What a named person answers in words, until when it counts, and what takes no word.
RSpec.describe DustLadder::Ladder::ByWordCheck do
  ids = %w[ground power_lines obstacles crew]

  def said(id, **changes) =
    check(changes.to_h { |name, value| [ "/by_word/#{id}/#{name}", value ] }).rung(id)

  ids.each do |id|
    it "#{id} holds by word of who said so, and is dashed where nobody did" do
      expect(said(id)).to have_attributes(verdict: "holds", utilisation: nil)
      expect(said(id).word).to include("by" => "A. Walker", "on" => "2026-12-10")
      document = plan
      document["by_word"].delete(id)
      unanswered = DustLadder.check(DustLadder::PlanFile.accept(document)).rung(id)
      expect(unanswered).to have_attributes(verdict: "not_known", word: nil)
      expect(unanswered.missing.first.pointer).to start_with("/by_word/#{id}/")
    end

    it "#{id} takes no empty word, no word of nobody, and none without its day" do
      { says: [ "", "  ", "...", "0" ], by: [ "", " ", "?" ], on: [ nil ] }.each do |field, values|
        values.each do |value|
          rung = said(id, field => value)
          expect([ field, value, rung.verdict, rung.missing.first.pointer ]).to eq(
            [ field, value, "not_known", "/by_word/#{id}/#{field}" ]
          )
        end
      end
    end
  end

  # The lift is on 14 December. [id, on, until, verdict, place of what is missing]
  [
    [ "obstacles", "2026-12-14", nil, "holds", nil ],
    [ "obstacles", "2026-12-07", nil, "holds", nil ],
    [ "obstacles", "2026-12-06", nil, "not_known", "/by_word/obstacles/on" ],
    [ "obstacles", "2026-12-15", nil, "not_known", "/by_word/obstacles/on" ],
    [ "obstacles", "2026-12-10", "2026-12-13", "not_known", "/by_word/obstacles/on" ],
    [ "obstacles", "2026-12-10", "2026-12-14", "holds", nil ],
    [ "obstacles", "2026-12-10", "2026-12-09", "not_known", "/by_word/obstacles/until" ],
    [ "obstacles", "2026-12-06", "2027-06-30", "not_known", "/by_word/obstacles/on" ],
    [ "obstacles", "2026-02-31", nil, "not_known", "/by_word/obstacles/on" ],
    [ "obstacles", "2026-12-10", "2026-13-01", "not_known", "/by_word/obstacles/until" ],
    [ "ground", "2026-11-14", nil, "holds", nil ],
    [ "ground", "2026-11-13", nil, "not_known", "/by_word/ground/on" ]
  ].each do |id, on, last, verdict, pointer|
    it "#{id} said on #{on.inspect}, until #{last.inspect}: #{verdict}" do
      rung = said(id, on: on, until: last)
      expect([ rung.verdict, rung.missing.first&.pointer ]).to eq([ verdict, pointer ])
    end
  end

  it "asks for the day of the lift, and for one that there is" do
    expect(check("/lift_at" => nil).rung("ground").missing.first.pointer).to eq("/lift_at")
    odd = check("/lift_at" => "2026-02-30T06:00")
    expect(%w[ground crew gear].map { |id| odd.rung(id).missing.first.pointer }.uniq).to eq([ "/lift_at" ])
  end

  it "says at the head who answered by word, and never writes a percentage for it" do
    ladder = check
    expect(ladder.by_word.map(&:id)).to eq(ids)
    expect(ladder.afterwards).to end_with("By word: ground, power lines, obstacles, people, crew")
    expect(ladder.headline).to start_with("Holds: ")
  end

  it "is not taken where the rule set takes none" do
    document = plan
    rules = JSON.parse(JSON.generate(document["snapshots"]["rule_sets"]["strict"]["data"]))
    rules["values"]["by_word"]["value"].delete("ground")
    document["snapshots"]["rule_sets"]["strict"] = DustLadder::PlanFile::Digest.snapshot(rules)
    rung = DustLadder.check(DustLadder::PlanFile.accept(document)).rung("ground")
    expect([ rung.verdict, rung.note["metric"] ]).to match([ "not_known", /takes no word/ ])
  end

  describe DustLadder::Site::PowerLinesCheck do
    # [what is said, verdict, place of what is missing]
    [
      [ { lines: nil }, "not_known", "lines" ],
      [ { lines: "none", looked: nil }, "not_known", "looked" ],
      [ { lines: "none", looked: "15.23 m" }, "not_known", "looked" ],
      [ { lines: "none", looked: "15.24 m" }, "holds", nil ],
      [ { lines: "none", looked: "50 ft" }, "holds", nil ],
      [ { lines: "none", looked: "0 m" }, "not_known", "looked" ],
      [ { lines: "none", looked: "40" }, "not_known", "looked" ],
      [ { lines: "known", voltage: nil, nearest: "9 m" }, "not_known", "voltage" ],
      [ { lines: "known", voltage: "0 kV", nearest: "9 m" }, "not_known", "voltage" ],
      [ { lines: "known", voltage: "20", nearest: "9 m" }, "not_known", "voltage" ],
      [ { lines: "known", voltage: "1100 kV", nearest: "90 m" }, "not_known", "voltage" ],
      [ { lines: "known", voltage: "20 kV", nearest: nil }, "not_known", "nearest" ],
      [ { lines: "known", voltage: "50 kV", nearest: "3.05 m" }, "holds", nil ],
      [ { lines: "known", voltage: "50 kV", nearest: "3.04 m" }, "stop", nil ],
      [ { lines: "known", voltage: "50.1 kV", nearest: "3.05 m" }, "stop", nil ],
      [ { lines: "known", voltage: "400 kV", nearest: "7.62 m" }, "holds", nil ],
      [ { lines: "known", voltage: "20 kV", nearest: "1 m", by: "" }, "stop", nil ],
      [ { lines: "known", voltage: "20 kV", nearest: "9 m", by: "" }, "not_known", "by" ],
      [ { lines: "unknown", nearest: "6.09 m" }, "stop", nil ],
      [ { lines: "unknown", nearest: "6.10 m" }, "not_known", "voltage" ],
      [ { lines: "unknown", nearest: "500 m" }, "not_known", "voltage" ],
      [ { lines: "unknown", nearest: nil, voltage: "20 kV" }, "not_known", "voltage" ]
    ].each do |given, verdict, field|
      it "#{given}: #{verdict}" do
        rung = said("power_lines", **given)
        expect([ rung.verdict, rung.missing.first&.pointer ]).to eq(
          [ verdict, field && "/by_word/power_lines/#{field}" ]
        )
      end
    end
  end

  describe DustLadder::Plan::Scope do
    left = ->(ladder) { ladder.as_json["scope"]&.fetch("left_out") }

    it "leaves out what cannot arise, in the name of who says so, and nothing without a name" do
      workshop = DustLadder.check(JSON.parse(File.read(File.expand_path("../../demo/plans/drive-motor.json", __dir__))))
      expect(left.(workshop)).to eq([ "Ground", "Power lines", "Wind" ])
      expect(workshop.rungs.map(&:id) & %w[stand ground power_lines wind]).to eq([])
      # A crane that stands on ground is no workshop hoist, whoever says so.
      expect(left.(check("/scope" => { "kind" => "workshop", "by" => "R. Alder" }))).to be_nil
      expect(left.(check("/scope" => { "kind" => "workshop", "by" => "R. Alder" }, "/cranes/0/chart" => nil))).to be_nil
      rigging = check("/scope" => { "kind" => "rigging", "by" => "R. Alder" })
      expect(rigging.rungs.map(&:flight).uniq).to eq(%w[load rigging gear_and_people])
      expect(rigging.headline).to start_with("Holds, rigging only: ")
      expect(check("/scope" => { "kind" => "rigging", "by" => "R. Alder" }, "/load/weight/bare" => nil).headline)
        .to start_with("Not known, rigging only: ")
      [ "", "  ", "?" ].each do |nobody|
        expect(left.(check("/scope" => { "kind" => "rigging", "by" => nobody }))).to be_nil
      end
      expect(left.(check("/scope" => { "kind" => "whole", "by" => "R. Alder" }))).to be_nil
    end

    it "is never there to leave out slings, load or gear" do
      ids = DustLadder::RuleSet.shipped("strict")[:scopes].values.flatten
      expect(ids & %w[load level angle points fittings slings gear crew hook]).to eq([])
      expect(ids - DustLadder::Ladder::Climb::CHECKS.map { |check| check::ID }).to eq([])
    end
  end
end
