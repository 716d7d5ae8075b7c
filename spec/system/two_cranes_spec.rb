# A load between two cranes in the browser: seen over its whole turn, mended, planned anew, and read on the day.
RSpec.describe "Two cranes" do
  before { load_store }

  def tilt = find("[data-grip=tilt]")

  # Waits until what was typed is kept.
  def kept = page.document.synchronize { yield || raise(Capybara::ElementNotFound, "it is not kept") }

  it "goes through the turn of a vessel on its lug, and a nearer tail crane cures it" do
    open_plan(demo_plan("vessel-by-lug"))
    expect(page).to have_css("[data-headline]", text: /\ATight: tail crane at 91/)
    within("table", text: "Trunnion, CG line") do
      expect(page).to have_css("tr", text: /beam gap.*0\.354.*short from 6/m)
      expect(page).to have_css("tr", text: /tail crane is.*tight.*stop/m)
    end
    expect(page).to have_css("[data-card=tail]", text: /Tail, Juniper 12\W?4\d\d/)
    tilt.send_keys(:end)
    expect(page).to have_css("[data-tailing-elevation][data-tilt='90']")
    expect(page).to have_css("[data-card=tail]", text: "carries nothing")
    expect(page).to have_css("[data-card=head]", text: /Head, Sagebrush 21\W?630/)
    tilt.send_keys(%i[shift arrow_left])
    expect(page).to have_css("[data-tailing-elevation][data-tilt='80']")
    find("[role=button][aria-label='To the governing tilt, at 0.0°']").click
    expect(page).to have_css("[data-tailing-elevation][data-tilt='0']")
    within("section", text: "Ways out", match: :first) { find("[data-way=tail]").click_button("Apply") }
    expect(page).to have_css("[data-headline]", text: /\AHolds: /)
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
  end

  it "stops the same vessel on trunnions, and tells from where on" do
    open_plan(demo_plan("vessel-by-trunnion"))
    expect(page).to have_css("[data-headline]", text: /\AStop: .*beam/)
    find("button", text: /\ACrane/, match: :first) if page.has_no_text?("Tail crane", wait: 2)
    visit "#{page.current_path}?rung=tail_crane"
    expect(page).to have_css("[aria-label='Tail crane panel']", text: /Stop, 122/)
    expect(page).to have_text(/past from 7\d\.\d°/)
  end

  it "moves the tail's lug by its grip, as the load stands" do
    plan = demo_plan("vessel-by-lug")
    open_plan(plan)
    grip = find("[data-grip=tailing-tail]")
    grip.send_keys(%i[shift arrow_up])
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    expect(plan.reload.document.dig("load", "points", 1, "z")).to eq("2.500 m")
    grip.send_keys(%i[shift arrow_left])
    expect(page).to have_css("[role=status]", text: "rev 3, saved")
    expect(plan.reload.document.dig("load", "points", 1, "x")).to eq("0.350 m")
  end

  it "makes two cranes of one, asks for what both do, and goes back" do
    plan = demo_plan("feed-horn")
    look
    visit "/plans/#{plan.id}?rung=crane"
    click_button "Two cranes share it"
    expect(page).to have_css("[data-headline]", text: /\ANot known: /)
    visit "/plans/#{plan.id}?rung=turn"
    select "stand it up", from: "what both cranes do"
    fill_in "tilt it begins with", with: "0°"
    fill_in "tilt it ends with", with: "80°"
    select "the tail’s; the head’s stays", from: "Which hook comes as the lines draw near"
    fill_in "head's hook, east", with: "10 m"
    fill_in "head's hook, north", with: "5 m"
    fill_in "bearing from tail to head", with: "90°"
    fill_in "how high the load's lowest corner is kept", with: "30 cm"
    expect(page).to have_text("read as 0.300")
    click_button "Add a hold point"
    fill_in "hold point 1", with: "40°\t"
    expect(page).to have_css("[role=status]", text: /saved/)
    visit "/plans/#{plan.id}?rung=radii"
    click_button "Tail crane"
    fill_in "crane east of the peg", with: "3 m\t"
    kept { plan.reload.document["cranes"].map { |one| one.dig("stand", "east") } == [ nil, "3 m" ] }
    document = plan.reload.document
    expect(document["tandem"]).to include("does" => "stand_up", "to" => "80°", "holds" => [ "40°" ])
    visit "/plans/#{plan.id}?rung=turn"
    click_button "One crane again: the head’s"
    expect(page).to have_no_text("Both cranes")
    kept { !plan.reload.document.key?("tandem") }
    expect(plan.reload.document["cranes"].size).to eq(1)
  end

  it "hangs a load below one beam in both hooks" do
    plan = demo_plan("truss-between-two")
    look
    visit "/plans/#{plan.id}?view=tailing&rung=turn"
    click_button "One beam in both hooks"
    expect(page).to have_css("[data-headline]", text: /\ANot known: /)
    {
      "Mass" => "1 900 kg",
      "Rated, hooked so" => "14 t",
      "Hook to hook" => "12 m",
      "Off middle, to head" => "-0.2 m",
      "Slings up to hooks" => "0.9 m",
      "Length, end to end" => "16 m",
      "Width" => "0.4 m"
    }.each { |label, text| fill_in label, with: text }
    expect(page).to have_css("[data-headline]", text: /\AHolds: end beams at 78/)
    expect(page).to have_css("[data-both-hooks-beam]")
    kept { plan.reload.document.dig("tandem", "beam", "width") == "0.4 m" }
  end

  it "reads both hooks on the day, and stops by itself for more than is planned" do
    plan = issued(demo_plan("vessel-by-lug"))
    look
    visit "/plans/#{plan.id}/day"
    find("[data-phase=lift]").click
    within("[data-panel=lift]") do
      expect(page).to have_css("table", text: /at 45\.0°.*to be read/m)
      fill_in "Held at a tilt of", with: "45°"
      fill_in "Head’s indicator", with: "10 200 kg"
      fill_in "Tail’s indicator", with: "11 500 kg"
      select "what hangs in the hooks", from: "Both show"
      expect(page).to have_css("[data-hooks=holds]")
      click_button "Keep what both show"
      expect(page).to have_css(".day-read", text: "at 45.0°")
      fill_in "Held at a tilt of", with: "70°"
      fill_in "Head’s indicator", with: "10 500 kg"
      fill_in "Tail’s indicator", with: "16 t"
      select "what hangs in the hooks", from: "Both show"
      expect(page).to have_css("[data-hooks=stop]", text: /tail/)
      click_button "Keep what both show"
    end
    expect(page).to have_text(/both hooks: tail/)
  end
end
