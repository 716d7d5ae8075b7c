# The door, in the browser.
RSpec.describe "Signing in" do
  let!(:jun) { person("Jun Kovar", roles: %w[planner]) }

  it "opens by name and password, shows who is in, and closes again", :signed_out do
    visit "/"
    expect(page).to have_css("h1", text: "Sign in")
    expect(page).to have_no_text("New lift")
    expect(page).to have_no_text("Be one of the demo")
    fill_in "Name to sign in with", with: "jun.kovar"
    fill_in "Password", with: "not this one"
    click_button "Sign in"
    expect(page).to have_css("[role=alert]", text: "name and password do not go together")
    expect(page).to have_field("Name to sign in with", with: "jun.kovar")
    fill_in "Password", with: PeopleHelp::PASSWORD
    click_button "Sign in"
    expect(page).to have_button("New lift")
    expect(serious_findings).to eq([])
    click_button "signed in: Jun Kovar"
    expect(page).to have_text("Jun Kovar: planner")
    find("[role=menuitem]", text: "Sign out").click
    expect(page).to have_css("h1", text: "Sign in")
  end

  it "keeps what was typed where the session ended meanwhile, and goes on with it", :signed_out do
    login_as(jun, scope: :person)
    plan = demo_plan("receiver-cabin")
    open_plan(plan)
    rung("load").click
    jun.end_sessions
    fill_in "weight", with: "3 600 kg"
    expect(page).to have_text("You were signed out. What you typed is kept on this device")
    fill_in "Name to sign in with", with: "jun.kovar"
    fill_in "Password", with: PeopleHelp::PASSWORD
    click_button "Sign in"
    rung("load").click
    expect(page).to have_field("weight", with: "3 600 kg")
    expect(page).to have_text("rev 2, saved")
    expect(plan.reload.document.dig("load", "weight", "bare")).to eq("3 600 kg")
  end

  it "picks one of the demo's people, who are told apart by what they may do", :signed_out do
    person("Mara Tarn", roles: %w[rigger])
    allow(SignedIn).to receive(:picking?).and_return(true)
    visit "/"
    expect(page).to have_button(text: "Jun Kovar, planner")
    expect(serious_findings).to eq([])
    find_button(text: "Mara Tarn, rigger").click
    expect(page).to have_button("signed in: Mara Tarn")
  end
end
