# A house as its users get it: begun empty in production, with its own pages, cookies and headers; what is typed into it
# in the browser comes back from its own backup.
RSpec.describe "An installed house", :signed_out, :logging do
  self.use_transactional_tests = false

  around do |example|
    Dir.mktmpdir("house") do |place|
      @place = place
      example.run
    end
  end

  after { Capybara.app_host = nil }

  PLAIN = { "DUST_LADDER_TLS" => "none", "DUST_LADDER_HOSTS" => "127.0.0.1" }.freeze
  ADMIN = "Salt-and-gravel-7".freeze
  PLANNER = "Iron-and-rope-42".freeze

  def house(name) = OwnInstallation.new(File.join(@place, name))

  def served(own)
    own.serve(**PLAIN) do |port|
      Capybara.app_host = "http://127.0.0.1:#{port}"
      page.reset!
      look
      yield
      # What its pages asked for they were given, and nothing of it was refused by what they say of themselves.
      faults = page.driver.browser.logs.get(:browser).select { |entry| entry.level == "SEVERE" }
      expect(faults.map(&:message).grep_v(/status of (401|409|422)/)).to eq([])
      # A page that stands open asks on, of a house that is no more.
      page.reset!
    end
  end

  def sign_in(name, password)
    visit "/"
    fill_in "Name to sign in with", with: name
    fill_in "Password", with: password
    click_button "Sign in"
    expect(page).to have_button("signed in: ")
  end

  def sign_out
    visit "/"
    click_button "signed in: "
    find("[role=menuitem]", text: "Sign out").click
    expect(page).to have_css("h1", text: "Sign in")
  end

  # Somebody whom the admin adds, by the link to a password that is given once.
  def add_planner
    visit "/people"
    click_button "Add somebody"
    fill_in "Name to sign in with", with: "jun"
    fill_in "Full name", with: "Jun Kovar"
    find("label", text: /\Aplanner/).click
    click_button "Add them"
    click_button "Give a link to a password"
    link = find_field("The link, once, for them alone").value
    sign_out
    visit URI(link).path
    fill_in "New password", with: PLANNER
    fill_in "The same again", with: PLANNER
    click_button "Keep it"
    expect(page).to have_text("You sign in as jun")
  end

  def new_lift
    click_button "New lift", match: :first
    fill_in "What is lifted, and where to", with: "Pump skid PS-9"
    click_button "Start"
    expect(page).to have_css("[data-headline]", text: "Not known")
    fill_in "weight", with: "7,050 lb"
    select "estimated", from: "How it is known"
    expect(page).to have_text(/read as 3\W198\Wkg/)
    fill_all("load length" => "2.4 m", "load width" => "1.1 m", "load height" => "1.5 m")
    expect(page).to have_css("[role=status]", text: ", saved")
  end

  def as_typed
    expect(page).to have_css("[data-headline]", text: "Not known")
    rung("load").click
    expect(page).to have_field("weight", with: "7,050 lb")
    [ "load length", "load width", "load height" ].to_h { |field| [ field, find_field(field).value ] }
  end

  it "is empty, takes its people and a first lift, never passes what is not known, and comes back from its backup" do
    own, other = house("own"), house("other")
    own.house("begin")
    own.house("admin", input: "sol\nSol Adair\n#{ADMIN}\n#{ADMIN}\n")
    typed = nil
    served(own) do
      sign_in("sol", ADMIN)
      expect(page).to have_no_text("Saltpan")
      add_planner
      sign_in("jun", PLANNER)
      new_lift
      typed = as_typed
      rung("chart").click
      expect(page).to have_css("[data-rung=chart][data-verdict=not_known]")
      said, well = own.house("backup")
      expect([ said, well ]).to match([ /backup/i, true ])
    end
    said, well = other.house("restore", Dir["#{own.backups}/*"].max)
    expect([ said, well ]).to match([ anything, true ])
    expect(other.house("prove").last).to be(true)
    served(other) do
      sign_in("jun", PLANNER)
      expect(page).to have_css("h2", text: "What the first lift still needs")
      find(".rest", text: "1 plan has no day yet").click_link("All plans")
      click_link "Pump skid PS-9"
      expect(as_typed).to eq(typed)
      fill_in "weight", with: "3.3 t"
      expect(page).to have_css("[role=status]", text: ", saved")
      visit current_path
      rung("load").click
      expect(page).to have_field("weight", with: "3.3 t")
    end
  end
end
