require "pdf/reader"

# The day of a lift in the browser: beside the crane, with and without a network.
RSpec.describe "The day of a lift" do
  before { load_store }

  let(:crew) { { "operator" => "bram", "slinger" => "teo", "signaller" => "mara", "supervisor" => "ines" } }
  let(:plan) { issued(demo_plan("duct-section")) }
  let(:lift) { plan.ladder.lift }
  # The load as it really is: its heavy end lies east.
  let(:load) do
    truth =
      DustLadder::Trial::Simulated::Truth.new(
        weight: lift.load.bare_kg * 0.98,
        cg: lift.load.cg.zip([ 0.4, -0.05, 0.0 ]).map(&:sum),
        lengths: [ 0.001, -0.002, 0.001 ],
        stiff: 1.0
      )
    DustLadder::Trial::Simulated.new(lift, truth)
  end

  def come
    look
    visit "/plans/#{plan.id}/day"
    expect(page).to have_css("[data-phase=gear]")
  end

  def day = Plan::Day.new(plan.reload)
  def events = DayEvent.where(plan: plan).order(:number)

  # Everything of some phases, as other devices would say it.
  def through(*ids)
    hand = person("Quill Thorne")
    ids.each do |id|
      phase = day.phases.find { |one| one.id == id }
      names = day.brief.crew.to_h { |one| one.values_at("role", "name") }
      tell = ->(kind, name = "", **about) do
        event = said(kind, name, seen: events.maximum(:number) || 0, **about)
        taken = day.keep([ JSON.parse(JSON.generate(event)) ], hand)
        expect(taken[0].faults).to eq([])
      end
      phase.items.each { |item| tell.("answered", phase: id, item: item.id, answer: "yes") }
      lengths = lift.bridle.lengths.map { |long| format("%.3f m", long) }
      tell.("rigged", measured: { lengths: lengths }) if phase.measured
      names.each { |role, name| tell.("heard", name, role: role, answer: "yes") } if phase.once
      tell.("held", names[phase.by], phase: id, answer: "yes")
    end
  end

  def answer_all(words = "Yes")
    click_button(text: words, exact: true, match: :first) while page.has_button?(words, exact: true, wait: 0.5)
  end

  # As it is read, into the fields of the trial.
  def read_try(read)
    lift.load.points.map(&:name).zip(read["cells"]) { |name, kg| fill_in "#{name} cell", with: kg }
    fill_in "Crane indicator", with: read["indicator"]
    select "only what hangs in the hook", from: "It shows"
    { "along" => [ "NE, SE low", "W low" ], "across" => [ "SE low", "NE low" ] }.each do |name, ends|
      degrees = read[name].to_f
      fill_in "Tilt #{name}, degrees", with: format("%.1f", degrees.abs)
      select ends[degrees.negative? ? 1 : 0], from: "Which is low #{name}"
    end
    select "holds", from: "Brake"
    select "it hung still", from: "As it came free"
  end

  it "is answered item by item and ended by a name; a no wants a word" do
    come
    within("[data-panel=gear]") do
      expect(page).to have_button("It is so", disabled: true)
      find("[data-answer='']", match: :first).click_button("No")
      expect(page).to have_button("Say no", disabled: true)
      fill_in "What is wrong", with: "C-51 has no tag"
      click_button "Say no"
      expect(page).to have_text("no: C-51 has no tag")
    end
    expect(page).to have_css("[data-phase=gear]", text: "C-51 has no tag")
    within("[data-panel=gear]") do
      items = day.phases[0].items.size
      items.times do |at|
        find_all(".day-answer")[at].click_button(text: "Yes")
        expect(page).to have_css("[data-answer=yes]", count: at + 1)
      end
      click_button "It is so"
    end
    expect(page).to have_css("[data-panel=ground]")
    expect(find("[data-phase=gear]")).to have_text("Teo Vance, slinger")
    expect(events.pluck(:kind).tally).to eq("answered" => day.phases[0].items.size + 1, "held" => 1)
  end

  it "measures what was rigged beside what is planned; what is typed stays where another phase is looked at" do
    through("gear", "ground")
    come
    within("[data-panel=rigged]") do
      planned = lift.bridle.lengths
      expect(page).to have_text(/planned #{format("%.3f", planned[0])}/)
      fill_in "W, length", with: format("%.3f m", planned[0])
      expect(page).to have_css("[data-beside=holds]")
      fill_in "Spread along the load", with: "0 m"
      expect(page).to have_text("more than 0")
      expect(page).to have_no_css("[data-beside]")
    end
    find("[data-phase=gear] button", match: :first).click
    expect(page).to have_css("[data-panel=gear]")
    visit "/plans/#{plan.id}/day"
    within("[data-panel=rigged]") do
      expect(page).to have_field("Spread along the load", with: "0 m")
      wide = lift.load.points.map { |point| point.x.value }.minmax.reduce(:-).abs + 0.3
      fill_in "Spread along the load", with: "#{wide} m"
      expect(page).to have_css("[data-beside=stop]", text: /spread along the load is 0.300 m wider than planned/)
      click_button "Keep what was measured"
      expect(page).to have_field("Spread along the load", with: "")
      expect(page).to have_css("[data-beside=stop]", text: "which point is off")
      expect(page).to have_button("It is so", disabled: true)
    end
    expect(events.where(kind: "rigged").last.data["about"]["measured"].keys).to match_array(%w[lengths spread])
  end

  it "passes signals on to somebody who has heard the briefing, and asks again whether the operator sees them" do
    through("gear", "ground", "rigged", "briefing", "area")
    come
    expect(page).to have_css("[data-signaller='Mara Tarn']")
    click_button "Another signals"
    within("[role=dialog]") do
      expect(page).to have_button(text: /at the levers/, disabled: true)
      fill_in "Name of the signaller", with: "Pia Orr"
      click_button "Give a name"
      expect(page).to have_button(text: /Pia Orr\s+has not said yes/, disabled: true)
      click_button(text: /Teo Vance/)
    end
    expect(page).to have_css("[data-signaller='Teo Vance']")
    expect(page).to have_css("[data-panel=area]")
    expect(page).to have_css("[data-panel=area] [data-answer='']", count: 3)
    expect(day.course.signaller).to eq("Teo Vance")
  end

  it "judges a try while it is typed, advises, and the second try holds" do
    through("gear", "ground", "rigged", "briefing", "area")
    come
    within("[data-panel=trial]") do
      click_button "Yes", match: :first
      lengths = lift.bridle.lengths.dup
      read_try(load.try(lengths))
      expect(page).to have_css("[data-trial=stop]", text: /stop: /)
      expect(page).to have_css("[data-finding=tilt][data-verdict=stop]")
      click_button "Keep try 1"
      expect(page).to have_css("[data-advice=links]", text: "W: 12 links longer")
      expect(page).to have_css("[data-axis=along]", text: "outside its box")
      expect(page).to have_button("It is so", disabled: true)
      advice = day.tried.advice
      told = find("[data-advice]").text
      expect(told).to include(advice.words["metric"])
      expect(page).to have_field(type: "checkbox", checked: true)
      lengths = advice.lengths.zip(lengths).map { |text, was| text ? text.to_f : was }
      expect(load.hung(lengths).tilt).to be <= 2.0
      second = load.try(lengths)
      read_try(second)
      verdict = day.tried(second.merge("lengths" => advice.lengths)).judged.last.verdict
      expect(verdict).to eq("tight")
      expect(page).to have_css("[data-try='2'][data-verdict=#{verdict}]")
      expect(find("[data-finding=tilt]")["data-verdict"]).to eq("holds")
      click_button "Keep try 2"
      expect(page).to have_css("[data-advice=nothing]")
      click_button "It is so"
    end
    expect(page).to have_css("[data-panel=lift]")
  end

  # Every item of the open phase by the page's own buttons, and its end.
  def answer_phase(id)
    within("[data-panel=#{id}]") do
      answer_all
      click_button "It is so"
    end
    expect(page).to have_no_css("[data-panel=#{id}]")
  end

  it "is carried to its end: radio lost, gone on by the supervisor, a cracked pad, learnt, closed, on paper" do
    through("gear", "ground", "rigged", "briefing", "area")
    ines = Person.find_by!(login: "ines").tap { |one| one.update!(roles: %w[appointed]) }
    keep = ->(hand, *all) { expect(day.keep(JSON.parse(JSON.generate(all)), hand).flat_map(&:faults)).to eq([]) }
    seen = -> { events.maximum(:number) }
    lengths = lift.bridle.lengths
    keep.(ines, said("tried", seen: seen.(), try: load.try(lengths)))
    advised = day.tried.advice.lengths
    again = load.try(advised.zip(lengths).map { |text, was| text ? text.to_f : was })
    hands = { phase: "trial", item: "hands", answer: "yes" }
    keep.(ines, said("tried", seen: seen.(), try: again.merge("lengths" => advised)))
    keep.(ines, said("answered", seen: seen.(), **hands), said("held", "Ines Rook", phase: "trial", answer: "yes"))
    come
    expect(page).to have_css("[data-panel=lift]")
    click_button "Call stop"
    click_button "radio lost"
    expect(page).to have_css("[data-stopped]", text: "radio lost")
    Timeout.timeout(10) { sleep 0.1 until events.where(kind: "stop").count == 2 }
    keep.(ines, said("went_on", "Ines Rook", seen: seen.(), word: "second radio, tried"))
    expect(page).to have_no_css("[data-stopped]", wait: 15)
    answer_phase("area")
    answer_phase("lift")
    answer_phase("landing")
    fill_in "Number of the piece", with: "C-51"
    select "out until looked at", from: "It is"
    fill_in "What was found", with: "pad cracked"
    click_button "Write the finding"
    fill_in "For loads like this", with: "heavier at its flanged end"
    click_button "Keep it"
    within("[data-panel=unhooked]") do
      answer_all
      click_button "It is so"
    end
    click_button "Lifted: close the day"
    expect(page).to have_text("Lifted, closed")
    expect([ plan.reload.life.state, Piece.find_by!(number: "C-51").state ]).to eq(%w[closed quarantined])
    expect(day.log.faults).to eq([])
    pages = PDF::Reader.new(StringIO.new(LiftPack.new(plan, address: "http://site").render)).pages.map(&:text)
    expect(pages.join("\n")).to include("radio lost", "pad cracked", "heavier at its flanged end")
    expect(pages.join("\n")).to match(/What to change after it: W: 12 links longer.*Learnt: weight 2.\d+.kg, give or/m)
    expect(pages.join("\n")).to match(/CG along at 2\.\d+.m, give or take .* outside its box/)
  end

  describe "with its instruments" do
    include DeviceHelp

    before do
      @endings = {
        cells: stand_in(:cells, LegCells.new(random: Random.new(1)), DustLadder::Devices::CellsFeed.new).last,
        level: stand_in(:level, Inclinometer.new(random: Random.new(1)), DustLadder::Devices::LevelFeed.new).last
      }
    end

    after { @endings.each { |name, ending| unplug(name, ending) } }

    it "is lifted, read into the try by a press, and told what is silent" do
      through("gear", "ground", "rigged", "briefing", "area")
      come
      within("[data-panel=trial]") do
        expect(page).to have_css("[data-instrument=cells][data-live=true]")
        expect(page).to have_css("[data-instrument=indicator][data-live=false]")
        click_button "Stand-ins: lift it"
        hung = DustLadder::Trial::Simulated.new(lift, HiddenLoad.of(lift, plan.title)).hung
        # The next line of the level tells it.
        sleep 1
        click_button "Read them into the try"
        real = hung.tensions[1]
        expect(find_field("NE cell").value.delete(" ").to_f).to be_within(0.02 * real + 3).of(real)
        expect(find_field("Tilt along, degrees").value.to_f).to be_within(0.3).of(hung.pitch.abs)
        expect(page).to have_css("[data-trial]")
        click_button "Keep try 1"
        expect(page).to have_css("[data-advice]")
      end
      expect(day.tries.size).to eq(1)
    end
  end

  it "writes what was found of gear, says whether it may be used, and when the store does not know it" do
    come
    number = DustLadder::Plan::NamedGear.numbers(plan.document).find { |one| Piece.exists?(number: one) }
    within("section[aria-label='Beside the phases']") do
      fill_in "Number of the piece", with: number
      fill_in "What was found", with: "pad cracked"
      expect(page).to have_button("Write the finding", disabled: true)
      select "out until looked at", from: "It is"
      click_button "Write the finding"
      expect(page).to have_field("What was found", with: "")
      expect(page).to have_select("It is", selected: "say which")
      fill_in "Number of the piece", with: "Q-99"
      fill_in "What was found", with: "pad cracked"
      select "out until looked at", from: "It is"
      click_button "Write the finding"
    end
    expect(page).to have_text("The store knows no Q-99: nothing was taken out of use.")
    expect(Piece.find_by!(number: number).state).to eq("quarantined")
  end

  it "calls stop with one press, and goes on by the supervisor alone" do
    come
    click_button "Call stop"
    expect(page).to have_css("[data-stopped]", text: "Stop")
    click_button "radio lost"
    expect(page).to have_css("[data-stopped]", text: "Stop: radio lost")
    within("[data-panel=gear]") { expect(page).to have_button("Yes", disabled: true, match: :first) }
    fill_in "What Ines Rook looked at", with: "new battery"
    click_button "It goes on"
    expect(page).to have_text("It does not count: going on is for the supervisor, Ines Rook.")
    expect(page).to have_css("[data-stopped]")
  end

  it "goes on without a network: nothing is lost, nothing doubled, and nothing looks sent that is not" do
    come
    expect(page.evaluate_async_script(<<~JS)).to eq("activated")
      const done = arguments[arguments.length - 1]
      navigator.serviceWorker.ready.then(({ active }) => {
        const tell = () => active.state === 'activated' && done(active.state)
        active.addEventListener('statechange', tell)
        tell()
      })
    JS
    # Once more, so that the worker has the page.
    visit "/plans/#{plan.id}/day"
    within("[data-panel=gear]") { find_all(".day-answer")[0].click_button(text: "Yes") }
    expect(page).to have_css("[data-answer=yes]", count: 1)
    network = page.driver.browser
    network.network_conditions = { offline: true, latency: 0, throughput: 0 }
    within("[data-panel=gear]") do
      find_all(".day-answer")[1].click_button(text: "Yes")
      find_all(".day-answer")[2].click_button(text: "Yes")
    end
    expect(page).to have_css("[data-waiting='2']", text: "kept on this device, 2 to send")
    expect(page).to have_css("[data-kept]", count: 2, text: "kept, to send")
    # The page is closed and opened again, still without a network.
    visit "/plans/#{plan.id}/day"
    expect(page).to have_css("[data-waiting='2']", text: /No network since/)
    expect(page).to have_css("[data-answer=yes]", count: 3)
    click_button "Call stop"
    expect(page).to have_css("[data-stopped]", text: "kept")
    expect(events.count).to eq(1)
    network.network_conditions = { offline: false, latency: 0, throughput: 10_000_000 }
    expect(page).to have_no_css("[data-waiting]")
    expect(page).to have_no_css("[data-kept]")
    expect(events.pluck(:kind)).to eq(%w[answered answered answered stop])
    expect(events.pluck(:number)).to eq([ 1, 2, 3, 4 ])
  ensure
    page.driver.browser.network_conditions = { offline: false, latency: 0, throughput: 10_000_000 }
  end

  # A browser of its own, which may be killed and come back to its profile.
  def browser(profile)
    login_as(person, scope: :person)
    options = Browser.options(profile: profile)
    Selenium::WebDriver.for(:chrome, options: options, service: Browser.service)
  end

  def found(driver, css, count: 1)
    Selenium::WebDriver::Wait.new(timeout: 20).until {
      driver.find_elements(css: css).then { |all|
        all if all.size >= count
      }
    }
  end

  # The browser's own processes, by its profile.
  def kill(profile)
    pids = Pathname.glob("/proc/[0-9]*/cmdline").filter_map do |path|
      path.dirname.basename.to_s.to_i if path.read.include?(profile)
    rescue SystemCallError
      nil
    end
    pids.each do |pid|
      Process.kill("KILL", pid)
    rescue Errno::ESRCH
      nil
    end
  end

  it "has what was said after the browser was killed without a network" do
    come
    # A page that asks again and again would take the sign-in that is meant for the other browser.
    page.driver.browser.navigate.to("about:blank")
    address = "#{page.server.base_url}/plans/#{plan.id}/day"
    profile = Browser.profile
    first = browser(profile)
    first.get(address)
    answers = found(first, "[data-panel=gear] .day-answer", count: 3)
    first.network_conditions = { offline: true, latency: 0, throughput: 0 }
    answers.first(2).each { |one| one.find_elements(css: "button").find { |button| button.text == "Yes" }.click }
    found(first, "[data-waiting='2']")
    kill(profile)
    expect(events.count).to eq(0)
    second = browser(profile)
    second.get(address)
    Timeout.timeout(30) { sleep 0.2 until events.count == 2 }
    expect(events.pluck(:kind)).to eq(%w[answered answered])
    Selenium::WebDriver::Wait.new(timeout: 20).until { second.find_elements(css: "[data-kept]").empty? }
    sleep 1
    expect(events.count).to eq(2)
  ensure
    [ first, second ].compact.each do |driver|
      driver.quit
    rescue Selenium::WebDriver::Error::WebDriverError, SystemCallError, Net::ReadTimeout
      nil
    end
  end

  it "fits a phone, and says nothing serious to the checker of access" do
    through("gear", "ground", "rigged", "briefing", "area")
    look(390, 844)
    visit "/plans/#{plan.id}/day"
    expect(page).to have_css("[data-panel=trial]")
    expect(sideways).to be_nil
    expect(serious_findings).to eq([])
    look(768, 1024)
    expect(sideways).to be_nil
  end
end
