# Who is here, in the browser: added by the admin, in by a link of their own, named in a crew.
RSpec.describe "People in the browser", :signed_out do
  let!(:sol) { person("Sol Adair", roles: %w[admin]) }
  let!(:jun) { person("Jun Kovar", roles: %w[planner]) }

  before { load_store }

  def come(who, path)
    login_as(who, scope: :person)
    visit path
  end

  it "adds somebody who sets a password by a link, once, and comes in" do
    come(sol, "/people")
    click_button "Add somebody"
    fill_in "Name to sign in with", with: "bram"
    fill_in "Full name", with: "Bram Yucca"
    find("label", text: "rigger: signs flights").click
    click_button "Add a competence"
    fill_in "Able to be of competence 1", with: "operator"
    click_button "Add them"
    expect(page).to have_text("by is not given; expected who found so")
    expect(page).to have_field("Full name", with: "Bram Yucca")
    fill_in "Found so by of competence 1", with: "Training yard"
    find_field("Until of competence 1").send_keys("06302027")
    click_button "Add them"
    expect(page).to have_css("h2", text: "Bram Yucca")
    click_button "Give a link to a password"
    link = find_field("The link, once, for them alone").value
    logout(:person)
    visit URI(link).path
    fill_in "New password", with: "Salt-and-gravel-7"
    fill_in "The same again", with: "Salt-and-gravel-7"
    expect(serious_findings).to eq([])
    click_button "Keep it"
    expect(page).to have_text("You sign in as bram")
    click_link "To the door"
    fill_in "Name to sign in with", with: "bram"
    fill_in "Password", with: "Salt-and-gravel-7"
    click_button "Sign in"
    expect(page).to have_button("signed in: Bram Yucca")
    visit URI(link).path
    fill_in "New password", with: "Another-gravel-8"
    fill_in "The same again", with: "Another-gravel-8"
    click_button "Keep it"
    expect(page).to have_css("[role=alert]", text: "this link counts no more")
  end

  it "names a crew from them: the rung says who lacks what, and holds once all are in date" do
    %w[operator slinger signaller supervisor].zip(%w[Bram Teo Mara Ines]).each do |kind, name|
      last = kind == "slinger" ? "2026-12-01" : "2027-06-30"
      person(name, roles: %w[rigger], competences: [ { "kind" => kind, "by" => "Yard", "until" => last } ])
    end
    plan = demo_plan("receiver-cabin")
    come(jun, "/plans/#{plan.id}?rung=crew")
    %w[operator slinger signaller].zip(%w[Bram Teo Mara]).each do |kind, name|
      find("[aria-label='#{kind} of the crew'] option", text: "#{name}, #{kind} until").select_option
    end
    expect(page).to have_css("[data-rung=crew][data-verdict=stop]", text: "slinger Teo: competence as slinger ended")
    find("[aria-label='slinger of the crew'] option", text: "Mara, no competence").select_option
    expect(page).to have_css("[data-rung=crew][data-verdict=not_known]")
    Person.find_by!(login: "mara").update!(
      competences: %w[slinger signaller].map { |kind| { "kind" => kind, "by" => "Yard", "until" => "2027-06-30" } }
    )
    find("[aria-label='supervisor of the crew'] option", text: "Ines, supervisor until").select_option
    expect(page).to have_css("[data-rung=crew][data-verdict=holds]")
    expect(page).to have_css("[role=status]", text: /rev \d, saved/)
    crew = plan.reload.document["crew"].map { |one| one["person"] }
    expect(crew).to eq(%w[bram mara mara ines])
  end

  it "lets one set another password, and name a script that is told once" do
    come(jun, "/account")
    fill_in "What it is for", with: "morning list"
    fill_in "Your password", with: "wrong"
    click_button "Name a script"
    expect(page).to have_css("[role=alert]", text: "the password is not the one of Jun Kovar")
    expect(page).to have_field("What it is for", with: "morning list")
    fill_in "Your password", with: PeopleHelp::PASSWORD
    click_button "Name a script"
    text = find_field("What morning list sends, shown this once").value
    expect(ApiToken.person_of(text)).to eq(jun)
    fill_in "The password as it is", with: PeopleHelp::PASSWORD
    fill_in "New password", with: "Salt-and-gravel-7"
    fill_in "The same again", with: "Salt-and-gravel-7"
    click_button "Keep the new one"
    expect(page).to have_no_field("What morning list sends, shown this once")
    expect(jun.reload.valid_password?("Salt-and-gravel-7")).to be(true)
    click_button "Take morning list away"
    click_button "Take it away"
    expect(page).to have_text("None.")
  end
end
