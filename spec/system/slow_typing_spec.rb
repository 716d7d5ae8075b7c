# People type slowly, and servers answer late: what was typed is what is kept.
RSpec.describe "Slow typing" do
  before { load_store }

  # Every answer with a new ladder, or of another address, comes this much later.
  def slow_answers(milliseconds, of: "/checks$")
    page.execute_script(<<~JS, milliseconds, of)
      const [late, of] = arguments
      const ask = window.fetch
      window.fetch = (address, options) =>
        new RegExp(of).test(String(address))
          ? new Promise((done) => setTimeout(done, late)).then(() => ask(address, options))
          : ask(address, options)
    JS
  end

  # Key by key, with this pause between them; keys go to whatever has the keyboard by then, as a person's do.
  def type(text, pause)
    text.each_char do |key|
      page.driver.browser.action.send_keys(key).perform
      sleep pause / 1000.0
    end
  end

  def clear_and_type(field, text, pause)
    find_field(field).click
    page.driver.browser.action.key_down(:control).send_keys("a").key_up(:control).perform
    type(text, pause)
  end

  def kept(plan, *path) = Plan.find(plan.id).document.dig(*path)

  [ 60, 300 ].each do |pause|
    it "keeps every key of a new lift typed at #{pause} ms a key, with answers that come late" do
      look
      visit "/all"
      click_button "New lift", match: :first
      fill_in "What is lifted, and where to", with: "Typed slowly"
      click_button "Start"
      expect(page).to have_css("[data-rung=load]")
      slow_answers(300)
      # Nothing was clicked yet: the panel followed the rung that governs.
      typed = {
        "weight" => "1 250 kg",
        "load length" => "2'10\"",
        "load width" => "861 mm",
        "load height" => "1000 mm"
      }
      typed.each { |field, text| clear_and_type(field, text, pause) }
      typed.each { |field, text| expect(page).to have_field(field, with: text) }
      # Neither units, nor night, nor view were switched by keys that were meant for a field.
      preferences = JSON.parse(page.evaluate_script("localStorage.getItem('dust-ladder-preferences')"))
      expect(preferences).to include("system" => "metric", "night" => false)
      expect(page).to have_css("[role=status]", text: /rev \d+, saved/, wait: 20)
      plan = Plan.last
      expect(kept(plan, "load", "weight", "bare")).to eq("1 250 kg")
      expect(kept(plan, "load", "size")).to include("length" => "2'10\"", "width" => "861 mm", "height" => "1000 mm")
    end
  end

  it "keeps what is typed into a plan whose governing rung changes meanwhile" do
    plan = demo_plan("azimuth-drive")
    open_plan(plan)
    slow_answers(400)
    # What governs is that the weight is not known, until its first digit and unit are there.
    expect(page).to have_css("section h2", text: "Load")
    select "certified or marked", from: "How it is known"
    clear_and_type("weight", "2400 kg", 300)
    clear_and_type("load length", "9.5 m", 300)
    expect(page).to have_css("section h2", text: "Load")
    expect(page).to have_css("[data-pointer='/load/size/length']:focus")
    expect(page).to have_field("weight", with: "2400 kg")
    expect(page).to have_field("load length", with: "9.5 m")
    expect(page).to have_no_css("[data-rung=load][data-verdict=not_known]")
  end

  it "brings back what was typed 0.3 s before the tab was closed, and says so" do
    plan = demo_plan("feed-horn")
    window = open_new_window
    within_window(window) do
      open_plan(plan)
      rung("load").click
      clear_and_type("weight", "1 111 kg", 40)
      sleep 0.3
    end
    window.close
    expect(kept(plan, "load", "weight", "bare")).to eq("1 040 kg")
    open_plan(plan)
    expect(page).to have_text("What was typed here before the page was closed is back")
    rung("load").click
    expect(page).to have_field("weight", with: "1 111 kg")
    click_button "Keep it"
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    expect(kept(plan, "load", "weight", "bare")).to eq("1 111 kg")
  end

  # Tops of all fields of the panel, by label, as the screen has them.
  def tops = page.evaluate_script(<<~JS)
    Object.fromEntries(
      [...document.querySelectorAll('[data-pointer]')]
        .map((field) => [field.dataset.pointer, Math.round(field.getBoundingClientRect().top)])
    )
  JS

  it "leaves every field where it is while an answer comes, be it wrong, not known or done" do
    open_plan(demo_plan("azimuth-drive"))
    slow_answers(200)
    rung("load").click
    find_field("load length").click
    before = tops
    [ "", "1,250 m", "9 parsecs", "9.5 m" ].each do |text|
      page.driver.browser.action.key_down(:control).send_keys("a").key_up(:control).send_keys(:backspace).perform
      type(text, 40)
      words = { "" => "not given", "1,250 m" => "could be thousands", "9 parsecs" => "parsecs" }[text]
      words ? expect(page).to(have_text(words)) : expect(page).to(have_no_text("parsecs"))
      expect(tops).to eq(before), text
    end
    # What is wrong takes its room once the hand has gone on: the field it went to stays where it was.
    type("9 parsecs", 40)
    find_field("load width").click
    stood = tops["/load/size/width"]
    sleep 0.6
    expect(tops["/load/size/width"]).to eq(stood)
  end

  it "asks back what could be two things, and takes the one that is chosen" do
    open_plan(demo_plan("feed-horn"))
    rung("load").click
    clear_and_type("weight", "1,040 t", 30)
    expect(page).to have_text("1,040 could be thousands or a decimal comma")
    expect(page).to have_css("[data-rung=load][data-verdict=not_known]")
    click_button "1.040 t"
    expect(page).to have_field("weight", with: "1.040 t")
    expect(page).to have_css("[data-rung=load][data-verdict=holds]")
  end

  it "keeps every key of a chart's draft, where it is saved late and gets its address meanwhile" do
    look
    visit "/cranes/drafts/new"
    expect(page).to have_field("Title")
    slow_answers(1500, of: "/chart_(drafts|readings)")
    typed = { "Title" => "Switchgrass, half", "model" => "RT 45", "serial" => "SW-0301", "Wind, at most" => "22 mph" }
    typed.each { |field, text| clear_and_type(field, text, 120) }
    find("#cell-0-0-0").click
    [ "10", :enter, "12", :enter, "15" ].each { |keys|
      keys.is_a?(Symbol) ? page.driver.browser.action.send_keys(keys).perform : type(keys, 200)
    }
    typed.each { |field, text| expect(page).to have_field(field, with: text) }
    expect(page).to have_current_path(%r{/cranes/drafts/\d+})
    expect(page).to have_text("saved as a draft", wait: 20)
    sheet = ChartDraft.last.sheet
    expect([ ChartDraft.count, sheet["title"], sheet["identity"] ]).to eq(
      [ 1, "Switchgrass, half", { "model" => "RT 45", "serial" => "SW-0301" } ]
    )
    expect(sheet["tables"][0]["rows"].map(&:first).first(4)).to eq([ "10", "12", "15", "" ])
  end
end
