# The plan's sheet: drawing, reach strip, crane and ladder each in their room, on any screen, for any plan.
RSpec.describe "The sheet's layout in the front end" do
  layout_ts = "rooms/plan/sheetLayout.ts"
  fit = { "times" => 1, "x" => 0, "y" => 0 }
  sizes = {
    "a desk" => [ 900, 748 ],
    "a small desk" => [ 680, 716 ],
    "a tablet" => [ 700, 900 ],
    "a phone" => [ 390, 620 ]
  }
  plans = %w[receiver-cabin transformer chiller dish-panel generator waveguide-duct cable-girder feed-horn]
  kept = {}
  define_method(:ladder) do |name|
    kept[name] ||= JSON.parse(JSON.generate(DustLadder.check(demo_document(name)).as_json))
  end
  define_method(:layout) do |ladder, width, height, view, zoom = fit, then_: []|
    asked = {
      ladder: ladder,
      selected: "load",
      frozen: nil,
      width: width,
      height: height,
      view: view,
      zoom: zoom,
      exaggerate: 1
    }
    front(layout_ts, "sheetLayout", asked, then_: then_)
  end

  # Every number of it; a number that is none comes as nil.
  def numbers(node, path = "")
    case node
    when Hash then node.flat_map { |key, value| numbers(value, "#{path}/#{key}") }
    when Array then node.each_with_index.flat_map { |value, at| numbers(value, "#{path}/#{at}") }
    else [ [ path, node ] ]
    end
  end

  plans.product(sizes.keys).each do |name, screen|
    it "places #{name} on #{screen}: nothing without a number, nothing past the edges" do
      width, height = sizes[screen]
      %w[side end plan crane].each do |view|
        found = layout(ladder(name), width, height, view)
        places = found.slice("anchors", "ladder", "height", "width", "ground", "right")
        expect(numbers(places).select { |_, value| value.nil? }.map(&:first) - [ "/ladder/open" ]).to eq([])
        found["anchors"].each do |rung, anchor|
          next unless anchor["drawn"]

          expect(anchor["x"]).to be_between(-1, width + 1), "#{rung} on #{view}"
          expect(anchor["y"]).to be_between(-1, height + 1), "#{rung} on #{view}"
        end
        expect(found["ground"]).to be < height
      end
    end
  end

  it "shows the way of the reach strip only where there is a chart, and a drawing only where the load has a size" do
    blank = JSON.parse(JSON.generate(DustLadder.check(Plan.blank("x")).as_json))
    found = layout(blank, 900, 748, "side")
    expect(
      found.slice(
        "strip",
        "reach",
        "scale",
        "crane"
      )
    ).to eq("strip" => nil, "reach" => nil, "scale" => nil, "crane" => nil)
    whole = layout(ladder("transformer"), 900, 748, "crane")
    expect(whole.values_at("strip", "reach", "scale", "crane")).to all(be_a(Hash))
    none = layout(nil, 900, 748, "side")
    expect(none["ladder"]["landings"]).to eq({})
  end

  it "drops the card and makes room for the tools on a narrow sheet" do
    expect(layout(ladder("receiver-cabin"), 640, 748, "side")["card"]).to be(true)
    expect(layout(ladder("receiver-cabin"), 639, 748, "side")["card"]).to be(false)
    hook = ->(width) { layout(ladder("receiver-cabin"), width, 748, "side", then_: [ [ "scale" ], [ "hook" ] ]) }
    expect(hook.(639)["y"]).to be > hook.(640)["y"] - 40
  end

  it "does not point from the ladder at what was zoomed away" do
    zoomed = layout(ladder("receiver-cabin"), 900, 748, "side", { "times" => 3, "x" => 40, "y" => -20 })
    drawn = zoomed["anchors"].select { |_, anchor| anchor["drawn"] }.keys
    expect(drawn - %w[chart crane]).to eq([])
  end
end
