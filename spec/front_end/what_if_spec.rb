# What a range of a figure says in words, and how values of it are written.
RSpec.describe "Words of what if" do
  file = "rooms/what_if/range.ts"

  def figure(value) = { "value" => value, "unit" => "kg", "metric" => "#{value} kg", "us" => "#{value} lb" }

  def band(from, to, verdict, label = "Slings", subject = nil)
    {
      "from_value" => from,
      "to_value" => to,
      "from" => figure(from),
      "to" => figure(to),
      "verdict" => verdict,
      "rung" => label&.downcase,
      "label" => label,
      "subject" => subject
    }
  end

  def input(kind, now) = { "id" => "x", "label" => "X", "kind" => kind, "pointer" => "/x", "now" => figure(now) }

  bands = ->(spec) do
    [
      spec.band(100, 400, "holds", "Level"),
      spec.band(401, 500, "tight"),
      spec.band(501, 600, "stop", "Crane", "set"),
      spec.band(601, 700, "holds", "Level")
    ]
  end

  {
    100 => "holds",
    400 => "holds",
    400.4 => "tight",
    401 => "tight",
    500.5 => "stop",
    600 => "stop",
    600.9 => "stop",
    601 => "holds",
    700 => "holds"
  }.each do |value, verdict|
    it "says #{verdict} at #{value}: between two steps the worse of both" do
      expect(front(file, "bandAt", bands.(self), value)["verdict"]).to eq(verdict)
    end
  end

  it "says nothing of what lies outside" do
    expect([ 99, 701 ].map { |value| front(file, "bandAt", bands.(self), value) }).to eq([ nil, nil ])
  end

  # The range asked first, in both systems: never reversed, never less than nothing where nothing can be less.
  [
    [ "mass", 6900, "metric", [ "3500 kg", "12000 kg" ] ],
    [ "mass", 100, "metric", [ "50 kg", "175 kg" ] ],
    [ "mass", 1, "metric", [ "5 kg", "10 kg" ] ],
    [ "length", 24, "metric", [ "12 m", "36 m" ] ],
    [ "length", 0.5, "metric", [ "0.5 m", "1.5 m" ] ],
    [ "mass", 5600, "us", [ "6000 lb", "21500 lb" ] ],
    [ "length", 24, "us", [ "39.5 ft", "117.5 ft" ] ],
    [ "place", 1, "us", [ "-2.5 ft", "9.5 ft" ] ],
    [ "place", 0, "metric", [ "-2 m", "2 m" ] ],
    [ "speed", 3, "us", [ "0 mph", "30 mph" ] ]
  ].each do |kind, now, system, range|
    it "asks first about #{now} of #{kind} from #{range[0]} to #{range[1]}" do
      expect(front(file, "firstRange", input(kind, now), system)).to eq(range)
      reader = { "mass" => :mass, "speed" => :speed }.fetch(kind, :length)
      from, to = range.map { |text| DustLadder::Quantity::Reader.read(text, reader) }
      expect(from).to be < to
    end
  end

  [
    [ "mass", 3700.4, "metric" ],
    [ "mass", 3700.4, "us" ],
    [ "length", 7.4567, "us" ],
    [ "speed", 8.33, "us" ]
  ].each do |kind, value, system|
    it "writes #{value} of #{kind} in #{system} so that it is read as the value that was looked at" do
      near = front(file, "nearest", kind, value, system)
      text = front(file, "written", kind, near, system)
      reader = { "mass" => :mass, "speed" => :speed }.fetch(kind, :length)
      expect(DustLadder::Quantity::Reader.read(text, reader)).to be_within(0.006).of(near)
    end
  end

  # Between two looks a rung is drawn as the worse of both.
  [
    [ %w[holds tight], [ 0.5, 0.8 ], [ "tight", 0.8 ] ],
    [ %w[stop holds], [ 1.2, 0.7 ], [ "stop", 1 ] ],
    [ %w[not_known holds], [ nil, 0.7 ], [ "not_known", 1 ] ],
    [ %w[holds holds], [ 0.4, 0.3 ], [ "holds", 0.4 ] ]
  ].each do |verdicts, shares, (verdict, share)|
    it "draws #{verdicts.join(" and ")} as #{verdict}" do
      curve = { "id" => "slings", "label" => "Slings", "verdicts" => verdicts, "shares" => shares }
      expect(front("drawing/views/RangeStrip.tsx", "between", curve, 0)).to eq("verdict" => verdict, "share" => share)
    end
  end

  it "draws those first that stop first, and eight at most" do
    curves = Array.new(10) do |at|
      { "id" => "r#{at}", "label" => "R", "verdicts" => at == 7 ? %w[stop] : %w[holds], "shares" => [ at / 20.0 ] }
    end
    ids = front("drawing/views/RangeStrip.tsx", "told", curves).map { |curve| curve["id"] }
    expect([ ids.first, ids.size, ids[1] ]).to eq([ "r7", 8, "r9" ])
  end

  it "says first what nobody knows, and claims then only for what is known" do
    words = front("rooms/what_if/range.ts", "asideWords", [ "Slings", "Crane", "Wind", "Crew", "Gear" ])
    expect(words).to eq("Not known, and left aside: slings, crane, wind and 2 more. Said is only what is known.")
    expect(front("rooms/what_if/range.ts", "asideWords", [])).to eq("")
  end

  # What is known is told as such; of bands of one verdict the last says how far.
  [
    [ [], "metric", "Holds to 400 kg, tight to 500 kg: slings, then stop: crane (set)." ],
    [ [ "Wind" ], "us", "What is known: holds to 400 lb, tight to 500 lb: slings, then stop: crane (set)." ]
  ].each do |aside, system, words|
    it "tells a strip as #{words.inspect}" do
      all = [
        band(100, 200, "holds", "Level"),
        band(201, 400, "holds", "Crane"),
        band(401, 500, "tight"),
        band(501, 600, "stop", "Crane", "set")
      ]
      expect(front(file, "bandWords", all, system, aside)).to eq(words)
      expect(front(file, "bandWords", [], system, aside)).to eq("")
    end
  end

  # How far, and what ends it; of a plan that stops, from where on it would not.
  [
    [ {}, "900 kg, then crane (set)" ],
    [ { "verdict" => "not_known", "subject" => nil }, "900 kg, then not known: crane" ],
    [ { "rung" => nil, "label" => nil, "subject" => nil }, "as far as was looked, 900 kg" ],
    [ { "stops_now" => true }, "stops no more from 900 kg" ],
    [ { "stops_now" => true, "way" => "down" }, "stops no more up to 900 kg" ],
    [ { "stops_now" => true, "holds" => nil }, "" ]
  ].each do |changes, words|
    it "tells a limit as #{words.inspect}" do
      limit = { "way" => "up", "stops_now" => false, "holds" => figure(900), "rung" => "crane", "label" => "Crane" }
      limit.merge!("subject" => "set", "verdict" => "stop", **changes)
      expect(front(file, "limitWords", limit, "metric")).to eq(words)
    end
  end
end
