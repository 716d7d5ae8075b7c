# What a drag writes into a field, and where a grip that is near is pulled to.
RSpec.describe "Lengths under the hand" do
  write_ts, snaps_ts = %w[write snaps].map { |name| "drawing/scale/#{name}.ts" }
  define_method(:write) { |metres, system, free = false| front(write_ts, "writeLength", metres, system, free) }
  def read(text) = DustLadder::Quantity::Reader.read(text, :length)

  it "are quantities that the core reads, as near as a hand is: 5 mm, a quarter of an inch, half a millimetre freely" do
    random = Random.new(3)
    200.times do
      metres = random.rand(-20.0..120.0)
      expect(read(write(metres, "metric"))).to be_within(0.005 + 1e-9).of(metres)
      expect(read(write(metres, "us"))).to be_within(0.0254 / 4 + 1e-9).of(metres)
      %w[metric us].each { |system| expect(read(write(metres, system, true))).to be_within(0.0005 + 1e-9).of(metres) }
    end
  end

  {
    0 => [ "0.00 m", "0'0\"" ],
    -0.001 => [ "0.00 m", "0'0\"" ],
    0.3048 => [ "0.30 m", "1'0\"" ],
    3.5 => [ "3.50 m", "11'6\"" ],
    0.0127 => [ "0.01 m", "0'0 1/2\"" ],
    -0.3175 => [ "-0.32 m", "-1'0 1/2\"" ],
    0.2999 => [ "0.30 m", "1'0\"" ]
  }.each do |metres, (metric, us)|
    it "write #{metres} m as #{metric} and #{us}" do
      expect([ write(metres, "metric"), write(metres, "us") ]).to eq([ metric, us ])
    end
  end

  describe "snap" do
    places = [ [ 1.0, "edge of the load" ], [ 1.05, "rated point A" ], [ 3.0, "middle of the load" ] ]
    define_method(:snap) { |value, free: false| front(snaps_ts, "snapTo", value, places, free) }

    it "to the nearest place that is near, and to none where none is" do
      expect(snap(1.02)).to eq("value" => 1.0, "words" => "edge of the load")
      expect(snap(1.04)).to eq("value" => 1.05, "words" => "rated point A")
      expect(snap(2.9)).to eq("value" => 2.9, "words" => nil)
      expect(snap(2.941)).to eq("value" => 3.0, "words" => "middle of the load")
      expect(snap(2.95, free: true)).to eq("value" => 2.95, "words" => nil)
    end

    it "is written to the millimetre, as the place that it is" do
      written = ->(value, system) { front(snaps_ts, "written", { value: value, words: "edge" }, system, false) }
      expect(written.(1.2345, "metric")).to eq("1.234 m").or eq("1.235 m")
      expect(written.(0.3048, "us")).to eq("1'0\"")
      expect(front(snaps_ts, "written", { value: 1.2345, words: nil }, "metric", false)).to eq("1.23 m")
    end

    it "offers edges, middle, rated points, and the others' lines and mirrors, never its own" do
      drawing = check_of("receiver-cabin").fetch("drawing")
      index = 0
      found = front(snaps_ts, "pointPlaces", drawing, index, 0)
      size, own = drawing["size"][0], drawing["points"][index]["name"]
      expect(found).to include(
        [ 0, "edge of the load" ],
        [ size, "edge of the load" ],
        [ size / 2, "middle of the load" ]
      )
      others = drawing["points"].drop(1)
      others.each do |point|
        expect(found).to include(
          [ point["at"][0], "in line with #{point["name"]}" ],
          [ size - point["at"][0], "mirror of #{point["name"]}" ]
        )
      end
      expect(found.map(&:last).grep(/\b#{Regexp.escape(own)}\z/)).to eq([])
    end
  end

  def check_of(name) = JSON.parse(JSON.generate(DustLadder.check(demo_document(name)).as_json))
end
