RSpec.describe "The panels" do
  before { load_store }

  it "asks a choker for its angle of choke and for what holds it" do
    open_plan(demo_plan("receiver-cabin"))
    rung("slings").click
    %w[West East].each { |name| select "choker", from: "hitch of the #{name} leg" }
    expect(page).to have_text("Needed: what of the West leg's sling goes round the load is not given")
    %w[West East].each { |name| fill_in "what of the #{name} sling goes round the load", with: "0.5 m" }
    expect(page).to have_css("[data-rung=slings][data-verdict=stop]")
    expect(page).to have_text(/the choker leans \d+\.\d° from plumb and slides along the load/)
    %w[West East].each do |name|
      select "a stop", from: "what holds the #{name} leg along the load"
      fill_in "who says that the #{name} leg is held along the load", with: "T. Alder"
    end
    expect(page).to have_css("[data-rung=slings][data-verdict=not_known]")
    expect(page).to have_text("Needed: the angle of choke of the West leg is not given")
    click_button "Go to it"
    expect(page).to have_css("[data-pointer='/rigging/legs/0/choke_angle']:focus")
    %w[West East].each { |name| fill_in "angle of choke of the #{name} leg", with: "100 deg" }
    expect(page).to have_css("[data-part=West]", text: /of 2\W784/)
  end

  it "asks for the level again after a night, and says when it is due" do
    open_plan(demo_plan("receiver-cabin"))
    day = Plan.last.document["lift_at"].slice(0, 10)
    rung("stand").click
    click_button "Say who measured it, and when"
    expect(page).to have_css("[data-rung=stand][data-verdict=not_known]", text: "who measured the level")
    fill_in "who measured the level", with: "T. Alder"
    expect(page).to have_css("[data-rung=stand][data-verdict=not_known]", text: "when the level was measured")
    at = ->(date) do
      page.execute_script(<<~JS, find_field("when the level was measured"), "#{date}T05:40")
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(...arguments)
        arguments[0].dispatchEvent(new Event('input', { bubbles: true }))
      JS
    end
    at.(Date.iso8601(day) - 1)
    expect(page).to have_css("[data-rung=stand][data-verdict=not_known]", text: "the level on the day of the lift")
    at.(Date.iso8601(day))
    expect(page).to have_css("[data-rung=stand][data-verdict=holds]")
    expect(page).to have_text("Measured by T. Alder at 05:40. Due again after the first lift")
    click_button "take away who measured the level"
    expect(page).to have_button("Say who measured it, and when")
  end

  it "takes a heavier sling from the store, and the plan keeps a snapshot of it alone" do
    plan = demo_plan("receiver-cabin")
    open_plan(plan)
    rung("slings").click
    %w[West East].each { |name| select "C-40, 16 mm, gr. 80, two legs", from: "sling of the #{name} leg" }
    expect(page).to have_css("[data-part=West]", text: /of 8\W000/)
    expect(page).to have_css("[role=status]", text: /rev \d+, saved/)
    expect(plan.revisions.reload.last.document["snapshots"]["slings"].keys).to eq([ "C-40" ])
  end

  it "changes the rule set, and with it what the working cites" do
    open_plan(demo_plan("receiver-cabin"))
    rung("load").click
    expect(page).to have_css("[data-line=k]", text: "rule set strict")
    select "level-side", from: "rules"
    expect(page).to have_css("[data-line=k]", text: "rule set level-side")
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
  end

  it "goes down to one point and back, legs with it" do
    plan = demo_plan("receiver-cabin")
    open_plan(plan)
    rung("load").click
    click_button "One point fewer"
    expect(page).to have_no_css("[data-grip=point-1]")
    expect(page).to have_text("On one point a long load may spin and swing")
    click_button "Add a point"
    expect(page).to have_text("Needed: x of point East is not given")
    click_button "Undo: East point added"
    click_button "Undo: East point taken away"
    expect(page).to have_css("[data-grip=point-1]")
    expect(page).to have_css("[data-headline]", text: "Holds: hook height, over the obstacle, at 53")
  end

  it "adds to what hangs from the tip, and takes it away again" do
    open_plan(demo_plan("receiver-cabin"))
    rung("hoist").click
    click_button "Add something on the hook"
    fill_in "what hangs, 1", with: "headache ball"
    fill_in "mass of what hangs, 1", with: "250 lb"
    expect(page).to have_css("[data-line=h1]", text: /headache ball.*114\Wkg/m)
    click_button "lb ft"
    expect(page).to have_css("[data-line=h1]", text: /headache ball.*250\Wlb/m)
    fill_in "mass of what hangs, 1", with: "260 lb"
    expect(page).to have_css("[data-line=h1]", text: /headache ball.*260\Wlb/m)
    click_button "kg m"
    expect(page).to have_css("[data-line=h1]", text: /headache ball.*118\Wkg/m)
    click_button "take away headache ball"
    expect(page).to have_no_css("[data-line=h1]")
  end

  it "stops where the chart ends, and says how far this load may go" do
    open_plan(demo_plan("receiver-cabin"))
    rung("crane").click
    expect(page).to have_css("[data-line=most]", text: /24\.000\Wm/)
    fill_in "radius at set", with: "25 m"
    expect(page).to have_css("[data-headline]", text: /\AStop: crane/)
    fill_in "radius at set", with: "14.6 m"
    expect(page).to have_css("[data-rung=crane][data-verdict=holds]")
  end

  it "names the obstacle when the hook cannot pass over it" do
    open_plan(demo_plan("receiver-cabin"))
    rung("height").click
    fill_in "highest thing on the way", with: "16 m"
    # So high up it would meet the boom first.
    expect(page).to have_css("[data-headline]", text: "Stop: boom clearance at")
    expect(page).to have_css("[data-rung=height][data-verdict=stop]")
    expect(page).to have_css("[data-part='over the obstacle']", text: "109")
  end

  it "reads and drags in feet and inches when told to" do
    plan = demo_plan("cable-girder")
    open_plan(plan)
    find("body").send_keys("u")
    expect(page).to have_text("22.9°")
    drag("hook", 0, -60)
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    written = plan.revisions.reload.last.document.dig("rigging", "hook_height")
    expect(written).to match(/\A\d+'\d+( 1\/2)?"\z/)
    expect(DustLadder::Quantity::Reader.read(written, :length)).to be > 2.4
    rung("level").click
    expect(page).to have_field("hook height", with: written)
  end

  it "lights in the drawing what a line of working speaks of" do
    open_plan(demo_plan("receiver-cabin"))
    rung("load").click
    outline = -> { page.evaluate_script("document.querySelector('path[stroke-width=\"4\"]') !== null") }
    expect(outline.call).to be(false)
    find("[data-line=W]").hover
    expect(page).to have_css("path[stroke-width='4']", visible: :all)
  end

  it "undoes while a field is still being typed in, and loses no step" do
    open_plan(demo_plan("receiver-cabin"))
    rung("load").click
    fill_in "weight", with: "5 t"
    click_button "Undo: the change under way"
    expect(page).to have_field("weight", with: "3 420 kg")
    click_button "Redo: weight typed"
    expect(page).to have_field("weight", with: "5 t")
  end

  it "changes title, site and time, and the board follows" do
    open_plan(demo_plan("feed-horn"))
    choose_from_menu "Title, site and time"
    find_field("Title").send_keys([ :control, "a" ], :backspace)
    expect(page).to have_button("Take", disabled: true)
    fill_in "Title", with: "Feed horn crate FH-2, second try"
    click_button "Take"
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    visit "/all"
    expect(page).to have_link("Feed horn crate FH-2, second try")
  end

  it "orders the board by day or weakest first" do
    %w[feed-horn cable-girder azimuth-drive].each { |name| demo_plan(name) }
    look
    visit "/all"
    titles = -> { all("[role=row] a").map(&:text) }
    expect(page).to have_link("Azimuth drive AD-1")
    expect(titles.call.map { |title| title[/\w\w-\d+/] }).to eq(%w[FH-2 GD-12 AD-1])
    click_link "Weakest first"
    expect(page).to have_css("[role=row]:nth-child(2) a", text: "GD-12")
    expect(titles.call.map { |title| title[/\w\w-\d+/] }).to eq(%w[GD-12 AD-1 FH-2])
  end

  it "finds lifts on the board by words and verdict, keeps that in its address, and shows all again" do
    %w[feed-horn cable-girder azimuth-drive].each { |name| demo_plan(name) }
    look
    visit "/all"
    fill_in "Find: title, load, gear, name, lesson", with: "girder"
    expect(page).to have_css("[role=row] a", count: 1)
    page.refresh
    expect(page).to have_css("[role=row] a", count: 1)
    expect(page).to have_link("Cable tray girder GD-12 under the gantry")
    select "holds", from: "Verdict"
    expect(page).to have_text("None of 3 plans is like that")
    click_button "Show all"
    expect(page).to have_css("[role=row] a", count: 3)
    expect(page).to have_text("3 plans: 1 hold, 0 tight, 1 stop, 1 not known")
  end
end
