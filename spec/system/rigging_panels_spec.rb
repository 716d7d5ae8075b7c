RSpec.describe "The panels of the rigging" do
  before { load_store }

  it "puts a beam between hook and legs by hand: which, its span, its slings, and says what is still needed" do
    # Which end of the beam a leg hangs from does not depend on how its point's place is written.
    document = demo_document("receiver-cabin")
    document["load"]["points"].zip([ "400 mm", "4.40 m" ]) { |point, x| point["x"] = x }
    plan = Plan.start(DustLadder::PlanFile.accept(document))
    open_plan(plan)
    rung("slings").click
    select "a spreader or lifting beam", from: "Between hook and legs"
    expect(page).to have_css("[data-rung=beam]")
    rung("beam").click
    select "Saltbush, spreader, 2.4 to 4.0 m, 8 t", from: "Beam"
    fill_in "span of the beam", with: "4.0 m"
    fill_in "hook above the beam", with: "3.50 m"
    fill_in "hook height", with: "8.40 m"
    expect(page).to have_text("Needed: ", wait: 15).or have_css("[data-rung=beam][data-verdict=not_known]")
    { "upper sling 1" => "R-61", "upper sling 2" => "R-62" }.each do |field, number|
      select "#{number}, 3 t, with fittings", from: field
    end
    rung("slings").click
    { "West" => "R-41", "East" => "R-42" }.each do |name, number|
      select "#{number}, 3 t, with fittings", from: "sling of the #{name} leg"
    end
    expect(page).to have_css("[data-rung=beam]:not([data-verdict=not_known]):not([data-verdict=working])", wait: 30)
    expect(page).to have_css("[data-grip=span]")
    expect(page).to have_css("[data-grip=beam]")
    expect(page).to have_css("[role=status]", text: /rev \d+, saved/, wait: 20)
    document = plan.revisions.reload.last.document
    expect(document["rigging"]["legs"].map { |leg| leg["hole"] }).to eq([ 0, 1 ])
    expect(document["snapshots"]["slings"].keys).to match_array(%w[R-41 R-42 R-61 R-62])
    expect(document["snapshots"]["beams"].keys).to eq([ "Saltbush" ])
    select "nothing: straight from the hook", from: "Between hook and legs"
    expect(page).to have_no_css("[data-rung=beam]")
    expect(page).to have_css("[role=status]", text: /rev \d+, saved/, wait: 20)
    expect(plan.revisions.reload.last.document["snapshots"]).not_to have_key("beams")
  end

  it "reeves one sling over a sheave only on a named person's word" do
    open_plan(demo_plan("chiller"))
    rung("slings").click
    select "a sling over a sheave, two points", from: "Between hook and legs"
    select "R-21, 3 t, with fittings", from: "sling of the SE leg"
    expect(page).to have_css("[data-rung=sharing][data-verdict=not_known]", text: "who decided")
    rung("sharing").click
    click_button "Go to it"
    fill_in "who decided on the reeved sling", with: "Imke Falk, rigging lead"
    expect(page).to have_css("[data-rung=sharing]:not([data-verdict=not_known])")
    expect(page).to have_text("Shared over a sheave, as decided by Imke Falk")
  end

  it "looks at heat, chemicals and edges once they are given, and stops what they forbid" do
    open_plan(demo_plan("chiller"))
    rung("surroundings").click
    click_button "Take the surroundings away"
    expect(page).to have_css(
      "[data-rung=surroundings][data-verdict=not_known]",
      text: "needs: heat, chemicals and edges"
    )
    click_button "Give heat, chemicals and edges"
    expect(page).to have_css("[data-rung=slings][data-verdict=not_known]")
    fill_in "temperature of the slings", with: "38 °C"
    select "edges, all padded", from: "Edges they bear on"
    expect(page).to have_css("[data-rung=slings][data-verdict=holds]")
    expect(page).to have_css("[data-rung=surroundings][data-verdict=holds]", text: "38 °C, edges padded")
    check "alkali"
    expect(page).to have_css("[data-rung=slings][data-verdict=stop]", text: "alkali harms polyester round")
    uncheck "alkali"
    select "sharp, not padded", from: "Edges they bear on"
    expect(page).to have_css("[data-rung=slings][data-verdict=stop]", text: "a sharp edge that is not padded cuts")
    find("[aria-label^='Undo: edges']").click
    expect(page).to have_css("[data-rung=slings][data-verdict=holds]")
  end

  it "takes the load's rated points, and stops a leg that is on none" do
    open_plan(demo_plan("gearbox"))
    rung("load").click
    2.times { click_button "Add a rated point" }
    [ [ "lug 1", "0.20 m" ], [ "lug 2", "1.60 m" ] ].each do |name, x|
      { "x" => x, "y" => "0.70 m", "z" => "1.20 m" }.each { |axis, at| fill_in "#{name} #{axis}", with: at }
      fill_in "rating of #{name}", with: "2 t"
    end
    expect(page).to have_css("[data-rung=points][data-verdict=holds]")
    fill_in "lug 2 x", with: "1.50 m"
    expect(page).to have_css("[data-rung=points][data-verdict=stop]")
    rung("points").click
    expect(page).to have_css("[data-rung=points]", text: "East: not at a rated point")
  end

  it "takes a spreader, types its span in place at its grip, and picks the slings above it from the store" do
    # Of few pieces: what is looked through here is not how many there are.
    Piece.where.not(number: %w[R-41 R-42 R-43 R-44 R-61 R-62 Saltbush]).delete_all
    open_plan(demo_plan("receiver-cabin"))
    rung("slings").click
    click_button "Ways to hold it"
    within("[data-proposal=spreader]", wait: 180) { click_button "Take it" }
    grip = find("[data-grip=span]", wait: 30)
    before = grip["aria-valuetext"]
    grip.send_keys(:enter)
    within("[role=dialog]", text: "Beam") { fill_in "span of the beam, in place", with: "3.0 m" }
    find("[role=dialog] input").send_keys(:enter)
    expect(page).to have_css("[data-grip=span][aria-valuetext='3.0 m']")
    find("[aria-label^='Undo: span of the beam']").click
    expect(page).to have_css("[data-grip=span][aria-valuetext='#{before}']", wait: 20)
    expect(page).to have_css("[data-rung=upper]:not([data-verdict=working])", wait: 30)
    rung("upper").click
    # Those that are on the legs are not offered above.
    click_button "Pick from the store, above the beam"
    expect(page).to have_css("[data-choice]", wait: 180)
    find("summary", text: "cannot serve").click
    fill_in "Find among those that cannot serve", with: "planned elsewhere"
    expect(page).to have_css("[data-rejected]", count: 2)
  end
end
