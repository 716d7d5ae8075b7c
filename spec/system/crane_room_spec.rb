# The right chart, everything that hangs on it, along the whole way: done in the browser.
RSpec.describe "The crane" do
  before { load_store }

  def see_crane = find("[aria-label=View]").click_button("Crane")
  def middle(css) = find(css).native.rect.then { |rect| [ rect.x + rect.width / 2, rect.y + rect.height / 2 ] }
  def chart_id(name) = Chart.find_by!(identifier: name).id
  def file(text, name) = File.join(Dir.mktmpdir, name).tap { |path| File.write(path, text) }

  it "stops a load set over the side though the pick over the rear holds, and lets it be dragged to where it holds" do
    open_plan(demo_plan("transformer"))
    expect(page).to have_css("[data-rung=crane][data-verdict=stop]")
    rung("crane").click
    expect(find("[data-part=pick]")).to have_text("over rear").and have_text("holds").or have_text("46")
    expect(find("[data-part=set]")).to have_text("over right side").and have_text("110")
    see_crane
    expect(page).to have_css("[data-trip]")
    expect(find("[data-curve]")).to have_text(/over by/)
    from, to = middle("[data-grip=above-1]"), middle("[data-grip=above-0]")
    drag("above-1", (to[0] - from[0] + 26).round, (to[1] - from[1]).round)
    expect(page).to have_css("[data-rung=crane][data-verdict=holds]")
    expect(page).to have_no_css("[data-trip]")
    expect(find("[data-part=set]")).to have_text("over rear")
    # The other way round it would be swung over every side.
    select "clockwise", from: "It turns, from above"
    expect(page).to have_css("[data-rung=crane][data-verdict=tight]")
    2.times { find("[aria-label^=Undo]").click }
    expect(page).to have_css("[data-rung=crane][data-verdict=stop]")
    expect(find_field("slew at set").value).to eq("105°")
  end

  it "moves a station in the side view, out and up, in one step" do
    open_plan(demo_plan("transformer"))
    see_crane
    before = find("[data-grip=beside-1]")["aria-valuetext"]
    drag("beside-1", -20, -30)
    expect(page).to have_no_css("[data-grip=beside-1][aria-valuetext='#{before}']")
    rung("crane").click
    radius, height = [ "radius at set", "height of the load’s base at set" ].map { |name| find_field(name).value.to_f }
    expect(radius).to be < 11.2
    expect(height).to be > 0.6
    find("[aria-label^=Undo]").click
    expect(find_field("radius at set").value).to eq("11.2 m")
  end

  it "adds a place between and a zone, which stops a way that enters it" do
    open_plan(demo_plan("counterweight-block"))
    rung("crane").click
    click_button "Add a place between"
    expect(page).to have_css("[data-rung=crane][data-verdict=not_known]")
    fill_all("radius at past 1" => "8 m", "slew at past 1" => "180°", "height of the load’s base at past 1" => "3 m")
    expect(page).to have_no_css("[data-rung=crane][data-verdict=not_known]")
    click_button "Add a zone"
    expect(page).to have_css("[data-rung=zones][data-verdict=not_known]")
    fill_all("slew from of zone 1" => "170°", "slew to of zone 1" => "175°", "radius from of zone 1" => "2 m")
    expect(page).to have_css("[data-rung=zones][data-verdict=stop]")
    expect(find("[data-headline]")).to have_text(/zones, the load enters zone 1/)
    fill_in "slew from of zone 1", with: "300°"
    fill_in "slew to of zone 1", with: "310°"
    expect(page).to have_css("[data-rung=zones][data-verdict=holds]")
  end

  it "stops on a wrong counterweight, by its name, and asks for what was not seen" do
    open_plan(demo_plan("feed-horn"))
    rung("chart").click
    fill_in "counterweight of the machine", with: "2.0 t"
    expect(page).to have_css("[data-rung=chart][data-verdict=stop]")
    expect(find("[data-headline]")).to have_text("counterweight of the machine differs from the chart")
    expect(page).to have_css("[data-rung=crane][data-verdict=not_known]")
    fill_in "counterweight of the machine", with: "", fill_options: { clear: :backspace }
    expect(page).to have_css("[data-rung=chart][data-verdict=not_known]")
    fill_in "Who looks at the machine", with: "N. Adeyemi"
    click_button "counterweight of the machine is 3.0 t, seen on it"
    expect(find("[data-tick=counterweight]")).to have_text("seen")
    fill_in "counterweight of the machine", with: "2 999.99 kg"
    expect(page).to have_css("[data-rung=chart][data-verdict=holds]")
    fill_in "counterweight of the machine", with: "4 t"
    expect(find("[data-tick=counterweight]")).to have_text("differs").and have_no_button("Seen")
    fill_in "counterweight of the machine", with: "3000 kg"
    expect(page).to have_css("[data-rung=chart][data-verdict=holds]")
  end

  it "takes a chart typed from a page only when every cell can be read, and lets it hold only after a second person" do
    acacia = JSON.parse(Rails.root.join("demo/charts/acacia-full.json").read)
    page_of =
      lambda do |odd|
        rows = acacia["radius_m"].zip(acacia["tables"]["main"]).map { |radius, cells| [ radius, *cells ].join(",") }
        rows[3] = rows[3].sub("14000", odd)
        <<~CSV
        chart,"Acacia, typed from the page"
        #{acacia["identity"].map { |name, value| "machine #{name},\"#{value}\"" }.join("\n")}
        capacity in,kg
        foot radius,-0.8 m
        foot height,2.1 m
        line pull,3400 kg
        rope wll,3600 kg
        rope mass,0.98 kg/m
        efficiency per sheave,0.98
        lead sheaves,1
        rope on drum,150 m
        drum diameter,0.34 m
        drum rope,15 mm
        wraps per layer,28
        pulls by layer,4000 kg,3700 kg,3500 kg,3400 kg
        boom depth,0.65 m
        wind limit,9 m/s
        level limit,1 %
        hook block mass,210 kg
        hook block length,1.05 m
        hook block wll,20 t
        block to tip,0.9 m
        sector,all round,0,360
        radius (m) / boom (m),#{acacia["boom_length_m"].join(",")}
        #{rows.join("\n")}
      CSV
      end
    look
    visit "/cranes"
    expect(page).to have_css("[data-chart]", count: 8)
    attach_file "Chart files", file(page_of.("14O00"), "page.csv"), make_visible: true
    expect(find("[data-chart-files]")).to have_text("1 chart read, with something to mend: nothing of it is taken")
    expect(page).to have_text(/line \d+, column 3: "14O00" cannot be read as a capacity; expected a number/)
    expect(find("td.bad").text).to eq("14O00")
    expect(page).to have_button("Nothing to take", disabled: true)
    click_button "Leave"
    attach_file "Chart files", file(page_of.("14000"), "page.csv"), make_visible: true
    expect(find("[data-chart-files]")).to have_text("every cell understood")
    expect(page).to have_button("Take the chart", disabled: true)
    # It is the machine of a chart that is here: not its title, its identity says so.
    expect(page).to have_text("becomes version 2")
    fill_in "Entered by", with: "M. Okafor"
    expect(page).to have_button("Take the chart", disabled: true)
    fill_in "Why it takes another's place", with: "typed anew from the page"
    click_button "Take the chart"
    row = find("[data-chart=acacia-full]")
    expect(row).to have_text("not yet")

    open_plan(demo_plan("feed-horn"))
    rung("chart").click
    expect(find("[data-rung=chart]")).to have_text(/version 2 of the chart is newer/)
    click_button "Take version 2"
    expect(page).to have_css("[data-rung=chart][data-verdict=not_known]")
    expect(find("[data-headline]")).to have_text(/\ANot known: chart\./)
    expect(find("[data-rung=chart]")).to have_text("not checked against the paper")
    expect(page).to have_css("[data-rung=crane][data-verdict=holds]")

    click_link "See the chart"
    expect(page).to have_css("h1", text: "Acacia, typed from the page")
    expect(page).to have_text("Why: typed anew from the page.")
    expect(find("[data-differences]")).to have_text("Acacia, typed from the page")
    expect(find("[aria-label='Plans that rest on it']")).to have_link(Plan.last.title)
    click_link "Read it against the paper"
    expect(page).to have_field("I read it against the paper: my name", with: "")
    fill_in "I read it against the paper: my name", with: "M Okafor"
    first("[data-read]").click
    expect(page).to have_text("M Okafor entered this chart; expected another person")
    read_beside_the_page("S. Oyelaran")
    visit "/plans/#{Plan.last.id}"
    rung("chart").click
    click_button "It is checked now: take it"
    expect(page).to have_css("[data-rung=chart][data-verdict=holds]")
  end

  it "reads two hundred charts with progress and takes them" do
    juniper = JSON.parse(Rails.root.join("demo/charts/juniper-full.json").read)
    all = Array.new(200) do |index|
      machine = juniper["identity"].merge("serial" => "JU-#{1000 + index}")
      juniper.merge("id" => "binder-#{index}", "title" => "Binder page #{index}", "identity" => machine)
    end
    look
    visit "/cranes"
    attach_file "Chart files", file(DustLadder::Cranes::ChartFile.write(all), "binder.json"), make_visible: true
    expect(find("[data-chart-files]")).to have_text("200 charts read, every cell understood", wait: 30)
    fill_in "Entered by", with: "M. Okafor"
    click_button "Take 200 charts"
    expect(page).to have_text("208 charts, 201 not yet checked", wait: 30)
  end

  it "answers weight with reach and radius with weight, beside the table" do
    look
    visit "/cranes/#{chart_id("juniper-half")}"
    # With block, list and rope on top, and the radius growing under load, as a plan has it.
    fill_in "Load and rigging", with: "8 t"
    expect(find("[data-can-i]")).to have_text(/27.400.m\s*\d\s*13.7\d\d.m/)
    fill_in "Radius", with: "13"
    expect(page).to have_text(/the unit is missing after 13/)
    fill_in "Radius", with: "13 m"
    expect(find("[data-can-i]")).to have_text(/27.400.m\s*\d\s*13.7\d\d.m\s*8.\d\d\d.kg/)
    fill_in "Any boom length", with: "25 m"
    expect(find("[data-can-i]")).to have_css("tbody tr", count: 1)
    fill_in "Any boom length", with: "", fill_options: { clear: :backspace }
    fill_in "Parts of line", with: "20"
    expect(find("[data-can-i]")).to have_text("more parts than the chart's 8")
    fill_in "Parts of line", with: "", fill_options: { clear: :backspace }
    select "over right side", from: "Sector or falls"
    expect(find("[data-can-i]")).to have_text(/33.000.m\s*\d\s*nowhere\s*nothing/)
    slider = find("[aria-label='Radius, slide']", visible: :all)
    slider.send_keys(:arrow_left)
    expect(find_field("Radius").value).to match(/\A12\.9/)
    click_button "As its table"
    expect(find("tr.read th")).to have_text("14 m")
    expect(find("tr.read")).to have_css("td", minimum: 5)
  end

  it "compares the cranes, says why one cannot, and leaves the machine to be ticked" do
    open_plan(demo_plan("transformer"))
    choose_from_menu "Cranes side by side"
    expect(find("[data-crane=juniper-half]")).to have_text("this plan’s chart").and have_text(/Crane 103.%: set/)
    expect(find("[data-crane=ocotillo-50]")).to have_text("stop")
    expect(find("[data-crane=ocotillo-50]")).to have_no_button("Take it")
    expect(find("[data-crane=yarrow]")).to have_text("not known").and have_text("dry run")
    within("[data-crane=juniper-full]") { click_button "Take it" }
    expect(page).to have_css("[data-rung=chart][data-verdict=not_known]")
    rung("chart").click
    fill_in "Who looks at the machine", with: "N. Adeyemi"
    all("button", text: "Seen").size.times { first("button", text: "Seen").click }
    expect(page).to have_css("[data-rung=chart][data-verdict=holds]")
    expect(page).to have_css("[data-rung=crane][data-verdict=holds]")
    expect(find("[data-headline]")).to have_no_text("Stop")
  end

  it "writes a dry run down, and what is aboard, for a platform and jib machine" do
    open_plan(demo_plan("isolator"))
    rung("platform").click
    fill_in "mass aboard, 3", with: "120 kg"
    expect(page).to have_css("[data-rung=platform][data-verdict=stop]")
    fill_in "mass aboard, 3", with: "30 kg"
    rung("crane").click
    fill_in "upper boom angle, least", with: "15°"
    expect(find("[data-line=c]")).to have_text(/0.0° to 20.0°/)
    fill_in "upper boom angle, most", with: "80°"
    expect(page).to have_css("[data-rung=crane][data-verdict=stop]")
  end

  describe "in the cab" do
    include_context "with an indicator"

    it "trips the limiter where the core says, and shows no figure of a device that is silent, mad or gone" do
      plan = demo_plan("transformer")
      trip = DustLadder::Cranes::Limiter.new(DustLadder::Lift.new(plan.document).duty).trip
      look
      visit "/plans/#{plan.id}/cab"
      expect(find("[data-core-says]")).to have_text(/stops it at 10.180.m and 150.0° of slew: load moment/)
      expect(page).to have_css("[data-indicator=other]", text: "It follows no plan yet")
      select "20 times as fast", from: "Speed"
      click_button "Play the plan"
      expect(page).to have_css("[data-indicator=cut_out]", text: "CUT OUT", wait: 20)
      expect(find("[data-read=slew]").text.to_f).to be_within(0.5).of(trip.at.slew)
      expect(find("[data-read=radius]").text.to_f).to be_within(0.1).of(trip.at.radius)
      expect(page).to have_css("[data-live]", minimum: 3)
      [ "it is silent", "it sends nonsense" ].each do |trouble|
        select trouble, from: "Its state"
        expect(page).to have_css("[data-indicator=none]", text: "No reading")
        expect(page).to have_no_css("[data-read]")
        expect(page).to have_no_css("[data-live]")
        select "it works", from: "Its state"
        expect(page).to have_css("[data-indicator=cut_out]")
      end
      end_indicator
      expect(page).to have_css("[data-indicator=none]", text: "no connection to the indicator")
    end

    it "plays a plan to its end where nothing stops it, and refuses one that it cannot follow" do
      look
      visit "/plans/#{demo_plan("azimuth-bearing").id}/cab"
      select "20 times as fast", from: "Speed"
      click_button "Play the plan"
      expect(page).to have_css("[data-read=slew]", text: /\A(289\.[89]|290\.[012])/, wait: 30)
      expect(page).to have_css("[data-indicator=normal], [data-indicator=warning]", text: "standing", wait: 30)
      visit "/plans/#{demo_plan("azimuth-drive").id}/cab"
      click_button "Play the plan"
      expect(page).to have_css("[role=alert]", text: /cannot be followed: the weight is not given/)
    end
  end

  describe "with the wind" do
    include_context "with an anemometer"

    it "takes the gust that was listened to as one step, tells what is over the limit, and shows nothing unheard" do
      stub_const("DustLadder::Devices::AnemometerFeed::LISTENS_S", 2.0)
      DeviceLink.anemometer.command("do" => "set", "mean" => 3, "height" => 30)
      open_plan(demo_plan("transformer"))
      rung("wind").click
      expect(page).to have_css("[data-anemometer=live]", text: "Anemometer, 30.0 m up")
      before = find_field("wind").value
      find("button", text: /\ATake \d\.\d+ m.s as the gust\z/, wait: 20).click
      expect(page).to have_field("wind", with: /\A\d\.\d+ m.s\z/)
      taken = find_field("wind").value
      expect(taken).not_to eq(before)
      expect(page).to have_field("height of the measured wind", with: "30.0 m")
      expect(page).to have_css("[data-rung=wind]:not([data-verdict=not_known])")
      find("[aria-label^='Undo: wind taken from the anemometer']").click
      expect(page).to have_field("wind", with: before)
      DeviceLink.anemometer.command("do" => "set", "mean" => 25)
      expect(page).to have_css("[data-anemometer=over]", text: /More than the .* allowed here/)
      DeviceLink.anemometer.command("do" => "set", "trouble" => "silent")
      expect(page).to have_css("[data-anemometer=none]", text: "the anemometer is silent")
      expect(page).to have_no_css("[data-wind]")
      DeviceLink.anemometer.command("do" => "set", "trouble" => "mad")
      expect(page).to have_css("[data-anemometer=none]", text: /No reading.*(cannot be read|no sound wind)/m)
      end_anemometer
      expect(page).to have_css("[data-anemometer=none]", text: "no connection to the anemometer")
    end
  end

  it "has no serious finding of the accessibility checker, day and night, and no sideways scroll on small screens" do
    plan = demo_plan("azimuth-bearing")
    [
      "/cranes",
      "/cranes/#{chart_id("juniper-half")}",
      "/cranes/#{chart_id("yarrow")}",
      "/plans/#{plan.id}/cab",
      "/plans/#{plan.id}"
    ].each do |path|
      look
      visit path
      expect(page).to have_css("h1", visible: :all)
      see_crane if path == "/plans/#{plan.id}"
      sleep 0.4
      expect(serious_findings).to eq([]), path
      [ [ 1024, 768 ], [ 390, 844 ] ].each do |width, height|
        look(width, height)
        expect(sideways).to be_nil,
          "#{path} at #{width}"
      end
    end
    look
    page.execute_script("localStorage.setItem('dust-ladder-preferences', JSON.stringify({ night: true }))")
    [ "/cranes", "/cranes/#{chart_id("juniper-half")}", "/plans/#{plan.id}/cab" ].each do |path|
      visit path
      sleep 0.4
      expect(serious_findings).to eq([]), "#{path} by night"
    end
  end

  it "says what is empty, missing or not to be found" do
    Chart.delete_all
    look
    visit "/cranes"
    expect(page).to have_text("No chart is here yet")
    visit "/cranes/4711"
    expect(page).to have_text("There is no chart at this address")
  end

  it "says so where a screen fails, instead of a white page, and opens again" do
    look
    allow(Chart).to receive(:newest).and_return([ instance_double(Chart, line: { title: "no machine" }) ])
    visit "/cranes"
    expect(page).to have_css("[role=alert]", text: "This screen failed")
    expect(page).to have_link("To the board", href: "/")
    allow(Chart).to receive(:newest).and_call_original
    click_button "Open it again"
    expect(page).to have_css("[data-chart]", minimum: 8)
  end
end
