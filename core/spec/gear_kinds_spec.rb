# Pieces of every kind as a keeper writes them: what is read, what is asked back, and what is held lower.
RSpec.describe DustLadder::Gear::Kinds do
  # Fields that make a sound piece of each kind.
  common = { "number" => "X-1", "examined" => "2026-09-14", "use" => "normal", "mass" => "3 kg", "size" => "the usual" }
  own = {
    "sling" => { "reach" => "4 m", "vertical" => "3 t" },
    "beam" => { "depth" => "0.3 m", "span_ratings" => "3 m: 6 t", "holes" => "-1.5 m; 1.5 m" },
    "fitting" => { "wll" => "4.75 t" },
    "special" => { "wll" => "2 t", "grips_from" => "10 mm", "grips_to" => "25 mm" },
    "support" => { "lengthways" => "1.2 m", "wide" => "1 m", "thick" => "100 mm" },
    "device" => { "wll" => "5 t" },
    "machine" => { "wll" => "2 t", "serial" => "JU-3307" }
  }
  piece = ->(kind, **more) do
    fields = common.merge(own.fetch(described_class.of(kind).sort), "kind" => kind, **more.transform_keys(&:to_s))
    DustLadder::Gear::Piece.new(fields)
  end

  described_class::ALL.each_key do |kind|
    describe kind do
      it "is read whole, and goes from data to fields and back" do
        read = piece.(kind)
        expect([ read.problems.map(&:as_json), read.sort ]).to eq([ [], described_class.of(kind).sort ])
        back = DustLadder::Gear::Piece.new(DustLadder::Gear::PieceFields.of(read.data)).data
        expect(DustLadder.floats(back)).to eq(DustLadder.floats(read.data))
      end

      it "is not taken without what it needs" do
        described_class.of(kind).needs.each do |name|
          lacking = piece.(kind, name => "")
          expect([ lacking.data, lacking.problems.map(&:field) ]).to eq([ nil, [ name ] ])
        end
      end

      it "asks for fields that there are, and looks at something" do
        fields = described_class.of(kind).fields
        expect(fields - described_class::FIELDS.keys).to eq([])
        expect(fields).to include("number", "kind", "state", "place")
        expect(described_class.of(kind).needs - fields).to eq([])
        sizes = described_class.of(kind).looks.filter_map(&:of)
        expect(sizes - fields).to eq(sizes & %w[throat] - fields)
      end
    end
  end

  # What people write for a kind.
  {
    "chain" => "alloy_chain",
    "Alloy chain sling" => "alloy_chain",
    "wire rope" => "wire_rope",
    "Wire-rope sling" => "wire_rope",
    "polyester round sling" => "polyester_round",
    " Shackle " => "shackle",
    "swivel hoist ring" => "hoist_ring",
    "Master Link" => "master_link",
    "eyebolt" => "eyebolt_plain",
    "spreader beam" => "spreader",
    "hemp" => "hemp"
  }.each { |text, kind| it("reads #{text.inspect} as #{kind}") { expect(described_class.named(text)).to eq(kind) } }

  # Kind, field, text, and what is said at that field.
  [
    [ "shackle", "wll", "4.75", /unit/ ],
    [ "shackle", "wll", "0 t", /more than nothing/ ],
    [ "shackle", "wll", "-2 t", /more than nothing/ ],
    [ "shackle", "wll", "1e99 t", /./ ],
    [ "shackle", "section", "32", /unit/ ],
    [ "shackle", "legible", "perhaps", /neither yes nor no/ ],
    [ "shackle", "use", "often", /not a use/ ],
    [ "shackle", "state", "borrowed", /not a state/ ],
    [ "shackle", "in_service", "May", /not a day/ ],
    [ "shackle", "examined", "14.9.2026", /not a day/ ],
    [ "shackle", "own_swl", "5 t", /more than the piece is rated for/ ],
    [ "wire_rope", "own_swl", "3.1 t", /more than the piece is rated for/ ],
    [ "spreader", "own_swl", "1 t", /no one rating to hold lower/ ],
    [ "mat", "own_swl", "1 t", /no one rating to hold lower/ ],
    [ "mat", "kpa", "400", /unit/ ],
    [ "mat", "thick", "0 mm", /more than nothing/ ],
    [ "plate_clamp", "grips_to", "5 mm", /less than where it begins/ ],
    [ "fixed_hoist", "falls", "two", /not a number/ ],
    [ "fixed_hoist", "falls", "0", /not a number/ ],
    [ "fixed_hoist", "falls", "1000000", /not a number/ ]
  ].each do |kind, field, text, words|
    it "#{kind}: #{field} of #{text.inspect} is told at its field" do
      read = piece.(kind, field => text, own_swl_why: field == "own_swl" ? "worn" : "")
      expect(read.problems.map(&:field)).to eq([ field ])
      expect("#{read.problems[0].message} #{read.problems[0].expected}").to match(words)
      expect(read.fields[field].downcase).to eq(text.downcase)
    end
  end

  it "is held lower only for a reason" do
    expect(piece.("hook", own_swl: "2 t").problems.map(&:field)).to eq([ "own_swl_why" ])
    held = piece.("hook", own_swl: "2 t", own_swl_why: "heat mark")
    expect(held.data).to include("wll_kg" => 4750.0, "own_swl_kg" => 2000.0, "own_swl_why" => "heat mark")
  end

  it "was not examined before it was in service, or tomorrow" do
    today = Date.new(2026, 11, 30)
    later = ->(**more) do
      fields = common.merge("kind" => "hook", "wll" => "2 t", **more.transform_keys(&:to_s))
      DustLadder::Gear::Piece.new(fields, today: today).problems.map { |one| [ one.field, one.message ] }
    end
    expect(later.(examined: "2026-11-30")).to eq([])
    expect(later.(examined: "2026-12-01")).to eq([ [ "examined", "2026-12-01 is not yet" ] ])
    expect(later.(in_service: "2026-12-01", examined: "")).to eq([ [ "in_service", "2026-12-01 is not yet" ] ])
    expect(later.(in_service: "2026-10-01")).to eq([ [ "examined", "that is before it was in service" ] ])
  end

  it "reads one column of ratings for slings and for fittings" do
    text = "number,kind,reach,WLL\nS-1,shackle,,4.75 t\nR-1,round,4 m,3 t\n"
    rows = DustLadder::Gear::StoreSheet.new(text.b).read["rows"]
    expect(rows.map { |row| row["problems"] }).to eq([ [], [] ])
    expect(rows.map { |row| row["fields"].values_at("wll", "vertical") }).to eq([ [ "4.75 t", "" ], [ "", "3 t" ] ])
  end
