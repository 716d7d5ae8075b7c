# Answers by word, plans from before there were such rungs, and what a narrower plan leaves out, as they are seen.
RSpec.describe "What is answered by word", type: :system do
  it "is marked on its bar, told at the foot and on paper, and lapses with the day of the lift" do
    open_plan(demo_plan("receiver-cabin"))
    rung("ground").click
    expect(page).to have_css("[data-rung=ground][data-verdict=holds] .by-word")
    expect(page).to have_css(".ladder-foot", text: "W: 4 by word: ground, power lines")
    rung("gear").click
    find_field("Day of the lift").send_keys("02152027")
    expect(page).to have_css("[data-rung=crew][data-verdict=not_known]", text: "lapsed on 2026-12-24")
    expect(page).to have_css("[data-headline]", text: /\ANot known: |\AStop: /)
    rung("crew").click
    rung("gear").click
    find_field("Day of the lift").send_keys("12152026")
    expect(page).to have_css("[data-rung=crew][data-verdict=holds]")
    expect(page).to have_css("[role=status]", text: ", saved")
    visit "#{page.current_path}/working"
    expect(page).to have_css(
      "[data-by-word=crew]",
      text: /Crew by word of R. Alder, 2026-12-10, counts until 2026-12-24/
    )
  end

  it "stops at a line that is too near, and asks on where its voltage is not known" do
    open_plan(demo_plan("receiver-cabin"))
    rung("power_lines").click
    select "one of known voltage", from: "is a power line near"
    expect(page).to have_css("[data-rung=power_lines][data-verdict=not_known]", text: "needs: the voltage of the line")
    fill_in "voltage of the line", with: "110"
    expect(page).to have_text("the unit is missing after 110")
    fill_in "voltage of the line", with: "110 kV"
    fill_in "how near the line comes", with: "4.5 m"
    expect(page).to have_css("[data-headline]", text: "Stop: power lines at 103 %")
    fill_in "how near the line comes", with: "9 m"
    expect(page).to have_css("[data-rung=power_lines][data-verdict=holds] .by-word")
    select "one whose voltage nobody knows", from: "is a power line near"
    expect(page).to have_css("[data-rung=power_lines][data-verdict=not_known]", text: "no word stands in")
    fill_in "how near the line comes", with: "6 m"
    expect(page).to have_css("[data-rung=power_lines][data-verdict=stop]")
  end

  it "is not known in a plan of older rules, until the newer ones are seen and taken in one step" do
    visit "/all"
    find("[data-plan-file]", visible: :all, match: :first).attach_file(
      Rails.root.join("core/spec/fixtures/of_their_day/receiver-cabin.json")
    )
    expect(page).to have_css(
      "[data-headline]",
      text: "Not known: Strict of version 6 is newer than version 1 in this plan and 7 more"
    )
    rung("ground").click
    expect(page).to have_css("[data-rung=ground]", text: "needs: newer than this plan's rules")
    click_button "Go to it"
    dialog = find("[role=dialog]", text: "Newer rules")
    expect(dialog).to have_text("rule set strict, version 1. Version 6 differs")
    expect(dialog).to have_css("tr", text: /Crew.*newer than this plan's rules.*who does what/m)
    click_button "Take version 6"
    expect(page).to have_css("[data-rung=ground]", text: "needs: what the ground bears")
    expect(page).to have_css("[role=status]", text: ", saved")
    choose_from_menu "Newer rules"
    expect(page).to have_text("There is none newer")
  end

  it "leaves out what cannot arise only in the name of who says so" do
    open_plan(demo_plan("receiver-cabin"))
    choose_from_menu "Title, site and time"
    select "rigging only: another plans crane and site", from: "What this plan is about"
    expect(page).to have_text("without a name nothing is left out")
    click_button "Take"
    expect(page).to have_css(".ladder-foot", text: "23 rungs")
    choose_from_menu "Title, site and time"
    fill_in "Who says that the rest cannot arise", with: "R. Alder"
    click_button "Take"
    expect(page).to have_css(".ladder-foot", text: "Left out, rigging only, says R. Alder: gross load")
    expect(page).to have_css(".landing", count: 3)
    expect(page).to have_css("[data-headline]", text: /\AHolds, rigging only: /)
  end
end
