# The gear store in the browser: found, written, looked at, handed out, scanned, read from lists of others.
RSpec.describe "The gear store" do
  before { load_store }

  def piece(number) = Piece.find_by!(number: number)
  def row(look) = find("[data-look-row=#{look}]")
  def verdict(look) = find("[data-look=#{look}]")["data-verdict"]

  it "lists, finds, adds, changes and keeps what was typed when something cannot be read" do
    look
    visit "/all"
    click_link "Gear store"
    expect(page).to have_css("[data-piece]", count: Piece.count)
    fill_in "Find a piece", with: "chain rack"
    expect(page).to have_css("[data-piece]", count: 5)
    fill_in "Find a piece", with: ""
    select "quarantined", from: "State"
    expect(page).to have_css("[data-piece]", count: 1)
    expect(page).to have_css("[data-piece=R-04]", text: "cut near the label")
    select "every state", from: "State"
    click_button "Add a piece"
    within("[role=dialog]") do
      fill_in "Number", with: "R-81"
      fill_in "Reach, bearing to bearing", with: "5"
      fill_in "Straight, one leg", with: "5 ton"
      click_button "Add it"
      expect(page).to have_text("the unit is missing after 5")
      expect(page).to have_text("can mean three things")
      expect(page).to have_field("Straight, one leg", with: "5 ton")
      fill_in "Reach, bearing to bearing", with: "5 m"
      fill_in "Straight, one leg", with: "5 t"
      fill_in "Last thorough examination", with: "2026-11-02"
      select "normal", from: "How it is used"
      click_button "Add it"
    end
    expect(page).to have_css("[data-piece=R-81]", text: "2027-05-02")
    click_link "R-81"
    click_button "Change its fields"
    within("[role=dialog]") do
      select "hard", from: "How it is used"
      click_button "Keep the change"
    end
    expect(page).to have_text("due 2027-02-02, 3 months after 2026-11-02")
    click_link "All pieces"
    click_button "Add a piece"
    within("[role=dialog]") do
      fill_in "Number", with: "R-81"
      fill_in "Reach, bearing to bearing", with: "5 m"
      fill_in "Straight, one leg", with: "5 t"
      click_button "Add it"
      expect(page).to have_text("a piece of this number is in the store already")
      select "shackle", from: "Kind"
      fill_in "Number", with: "S-1"
      click_button "Add it"
      expect(page).to have_text("it is not given; expected working load limit, such as 4.75 t")
      fill_in "Working load limit (needed)", with: "4.75 t"
      click_button "Add it"
    end
    expect(page).to have_css("[data-piece=S-1]", text: /4.750.kg/)
    expect(serious_findings).to eq([])
  end

  it "tells the second of two keepers, puts both together, and keeps nothing before it was looked at" do
    kept = piece("R-03")
    visit "/store/#{kept.id}"
    click_button "Change its fields"
    fill_in "Where it is", with: "rack 9"
    fill_in "Size", with: "2 t, endless, blue"
    kept.rewrite(
      kept.fields.merge("state" => "quarantined", "place" => "cage", "note" => "cut near the eye"),
      lock_version: kept.lock_version
    )
    click_button "Keep the change"
    within("[data-overtaken]") do
      expect(page).to have_css("[data-field=state]", text: "quarantined")
      within("[data-field=place]") { click_button "Take yours" }
    end
    expect(kept.reload.fields).to include("state" => "quarantined", "place" => "cage")
    expect(page).to have_field("State", with: "quarantined").and have_field("Where it is", with: "rack 9")
    click_button "Keep both as shown"
    expect(page).to have_css("[aria-label='How it stands']", text: "rack 9")
    expect(kept.reload.fields).to include(
      "state" => "quarantined",
      "note" => "cut near the eye",
      "place" => "rack 9",
      "size" => "2 t, endless, blue"
    )
    find("summary", text: "What was written before").click
    expect(first("[data-change]")).to have_text(/cage → rack 9/)
    expect(page).to have_text(/ready → quarantined/)
  end

  it "takes a wire rope with six broken wires in a strand out, by the rule, with what rests on it told" do
    look
    plan = demo_plan("feed-horn")
    number = "W-08"
    document = plan.document.deep_dup
    legs = document["rigging"]["legs"]
    taken = piece(number)
    legs.each { |leg| leg["sling"] = number }
    document["snapshots"]["slings"] = { number => taken.snapshot }
    plan.revise(DustLadder::PlanFile.accept(document), lock_version: plan.lock_version, note: "rope")
    BoardJob.perform_now
    visit "/store"
    click_link number
    expect(page).to have_css("[aria-label='Plans that use it']", text: plan.title)
    expect(page).to have_css("[data-result=not_whole]", text: "Before use: not looked at")
    expect(page).to have_button("Keep what was looked at", disabled: true)
    fill_in "Across the crowns, measured", with: "15.58"
    expect(row("crown")).to have_text("the unit is missing after 15.58")
    fill_in "Across the crowns, measured", with: "15.58 mm"
    fill_in "Broken, in one lay, measured", with: "8"
    expect(row("lay_wires")).to have_text("stays 80")
    fill_in "Broken, in one strand, measured", with: "6"
    expect(row("strand_wires")).to have_text("out 120")
    expect(verdict("strand_wires")).to eq("out")
    expect(page).to have_css("[data-result=out]", text: "Out: 6 broken wires in one strand, out at 5")
    # Nothing is lost by a reload, and nothing is kept before somebody says so.
    visit current_path
    expect(page).to have_field("Broken, in one strand, measured", with: "6")
    expect(page).to have_css("[data-result=out]")
    expect(piece(number).state).to eq("ready")
    click_button "Take W-08 out"
    expect(page).to have_css(".stands.stop", text: "it is quarantined")
    expect(page).to have_css(".look-records", text: "out; 6 broken wires in one strand, out at 5")
    expect(page).to have_field("Broken, in one strand, measured", with: "")
    expect(piece(number).acts.last).to have_attributes(after: "quarantined", by: "Quill Thorne")
    gear = DustLadder.check(plan.reload.document, **OwnHouse.of(plan.document)).rung("gear")
    expect([ gear.verdict, gear.note["metric"] ]).to eq([ "stop", "W-08: quarantined in the store now" ])
    expect(serious_findings).to eq([])
  end

  it "hands a sling out, takes it back, and a finding on its return quarantines it; a whole look brings it back" do
    piece("R-11").then { |one| one.update!(fields: one.fields.merge("examined" => SiteClock.today.iso8601)) }
    visit "/store/#{piece("R-11").id}"
    click_button "Hand out"
    within("[role=dialog]") do
      click_button "Hand out"
      expect(page).to have_text("to whom it goes is not given")
      fill_in "To whom", with: "B. Yucca"
      click_button "Hand out"
    end
    expect(page).to have_text("handed out by Quill Thorne")
    expect(piece("R-11").state).to eq("out")
    click_button "Take back"
    within("[role=dialog]") { click_button "Take back" }
    expect(page).to have_button("Hand out")
    within("[data-look-row=cuts]") do
      click_button "Doubt"
      fill_in "Cuts and snags, what was found", with: "a snag at 1.2 m"
    end
    expect(page).to have_css("[data-result=out]", text: "a snag at 1.2 m")
    click_button "Take R-11 out"
    expect(page).to have_css(".stands.stop", text: "it is quarantined")
    click_button "Put back in use"
    within("[role=dialog]") do
      fill_in "Why", with: "only dirt"
      click_button "Put back in use"
      expect(page).to have_text("nobody found it sound since")
      click_button "Leave"
    end
    all("[data-look-row]").each { |one| one.click_button("Fine") }
    expect(page).to have_css("[data-result=stays]")
    click_button "R-11 stays: keep the look"
    expect(page).to have_css(".look-records", text: "before use by Quill Thorne: stays")
    click_button "Put back in use"
    within("[role=dialog]") { click_button "Put back in use" }
    expect(page).to have_text("ready: may be used today")
    expect(piece("R-11").acts.map(&:after)).to eq(%w[out ready quarantined ready])
  end

  it "lets a rigger look with one hand on a phone, one look at a time, and keeps from him what is the keeper's" do
    signed_in_as("rigger")
    look(390, 844)
    visit "/store/#{piece("R-11").id}"
    expect(page).to have_css("[data-look-row]", count: 1)
    expect(page).to have_no_button("Scrap")
    DustLadder::Gear::Kinds.of("polyester_round").looks.each do |one|
      expect(page).to have_css("[data-look-row=#{one.id}]")
      button = find("[data-look-row=#{one.id}] button", text: "Fine")
      expect(button.native.size.height).to be >= 44
      button.click
      expect(page).to have_css("[data-look=#{one.id}][data-verdict=stays]", visible: :all)
      click_button "Next look"
    end
    click_button "R-11 stays: keep the look"
    expect(page).to have_css(".look-records", text: "rigger Thorne: stays")
    expect(sideways).to be_nil
  end

  it "lists what is to be examined, and writes down an examination" do
    visit "/store?list=due"
    expect(page).to have_css("[aria-label=Overdue] [data-piece=R-03]")
    click_link "R-03"
    click_button "Write down an examination"
    within("[role=dialog]") do
      fill_in "By whom", with: "Ocotillo Test House"
      fill_in "On which day", with: "20.11.2026"
      click_button "Write it down"
      expect(page).to have_text("“20.11.2026” is not a day")
      expect(page).to have_text("what came of it is not given")
      fill_in "On which day", with: "2026-11-20"
      select "passed", from: "What came of it"
      click_button "Write it down"
    end
    expect(page).to have_text("due 2027-05-20, 6 months after 2026-11-20")
    visit "/store?list=due"
    expect(page).to have_text("Due: ")
    expect(page).to have_no_css("[data-piece=R-03]")
  end

  it "reads somebody else's list by matching its columns and words, and remembers them" do
    look
    write = ->(name, rows) do
      File.join(Dir.mktmpdir, name).tap { |path| File.write(path, "Ident;Art;Laenge (m);Last (t);Pruefung\n#{rows}") }
    end
    visit "/store"
    attach_file "CSV file of the store", write.("liste.csv", "K-1;Kette;4;3.5;14.09.2026\n"), visible: :all
    expect(page).to have_css("[data-store-csv]", text: "no headings that are known here")
    {
      "Ident" => "Number",
      "Art" => "Kind",
      "Laenge (m)" => "Reach, bearing to bearing",
      "Last (t)" => "Straight, one leg",
      "Pruefung" => "Last thorough examination"
    }.each { |column, field| select field, from: "Column #{column}" }
    expect(page).to have_css("[data-csv-line='2']", text: "is not a kind")
    select "alloy chain sling", from: "“Kette” is"
    select "14.12.2026", from: "Days are written"
    expect(page).to have_css("[data-store-csv]", text: "1 pieces read, all of them understood")
    click_button "Take 1 piece"
    expect(page).to have_css("[data-piece=K-1]", text: "2026-09-14")
    attach_file "CSV file of the store", write.("liste 2.csv", "K-2;KETTE;5;3.5;13.09.2026\n"), visible: :all
    expect(page).to have_text("Columns, as they were matched last time")
    click_button "Take 1 piece"
    expect(page).to have_css("[data-piece=K-2]", text: "2026-09-13")
    expect(piece("K-2").fields).to include("kind" => "alloy_chain", "reach" => "5 m", "vertical" => "3.5 t")
  end

  it "picks a shackle for a leg by its pull, and lists what the lift is rigged with" do
    look
    plan = demo_plan("gearbox")
    open_plan(plan)
    rung("fittings").click
    place = plan.document["rigging"]["legs"][0]["fittings"].index { |one| one["kind"] == "shackle" }
    all("button", text: "From the store")[place].click
    choice = first("[data-fitting-choice]")
    number = choice["data-fitting-choice"]
    choice.click_button("Take")
    expect(page).to have_css(".fitting-piece", text: "#{number} of the store")
    expect(page).to have_css("[role=status]", text: ", saved")
    taken = plan.reload.document["rigging"]["legs"][0]["fittings"][place]
    expect(taken["piece"]).to eq(number)
    expect(taken["wll"]).to end_with("kg")
    choose_from_menu "Rigging list"
    within("[role=dialog]") do
      expect(page).to have_css("[data-rigging='#{number}']", text: "bring it from bin 1, shackles")
      expect(page).to have_css("[data-rigging]", text: "choose from the store, hire or buy")
      expect(page).to have_css("[role=status]", text: "still to be done")
    end
    expect(serious_findings).to eq([])
  end

  it "enters several like pieces at once, and changes them together as they were shown" do
    visit "/store"
    click_button "Add a piece"
    within("[role=dialog]") do
      select "shackle", from: "Kind"
      check "Several like it", allow_label_click: true
      fill_in "Number", with: "Q-1 to Q-4"
      fill_in "Working load limit (needed)", with: "3.25 t"
      fill_in "Where it is", with: "bin-eight"
      click_button "Add it"
    end
    expect(page).to have_no_css("[role=dialog]")
    fill_in "Find a piece", with: "bin-eight"
    expect(page).to have_css("[data-piece]", count: 4)
    click_button "Change all of these"
    within("[role=dialog]") do
      select "How it is used", from: "Field"
      select "hard", from: "How it is used"
      expect(page).to have_button("Change them", disabled: true)
      click_button "Show what changes"
      expect(page).to have_css("[data-together]", count: 4)
      click_button "Change 4"
    end
    expect(page).to have_no_css("[role=dialog]")
    expect(Piece.where(place: "bin-eight").pluck(:use).uniq).to eq([ "hard" ])
  end

  it "reads a CSV file with a preview, takes what can be read, and writes one that it reads again" do
    look
    visit "/store"
    path = File.join(Dir.mktmpdir, "rack-4.csv")
    File.write(
      path,
      "No;Type;Length (m);WLL (t);Last " \
        "examined;Colour\nR-91;round;4;3;2026-10-01;red\nR-92;round;four;3;2026-10-01;red\nR-03;round;8;2;2026-10-01;" \
        "red\n"
    )
    attach_file "CSV file of the store", path, visible: :all
    expect(page).to have_css(
      "[data-store-csv]",
      text: "3 pieces read, 1 of them with something to mend; 1 are in the store already"
    )
    expect(page).to have_text("Not taken: Colour")
    expect(page).to have_css("[data-csv-line='3']", text: "Reach, bearing to bearing: ")
    expect(page).to have_css("[data-csv-line='4']", text: "Last thorough examination: 2026-05-02 → 2026-10-01")
    expect(page).to have_button("Take the 2 that can be read", disabled: true)
    check "Yes, change 1 piece of the store as shown", allow_label_click: true
    click_button "Take the 2 that can be read"
    expect(page).to have_css("[data-piece=R-91]", text: "2026-10-01")
    expect(page).to have_no_css("[data-piece=R-92]")
    expect(Piece.find_by(number: "R-03").fields).to include(
      "examined" => "2026-10-01",
      "choker" => "1600 kg",
      "mass" => "6 kg"
    )
    click_link "R-03"
    find("summary", text: "What was written before").click
    expect(page).to have_css("[data-change]", text: "from rack-4.csv")
    expect(page).to have_css("[data-change]", text: "Last thorough examination: 2026-05-02 → 2026-10-01")
    text = DustLadder::Gear::StoreSheet.write(Piece.in_order.map(&:fields))
    expect(DustLadder::Gear::StoreSheet.new(text.b).read["rows"].map { |row| row["fields"] }).to eq(
      Piece.in_order.map(&:whole_fields)
    )
  end
end