end

# A sling that its keeper holds lower than its tag.
RSpec.describe DustLadder::Slings::Tag do
  rules = DustLadder::RuleSet.shipped("strict")
  bands = [ { "upto_deg_from_plumb" => 45, "kg" => 5600 } ]

  def tag(rules, tag, **more) = described_class.new(sling("A-1", tag: tag, **more), rules)

  it "keeps the same share of every rating, and says so" do
    held = tag(rules, { "multi_leg" => bands }, own_swl_kg: 3000, own_swl_why: "heat mark")
    expect(%w[vertical choker basket].map { |hitch| held.rating(hitch).kg }).to eq([ 3000.0, 2400.0, 6000.0 ])
    expect([ held.vertical_kg, held.multi_leg ]).to eq([ 3000.0, [ { "upto_deg_from_plumb" => 45, "kg" => 4200.0 } ] ])
    expect(held.rating("choker").source).to match(/choker, held to 3.000.kg here: heat mark/)
  end

  it "does so where a rating is filled in, and where only a choker's is given" do
    filled = tag(rules, { "choker_kg" => nil, "basket_kg" => nil }, own_swl_kg: 2000, own_swl_why: "worn")
    expect(filled.rating("choker").kg).to be_within(1e-9).of(2000 * 0.8)
    expect(filled.rating("choker").source).to match(/vertical, held to 2.000.kg here: worn, rule set strict/)
    only = tag(rules, { "vertical_kg" => nil, "basket_kg" => nil }, own_swl_kg: 1600, own_swl_why: "worn")
    expect(only.rating("choker").kg).to be_within(1e-9).of(1600)
  end

  it "never raises a rating, whatever a file says, and holds nothing where nothing is said" do
    [ nil, 4000, 4001, 1e7 ].each do |own|
      expect(tag(rules, {}, own_swl_kg: own).rating("vertical").kg).to eq(4000)
    end
    1.step(4000, 199) do |own|
      held = tag(rules, {}, own_swl_kg: own)
      expect(held.rating("vertical").kg).to be_within(1e-9).of(own)
      expect(held.rating("basket").kg).to be <= 2 * own + 1e-9
    end
  end
end
