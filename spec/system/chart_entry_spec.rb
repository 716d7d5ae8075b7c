# A page of the binder is typed in the app from the keyboard, in its own units and signs, and read against the paper by
# another person.
RSpec.describe "A chart from the paper" do
  before { load_store }

  def type(label, text) = fill_in(label, with: text)
  def keys(*some) = page.driver.browser.switch_to.active_element.send_keys(*some)

  # Types a column of cells from one on, as a hand does: figure, Enter.
  def column(id, texts)
    find("##{id}").click
    texts.each { |text| keys(text, :enter) }
  end

  def state = find("[data-entry-state]")

  identity = {
    "model" => "RT 45",
    "serial" => "SW-0301",
    "counterweight" => "15,000 lb",
    "boom" => "main",
    "jib" => "none",
    "outriggers or tracks" => "full",
    "rope" => "3/4 in",
    "duty" => "hook"
  }
  radii = %w[10 12 15 20 25 30 35 40 45]
  booms = %w[36 50 64]
  # In lb: less with every row and every column; a dash at the far end of the short booms.
  rows =
    radii.each_with_index.map do |_, row|
      booms.each_index.map { |boom|
        row > 4 + 2 * boom ? "-" : ((90_000 / (1 + row * 0.3)) - boom * 900).round(-1).to_s
      }
    end

  it "of two sectors is typed in lb and feet with its signs, mended where it slipped, taken, and checked by a second" do
    look
    visit "/cranes"
    click_link "Type a chart"
    type "Title", "Switchgrass, 45 t, outriggers full"
    type "Binder and page", "binder 5, page 3"
    identity.each { |name, value| type name, value }
    type "Hook block, mass", "900 lb"
    type "Hook block, length", "4 ft"
    type "Hook block, working load limit", "90,000 lb"
    type "Line pull", "9,000 lb"
    type "Rope, working load limit", "9,500 lb"
    type "Rope, mass by length", "1.6 kg/m"
    type "Efficiency of a sheave", "0.98"
    type "Lead sheaves", "1"
    type "Most parts of line", "10"
    click_button "Add a deduction"
    type "What", "stowed jib"
    type "Mass", "600 lb"
    type "Only when", "jib on the boom"
    click_button "Add a note"
    type "Note", "Do not lower the boom past the last row."
    expect(page).to have_text("saved as a draft")
    attach_file "Picture of the page", Rails.root.join("docs/screenshots/board.png"), make_visible: true
    select "lb", from: "Capacity in"
    select "ft", from: "Radius in"
    select "ft", from: "Boom in"
    click_button "Explain a sign"

    type "Sector", "over rear"
    type "From, clockwise", "90"
    type "To", "270"
    1.times { click_button "Add a row" }
    booms.each_with_index { |boom, at| find("#cell-0--1-#{at + 1}").set(boom) }
    column("cell-0-0-0", radii)
    slipped = rows.map(&:dup).tap { |cells| cells[1][1] = "#{cells[1][1]}0" }
    booms.each_index { |at|
      column(
        "cell-0-0-#{at + 1}",
        slipped.map { |row|
          at.zero? && row != slipped.last ? row[at].sub(/(\d)\z/, '\1*') : row[at]
        }
      )
    }
    expect(state).to have_text("Every cell understood")
    expect(page).to have_css("td.doubt", count: 1)
    expect(page).to have_css(
      "[aria-label='To look at again'] li",
      text: /12.0 .*more than/
    ).or have_text(/more than twice/)

    click_button "Add a table"
    within("[aria-label='Table 2']") do
      type "Sector", "over front"
      type "From, clockwise", "270"
      type "To", "90"
    end
    # What was not read is never taken for what is not allowed.
    booms.each_index { |at| column("cell-1-0-#{at + 1}", rows.map { |row| row[at] }.first(8)) }
    expect(state).to have_text("not read yet: 3 of the cells")
    expect(page).to have_button(text: /to answer first|Take the chart/, disabled: true)
    booms.each_index { |at| find("#cell-1-8-#{at + 1}").set(rows[8][at]) }
    find("#cell-0-1-2").set("8O000")
    expect(page).to have_css("td.bad")
    expect(state).to have_text("1 to mend")
    expect(page).to have_css("[aria-label='To be mended'] li", text: "table 1, row 2")
    page.refresh
    expect(page).to have_field("Title", with: "Switchgrass, 45 t, outriggers full")
    find("#cell-0-1-2").set(rows[1][1])
    expect(state).to have_text("Every cell understood")
    expect(page).to have_no_css("td.bad, td.doubt")
    type "Entered by", "M. Okafor"
    click_button "Take the chart"

    expect(page).to have_css("h1", text: "Switchgrass, 45 t, outriggers full")
    data = Chart.last.data
    expect(data["sectors"].map { |one| one["name"] }).to eq([ "over rear", "over front" ])
    expect(data["tables"]["over rear"][2][2]).to be_within(0.01).of(rows[2][2].to_i * 0.45359237)
    expect(data["radius_m"][3]).to be_within(1e-6).of(20 * 0.3048)
    expect(data["marks"]["over rear"][0][0]).to eq("strength")
    expect(data["tables"]["over front"][8][0]).to be_nil
    click_link "Read it against the paper"
    expect(find("[data-block='Block']")).to have_text("900 lb")
    expect(find("[data-block='Notes and marks']")).to have_text("Do not lower the boom past the last row.")
    expect(page).to have_css("img[alt='board.png']")
    click_button "Nearer"
    expect(page).to have_css("img[style*='150%']")
    expect(serious_findings).to eq([])
    read_beside_the_page("S. Oyelaran")
    expect(Chart.last.lacking).to eq([])
    expect(serious_findings).to eq([])
  end

  it "of a tower, a platform machine and a workshop hoist is typed too, and pasted from a spreadsheet" do
    visit "/cranes/new"
    select "fixed hoist", from: "Family"
    type "Title", "Fescue hoist"
    { "number" => "4", "rating" => "2 t", "falls" => "1" }.each { |name, value| type name, value }
    type "Rated load", "2 t"
    expect(state).to have_text("1 to mend")
    type "Highest hook", "5 m"
    expect(state).to have_text("Every cell understood")

    select "tower crane", from: "Family"
    {
      "model" => "TC",
      "serial" => "1",
      "jib" => "40 m",
      "mast or height" => "30 m",
      "counterweight" => "9 t",
      "falls" => "2",
      "duty" => "hook"
    }.each { |name, value| type name, value }
    type "Trolley, above the ground", "30 m"
    within("[aria-label='Tower']") { type "Jib", "40 m" }
    type "Most", "4 t"
    block = "3\t4\n10\t4\n20\t2.5\n30\t1.6"
    page.execute_script(<<~JS, find("#cell-0-0-0"), block)
      const data = new DataTransfer()
      data.setData('text/plain', arguments[1])
      arguments[0].focus()
      arguments[0].dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
    JS
    expect(state).to have_text("Every cell understood")

    select "platform and jib machine", from: "Family"
    { "model" => "PJ", "serial" => "2", "unit" => "truck 3", "jib" => "fitted", "duty" => "both" }.each do |name, value|
      type name, value
    end
    type "Platform, rated", "315 kg"
    type "Jib, at most by load radius", "450 kg; 360 kg"
    type "Lower boom from", "-5"
    type "To", "80"
    select "kg", from: "Capacity in"
    {
      "-1-1" => "1",
      "-1-2" => "1.5",
      "0-0" => "0 to 30",
      "0-1" => "400",
      "0-2" => "300",
      "1-0" => "30 to 75"
    }.each do |at, text|
      find("#cell-0-#{at}").set(text)
    end
    %w[1-1 1-2].zip(%w[380 -]) { |at, text| find("#cell-0-#{at}").set(text) }
    expect(state).to have_text("Every cell understood")
    type "Entered by", "M. Okafor"
    click_button "Take the chart"
    expect(page).to have_css("h1", text: "Fescue hoist")
    expect(Chart.last.data["platform_jib"]["upper_boom_bands_deg"]).to eq([ [ 0.0, 30.0 ], [ 30.0, 75.0 ] ])
    expect(Chart.last.lacking).to eq([])
  end

  describe "as a draft" do
    def saved = expect(page).to have_text("saved as a draft")

    it "is found again by another, and never overwrites what somebody else saved meanwhile" do
      visit "/cranes/drafts/new"
      type "Title", "Switchgrass, half"
      saved
      expect(page).to have_current_path(%r{/cranes/drafts/\d+})
      type "model", "RT 45"
      saved
      draft = ChartDraft.last
      draft.update!(sheet: draft.sheet.merge("source" => "binder 5, page 4"), saved_by: "S. Oyelaran")
      # The hand that types is told, and what it typed stays.
      type "serial", "SW-0301"
      expect(page).to have_text("S. Oyelaran changed this draft")
      type "counterweight", "15,000 lb"
      expect(page).to have_field("serial", with: "SW-0301")
      expect(ChartDraft.last.sheet["identity"]).to eq("model" => "RT 45")
      page.refresh
      expect(page).to have_text("S. Oyelaran changed this draft")
      expect(page).to have_field("counterweight", with: "15,000 lb")
      click_button "Keep mine as another draft"
      saved
      expect(ChartDraft.order(:id).map { |one| one.sheet.dig("identity", "serial") }).to eq([ nil, "SW-0301" ])

      click_link "All charts"
      within("[aria-label='Still being typed']") { expect(page).to have_css("li", count: 2) }
      find("[data-draft='#{draft.id}']").click_link("Switchgrass, half")
      expect(page).to have_field("Binder and page", with: "binder 5, page 4")
      click_link "All charts"
      within("[data-draft='#{draft.id}']") { click_button "Throw away Switchgrass, half" }
      click_button "Throw it away for good"
      expect(page).to have_css("[data-draft]", count: 1)
      expect(ChartDraft.exists?(draft.id)).to be(false)
    end

    it "is read again while a save of its own is on the way, and goes on with that save" do
      visit "/cranes/drafts/new"
      type "Title", "Switchgrass"
      saved
      expect(page).to have_current_path(%r{/cranes/drafts/\d+})
      # What is sent arrives; no word of it ever comes back.
      page.execute_script(<<~JS)
        const ask = window.fetch
        window.fetch = (address, options) =>
          ask(address, options).then((answer) =>
            (options?.method ?? 'GET') === 'GET' ? answer : new Promise(() => {}))
      JS
      type "model", "RT 45"
      draft = ChartDraft.last
      Timeout.timeout(15) { sleep 0.1 until draft.reload.sheet["identity"] == { "model" => "RT 45" } }
      type "serial", "SW-0301"
      page.refresh
      expect(page).to have_field("serial", with: "SW-0301")
      saved
      expect(page).to have_no_text("changed this draft")
      expect(ChartDraft.sole.sheet["identity"]).to eq("model" => "RT 45", "serial" => "SW-0301")
    end

    it "goes on as another where somebody took it or threw it away meanwhile" do
      visit "/cranes/drafts/new"
      type "Title", "Switchgrass"
      saved
      ChartDraft.last.discard!
      type "model", "RT 45"
      expect(page).to have_text("saved as a draft")
      expect(page).to have_field("Title", with: "Switchgrass")
      expect(ChartDraft.last.sheet).to include("title" => "Switchgrass", "identity" => { "model" => "RT 45" })
      expect(page).to have_current_path("/cranes/drafts/#{ChartDraft.last.id}")
    end

    it "keeps what is typed while the server does not answer, and saves it when it does" do
      visit "/cranes/drafts/new"
      type "Title", "Switchgrass"
      saved
      allow(ChartDraft).to receive(:find).and_raise(Errno::ENOSPC)
      type "model", "RT 45"
      expect(page).to have_text("not saved: not saved: the disk is full")
      type "serial", "SW-0301"
      allow(ChartDraft).to receive(:find).and_call_original
      expect(page).to have_text("saved as a draft", wait: 15)
      expect(ChartDraft.last.sheet["identity"]).to eq("model" => "RT 45", "serial" => "SW-0301")
    end
  end

  it "is not signed while the paper says otherwise, and whoever entered it reads so in the library" do
    jib = Chart.find_by!(identifier: "juniper-jib")
    visit "/cranes/#{jib.id}/paper"
    expect(page).to have_button("Checked against the paper", disabled: true)
    expect(first("[data-read]")).to be_disabled
    type "I read it against the paper: my name", "S. Oyelaran"
    blocks = all("[data-read]").size
    within("[data-block='Limits']") do
      click_button "The paper differs: Limits"
      type "What the paper says", "wind at most 9 m/s"
      click_button "Differs"
      expect(page).to have_text("the paper says: wind at most 9 m/s (S. Oyelaran)")
    end
    (blocks - 1).times do |at|
      first("[data-read]").click
      expect(page).to have_css("[data-read]", count: blocks - at - 2)
    end
    expect(find("[data-paper-state]")).to have_text("#{blocks - 1} of #{blocks} blocks read")
    expect(page).to have_button("Checked against the paper", disabled: true)
    expect(serious_findings).to eq([])
    click_link "The chart"
    expect(page).to have_text("S. Oyelaran found on the paper: wind at most 9 m/s")
    page.go_back
    # The name is asked anew: whoever comes next is somebody else.
    expect(page).to have_field("I read it against the paper: my name", with: "")
    type "I read it against the paper: my name", "S Oyelaran"
    within("[data-block='Limits']") do
      click_button "Take back: Limits"
      click_button "Read as the paper has it: Limits"
      expect(page).to have_text("read by S Oyelaran")
    end
    click_button "Checked against the paper"
    expect(page).to have_text("Checked against the paper by S Oyelaran")
    expect(page).to have_no_button("Take back: Limits")
    expect(jib.reload.record.doubt).to be_nil
  end

  it "is walked through with the keys, and takes what a hand does: arrows, Enter, a block over the edge" do
    visit "/cranes/drafts/new"
    find("#cell-0-0-0").click
    keys("10", :arrow_down, "12", :arrow_right, "55", :arrow_up, "60", :enter, :arrow_left)
    expect(page.evaluate_script("document.activeElement.id")).to eq("cell-0-1-0")
    values = ->(row) { (0..1).map { |column| find("#cell-0-#{row}-#{column}").value } }
    expect([ values.(0), values.(1) ]).to eq([ %w[10 60], %w[12 55] ])
    keys(:arrow_up, :arrow_up)
    expect(page.evaluate_script("document.activeElement.id")).to eq("cell-0-0-0").or eq("cell-0--1-0")
    expect(page).to have_text("saved as a draft")
  end

  it "says how the machine stands line by line, never with a figure in another's place" do
    visit "/cranes/#{Chart.find_by!(identifier: "juniper-full").id}"
    click_link "Mend a figure"
    expect(state).to have_text("These figures are here already")
    lines = all("[data-stand-line]", minimum: 8).size
    click_button "Add a line of how it stands"
    within("[data-stand-line='#{lines}']") { select "mass of a part" }
    place = ->(label) { "part #{lines + 1}: #{label}" }
    expect(state).to have_text("1 to mend")
    type place.("Name"), "spare winch"
    type place.("Mass"), "900 kg"
    type place.("To the right; none turns with the boom"), "0.4 m"
    expect(page).to have_css("[data-stand-line='#{lines}']", text: "lacks a figure")
    type place.("Forward, or toward the boom"), "-1.2 m"
    expect(state).to have_no_text("to mend")
    expect(page).to have_text("saved as a draft")
    expect(ChartDraft.last.sheet["stand"].last).to eq([ "part spare winch", "900 kg", "-1.2 m", "0.4 m" ])
    click_button "take line #{lines + 1} of how it stands away"
    expect(page).to have_css("[data-stand-line]", count: lines)
  end

  it "that is here is mended in one cell, and becomes its next version with the rest as it was" do
    acacia = Chart.find_by!(identifier: "acacia-full")
    visit "/cranes/#{acacia.id}"
    click_link "Mend a figure"
    expect(state).to have_text("These figures are here already, as version 1")
    expect(page).to have_field("Title", with: acacia.data["title"])
    cell = find("#cell-0-0-1")
    expect(cell.value).to eq("25000 s")
    cell.set("24000 s")
    expect(state).to have_text("becomes its version 2")
    type "Entered by", "M. Okafor"
    type "Why it takes another's place", "one cell was typed wrong"
    click_button "Take the chart"
    expect(page).to have_css("[data-differences] tr", count: 1)
    expect(find("[data-differences]")).to have_text(/25.000.kg, strength\s*→\s*24.000.kg, strength/)
    mended = Chart.find_by!(identifier: "acacia-full", version: 2)
    expect(DustLadder::Cranes::ChartDifferences.between(acacia.data, mended.data).size).to eq(1)
    expect(ChartDraft.count).to eq(0)
  end

  it "for a jib at several offsets is taken, and a plan says where its jib stands and what is reeved" do
    visit "/cranes/drafts/new"
    type "Title", "Acacia, jib"
    Chart.find_by!(identifier: "acacia-full").data["identity"].merge("jib" => "6 m erected").each do |name, value|
      type(name == "outriggers" ? "outriggers or tracks" : name.tr("_", " "), value)
    end
    {
      "Foot, from the slewing axis" => "-0.8 m",
      "Foot, above the ground" => "2.1 m",
      "Depth of the boom" => "0.65 m",
      "Hook block, mass" => "210 kg",
      "Hook block, length" => "1.05 m",
      "Hook block, working load limit" => "20 t",
      "Line pull" => "3.4 t",
      "Rope, working load limit" => "3.6 t",
      "Rope, mass by length" => "0.98 kg/m",
      "Efficiency of a sheave" => "0.98",
      "Lead sheaves" => "1",
      "Most parts of line" => "6"
    }.each { |name, value|
      type name, value
    }
    within("[aria-label='Boom']") { type "Jib", "6 m" }
    click_button "Add a deduction"
    type "What", "ball"
    type "Mass", "120 kg"
    type "Only when", "ball reeved"
    select "degrees of boom angle", from: "Radius in"
    block = "80\t9\t8\n30\t5\t4.5"
    click_button "Add a table"
    [ 0, 1 ].each do |at|
      within("[aria-label='Table #{at + 1}']") { type "Jib offset", [ 5, 25 ][at] }
      find("#cell-#{at}--1-1").set("14")
      find("#cell-#{at}--1-2").set("23")
      block.split("\n").each_with_index do |line, row|
        line.split("\t").each_with_index { |text, column| find("#cell-#{at}-#{row}-#{column}").set(text) }
      end
    end
    expect(state).to have_text("Every cell understood")
    type "Entered by", "M. Okafor"
    click_button "Take the chart"
    expect(page).to have_css("h1", text: "Acacia, jib")
    expect(page).to have_select("Sector or falls", options: [ "all round, jib at 5°", "all round, jib at 25°" ])
    read_against_paper(Chart.last, "S. Oyelaran")
    Chart.last.check(by: "S. Oyelaran", on: Date.current)

    open_plan(demo_plan("feed-horn"))
    rung("chart").click
    select "Acacia, jib", from: "Chart"
    expect(page).to have_css("[data-rung=crane][data-verdict=not_known]")
    select "25°", from: "Jib stands at"
    fill_in "jib of the machine", with: "6 m erected"
    rung("hoist").click
    select "no", from: "ball reeved? (ball)"
    expect(page).to have_no_css("[data-rung=crane][data-verdict=not_known]")
    expect(page).to have_css("[data-rung=crane][data-verdict]")
  end
end
