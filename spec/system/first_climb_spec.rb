RSpec.describe "The first climb" do
  before { load_store }

  it "does the job: drags the hook lower until the slings stop, undoes, types a weight, finds it kept" do
    plan = demo_plan("receiver-cabin")
    look
    visit "/all"
    click_link "Receiver cabin RC-7 to antenna pad 3"
    expect(page).to have_css("[data-headline]", text: "Holds: hook height, over the obstacle, at 53")
    expect(verdict_of("slings")).to eq("holds")

    drag("hook", 0, 200) do
      expect(page).to have_css("[data-rung=slings][data-verdict=stop]")
      expect(page).to have_css("[data-ghost]")
      expect(page).to have_text(/7\.60 m → \d\.\d\d m/)
      expect(page).to have_css("[data-headline]", text: /\AStop: /)
    end
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    click_button "Undo: hook height moved"
    expect(page).to have_css("[data-rung=slings][data-verdict=holds]")
    click_button "Redo: hook height moved"
    expect(page).to have_css("[data-rung=slings][data-verdict=stop]")
    click_button "Undo: hook height moved"

    rung("load").click
    fill_in "weight", with: "7,050 lb"
    expect(page).to have_css("[data-line=W]", text: /3\W262\Wkg/)
    expect(page).to have_text(/read as 3\W198\Wkg/)
    visit current_path
    expect(page).to have_css("[data-headline]", text: "Holds: hook height, over the obstacle, at 53")
    rung("load").click
    expect(page).to have_field("weight", with: "7,050 lb")
    expect(page).to have_css("[role=status]", text: /rev \d+, saved/)
    expect(plan.revisions.reload.last.document.dig("load", "weight", "bare")).to eq("7,050 lb")
  end

  it "asks no host but its own, and logs no error", :logging do
    look
    demo_plan("cable-girder")
    hosts_asked
    page.driver.browser.logs.get(:browser)
    visit "/all"
    click_link "Cable tray girder"
    expect(page).to have_css("[data-rung=crane]")
    rung("slings").click
    click_button "More"
    expect(hosts_asked).to eq([ "127.0.0.1" ])
    expect(page.driver.browser.logs.get(:browser).select { |entry| entry.level == "SEVERE" }).to eq([])
  end

  it "withdraws the verdict for what it cannot read, keeps what was typed, and asks for the unit" do
    open_plan(demo_plan("receiver-cabin"))
    rung("load").click
    fill_in "weight", with: "3.4"
    expect(page).to have_text("the unit is missing after 3.4")
    expect(page).to have_css("[data-headline]", text: "Not known: the weight: “3.4” cannot be read")
    expect(verdict_of("slings")).to eq("not_known")
    click_button "3.4 t"
    expect(page).to have_field("weight", with: "3.4 t")
    expect(page).to have_css("[data-rung=slings][data-verdict=holds]")
    fill_in "weight", with: "5 ton"
    expect(page).to have_text("can mean three things")
  end

  it "stops an impossible geometry at its field" do
    open_plan(demo_plan("receiver-cabin"))
    rung("level").click
    select "leg lengths; hook comes where they put it", from: "Geometry is set by"
    fill_in "West leg length", with: "1.5 m"
    fill_in "East leg length", with: "1.6 m"
    expect(page).to have_css("[data-headline]", text: "the legs do not meet")
    expect(page).to have_css("[data-rung=level][data-verdict=stop]")
    click_button "Go to it"
    expect(page).to have_css("[data-pointer='/rigging/legs/0/length']:focus")
  end

  it "leads the first minutes: who could take it, and points as a question" do
    visit "/all"
    click_button "New lift", match: :first
    fill_in "What is lifted, and where to", with: "Pump skid PS-9"
    click_button "Start"
    fill_in "weight", with: "3.2 t"
    select "estimated", from: "How it is known"
    expect(page).to have_css("[data-takers]", text: "Who could take it")
    expect(page).to have_css("[data-takers]", text: /Juniper.*to \d+\.\d+/m)
    expect(page).to have_css("[data-step=load].now")
    fill_all(
      "load length" => "2.4 m",
      "load width" => "1.1 m",
      "load height" => "1.5 m",
      "centre of gravity x" => "1.3 m",
      "centre of gravity y" => "0.55 m",
      "centre of gravity z" => "0.6 m"
    )
    expect(page).to have_css("[data-proposal]")
    expect(page).to have_css("[data-rung=load][data-verdict=not_known]")
    click_button "Take both points as drawn"
    expect(page).to have_field("West point x", with: "0.5 m")
    expect(page).to have_field("East point x", with: "2.1 m")
    expect(page).to have_css("[data-rung=load][data-verdict=holds]")
    expect(page).to have_text(", saved")
  end

  it "starts after a past lift, and asks its words again" do
    demo_plan("feed-horn")
    visit "/all"
    click_button "New lift", match: :first
    fill_in "What is lifted, and where to", with: "Another feed horn crate"
    fill_in "After a pattern or a past lift, or leave it blank", with: "Feed horn"
    find("[role=option]", text: "Feed horn crate").click
    click_button "Start"
    expect(page).to have_css("[data-rung=load][data-verdict=not_known]")
    expect(page).to have_text("how the weight is known")
    expect(page).to have_field("weight", with: /\d/)
  end

  it "carries a blank plan from dashes to a verdict" do
    look
    visit "/all"
    click_button "New lift", match: :first
    fill_in "What is lifted, and where to", with: "Junction box JB-3"
    click_button "Start"
    expect(page).to have_css("[data-verdict=not_known][data-rung]", count: 23)
    fill_in "weight", with: "900 kg"
    select "weighed", from: "How it is known"
    fill_all(
      "load length" => "2 m",
      "load width" => "0.8 m",
      "load height" => "1 m",
      "centre of gravity x" => "1 m",
      "centre of gravity y" => "0.4 m",
      "centre of gravity z" => "0.4 m"
    )
    select "from a drawing", from: "How the centre of gravity is known"
    { "West" => "0.2 m", "East" => "1.8 m" }.each do |name, x|
      [ [ "x", x ], [ "y", "0.4 m" ], [ "z", "1 m" ] ].each { |axis, text| fill_in "#{name} point #{axis}", with: text }
    end
    expect(page).to have_css("[data-rung=load][data-verdict=holds]")
    find_field("Day of the lift").send_keys("12142026")
    expect(page).to have_field("Day of the lift", with: "2026-12-14")
    rung("level").click
    fill_in "hook height", with: "3.2 m"
    rung("slings").click
    %w[West East].each { |name| select "C-14, 8 mm, gr. 80, two legs", from: "sling of the #{name} leg" }
    expect(page).to have_css("[data-rung=slings][data-verdict=holds]")
    rung("points").click
    %w[West East].each { |name| fill_in "what the #{name} point carries", with: "2 t" }
    rung("fittings").click
    all("label", text: "own end holds the load").each(&:click)
    expect(page).to have_css("[data-rung=fittings][data-verdict=holds]")
    rung("surroundings").click
    click_button "Give heat, chemicals and edges"
    fill_in "temperature of the slings", with: "30 °C"
    select "no edges", from: "Edges they bear on"
    select "plain", from: "Surface they bear on"
    rung("hook").click
    fill_in "how far off its bowl the load sits in the crane's hook", with: "0"
    select "closes by itself", from: "latch of the crane's hook"
    rung("chart").click
    select "Acacia, 25 t truck-mounted, outriggers full", from: "Chart"
    JSON.parse(Rails.root.join("demo/charts/acacia-full.json").read)["identity"].each do |name, value|
      fill_in "#{name} of the machine", with: value
    end
    rung("crane").click
    fill_all(
      "boom length" => "14 m",
      "radius at pick" => "6 m",
      "radius at set" => "8 m",
      "slew at pick" => "100°",
      "slew at set" => "150°"
    )
    select "clockwise", from: "It turns, from above"
    rung("hoist").click
    select "2", from: "Parts of line"
    rung("height").click
    fill_all(
      "support height at pick" => "1 m",
      "support height at set" => "0.5 m",
      "highest thing on the way" => "0 m"
    )
    {
      "stand" => [ "how far out of level", "0.5 %" ],
      "side_pull" => [ "planned side pull", "0°" ],
      "wind" => [ "wind", "2 m/s" ]
    }.each do |id, (field, text)|
      rung(id).click
      fill_in field, with: text
    end
    expect(page).to have_css("[data-headline]", text: "Not known: ground and 3 more")
    by_word
    expect(page).to have_css("[data-headline]", text: /\A(Holds|Tight): /)
    expect(page).to have_css(".ladder-foot", text: /23 rungs: .*W: 4 by word/m)
    expect(page).to have_css("[role=status]", text: ", saved")
  end

  # What nobody gives in figures is answered by a named person, on a day.
  def by_word
    {
      "ground" => "ground",
      "power_lines" => "power lines",
      "obstacles" => "obstacles and people",
      "crew" => "crew"
    }.each do |id, what|
      rung(id).click
      if id == "power_lines"
        select "none as far as was looked", from: "is a power line near"
        fill_in "how far was looked for power lines", with: "40 m"
      end
      fill_in "what is said of #{what}", with: "seen on the walk"
      fill_in "who answers for #{what}", with: "M. Quell"
      expect(page).to have_css("[data-rung=#{id}][data-verdict=not_known]", text: "needs: the day")
      find_field("day on which #{what} was answered").send_keys("12102026")
      expect(page).to have_css("[data-rung=#{id}][data-verdict=holds] .by-word")
    end
  end

  it "draws no steps for another machine's chart, and names the field" do
    open_plan(demo_plan("generator"))
    expect(page).to have_css(
      "[data-headline]",
      text: "Stop: chart, counterweight of the machine differs from the chart"
    )
    expect(page).to have_text("No steps are drawn")
    expect(page).to have_no_css("[data-grip=station-0]")
    fill_in "counterweight of the machine", with: "9.2 t"
    expect(page).to have_css("[data-grip=station-0]")
    expect(page).to have_css("[data-rung=crane][data-verdict=holds]")
  end
end
