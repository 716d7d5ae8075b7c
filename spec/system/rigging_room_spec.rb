require "pdf/reader"

RSpec.describe "The rigging room" do
  before { load_store }

  def offered(words)
    click_button "More"
    find("[role=menuitem]", text: words).click
    expect(page).to have_css("[role=dialog]", text: words)
  end

  def take_home = find("[role=dialog] button[aria-label=Close]").click
  def carried(name) = find("[data-leg=#{name}]", visible: :all)

  it "does the job: four legs leave most to one corner, a spreader shares it, it is levelled, and its slings come " \
    "from the store" do
    plan = demo_plan("receiver-cabin-four")
    open_plan(plan)
    expect(page).to have_css("[data-headline]", text: /Stop: level/)
    rung("slings").click
    # One diagonal carries most: counted as three of four every leg would do, as it hangs the north-west one does not.
    expect(page).to have_css("[data-part=NW]", text: /115/)
    expect(page).to have_css("[data-rung=sharing][data-verdict=holds]")
    expect(page).to have_css("[data-leg-card]", text: /worst 2\W866\Wkg/)

    click_button "Ways to hold it"
    within("[data-proposal=spreader]", wait: 180) do
      expect(page).to have_text(/Rigging (tight|holds)/)
      click_button "Take it"
    end
    expect(page).to have_css("[data-rung=beam][data-verdict=holds]", wait: 30)
    expect(page).to have_css("[data-rung=upper][data-verdict=holds]")
    expect(page).to have_no_css("[data-rung=sharing]")
    expect(page).to have_no_css("[data-headline]", text: /Stop/)

    click_button "Make it level"
    before = find("[role=dialog] strong", match: :first, wait: 180).text.to_f
    expect(page).to have_css("[data-advice]", wait: 180)
    find("[data-advice] button", match: :first).click
    expect(page).to have_no_css("[role=dialog]")
    expect(page).to have_css("[data-rung=level][data-verdict=holds]", wait: 30)
    expect(find("[data-rung=level] .rung-note").text[/tilt (\d\.\d)/, 1].to_f).to be < before

    click_button "Pick from the store"
    expect(page).to have_css("[data-need]", text: "Asked of each of 4 straight legs", wait: 180)
    find("summary", text: "cannot serve").click
    expect(page).to have_css("[data-rejected=R-04]", text: "it is quarantined")
    expect(page).to have_css("[data-rejected=C-51]", text: "its legs meet in one ring")
    find("[data-choice='R-21 R-22 R-23 R-24'] button").click
    expect(page).to have_no_css("[role=dialog]")
    expect(page).to have_css("[role=status]", text: /rev \d+, saved/, wait: 30)
    document = plan.revisions.reload.last.document
    expect(document["rigging"]["legs"].map { |leg| leg["sling"] }).to eq(%w[R-21 R-22 R-23 R-24])
    expect(document["snapshots"]["slings"].keys).to match_array(
      %w[R-21 R-22 R-23 R-24] + document["rigging"]["beam"]["legs"].map { |leg| leg["sling"] }.uniq
    )
    find("[aria-label^='Undo: R-21, R-22']").click
    expect(page).to have_css("[data-rung=beam]:not([data-verdict=working])", wait: 30)
  end

  it "chokes a bundle of pipes with two slings, and catches the flat angle of choke" do
    open_plan(demo_plan("pipe-bundle"))
    expect(page).to have_css("[data-rung=slings][data-verdict=holds]")
    rung("slings").click
    %w[West East].each { |name| fill_in "inner angle of the #{name} choke", with: "18 deg" }
    expect(page).to have_css("[data-rung=loop]")
    rung("loop").click
    expect(page).to have_css("[data-line=T]", text: /F .* \(2 × sin\(g\)\)/m)
    %w[West East].each { |name| fill_in "angle of choke of the #{name} leg", with: "55 deg" }
    expect(page).to have_css(
      "[data-rung=slings][data-verdict=stop], [data-rung=slings][data-verdict=tight], [data-rung=slings] .rung-percent"
    )
    rung("slings").click
    expect(page).to have_css("[data-line=k]", text: "0.6200", match: :first)
    expect(page).to have_css("[data-part=West]", text: /of 1\W488/)
    # Wider apart in the hook the chokes lean more than friction holds, and then it counts what prevents it.
    expect(page).to have_text("it counts on a double-wrapped choke, as T. Alder says")
  end

  it "counts a basket that is not plumb for less than double, and looks at its grip" do
    open_plan(demo_plan("receiver-cabin"))
    rung("angle").click
    fill_in "hook height", with: "5.60 m"
    rung("slings").click
    { "West" => "R-71", "East" => "R-72" }.each do |name, number|
      select "#{number}, 4 t, endless", from: "sling of the #{name} leg"
      select "basket", from: "hitch of the #{name} leg"
      fill_in "basket width of the #{name} leg", with: "2.3 m"
      fill_in "what of the #{name} sling goes round the load", with: "4.55 m"
      { "along" => "a lug", "round" => "a collar" }.each do |way, means|
        select means, from: "what holds the #{name} leg #{way} the load"
        fill_in "who says that the #{name} leg is held #{way} the load", with: "T. Alder"
      end
    end
    expect(page).to have_css("[data-part=West]", text: /of [67]\W\d{3}\Wkg/)
    expect(find("[data-part=West]").text[/of (\d\W\d{3})/, 1].gsub(/\D/, "").to_i).to be < 8000
    expect(page).to have_css("[data-line=C]", text: "R × H / S", match: :first)
    rung("grip").click
    expect(page).to have_css("[data-rung=grip]:not([data-verdict=not_known])")
    expect(page).to have_text("it counts on a collar, as T. Alder says")
  end

  it "rejects shouldered eyebolts at this angle and proposes hoist rings" do
    open_plan(demo_plan("gearbox"))
    expect(page).to have_css("[data-headline]", text: /Stop: fittings/)
    rung("fittings").click
    expect(page).to have_text("A hoist ring keeps its rating in any direction")
    click_button "Hoist rings of the same rating in their place"
    expect(page).to have_css("[data-rung=fittings]:not([data-verdict=stop])")
    expect(page).to have_text("hoist ring of the West leg")
  end

  it "draws from the side, the end and above, with grips that snap, lengths typed in place, zoom and a file" do
    plan = demo_plan("chiller")
    open_plan(plan)
    find("body").send_keys("o")
    expect(page).to have_text("seen along x")
    expect(find("[data-grip=point-0]")["aria-valuetext"]).to include("1.95 m across")
    click_button "Plan"
    expect(page).to have_text("seen from above")
    drag("point-0", 40, 0) { expect(page).to have_text(/0\.30 m → \d/) }
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    moved = plan.revisions.reload.last.document.dig("load", "points", 0, "x").to_f
    expect(moved).to be > 0.35
    find("body").send_keys("e")
    grip = find("[data-grip=length-0]")
    grip.send_keys(:enter)
    within("[role=dialog]", text: "NW leg") { fill_in "NW leg length, in place", with: "4.10 m" }
    find("[role=dialog] input", match: :first).send_keys(:enter)
    expect(page).to have_no_css("[role=dialog]")
    expect(page).to have_css("[role=status]", text: /rev \d, saved/)
    expect(plan.revisions.reload.last.document.dig("rigging", "legs", 0, "length")).to eq("4.10 m")
    click_button "Tilt ×5"
    expect(page).to have_text("drawn 5 times as large")
    click_button "Nearer"
    expect(page).to have_button("Fit", disabled: false)
    click_button "Save the drawing as SVG"
    file = File.join(BrowserHelp::DOWNLOADS, "chiller-ch-3-on-four-round-slings-seen-along-y.svg")
    Timeout.timeout(10) { sleep 0.1 until File.exist?(file) }
    drawing = File.read(file)
    expect(drawing).to include("<svg", "CH-3")
    expect(drawing).not_to match(/var\(--|data-grip/)
    expect(Nokogiri.XML(drawing, &:strict).root.name).to eq("svg")
  end

  it "snaps a point that was dragged off its rated point back to it" do
    open_plan(demo_plan("receiver-cabin-four"))
    click_button "Plan"
    drag("point-0", 60, 30)
    expect(page).to have_css("[data-rung=points][data-verdict=stop]", text: "not at a rated point")
    drag("point-0", -58, -29)
    expect(page).to have_css("[data-rung=points][data-verdict=holds]")
    expect(find("[data-grip=point-0]")["aria-valuetext"]).to eq("0.60 m along, 2.10 m across")
  end

  # The same cabin under a spreader: its worst case takes long enough to be waited for apart.
  def under_a_spreader
    document = demo_document("receiver-cabin-four")
    pieces = Piece.for_choosing.to_h { |piece| [ piece["number"], DustLadder::Gear::Piece.snapshot(piece) ] }
    lower, upper = %w[R-41 R-42 R-43 R-44], %w[R-61 R-62]
    document["rigging"]["legs"].each_with_index do |leg, index|
      leg.merge!("sling" => lower[index], "hole" => [ 0, 1, 1, 0 ][index], "length" => nil)
    end
    document["rigging"].merge!(
      "set_by" => "hook_height",
      "hook_height" => "8.6 m",
      "beam" => {
        "beam" => "Saltbush",
        "span" => "3.6 m",
        "headroom" => "2.7 m",
        "legs" => upper.map { |number| { "sling" => number, "length" => nil } }
      }
    )
    document["snapshots"]["slings"] = pieces.slice(*lower, *upper)
    document["snapshots"]["beams"] = pieces.slice("Saltbush")
    Plan.start(DustLadder::PlanFile.accept(document))
  end

  it "never shows a half verdict: while a slow worst case is worked out its rungs and the headline say so" do
    open_plan(under_a_spreader)
    page.execute_script(<<~JS)
      const ask = window.fetch
      window.fetch = (address, options) => (String(address).endsWith('/checks') && !JSON.parse(options.body).hasty ? new Promise((done) => setTimeout(done, 500)).then(() => ask(address, options)) : ask(address, options))
      window.seen = []
      const look = () => window.seen.push([...document.querySelectorAll('[data-rung]')].filter((one) => ['slings', 'beam', 'level'].includes(one.dataset.rung)).map((one) => one.dataset.verdict).join(' ') + ' | ' + document.querySelector('[data-headline]').textContent)
      new MutationObserver(look).observe(document.querySelector('nav'), { subtree: true, childList: true, attributes: true, characterData: true })
    JS
    drag("cg", 12, 0, steps: 4)
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    expect(page).to have_css("[data-rung=slings]:not([data-verdict=working])", wait: 60)
    page.execute_script("window.seen = []")
    drag("cg", 12, 0, steps: 4)
    expect(page).to have_css("[data-rung=slings][data-verdict=working]")
    expect(page).to have_css("[data-rung=load]:not([data-verdict=working])")
    expect(page).to have_css("[data-rung=slings]:not([data-verdict=working])", wait: 60)
    pending = page.evaluate_script("window.seen").uniq.select { |line| line.include?("working") }
    expect(pending).not_to be_empty
    pending.each { |line| expect(line.split(" | ").last).to eq("Working") }
  end

  # The letters of the page as it would be printed: where a space is, a PDF does not tell for sure.
  def on_paper
    printed = Base64.decode64(page.driver.browser.execute_cdp("Page.printToPDF")["data"])
    PDF::Reader.new(StringIO.new(printed)).pages.map(&:text).join.gsub(/\s/, "")
  end

  it "shows all working with its sources on one sheet to print, and the schools side by side" do
    plan = demo_plan("gearbox")
    open_plan(plan)
    offered("Rule sets side by side")
    expect(page).to have_css("[data-school-rung=fittings]", text: "they differ", wait: 30)
    take_home
    click_button "More"
    find("[role=menuitem]", text: "All working, to print").click
    expect(page).to have_css("[data-working]", count: DustLadder.check(plan.document).rungs.size + 1)
    within("[data-working=fittings]") { expect(page).to have_text("rule set strict: bending is touchy") }
    expect(page).to have_button("Print")
    expect(on_paper).to include("Elevationgearbox", "rulesetstrict:bendingistouchy")
    expect(on_paper).not_to include("Totheladder")
    click_link "To the ladder"
    expect(page).to have_css("[data-rung=fittings]")
  end

  it "prints every page of a night on white paper, in black, and what lies over it alone" do
    open_plan(demo_plan("gearbox"))
    offered("Rigging list")
    expect(page).to have_css("[data-rigging]", minimum: 2)
    expect(on_paper).to include(all("[data-rigging]").last["data-rigging"].delete(" "))
    expect(on_paper).not_to include("Gearandpeople")
    visit page.current_path
    page.execute_script("localStorage.setItem('dust-ladder-preferences', JSON.stringify({ night: true }))")
    { page.current_path => "Stop: ", "/all" => "Elevation gearbox", "/cranes" => "Juniper" }.each do |path, words|
      visit path
      expect(page).to have_text(words)
      expect([ path, on_paper ]).to match([ path, include(words.delete(" ")) ])
      page.driver.browser.execute_cdp("Emulation.setEmulatedMedia", media: "print")
      ink, ground, bar =
        page.evaluate_script(
          "['--ink', '--bone', '--onBar'].map((name) => " \
            "getComputedStyle(document.documentElement).getPropertyValue(name))"
        )
      expect([ ground, bar ]).to eq(%w[#fff #000])
      expect(ink.delete("#").to_i(16)).to be < 0x404040
      page.driver.browser.execute_cdp("Emulation.setEmulatedMedia", media: "")
    end
  end

  it "is clean of serious findings and holds together on tablet and phone, day and night" do
    open_plan(demo_plan("receiver-cabin-four"))
    rung("slings").click
    expect(serious_findings).to eq([])
    offered("Ways to hold it")
    expect(page).to have_css("[data-proposal]", wait: 180)
    expect(serious_findings).to eq([])
    take_home
    look(1024, 768)
    click_button "End"
    small =
      page.evaluate_script(
        "[...document.querySelectorAll('main button:not(.landing.open), main [role=slider] " \
          "rect:first-child')].filter((one) => " \
          "one.getBoundingClientRect().width > 0).filter((one) => Math.min(one.getBoundingClientRect().width, " \
          "one.getBoundingClientRect().height) < 38).map((one) => one.textContent || one.outerHTML)"
      )
    expect(small).to eq([])
    expect(sideways).to be_nil
    look(390, 844)
    expect(sideways).to be_nil
    offered("Pick from the store")
    expect(page).to have_css("[data-choice]", wait: 180)
    expect(sideways).to be_nil
    take_home
    find("body").send_keys("n")
    expect(serious_findings).to eq([])
  end
end
