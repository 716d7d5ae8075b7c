RSpec.describe "Find a lift" do
  # Two angles and two more ways of reeving: a search of seconds, on a slow machine too.
  before do
    load_store
    stub_const("DustLadder::Finding::Holds::DEGREES", [ 60.0 ])
    stub_const("DustLadder::Finding::Settings::PARTS", [ 1 ])
  end

  def without(*words) = words.each { |word| find("label", exact_text: word).click }

  it "finds lifts for a plan that stops, says what fell out, makes one heavier, and puts it into the plan" do
    look
    plan = demo_plan("gearbox")
    visit "/plans/#{plan.id}/find"
    without "another way to hold it", "other machines of the house"
    expect(page).to have_text("All of it was looked at", wait: 60)
    lifts = all("button.lift").map { |one| one["data-verdict"] }
    expect(lifts).not_to be_empty
    expect(lifts).to all(be_in(%w[holds tight]))
    expect(page).to have_css("[data-fell]", minimum: 1)
    expect(page).to have_css("svg[aria-label='Margin against effort'] [data-on-line=true]", minimum: 1)
    expect(page).to have_css("[data-band]", minimum: 1, wait: 30)
    first("button.lift").click
    words = find(".take").text
    expect(words).to include("the tag, the chart and a qualified person decide")
    click_button "Put 1 into the plan"
    expect(page).to have_css("[data-headline]", text: /\A(Holds|Tight): /)
    expect(page).to have_css("[role=status]", text: /saved/)
    expect(DustLadder.check(plan.reload.document).verdict).to be_in(%w[holds tight])
    find("[aria-label^='Undo: a lift that was found']").click
    expect(page).to have_css("[data-headline]", text: /\AStop: /)
  end

  it "stops where it is told, goes on from there, and keeps to what may be changed" do
    look
    visit "/plans/#{demo_plan("cabin-on-salt").id}/find"
    expect(page).to have_css("button.lift", wait: 60)
    click_button "Stop here"
    expect(page).to have_text("Stopped.")
    far = find("[data-far]").text
    sleep 1
    expect(find("[data-far]").text).to eq(far)
    kept = all("button.lift").map { |one| one["data-lift"] }
    click_button "Go on"
    expect(page).to have_no_css("[data-far]", exact_text: far, wait: 60)
    expect(all("button.lift").map { |one| one["data-lift"] }.first).to eq(kept.first)
    without "the crane elsewhere on its site"
    expect(page).to have_css("button.lift", wait: 60)
    expect(all(".need").map(&:text).grep(/\Amove/)).to be_empty
  end

  it "is read on a phone, and says what it cannot seek" do
    look(390, 844)
    visit "/plans/#{demo_plan("counterweight-block").id}/find"
    without "another way to hold it", "other machines of the house"
    expect(page).to have_text("All of it was looked at", wait: 60)
    expect(sideways).to be_nil
    visit "/plans/#{demo_plan("truss-between-two").id}/find"
    expect(page).to have_text("lifts of two cranes are not sought")
  end
end
