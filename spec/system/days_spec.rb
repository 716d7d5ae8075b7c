# The board of days, in the browser: what waits for whom, lifts by crane, and what is asked beside a rung.
RSpec.describe "The board of days", :signed_out do
  let!(:people) do
    {
      jun: person("Jun Kovar", roles: %w[planner]),
      mara: person("Mara Tarn", roles: %w[rigger]),
      ria: person("Ria Lund", roles: %w[reader])
    }
  end

  before do
    load_store
    Chart.find_each { |chart|
      chart.update_columns(data: chart.data.deep_merge("record" => { "checked_by" => "A. Reader" }))
    }
  end

  def come(who, path = "/")
    login_as(people.fetch(who), scope: :person)
    visit path
  end

  # So that its lines are worked out before anybody looks.
  def planned(*names) = names.map { |name| demo_plan(name) }.tap { BoardJob.perform_now }

  def write_down(plan)
    life = plan.life
    life.act(people[:jun], "wrote", seen: life.seen)
  end

  it "shows what waits for me with one button, and the lift that it is of" do
    plan, = planned("feed-horn", "counterweight-block", "chiller")
    write_down(plan)
    come(:mara)
    expect(page).to have_css("h2", text: "1 waits for you")
    expect(page).to have_css("[data-wait=flight]", text: /Feed horn.*climb and sign: Load/m)
    expect(page).to have_css("[data-lift='#{plan.id}'] .count", text: "1")
    expect(page).to have_css("section[aria-label=Juniper] .twice", text: "Juniper twice", count: 2)
    expect(serious_findings).to eq([])
    # 1 leads to its button, and that to the plan's life.
    find("h1", text: "Lifts by day", visible: :all)
    find("[data-lift='#{plan.id}']").send_keys("1")
    expect(page.evaluate_script("document.activeElement.dataset.waits")).to eq("1")
    page.driver.browser.switch_to.active_element.send_keys(:enter)
    expect(page).to have_css("h2", text: "Records")
  end

  it "is gone through by keys, turned to other days, and narrowed by its signs" do
    first, _, third = planned("feed-horn", "counterweight-block", "cabin-on-salt")
    come(:ria)
    find("[data-lift='#{first.id}']").send_keys(:down)
    expect(page.evaluate_script("document.activeElement.textContent")).to include("Counterweight")
    click_button "stop"
    expect(page).to have_text("No lift of these days is like that.")
    click_button "stop"
    click_button "Later: the lifts after 2026-12-17"
    expect(page).to have_css("[data-lift='#{third.id}']", text: "stop")
    expect(page).to have_button("No later lift", disabled: true)
    find("[data-lift]").send_keys(:page_up)
    expect(page).to have_css("[data-lift='#{first.id}']")
    find("[data-lift='#{first.id}']").send_keys("/")
    find("[aria-label='Search all plans']").send_keys("counterw", :enter)
    expect(page).to have_css("[role=row]", text: "Counterweight block CW-4")
    expect(page).to have_no_text("Feed horn")
  end

  it "lays down a plan whose sling is quarantined after it was issued, and tells everybody why" do
    plan, = planned("feed-horn")
    ines = person("Ines Rook", roles: %w[appointed])
    act = lambda do |who, name, **about|
      life = plan.reload.life
      life.act(who, name, seen: life.seen, about: about.transform_keys(&:to_s))
    end
    write_down(plan)
    plan.life.course.flights.each { |id| act.(people[:mara], "flight", flight: id) }
    plan.life.deviations.each { |one| act.(ines, "deviation", deviation: one.id, reason: "each by itself") }
    act.(ines, "issued")
    come(:ria)
    expect(page).to have_css("[data-lift='#{plan.id}']", text: "issued")
    sling = Piece.find_by!(number: plan.document["snapshots"]["slings"].keys.first)
    sling.update!(fields: sling.fields.merge("state" => "quarantined"))
    BoardJob.perform_now
    come(:jun)
    expect(page).to have_css("[data-wait=write]", text: /withdrawn: Gear: stop, .*quarantined in the store now/)
    expect(page).to have_css("[data-lift='#{plan.id}']", text: "withdrawn")
    click_link "Begin anew"
    expect(page).to have_css("[aria-current=step]", text: "withdrawn")
    expect(page).to have_css("[data-record=withdrawn]", text: /Dust Ladder, .*withdrew it: Gear: stop/)
    visit "/plans/#{plan.id}/day"
    expect(page).to have_css("[data-barred]", text: "It is not to be lifted by: withdrawn: Gear: stop")
    expect(page).to have_css(".day-foot", text: "No lift by this plan: withdrawn: Gear: stop")
    expect(page).to have_text("not by this plan").and have_no_text("open now")
    expect(page).to have_button("Call stop")
    come(:mara, "/plans/#{plan.id}")
    expect(page).to have_css("[data-headline]", text: /\AStop: gear/)
  end

  it "says nothing where there is nothing, and who starts" do
    come(:ria)
    expect(page).to have_css("h2", text: "Nothing waits for you")
    expect(page).to have_css("h2", text: "No lifts yet")
    expect(page).to have_css("[data-step=lift]", text: "A planner starts the first lift.")
    expect(page).to have_no_button("New lift")
    come(:jun)
    expect(page).to have_css("[data-step=lift] button", text: "New lift")
  end

  it "leads a house without a lift to what a first one rests on, and counts what is there" do
    [ Piece, Chart, Site ].each(&:delete_all)
    come(:jun)
    expect(page).to have_css("[data-step=cranes]", text: "no chart yet")
    expect(page).to have_css("[data-step=store]:not(.done)", text: "no piece yet")
    load_store
    load_sites
    Chart.find_each do |chart|
      unread = chart.data["record"].except("checked_by", "checked_on")
      chart.update_columns(data: chart.data.merge("record" => unread))
    end
    visit "/"
    expect(page).to have_css("[data-step=store].done", text: "#{Piece.count} pieces")
    expect(page).to have_css("[data-step=cranes]:not(.done)", text: "#{Chart.counting.count} charts, 0 read against")
    expect(page).to have_css("[data-step=sites].done")
    expect(serious_findings).to eq([])
    click_link "Cranes and charts"
    expect(page).to have_css("h1", text: "Cranes and charts")
  end

  it "takes a question beside a rung to whom it is put to, and the answer back" do
    plan, = planned("feed-horn")
    come(:mara, "/plans/#{plan.id}?rung=ground")
    find("summary", text: "Ask about this rung").click
    fill_in "Question", with: "who measured this?"
    rung("crew").click
    rung("ground").click
    expect(page).to have_field("Question", with: "who measured this?")
    select "Jun Kovar", from: "To"
    click_button "Ask"
    expect(page).to have_css("[data-question]", text: "Mara Tarn asks Jun Kovar: who measured this?")
    come(:jun)
    expect(page).to have_css("[data-wait=answer]", text: "Mara Tarn asks: who measured this?")
    find("[data-waits='1']").click
    fill_in "Answer to: who measured this?", with: "M. Quell, report 14"
    click_button "Answer", exact: true
    expect(page).to have_css("[data-question]", text: "Jun Kovar: M. Quell, report 14")
    come(:jun)
    expect(page).to have_css("h2", text: "Nothing waits for you")
  end

  it "shows a reader what stands, and what is tried is not kept" do
    plan, = planned("receiver-cabin")
    come(:ria, "/plans/#{plan.id}")
    expect(page).to have_text("This plan is not yours to change")
    rung("load").click
    fill_in "weight", with: "9 t"
    expect(page).to have_css("[role=alert]", text: "A try: these are not the figures that stand")
    expect(page).to have_css("[data-headline]", text: /\AStop/)
    click_button "Back to what stands"
    expect(page).to have_css("[data-headline]", text: /\AHolds/)
    fill_in "weight", with: "9 t"
    expect(page).to have_css("[data-headline]", text: /\AStop/)
    visit current_path
    expect(page).to have_css("[data-headline]", text: /\AHolds/)
    expect(plan.revisions.count).to eq(1)
  end
end
