RSpec.describe "Practice" do
  def drill(kind, seed) = DustLadder::Practice.drill(kind, seed)
  def ask(kind, seed) = visit("/practice?kind=#{kind}&seed=#{seed}")
  def choose(choices, id)
    at = choices.index { |one| one.id == id } + 1
    find(".choices li:nth-child(#{at}) button").click
  end
  def words(kind, seed, id) = drill(kind, seed).choices.find { |one| one.id == id }.words["metric"]

  it "plays five drills by hand and by keys: the working comes after the answer, and what was wrong is kept" do
    look
    ask("which_leg", 4)
    expect(page).to have_css(".choices li", count: 3)
    expect(page).to have_no_css("[aria-label=Working]")
    wrong = drill("which_leg", 4).choices.index { |one| one.id == "alike" } + 1
    find("body").send_keys(wrong.to_s)
    expect(page).to have_css("[data-right=false]", text: /\ANo: .*at its worst/m)
    expect(page).to have_text("0 of 1 right, 1 to come back")

    ask("find_row", 4)
    choose(drill("find_row", 4).choices, "right")
    expect(page).to have_css("[data-right=true]", text: "the next larger radius counts")

    ask("wrong_plan", 5)
    choose(drill("wrong_plan", 5).choices, drill("wrong_plan", 5).right)
    expect(page).to have_css("[data-right=true]")

    ask("tag_line", 3)
    drill("tag_line", 3).right.each do |id|
      within("[aria-label='Steps that are left']") { click_button words("tag_line", 3, id) }
    end
    click_button "So it is tied"
    expect(page).to have_css("[data-right=true]", text: "150 mm")
    expect(page).to have_css("[aria-label='The knot, step by step'] svg", count: 7)

    ask("level_it", 3)
    click_button "Hang it"
    expect(page).to have_css("[role=status]", text: /Try 1: (west|east) end low/)
    west, east = drill("level_it", 3).fewest
    expect(west).to eq(0)
    name = "east leg a link #{east.positive? ? "longer" : "shorter"}"
    east.abs.times { click_button name }
    click_button "Hang it"
    expect(page).to have_css("[data-right=true]", text: "Right: level in 2 tries")
    expect(DrillAnswer.order(:id).pluck(:kind, :right)).to eq(
      [
        [ "which_leg", false ],
        [ "find_row", true ],
        [ "wrong_plan", true ],
        [ "tag_line", true ],
        [ "level_it", true ]
      ]
    )
    click_button "Next"
    expect(page).to have_css("[data-drill=level_it]:not([data-seed='3'])")
    click_button "All, as they come back"
    expect(page).to have_css("[data-drill=which_leg][data-seed='4']")
  end

  it "asks the crew from the plan of its lift, on a phone" do
    look(390, 844)
    plan = demo_plan("cabin-on-salt")
    visit "/plans/#{plan.id}/crew"
    set = DustLadder::Practice::OfPlan.new(DustLadder.check(plan.document)).questions
    set.each_with_index do |question, at|
      expect(page).to have_css("[data-question=#{question.id}]", text: "#{at + 1} of #{set.size}")
      choose(question.choices, question.right)
      expect(page).to have_css("[data-right=true]")
      expect(sideways).to be_nil
      click_button "Next" if at + 1 < set.size
    end
    click_link "To the lift day"
    expect(page).to have_current_path("/plans/#{plan.id}/day")
  end
end
