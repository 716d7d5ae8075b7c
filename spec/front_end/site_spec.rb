# The site as it is drawn: to scale, north up, everything that counts inside the sheet; and as it is changed by hand.
RSpec.describe "The site in the front end" do
  scale_ts, features_ts = "drawing/scale/siteScale.ts", "rooms/sites/features.ts"
  frame = { "left" => 0, "right" => 660, "top" => 66, "bottom" => 640 }
  names = %w[cabin-on-salt pump-over-the-track mast-on-tracks drum-by-the-trench]
  kept = {}
  define_method(:view) do |name|
    kept[name] ||= JSON.parse(JSON.generate(DustLadder.check(demo_document(name)).as_json["site"]))
  end
  define_method(:at) do |name, east, north|
    [ front(scale_ts, "siteScale", view(name), frame, then_: [ [ "x", east ] ]),
      front(scale_ts, "siteScale", view(name), frame, then_: [ [ "y", north ] ]) ]
  end

  names.each do |name|
    it "shows crane, feet, way and load of #{name} inside the sheet" do
      places = view(name)["way"] + view(name)["stations"].flat_map { |station| station["load"] || [ station["at"] ] } +
        view(name)["feet"].flat_map { |foot| foot["outline"] }
      expect(places).not_to be_empty
      places.values_at(*(0...places.size).step(7)).each do |east, north|
        x, y = at(name, east, north)
        expect(x).to be_between(frame["left"], frame["right"])
        expect(y).to be_between(frame["top"], frame["bottom"])
      end
    end
  end

  it "draws a metre the same everywhere and both ways, north up" do
    per_metre = front(scale_ts, "siteScale", view(names[0]), frame, then_: [ [ "perMetre" ] ])
    (x, y), (farther, higher) = at(names[0], 10, 10), at(names[0], 13, 14)
    expect(farther - x).to be_within(1e-6).of(3 * per_metre)
    expect(y - higher).to be_within(1e-6).of(4 * per_metre)
  end

  it "shows all of the site where no crane stands on it" do
    bare = view(names[0]).merge("crane" => nil, "feet" => [], "stations" => [], "way" => [])
    bare["boundary"].each do |east, north|
      x = front(scale_ts, "siteScale", bare, frame, then_: [ [ "x", east ] ])
      y = front(scale_ts, "siteScale", bare, frame, then_: [ [ "y", north ] ])
      expect([ x.between?(0, 660), y.between?(66, 640) ]).to eq([ true, true ])
    end
  end

  it "keeps grid lines apart on any scale, and few" do
    [ 0.3, 2, 7, 30, 200 ].each do |per_metre|
      lines = front(scale_ts, "gridLines", per_metre, -500 / per_metre, 500 / per_metre)
      expect(lines.size).to be_between(1, 60)
      expect(lines.each_cons(2).map { |one, other| (other - one) * per_metre }).to all(be >= 44)
    end
  end

  [ [ 660, 640 ], [ 408, 610 ], [ 390, 500 ] ].each do |wide, tall|
    names.each do |name|
      it "names what can be struck of #{name} on #{wide} by #{tall}, no name of the rest over another" do
        within = { "left" => 0, "right" => wide, "top" => 66, "bottom" => tall }
        placed = front("drawing/site/names.ts", "namesWithin", view(name), within)
        rest, struck = placed.partition { |one| %w[ground landing escape peg].include?(one["kind"]) }
        # Round the mast there is nothing.
        expect(struck.map { |one| one["kind"] } & %w[line obstacle cut]).not_to be_empty unless name.start_with?("mast")
        rest.product(placed).reject { |one, other| one.equal?(other) }.each do |one, other|
          beside = (one["x"] - other["x"]).abs >= one["half"] + other["half"] - 1e-6
          over = one["top"] >= other["bottom"] - 1e-6 || other["top"] >= one["bottom"] - 1e-6
          expect([ one["name"], other["name"], beside || over ]).to eq([ one["name"], other["name"], true ])
        end
      end
    end
  end

  it "snaps a corner to the half metre, or onto another corner that is near" do
    expect(front(features_ts, "snapped", [ 3.26, 7.6 ], [ [ 9, 9 ] ], 0.5)).to eq([ 3.5, 7.5 ])
    expect(front(features_ts, "snapped", [ 9.2, 8.9 ], [ [ 9.13, 9.07 ] ], 0.5)).to eq([ 9.13, 9.07 ])
  end

  it "draws anything new so that the server takes it" do
    kinds = DustLadder::Site::Faults::KINDS.keys
    features = kinds.map { |kind| front(features_ts, "fresh", kind, [ 12.3, -4.1 ], []) }
    site = front(features_ts, "blankSite", "a", "A site").merge("features" => features, "peg" => "post")
    expect { Site.faults!(site) }.not_to raise_error
    again = front(features_ts, "fresh", "cut", [ 0, 0 ], [ "Trench 1" ])
    expect(again["name"]).to eq("Trench 2")
  end

  it "makes a handle of a title, and none of a title without a letter" do
    expect(front(features_ts, "handleOf", "Saltpan Array, east yard!")).to eq("saltpan-array-east-yard")
    expect(front(features_ts, "handleOf", " -- ")).to eq("")
  end
end
