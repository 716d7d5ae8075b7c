RSpec.describe "Keeping what was worked" do
  before { load_store }

  def type_site(text)
    choose_from_menu "Title, site and time"
    fill_in "Site", with: text
    click_button "Take"
  end

  # By another hand, while the page that is open knows nothing of it.
  def meanwhile(plan, **values)
    now = Plan.find(plan.id)
    document = now.document.deep_dup
    values.each { |name, value| document["load"][name.to_s] = value }
    now.revise(document, lock_version: now.lock_version, note: "by another hand")
  end

  it "tells the second of two who change it at once, shows both values, and loses neither" do
    plan = demo_plan("receiver-cabin")
    open_plan(plan)
    weight = plan.document.dig("load", "weight").merge("bare" => "3 600 kg")
    meanwhile(plan, weight: weight, name: "RC-7 with rack")
    rung("load").click
    fill_in "weight", with: "3 550 kg"
    find_field("Who says so").click
    expect(page).to have_css("[role=dialog]", text: "This plan was changed elsewhere")
    within("[role=dialog]") do
      expect(page).to have_button("3 550 kg").and have_button("3 600 kg")
      expect(page).to have_text("only they changed it")
      expect(page).to have_button("Put together", disabled: true)
      click_button "3 550 kg"
      click_button "Put together"
    end
    expect(page).to have_field("weight", with: "3 550 kg")
    expect(page).to have_field("Load", with: "RC-7 with rack")
    expect(page).to have_css("[role=status]", text: "rev 3, saved")
    expect(plan.revisions.reload.map { |revision| revision.document.dig("load", "weight", "bare") }).to eq(
      [ "3 420 kg", "3 600 kg", "3 550 kg" ]
    )
  end

  # As when somebody comes back to the page.
  def look_again = execute_script("window.dispatchEvent(new Event('visibilitychange'))")

  it "tells without a touch what others did meanwhile: to a piece, to the plan, and that it is issued" do
    plan = demo_plan("receiver-cabin")
    open_plan(plan)
    expect(page).to have_no_css("[data-headline]", text: "quarantined")
    rung("load").click
    piece = Piece.find_by!(number: DustLadder::Plan::NamedGear.numbers(plan.document).first)
    piece.rewrite(piece.fields.merge("state" => "quarantined"), lock_version: piece.lock_version)
    look_again
    expect(page).to have_css("[data-headline]", text: "#{piece.number}: quarantined in the store now")
    meanwhile(plan, name: "RC-7 with rack")
    find_field("Load").click
    look_again
    expect(page).to have_css("[role=status]", text: "rev 2 by another hand: shown once you are done here")
    expect(page).to have_no_field("Load", with: "RC-7 with rack")
    send_keys(:tab, :tab)
    find_field("Load").native.send_keys("")
    expect(page).to have_no_field("Load", with: "RC-7 with rack")
    execute_script("document.activeElement.blur()")
    expect(page).to have_field("Load", with: "RC-7 with rack")
    expect(page).to have_css("[role=status]", text: "rev 2, saved, by another hand")
    expect(page).to have_css("button[aria-label^='Undo'][disabled]")
    fill_in "Load", with: "RC-7 and its rack"
    find_field("Who says so").click
    expect(page).to have_css("[role=status]", text: "rev 3, saved")
    allow_any_instance_of(Plan::Life).to receive(:frozen_as).and_return("issued")
    Plan.find(plan.id).touch
    look_again
    expect(page).to have_css("[role=status]", text: "issued")
  end

  it "tells that the house was put back to an older day, and gives what stood on the page back by undo" do
    plan = demo_plan("receiver-cabin")
    open_plan(plan)
    rung("load").click
    fill_in "Load", with: "RC-7, all of it"
    find_field("Who says so").click
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    execute_script("document.activeElement.blur()")
    # As a restored backup has it: the older revision, under a later lock.
    plan.revisions.last.delete
    Plan.where(id: plan.id).update_all([ "lock_version = lock_version + 1000, updated_at = ?", Time.current ])
    look_again
    expect(page).to have_css("[role=status]", text: "rev 1, saved, the house was put back to it: undo brings")
    expect(page).to have_no_field("Load", with: "RC-7, all of it")
    find("button[aria-label^='Undo: ']").click
    expect(page).to have_field("Load", with: "RC-7, all of it")
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    expect(plan.reload.document.dig("load", "name")).to eq("RC-7, all of it")
  end

  it "says that the disk is full, keeps what was typed, and saves it once there is room" do
    plan = demo_plan("receiver-cabin")
    full = true
    allow(BoardLine).to receive(:outdate).and_wrap_original do |original, *rest|
      next original.call(*rest) unless full

      begin
        raise SQLite3::FullException, "database or disk is full"
      rescue SQLite3::FullException
        raise ActiveRecord::StatementInvalid, "database or disk is full"
      end
    end
    open_plan(plan)
    rung("load").click
    fill_in "weight", with: "3 470 kg"
    find_field("Who says so").click
    expect(page).to have_css(
      "[role=status]",
      text: "kept in this browser, tried again soon, not saved: the disk is full"
    )
    expect(page).to have_field("weight", with: "3 470 kg")
    expect(plan.revisions.reload.size).to eq(1)
    full = false
    expect(page).to have_css("[role=status]", text: "rev 2, saved", wait: 30)
    expect(plan.revisions.reload.last.document.dig("load", "weight", "bare")).to eq("3 470 kg")
  end

  it "never takes what was typed for a plan of another house, of the same number, for this one's" do
    plan = demo_plan("receiver-cabin")
    allow(BoardLine).to receive(:outdate).and_raise(ActiveRecord::StatementInvalid, "database or disk is full")
    open_plan(plan)
    rung("load").click
    fill_in "weight", with: "3 470 kg"
    find_field("Who says so").click
    expect(page).to have_css("[role=status]", text: "kept in this browser")
    own = House.mark
    House.first.update!(mark: "another")
    open_plan(plan)
    rung("load").click
    expect(page).to have_field("weight", with: "3 420 kg")
    House.first.update!(mark: own)
    open_plan(plan)
    rung("load").click
    expect(page).to have_field("weight", with: "3 470 kg")
  end

  it "imports by button and by dropping, refuses what is no plan, and exports what it holds" do
    look
    visit "/all"
    find("[data-plan-file]", visible: :all, match: :first).attach_file(
      Rails.root.join("demo/plans/waveguide-duct.json")
    )
    expect(page).to have_css("[data-headline]", text: /\AHolds: /)
    expect(Plan.last.title).to eq("Waveguide duct WD-5, two chokers")

    drop_text("cut.json", demo_text("feed-horn")[0, 900])
    expect(page).to have_css("[role=dialog]", text: /cut.json was not taken.*ends in the middle, after line \d+/m)
    click_button "Close"
    expect(page).to have_css("[data-headline]", text: /\AHolds: /)
    drop_text("horn.json", demo_text("feed-horn"))
    expect(page).to have_css("[role=status]", text: "Saltpan Array, rev 1, saved")
    expect(page).to have_text("Feed horn crate FH-2")

    choose_from_menu "Save as a plan file"
    path = File.join(BrowserHelp::DOWNLOADS, "feed-horn-crate-fh-2.dust-ladder.json")
    Timeout.timeout(10) { sleep 0.05 until File.exist?(path) }
    expect(DustLadder::PlanFile.read(File.read(path))).to eq(demo_document("feed-horn"))
  end

  it "takes an earlier revision back as a change that can be undone" do
    open_plan(demo_plan("feed-horn"))
    type_site("North yard")
    expect(page).to have_css("[role=status]", text: "North yard, rev 2, saved")
    choose_from_menu "Its history: who changed what"
    expect(page).to have_css("[data-revision='2']", text: /Quill Thorne\s*site Saltpan Array → North yard/)
    expect(page).to have_css("section[aria-label='Side by side'] tr", text: /site\s*Saltpan Array\s*North yard/)
    within("[data-revision='1']") { click_button "Go back to it" }
    expect(page).to have_css("[role=status]", text: "Saltpan Array, rev 3, saved")
    choose_from_menu "To the ladder"
    click_button "Undo: revision 1 taken back"
    expect(page).to have_css("[role=status]", text: "North yard, rev 4, saved")
    choose_from_menu "Its history: who changed what"
    within("[data-revision='1']") { click_button "Name it" }
    fill_in "Name of revision 1", with: "as briefed"
    click_button "Keep the name"
    expect(page).to have_css("[data-revision='1']", text: "1 “as briefed”")
  end

  it "says when there is no answer, keeps what was typed, and saves when the answer comes" do
    open_plan(demo_plan("feed-horn"))
    rung("load").click
    page.driver.browser.network_conditions = { offline: true, latency: 0, throughput: 0 }
    look_again
    expect(page).to have_css("[role=status]", text: /\Ano answer since \d+:\d\d.*stood then, .*rev 1, saved/)
    expect(page).to have_css("[data-rung=slings][data-verdict=holds]")
    fill_in "weight", with: "1 090 kg"
    find_field("Who says so").click
    expect(page).to have_text("No answer from the server since")
    expect(page).to have_css("[role=status]", text: "kept in this browser")
    expect(page).to have_no_css("[data-rung][data-verdict=holds]")
    page.driver.browser.network_conditions = { offline: false, latency: 0, throughput: -1 }
    expect(page).to have_css("[role=status]", text: "rev 2, saved", wait: 20)
    look_again
    expect(page).to have_no_css("[role=status]", text: "no answer since")
    expect(page).to have_field("weight", with: "1 090 kg")
    expect(page).to have_css("[data-rung=slings][data-verdict=holds]")
  end

  def drop_text(name, text)
    page.execute_script(<<~JS, name, text)
      const data = new DataTransfer()
      data.items.add(new File([arguments[1]], arguments[0], { type: 'application/json' }))
      const target = document.querySelector('main')
      for (const kind of ['dragover', 'drop']) target.dispatchEvent(new DragEvent(kind, { bubbles: true, cancelable: true, dataTransfer: data }))
    JS
  end
end
