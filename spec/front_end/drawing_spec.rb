# Where the drawing puts things: in true proportion, inside its room, the hook over the load as it hangs.
RSpec.describe "The drawing's scale in the front end" do
  scale_ts, crane_ts, solids_ts = %w[scale craneScale solids].map { |name| "drawing/scale/#{name}.ts" }
  kept = {}
  define_method(:ladder) do |name|
    kept[name] ||= JSON.parse(JSON.generate(DustLadder.check(demo_document(name)).as_json))
  end
  names = %w[receiver-cabin transformer chiller generator dish-panel cable-girder]
  room = { "top" => 140, "left" => 22, "right" => 900 }
  ground, hook_x = 700, 460

  def corners(size) = [ 0, 1 ].product([ 0, 1 ], [ 0, 1 ]).map { |at| at.zip(size).map { |share, side| share * side } }
  def distance(one, other) = Math.sqrt(one.zip(other).sum { |a, b| (a - b)**2 })

  names.product([ 0, 1 ]).each do |name, axis|
    describe "of #{name}, seen along #{%w[y x][axis]}" do
      let(:drawing) { ladder(name)["drawing"] }
      define_method(:at) { |place, exaggerate = 1|
        %w[x y].map { |part|
          front(scale_ts, "elevationScale", drawing, axis, hook_x, ground, room, exaggerate, then_: [ [ part, place ] ])
        }
      }
      define_method(:per_metre) {
        front(scale_ts, "elevationScale", drawing, axis, hook_x, ground, room, then_: [ [ "perMetre" ] ])
      }

      it "keeps load and hook inside the room, a foot over the ground" do
        skip "its geometry does not close" unless drawing["hook"]

        places = corners(drawing["size"]).map { |corner| at(corner) }
        expect(places.map(&:first)).to all(be_between(room["left"], room["right"]))
        expect(places.map(&:last).max).to be_within(1e-6).of(ground - 0.3 * per_metre)
        expect(at(drawing["hook"])).to match([ be_within(1e-6).of(hook_x), be >= room["top"] - 1e-6 ])
      end

      it "draws as far as it is, never farther, and upright lengths in full" do
        scale = per_metre
        corners(drawing["size"]).combination(2).each do |one, other|
          drawn = distance(at(one), at(other)) / scale
          expect(drawn).to be <= distance(one, other) + 1e-6
        end
      end

      it "hangs the centre of gravity under the hook, wherever the load leans" do
        skip "its geometry does not close" unless drawing["hook"] && drawing["up"]

        cg = at(drawing["cg"])
        expect(cg.last).to be > at(drawing["hook"]).last
        lean = drawing["up"][axis].abs
        expect((cg.first - hook_x).abs).to be <= (lean + 0.02) * distance(
          drawing["cg"],
          drawing["hook"]
        ) * per_metre + 1e-6
      end
    end
  end

  it "zooms about a place that stays where it is" do
    drawing = ladder("receiver-cabin")["drawing"]
    base = front(scale_ts, "elevationScale", drawing, 0, hook_x, ground, room, then_: [ [ "hook" ] ])
    zoomed = ->(times, dx, dy) {
      # What is zoomed is made of functions: asked for by its hook alone.
      front(
        scale_ts,
        "zoomed",
        { "x" => 0, "y" => 0, "perMetre" => 10, "ground" => ground, "hook" => base },
        { "times" => times, "x" => dx, "y" => dy },
        { "x" => base["x"], "y" => base["y"] },
        then_: [ [ "hook" ] ]
      )
    }
    expect(zoomed.(3, 0, 0)).to eq(base)
    expect(zoomed.(2, 5, -7)).to eq("x" => base["x"] + 5, "y" => base["y"] - 7)
  end

  it "runs the reach strip outward and upward, with pick on the plumb line only where the chart is not squeezed" do
    frame = { "left" => 60, "pickX" => 400, "right" => 900, "top" => 20, "bottom" => 160 }
    random = Random.new(4)
    60.times do
      pick = random.rand(3.0..40.0)
      nearest, farthest = pick - random.rand(0.0..2.0), pick + random.rand(1.0..60.0)
      ask = ->(*then_) { front(scale_ts, "reachScale", pick, nearest, farthest, 20_000, frame, then_: then_) }
      x = ->(radius) { ask.([ "x", radius ]) }
      expect(x.(farthest)).to be_between(frame["left"], frame["right"] + 1e-6)
      expect(x.(nearest)).to be_between(frame["left"] - 1e-6, frame["right"])
      expect(x.(pick + 1) - x.(pick)).to be_within(1e-6).of(ask.([ "perMetre" ]))
      expect(x.(pick)).to be_within(1e-6).of(frame["pickX"]) if ask.([ "plumb" ])
      expect(ask.([ "y", 0 ])).to eq(frame["bottom"])
      expect(ask.([ "y", 20_000 ])).to be_within(1e-6).of(frame["top"])
    end
  end

  { 0.4 => [ 0.5, 1 ], 9 => [ 1, 10 ], 33 => [ 5, 10 ], 900 => [ 20, 10 ] }.each do |span, (step, most)|
    it "marks a span of #{span} m in steps of #{step}" do
      expect(front(scale_ts, "niceStep", span, most)).to eq(step)
    end
  end

  it "has a scale bar of at least 60 px, the shortest that is" do
    [ 2, 7, 30, 61, 400, 900 ].each do |per_metre|
      lengths = [ 0.1, 0.2, 0.5, 1, 2, 5, 10, 20 ]
      long = lengths.find { |one| one * per_metre >= 60 } || 20
      expect(front(scale_ts, "scaleBar", per_metre)).to eq("metres" => long, "words" => "#{long} m")
      feet = [ 0.5, 1, 2, 5, 10, 20, 50, 100 ].find { |one| one * 0.3048 * per_metre >= 60 } || 100
      told = front(scale_ts, "scaleBar", per_metre, "us")
      expect(told).to match("metres" => be_within(1e-9).of(feet * 0.3048), "words" => "#{feet} ft")
    end
  end

  %w[azimuth-bearing feed-horn dish-panel transformer].product([ [ 1100, 640 ], [ 520, 900 ], [ 760, 560 ] ])
    .each do |name, (width, height)|
    it "draws the crane of #{name} inside #{width} by #{height}, from above, from the side and along the way" do
      view = ladder(name)["crane"]
      skip "no crane is drawn" unless view

      frame = { "left" => 34, "right" => width - 22, "top" => 130, "bottom" => height - 6 }
      scale = front(crane_ts, "craneScale", view, frame).slice("plan", "curve", "stacked")
      view["stations"].each do |station|
        place = front(crane_ts, "fromAbove", scale["plan"], station["loaded_m"], 37)
        expect(place["x"]).to be_between(frame["left"], frame["right"])
        expect(place["y"]).to be_between(frame["top"] - 1, frame["bottom"])
        out = Math.hypot(place["x"] - scale["plan"]["x"], place["y"] - scale["plan"]["y"])
        expect(out).to be_within(1e-6).of(station["loaded_m"] * scale["plan"]["perMetre"])
        side = front(crane_ts, "craneScale", view, frame, then_: [ [ "side" ], [ "x", station["loaded_m"] ] ])
        expect(side).to be_between(frame["left"], frame["right"])
        tip = station["tip_m"] or next
        expect(
          front(
            crane_ts,
            "craneScale",
            view,
            frame,
            then_: [ [ "side" ], [ "y", tip ] ]
          )
        ).to be >= frame["top"] - 1
      end
      expect(scale["curve"]["bottom"]).to be <= frame["bottom"]
      north = front(crane_ts, "fromAbove", scale["plan"], 5, 0)
      east = front(crane_ts, "fromAbove", scale["plan"], 5, 90)
      expect([ north["x"], east["y"] ]).to match(
        [ be_within(1e-6).of(scale["plan"]["x"]),
          be_within(1e-6).of(scale["plan"]["y"]) ]
      )
      expect([ north["y"] < scale["plan"]["y"], east["x"] > scale["plan"]["x"] ]).to eq([ true, true ])
    end
  end

  describe "of a solid" do
    views = { "ELEVATION" => [ 0, 2 ], "PLAN" => [ 0, 1 ] }
    define_method(:outline) { |solid, view| front(solids_ts, "silhouette", solid, front(solids_ts, view)) }
    def solid(form, extent, measures = {}) =
      { "form" => form, "middle" => [ 1.0, 2.0, 3.0 ], "extent" => extent, "measures" => measures, "lie" => nil }
    def area(points)
      points.each_cons(2).sum { |(x, y), (u, v)| x * v - u * y }
        .+(points.last[0] * points.first[1] - points.first[0] * points.last[1]).abs / 2
    end

    {
      "box" => [ 4.0, 2.0, 1.0 ],
      "round" => [ 4.0, 1.0, 1.0 ],
      "cone" => [ 3.0, 1.0, 1.0 ],
      "ball" => [ 2.0, 2.0, 2.0 ],
      "i_section" => [ 6.0, 0.2, 0.4 ],
      "channel" => [ 6.0, 0.1, 0.3 ],
      "angle" => [ 6.0, 0.1, 0.1 ]
    }.each do |form, extent|
      it "covers just what a #{form} covers" do
        one = solid(form, extent, "base" => 1, "top" => 0.4, "t" => 0.02, "s" => 0.01)
        views.each do |view, (across, up)|
          points = outline(one, view)
          spans = [ 0, 1 ].map { |axis| points.map { |point| point[axis] }.minmax }
          [ across, up ].zip(spans).each do |axis, (low, high)|
            expect((low + high) / 2).to be_within(0.02).of(one["middle"][axis]), "#{form} #{view}"
            expect(high - low).to be_within(0.04 * extent[axis] + 1e-9).of(extent[axis])
          end
          expect(area(points)).to be <= extent[across] * extent[up] + 1e-9
        end
      end
    end

    it "shows a section end on as it is rolled, its area that of its plates" do
      beam = solid("i_section", [ 6.0, 0.2, 0.4 ], "t" => 0.02, "s" => 0.01)
      # Lies along y: an elevation looks at its end.
      beam["lie"] = [ 0, 1, 0, -1, 0, 0, 0, 0, 1 ]
      points = outline(beam, "ELEVATION")
      expect(points.size).to eq(12)
      expect(area(points)).to be_within(1e-9).of(2 * 0.2 * 0.02 + 0.01 * 0.36)
    end

    it "draws the fluid of a tank level, to its share" do
      tank = solid("box", [ 4.0, 2.0, 1.0 ], "fill" => 0.25)
      points = front(solids_ts, "filled", tank, front(solids_ts, "ELEVATION"))
      expect(points.map(&:last).minmax).to eq([ 2.5, 2.75 ])
      expect(front(solids_ts, "filled", solid("box", [ 1.0, 1.0, 1.0 ]), front(solids_ts, "ELEVATION"))).to be_nil
    end
  end
end
