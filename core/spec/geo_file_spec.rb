RSpec.describe DustLadder::Site::GeoFile do
  def polygon(*rings) = { "type" => "Polygon", "coordinates" => rings }
  def one(properties, geometry) = { "type" => "Feature", "properties" => properties, "geometry" => geometry }
  def file(*features, **more) = JSON.generate({ "type" => "FeatureCollection", "features" => features }.merge(more))

  square = [ [ 0, 0 ], [ 4, 0 ], [ 4, 4 ], [ 0, 4 ], [ 0, 0 ] ]
  hut = { "kind" => "obstacle", "name" => "Hut", "top_m" => 3 }

  it "comes back as it was written, whatever is on the site" do
    data =
      site(
        feature("cut", "pit", edge_m: [ [ 0, 0 ], [ 3, 0 ], [ 3, 3 ] ], closed: true, depth_m: 2),
        feature("cut", "trench", edge_m: [ [ 0, 0 ], [ 3, 0 ] ], depth_m: 2),
        feature("line", "wire", wire_m: [ [ 0, 0, 8 ], [ 9, 9, 9 ] ], kilovolts: nil),
        feature("peg", "nail", at_m: [ 0, 0 ]),
        feature("escape", "way", edge_m: [ [ 0, 0 ], [ 3, 0 ] ])
      )
    reading = described_class.read(JSON.generate(described_class.of(data)))
    expect(reading).to have_attributes(faults: [], features: data["features"], boundary: data["boundary_m"])
  end

  # [ feature, what is said of it ]
  [
    [ ->(s) { s.one(hut, s.polygon([ [ 0, 0 ], [ 4, 4 ], [ 4, 0 ], [ 0, 4 ], [ 0, 0 ] ])) }, /outline of Hut crosses/ ],
    [ ->(s) { s.one(hut, s.polygon(square[0..-2])) }, /ring of Hut does not close/ ],
    [ ->(s) { s.one(hut, s.polygon(square, square)) }, /Hut has 2 rings/ ],
    [ ->(s) { s.one(hut, s.polygon([ [ 0, 0 ], [ 4, "x" ], [ 4, 4 ], [ 0, 0 ] ])) }, /places that are none/ ],
    [ ->(s) {
      s.one(hut, { "type" => "LineString", "coordinates" => square })
    }, /Hut is a "LineString"; expected Polygon/ ],
    [ ->(s) { s.one(hut, { "type" => "Polygon", "coordinates" => nil }) }, /Hut has no rings/ ],
    [ ->(s) { s.one(hut.merge("kind" => "moat"), s.polygon(square)) }, /no kind "moat"/ ],
    [ ->(s) { s.one(hut.except("top_m"), s.polygon(square)) }, /top_m of obstacle Hut is missing/ ],
    [ ->(s) { s.one(hut.merge("top_m" => "high"), s.polygon(square)) }, /"high" does not fit/ ],
    [ ->(s) { s.one(hut.merge("colour" => "red"), s.polygon(square)) }, /colour does not belong/ ],
    [ ->(_) { "hut" }, /this is no feature/ ],
    [ ->(_) { { "properties" => nil, "geometry" => nil } }, /this is no feature/ ]
  ].each do |make, words|
    it "leaves out a feature of which it says #{words.source}, and takes the rest" do
      good = one(hut.merge("name" => "Good"), polygon(square))
      reading = described_class.read(file(make.(self), good))
      expect(reading.features.map { |feature| feature["name"] }).to eq([ "Good" ])
      said = reading.faults.map { |fault| "#{fault["pointer"]} #{fault["message"]}; expected #{fault["expected"]}" }
      expect(said.first).to match(words).and(start_with("/features/0"))
    end
  end

  {
    "" => /not whole JSON/,
    "[1, 2]" => /no features/,
    "\xFF" => /not UTF-8/,
    '{"type":"FeatureCollection","features":[],"crs":{"name":"EPSG"}}' => /reference system/,
    "#{"[" * 200}#{"]" * 200}" => /not whole JSON/
  }.each do |text, words|
    it "refuses a file whose text is #{text[0, 30].inspect}" do
      expect { described_class.read(text) }.to raise_error(DustLadder::PlanFile::Invalid, words)
    end
  end
end
