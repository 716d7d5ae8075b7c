RSpec.describe "Ways out" do
  before { load_store }

  it "offers what makes the whole ladder better, and applies it as one step of undo" do
    open_plan(demo_plan("cable-girder"))
    within("section", text: "Ways out", match: :first) do
      expect(page).to have_css("[data-way=hook]", text: /Raise the hook to 2\.\d+\Wm.*then Tight:/m)
      click_button "Apply: Raise the hook", match: :first
    end
    expect(page).to have_css("[data-headline]", text: /\ATight: /)
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    find("[aria-label^='Undo: Raise the hook']").click
    expect(page).to have_css("[data-headline]", text: /\AStop: /)
  end

  it "solves a plan that no single change cures by two, shown as ghosts before they are taken" do
    open_plan(demo_plan("gearbox"))
    expect(page).to have_css("[data-headline]", text: /\AStop: fittings/)
    within("section", text: "Ways out", match: :first) do
      way = find("[data-way='hook+sling-C-22']", wait: 20)
      expect(way).to have_text("Raise the hook").and have_text("Sling C-22").and have_text("then Holds")
      way.hover
    end
    expect(page).to have_css("[data-rung=fittings] [data-ghost-rung=holds]", text: "→ holds")
    expect(page).to have_css("[data-preview=hung] path", minimum: 2)
    expect(page).to have_css("[data-headline]", text: /\AStop: fittings/)
    find("[data-way='hook+sling-C-22'] button").click
    expect(page).to have_css("[data-headline]", text: /\AHolds: /)
    expect(page).to have_no_css("[data-ghost-rung]")
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    kept = Plan.find_by!(title: demo_document("gearbox")["title"]).document
    expect(kept["snapshots"]["slings"].keys).to eq([ "C-22" ])
  end

  it "says how far a figure may go, shows it over a range, and takes another into the plan" do
    visit "/plans/#{demo_plan("azimuth-bearing").id}/what-if"
    expect(page).to have_css("[data-limit=weight-up]", text: /9\W528\Wkg, then crane \(set\)/, wait: 20)
    expect(page).to have_css("[data-band=stop]", wait: 20)
    expect(page).to have_text(/Holds to 6\W676\Wkg, tight to 9\W528\Wkg: crane \(set\), then stop: crane \(set\)\./)
    fill_in "Bare weight, to", with: "8"
    click_button "Look", match: :first
    expect(page).to have_text("expected")
    expect(page).to have_field("Bare weight, to", with: "8")
    fill_in "Bare weight, to", with: "9,000 kg"
    click_button "Look", match: :first
    slider = find("input[type=range]", wait: 20)
    slider.send_keys(:arrow_left, [ :shift, :arrow_left ])
    click_button "Take 6350 kg into the plan"
    expect(page).to have_css("[data-headline]", text: /\AHolds: /)
    expect(page).to have_text("The plan has changed since")
  end

  it "says so when nothing that it tries is enough" do
    open_plan(demo_plan("filter-over-the-pit"))
    expect(page).to have_text("None of what was tried cures it", wait: 30)
    expect(page).to have_text("carried higher or lower")
  end

  it "shows the tables of the trade of a rule set, with whom they are for and that the tag governs" do
    look
    visit "/rules/plumb-side"
    click_link "Tables of the trade"
    expect(page).to have_css("[data-table=angles] tr", minimum: 13)
    expect(page).to have_text(/Plumb.*version \d+, for .* on \d{4}-\d\d-\d\d\. For planning only: the tag/)
    expect(find("[data-table=chokes]")).to have_text("120° and more")
  end
end
