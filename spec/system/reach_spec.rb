RSpec.describe "Reaching everything" do
  before { load_store }

  it "works from the keyboard alone: climb, nudge a grip, undo, switch units and night" do
    plan = demo_plan("receiver-cabin")
    open_plan(plan)
    keys = ->(*pressed) { find("body").send_keys(*pressed) }
    keys.(:home)
    expect(page).to have_css("[data-rung=load][aria-current=true]")
    keys.(:up)
    expect(page).to have_css("[data-rung=level][aria-current=true]")
    keys.("g")
    expect(page).to have_css("[data-rung=height][aria-current=true]")

    page.execute_script("document.querySelector('[data-grip=hook]').focus()")
    page.driver.browser.switch_to.active_element.send_keys(:down)
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    expect(plan.revisions.reload.last.document.dig("rigging", "hook_height")).to eq("7.590 m")
    page.driver.browser.switch_to.active_element.send_keys(%i[shift up])
    expect(page).to have_css("[role=status]", text: "rev 3, saved")
    expect(plan.revisions.reload.last.document.dig("rigging", "hook_height")).to eq("7.690 m")
    keys.([ :control, "z" ])
    keys.([ :control, "z" ])
    # One revision for both, or one for each where the machine is slow.
    expect(page).to have_css("[aria-label^=Undo][disabled]", visible: :all)
    expect(page).to have_css("[role=status]", text: /rev [45], saved/)
    expect(plan.revisions.reload.last.document.dig("rigging", "hook_height")).to eq("7.60 m")
    keys.("u")
    expect(page).to have_text(/\d.?lb left/)
    keys.("n")
    expect(page.evaluate_script("getComputedStyle(document.body).backgroundColor")).to eq("rgb(18, 14, 10)")
  end

  it "says a verdict to whoever listens, once it has changed and stands" do
    open_plan(demo_plan("receiver-cabin"))
    spoken = ->(words) { have_css("[aria-live=polite][data-spoken]", text: words, visible: :all) }
    expect(page).to spoken.(/\AHolds: /)
    find("body").send_keys(:home)
    fill_in "Weight", with: "60 t"
    expect(page).to have_css("[data-headline]", text: /\AStop: /)
    expect(page).to spoken.(/\AStop: /)
    expect(page.evaluate_script("document.querySelector('[data-spoken]').getBoundingClientRect().width")).to be <= 1
  end

  it "shows lists on a phone whole, each word behind what it is of, and on a tablet no word over another" do
    look(390, 844)
    cut = -> {
      page.evaluate_script(
        "[...document.querySelectorAll('[role=region]')].filter((one) => one.scrollWidth > one.clientWidth + 1)" \
          ".map((one) => one.ariaLabel + ' ' + one.scrollWidth)"
      )
    }
    visit "/store"
    expect(page).to have_css("[data-piece='C-22']")
    first = "document.querySelector('[data-piece=\"C-22\"] td')"
    expect(page.evaluate_script("getComputedStyle(#{first}, '::before').content")).to eq(%("kind "))
    expect(cut.call).to eq([])
    visit "/cranes"
    expect(page).to have_css("[data-chart]", minimum: 2)
    expect(cut.call).to eq([])
    look(1024, 768)
    over =
      page.evaluate_script(
        "[...document.querySelectorAll('[data-chart] th a')].filter((one) => " \
          "one.getBoundingClientRect().right > one.closest('th').nextElementSibling.getBoundingClientRect().left)" \
          ".map((one) => one.textContent)"
      )
    expect(over).to eq([])
  end

  it "moves every grip, and the figures follow" do
    plan = demo_plan("receiver-cabin")
    open_plan(plan)
    {
      "point-0" => [ 30, 0, %w[load points 0 x] ],
      "point-1" => [ -30, 0, %w[load points 1 x] ],
      "cg" => [ 20, -10, %w[load cg x] ],
      "station-0" => [ 20, 0, %w[cranes 0 stations 0 radius] ],
      "station-1" => [ 40, 0, %w[cranes 0 stations 1 radius] ]
    }.each do |grip, (by_x, by_y, path)|
      place = path.map { |key| key.match?(/\A\d\z/) ? key.to_i : key }
      before = plan.revisions.reload.last
      drag(grip, by_x, by_y)
      expect(page).to have_css("[role=status]", text: "rev #{before.number + 1}, saved")
      expect(plan.revisions.reload.last.document.dig(*place)).not_to eq(before.document.dig(*place)), grip
    end
    expect(page).to have_css("[data-headline]", text: /\A\w+: /)
  end

  [ [ 1280, 800 ], [ 1024, 768 ] ].each do |width, height|
    it "scrolls nothing but the panel at #{width} x #{height}" do
      open_plan(demo_plan("cable-girder"))
      look(width, height)
      expect(
        page.evaluate_script(
          "[document.documentElement.scrollHeight <= innerHeight, document.documentElement.scrollWidth <= innerWidth]"
        )
      ).to eq([ true, true ])
    end
  end

  it "stays within a phone, the ladder first, a rung opening under it" do
    open_plan(demo_plan("cable-girder"))
    look(390, 844)
    expect(page).to have_css("[data-rung=crane]")
    rung("angle").click
    expect(page).to have_css("[data-part=West]")
    expect(sideways).to be_nil
  end

  it "has no serious finding of the accessibility checker, by day and by night" do
    open_plan(demo_plan("cable-girder"))
    demo_plan("azimuth-drive")
    2.times do
      %w[load slings chart crane].each do |id|
        rung(id).click
        expect(serious_findings).to eq([]), id
      end
      find("body").send_keys("n")
    end
    visit "/all"
    expect(page).to have_link("Azimuth drive AD-1")
    expect(serious_findings).to eq([])
  end

  it "tells a plan that is not there, and an empty board" do
    look
    visit "/plans/424242"
    expect(page).to have_text("There is no plan at this address.")
    visit "/all"
    expect(page).to have_text("No lifts yet.")
  end
end
