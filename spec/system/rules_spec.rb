# The site's own rules, in the browser: copied, made stricter and looser, and what a plan under them says.
RSpec.describe "Rules in the browser", :signed_out do
  let!(:people) do
    { jun: person("Jun Kovar", roles: %w[planner]), ines: person("Ines Rook", roles: %w[planner appointed]) }
  end

  before { load_store }

  def come(who, path)
    login_as(people.fetch(who), scope: :person)
    visit path
  end

  def put(place, text) = find("[data-place='#{place}'] input").tap { |field| field.set(text) }

  it "are copied, tightened by who plans, loosened by who is appointed, and told to the plans under them" do
    come(:jun, "/rules")
    fill_in "Name of a set of the site’s own", with: "Saltpan yard"
    click_button "Copy it"
    expect(page).to have_css("h2", text: "Saltpan yard, version 1")
    expect(serious_findings).to eq([])
    put("tilt_limit_deg", "four")
    expect(page).to have_text("0 values differ, 1 cannot be read")
    expect(page).to have_button("Keep as version 2", disabled: true)
    put("tilt_limit_deg", "6")
    click_button "Keep as version 2"
    fill_in "Why tilt limit deg", with: "long loads"
    click_button "Keep it"
    expect(page).to have_text("this loosens the rule; expected an appointed person's hand")
    expect(page).to have_field("Why tilt limit deg", with: "long loads")
    click_button "Leave"
    put("tilt_limit_deg", "4")
    click_button "Keep as version 2"
    fill_in "Why tilt limit deg", with: "long loads"
    click_button "Keep it"
    expect(page).to have_css("[data-version='2']", text: "tilt limit deg 5 → 4: long loads")
    expect(page).to have_css(
      "[data-place='tilt_limit_deg']",
      text: "stricter than 5 as it ships, by Jun Kovar: long loads"
    )

    plan = demo_plan("receiver-cabin")
    visit "/plans/#{plan.id}"
    find("[data-rung=load]")
    select "saltpan-yard", from: "rules"
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    expect(page).to have_css("[data-headline]", text: /\AHolds/)

    come(:ines, "/rules/saltpan-yard")
    put("allowance/weighed", "0.01")
    click_button "Keep as version 3"
    fill_in "Why allowance/weighed", with: "new cells"
    fill_in "Your password, where a rule is loosened", with: PeopleHelp::PASSWORD
    click_button "Keep it"
    expect(page).to have_css("h2", text: "Saltpan yard, version 3")
    visit "/plans/#{plan.id}/life"
    expect(page).to have_css("[data-bar=load]", text: "Saltpan yard of version 3 is newer than version 2")
  end
end
