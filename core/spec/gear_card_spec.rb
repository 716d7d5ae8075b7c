# What a sling or a set carries at 90, 60, 45 and 30 degrees, by hitch and school.
RSpec.describe DustLadder::Gear::Card do
  schools = %w[level-side plumb-side strict].to_h { |name| [ name, DustLadder::RuleSet.shipped(name) ] }

  define_method(:card) { |pieces, school = "level-side"| described_class.new(pieces, schools.fetch(school)) }
  def kg(rows, whose, hitch) = rows.map { |row| row[whose]&.fetch(hitch)&.round }

  it "gives one leg's share at each angle, and a basket's both sides" do
    rows = card([ sling("A-1") ]).rows
    expect(kg(rows, :one, "vertical")).to eq([ 4000, 3464, 2828, 2000 ])
    expect(kg(rows, :one, "choker")).to eq([ 3200, 2771, 2263, 1600 ])
    expect(kg(rows, :one, "basket")).to eq([ 8000, 6928, 5657, 4000 ])
    expect(rows.map(&:all)).to eq([ nil ] * 4)
  end

  # Legs, school, straight by angle, choked by angle.
  [
    [ 2, "level-side", [ 8000, 6928, 5657, 4000 ], [ 6400, 5543, 4525, 3200 ] ],
    [ 3, "level-side", [ 12_000, 10_392, 8485, 6000 ], [ 9600, 8314, 6788, 4800 ] ],
    [ 4, "level-side", [ 12_000, 10_392, 8485, 6000 ], [ 9600, 8314, 6788, 4800 ] ],
    [ 2, "plumb-side", [ 5600, 5600, 5600, 4000 ], [ 4480, 4480, 4480, 3200 ] ],
    [ 3, "plumb-side", [ 8400, 8400, 8400, 6000 ], [ 6720, 6720, 6720, 4800 ] ],
    [ 4, "plumb-side", [ 8400, 8400, 8400, 6000 ], [ 6720, 6720, 6720, 4800 ] ],
    [ 2, "strict", [ 5600, 5600, 5600, 4000 ], [ 4480, 4480, 4480, 3200 ] ],
    [ 4, "strict", [ 8400, 8400, 8400, 6000 ], [ 6720, 6720, 6720, 4800 ] ]
  ].each do |legs, school, straight, choked|
    it "gives #{legs} legs together by #{school}" do
      rows = card([ sling("A-1", legs: legs) ], school).rows
      expect([ kg(rows, :all, "vertical"), kg(rows, :all, "choker") ]).to eq([ straight, choked ])
      expect(kg(rows, :one, "basket")).to eq([ nil ] * 4)
    end
  end

  it "takes the tag's own bands where they say less, and has none beyond them" do
    bands = [ { "upto_deg_from_plumb" => 45, "kg" => 5000 } ]
    rows = card([ sling("A-1", legs: 2, tag: { "multi_leg" => bands }) ]).rows
    expect(kg(rows, :all, "vertical")).to eq([ 5000, 5000, 5000, nil ])
    more = [ { "upto_deg_from_plumb" => 60, "kg" => 9000 } ]
    expect(kg(card([ sling("A-1", legs: 2, tag: { "multi_leg" => more }) ]).rows, :all, "vertical")[2]).to eq(5657)
  end

  it "counts a set's slings together, by the weakest, and no more than its link" do
    set = [ sling("A-1"), sling("A-2", tag: { "vertical_kg" => 3000 }) ]
    expect(kg(card(set).rows, :all, "vertical")).to eq([ 6000, 5196, 4243, 3000 ])
    link = { "number" => "L-1", "kind" => "master_link", "wll_kg" => 5000 }
    expect(kg(card([ *set, link ]).rows, :all, "vertical")).to eq([ 5000, 5000, 4243, 3000 ])
    held = link.merge("own_swl_kg" => 2000)
    expect(kg(card([ *set, held ]).rows, :all, "vertical")).to eq([ 2000 ] * 4)
  end

  it "is held lower as its keeper holds the sling" do
    expect(kg(card([ sling("A-1", own_swl_kg: 2000) ]).rows, :one, "vertical")).to eq([ 2000, 1732, 1414, 1000 ])
  end

  it "is none of what has no sling or no legible tag" do
    expect { card([]) }.to raise_error(DustLadder::NotKnown, /no sling/)
    unread = sling("A-9", tag: { "legible" => false })
    expect { card([ unread ]) }.to raise_error(DustLadder::NotKnown, /A-9 cannot be read/)
  end

  # Against the core's own judgement of the same legs: what the card promises, one leg's tension never exceeds.
  it "never promises more than one leg's rating at the angle allows" do
    random = Random.new(9)
    200.times do
      rating = random.rand(300..12_000)
      legs = random.rand(1..4)
      tag = { "vertical_kg" => rating, "choker_kg" => nil, "basket_kg" => nil }
      %w[level-side plumb-side strict].each do |school|
        card([ sling("A-1", legs: legs, tag: tag) ], school).rows.each do |row|
          rad = row.deg_from_horizontal * Math::PI / 180
          expect(row.one["vertical"] / Math.sin(rad)).to be <= rating * (1 + 1e-9)
          next unless row.all&.fetch("vertical")

          sharing = legs == 4 ? 3 : legs
          tension = row.all["vertical"] / sharing / Math.sin(rad)
          expect(tension).to be <= rating * (1 + 1e-9)
          expect(row.all["choker"]).to be <= row.all["vertical"] * (1 + 1e-9)
        end
      end
    end
  end

  it "shows every figure rounded down, in both systems" do
    shown = card([ sling("A-1", tag: { "vertical_kg" => 999.9 }) ]).as_json
    expect(shown["rows"][0]["one"]["vertical"]["metric"]).to match(/\A999.kg\z/)
    expect(shown["rows"][1].values_at("from_horizontal", "from_plumb", "included")).to eq([ 60.0, 30.0, 60.0 ])
    expect(shown["notes"].join).to include("the tag governs")
  end
end
