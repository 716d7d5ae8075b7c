# A piece of the store as a record: what stands in its columns, how its state may be written, and what it is found by.
RSpec.describe Piece do
  before { load_store }

  def piece(number) = described_class.find_by!(number: number)
  def make(**fields)
    fields = { number: "N-1", kind: "hook", wll: "2 t", **fields }
    described_class.new(fields: fields.transform_keys(&:to_s))
  end

  # From a state to another by the pen, and whether it is taken.
  states = DustLadder::Gear::Piece::STATES
  states.product(states).each do |from, to|
    taken = from == to || !%w[scrapped quarantined lost].include?(from) || (from != "scrapped" && to == "scrapped")
    it "#{taken ? "is" : "is not"} written from #{from} to #{to}" do
      one = make(state: from).tap(&:save!)
      one.fields = one.fields.merge("state" => to)
      expect([ one.save, described_class.find(one.id).state ]).to eq([ taken, taken ? to : from ])
    end
  end

  # Fields, and what stands in the columns.
  [
    [ { examined: "2026-09-14", use: "normal" }, { due: "2027-03-14", use: "normal", examined: "2026-09-14" } ],
    [ { examined: "2026-09-14", use: "hard" }, { due: "2026-12-14", use: "hard" } ],
    [ { examined: "2026-09-14" }, { due: "2026-12-14", use: nil } ],
    [ { due: "2026-12-01" }, { due: "2026-12-01", due_given: "2026-12-01", examined: nil } ],
    [ {}, { due: nil, state: "ready", place: "", belongs: "", rating: 2000.0 } ],
    [ { own_swl: "1 t", own_swl_why: "worn" }, { rating: 1000.0 } ],
    [ { place: "rack 9", set: "SET-1" }, { place: "rack 9", belongs: "SET-1" } ],
    [ { kind: "mat", wll: "", lengthways: "1 m", wide: "1 m" },
      { kind: "mat", sort: "support", due: nil, rating: nil } ]
  ].each do |fields, columns|
    it "keeps #{fields} as #{columns}" do
      one = make(**fields).tap(&:save!)
      expect(one.reload.attributes.symbolize_keys.slice(*columns.keys)).to eq(columns)
    end
  end

  it "keeps only fields that say something, and tells all of them where they are asked for" do
    one = make.tap(&:save!)
    expect(one.fields).to eq("number" => "N-1", "kind" => "hook", "state" => "ready", "wll" => "2 t")
    expect(one.whole_fields.keys).to eq(DustLadder::Gear::Piece::FIELDS)
  end

  it "is alike those that differ in nothing but their own, and no others" do
    marks = %w[R-11].map { |number| piece(number).fields }.flat_map do |fields|
      same = { "place" => "rack 9", "state" => "out", "examined" => "2026-10-01", "use" => "hard" }
      other = [ { "reach" => "9 m" }, { "vertical" => "2.5 t" }, { "set" => "A" },
        { "own_swl" => "1 t", "own_swl_why" => "x" } ]
      [ same, *other ].each_with_index.map do |change, index|
        described_class.create!(fields: fields.merge(change, "number" => "T-#{index}")).alike
      end
    end
    expect(marks[0]).to eq(piece("R-11").alike)
    expect(marks.uniq.size).to eq(marks.size)
  end

  it "is judged with what was measured last, and no longer with what was taken away" do
    one = piece("W-08")
    one.update!(measured: { "lay_wires" => 11 })
    expect(one.reload.data["measured"]).to eq("lay_wires" => 11)
    expect(one.fitness.answer(on: nil).verdict).to eq("stop")
    one.update!(fields: one.fields.merge("place" => "rack 9"))
    expect(one.reload.data["measured"]).to eq("lay_wires" => 11)
    one.update!(measured: {})
    expect(one.reload.data).not_to have_key("measured")
  end

  it "tells a plan how it stands now, and nothing of what it was when the plan took it" do
    one = make(examined: "2026-09-14", use: "normal").tap(&:save!)
    none = { "due" => nil, "examined" => nil, "use" => nil, "measured" => {} }
    expect(one.standing).to eq({ **none, "state" => "ready", "examined" => "2026-09-14", "use" => "normal" })
    one.update!(fields: one.fields.except("examined", "use"))
    expect(one.standing).to eq({ **none, "state" => "ready" })
    # What was measured when the plan took it is not what is on it now.
    taken = { "kind" => "hook", "throat_m" => 0.04, "measured" => { "hook_throat" => 0.05 }, "use" => "normal" }
    now = DustLadder::Gear::Fitness.new(taken.merge(one.standing), StoreRules.current)
    expect([ now.worn, now.due.day ]).to eq([ nil, nil ])
  end

  it "is found by every word of what people know it by, and by its code" do
    one = make(maker: "Mesquite Works", size: "10 mm", place: "Rack 9, left", note: "blue PAINT").tap(&:save!)
    [ "n-1", "HOOK", "mesquite 10", "left rack", "paint blue", one.code, one.code.downcase ].each do |words|
      expect([ words, described_class.about(words).include?(one) ]).to eq([ words, true ])
    end
    [ "hook red", "%", "n_1", "mesquite\\" ].each do |words|
      expect([ words, described_class.about(words).include?(one) ]).to eq([ words, false ])
    end
  end

  it "has a code that nobody takes for another's, and keeps it whatever is written" do
    codes = described_class.pluck(:code)
    expect(codes).to all(match(/\A[2-9ACDEFGHJKLMNPQRTUVWXY]{6}\z/))
    one = piece("R-11")
    expect { one.update!(fields: one.fields.merge("number" => "R-11b")) }.not_to change { one.reload.code }
    expect(described_class.called("R-11b")).to eq(one)
    expect(described_class.called(" #{one.code.downcase.scan(/.../).join("-")} ")).to eq(one)
    expect(described_class.called("")).to be_nil
  end

  it "counts as sound since it went out only by a look or an examination after that" do
    one = piece("R-11")
    all = DustLadder::Gear::Kinds.of("polyester_round").looks.to_h { |look| [ look.id, { "seen" => "fine" } ] }
    expect(one.sound_since?).to be(false)
    PieceLook.take_before_use(one, all.except("knots"), person: person)
    expect(one.sound_since?).to be(false)
    PieceLook.take_before_use(one, all, person: person("Second Look"))
    expect(one.sound_since?).to be(true)
    one.move("quarantine", to: "quarantined", by: "Quill Thorne", why: "dropped")
    expect(one.sound_since?).to be(false)
    given = { "sort" => "retest", "day" => SiteClock.today.iso8601, "by" => "Ocotillo", "result" => "passed" }
    PieceLook.examine(one, given, person: person("Third Look"))
    expect(one.sound_since?).to be(true)
  end

  it "tells plans of its old number and of its new one when it is named anew" do
    expect(BoardLine).to receive(:outdate_with).with("R-11b")
    expect(BoardLine).to receive(:outdate_with).with("R-11")
    piece("R-11").update!(fields: piece("R-11").fields.merge("number" => "R-11b"))
  end

  it "is due again as the house's rules change" do
    one = piece("R-11")
    expect { described_class.reckon_days }.not_to change { one.reload.due }
    allow(StoreRules).to receive(:current).and_return(
      DustLadder::RuleSet.new(
        DustLadder::RuleSet.shipped("strict").data.deep_dup.tap do |data|
          data["values"]["examination_interval"]["value"]["accessory"]["normal"] = 1
        end
      )
    )
    described_class.reckon_days
    expect(one.reload.due).to eq((Date.iso8601(one.examined) >> 1).iso8601)
  end

  describe SheetMatch do
    it "remembers what a file's columns meant, by its headings however they are written" do
      match = { "columns" => %w[number kind], "days" => "dmy", "colour" => "red" }
      described_class.remember([ "No", "Art" ], match)
      expect(described_class.of([ " no ", "ART" ])).to eq(match.except("colour"))
      expect(described_class.of([ "No", "Art", "Farbe" ])).to eq({})
      described_class.remember([ "no", "art" ], { "columns" => [ "number", "" ] })
      expect([ described_class.count, described_class.of(%w[No Art])["columns"] ]).to eq([ 1, [ "number", "" ] ])
    end

    it "forgets the eldest where there are too many, and keeps nothing empty or huge" do
      stub_const("SheetMatch::MOST", 3)
      5.times { |index| described_class.remember([ "h#{index}" ], { "days" => "dmy" }) }
      expect([ described_class.count, described_class.of([ "h0" ]), described_class.of([ "h4" ]) ]).to eq(
        [ 3, {}, { "days" => "dmy" } ]
      )
      described_class.remember([ "none" ], {})
      described_class.remember([ "huge" ], { "all" => { "note" => "x" * 60_000 } })
      expect([ described_class.of([ "none" ]), described_class.of([ "huge" ]) ]).to eq([ {}, {} ])
    end
  end
end
