# A plan from draft to issued by the hands of four people, in the browser.
RSpec.describe "The life of a plan", :signed_out do
  let!(:people) do
    {
      jun: person("Jun Kovar", roles: %w[planner]),
      mara: person("Mara Tarn", roles: %w[rigger]),
      ines: person("Ines Rook", roles: %w[appointed]),
      noa: person("Noa Ekdal", roles: %w[engineer])
    }
  end

  before { load_store }

  # Comes to the plan's life as somebody, and signs as them.
  def come(who, plan)
    login_as(people.fetch(who), scope: :person)
    visit "/plans/#{plan.id}/life"
    expect(page).to have_css("h2", text: "Records")
  end

  def sign(words, password: PeopleHelp::PASSWORD)
    fill_in "Password of", with: password
    click_button words
    expect(page).to have_no_css("[role=dialog]")
  end

  def bar(kind) = find("[data-bar=#{kind}]", match: :first)

  it "is carried from draft to issued; the engineer's signature bars it as long as it is missing" do
    plan = demo_plan("crate-by-the-line")
    come(:jun, plan)
    expect(page).to have_css("[aria-current=step]", text: "draft")
    expect(page).to have_text("engineer: has not signed")
    bar("wrote").click_button("Write it down")
    sign("Write it down as Jun Kovar")
    expect(page).to have_css("[data-record=wrote]", text: "Jun Kovar, planner: wrote rev A")
    expect(page).to have_no_button("Sign")

    come(:mara, plan)
    5.times do |time|
      bar("flight").click_button("Sign")
      sign("Sign as Mara Tarn")
      expect(page).to have_css("[data-record=flight]", count: time + 1)
    end
    expect(page).to have_css("[aria-current=step]", text: "checked")
    expect(page).to have_css("[data-bar=second]", text: "waits for: engineer")

    come(:ines, plan)
    expect(page).to have_button(text: /barred by/, disabled: true)
    all("[data-bar=deviation]").each do
      bar("deviation").click_button("Put a name under it")
      fill_in "Why", with: "each leg counted by itself"
      sign("Put a name under it as Ines Rook")
    end

    come(:noa, plan)
    bar("second").click_button("Sign as engineer")
    fill_in "Password of", with: "not this one"
    click_button "Sign as engineer as Noa Ekdal"
    expect(page).to have_css("[role=alert]", text: "the password is not the one of Noa Ekdal")
    sign("Sign as engineer as Noa Ekdal")
    expect(page).to have_text("engineer: has signed")

    come(:ines, plan)
    click_button "Issue rev A"
    sign("Issue as Ines Rook")
    expect(page).to have_css("[aria-current=step]", text: "issued")
    expect(page).to have_css("[data-record=issued]", text: "Ines Rook, appointed: issued rev A")
    expect(serious_findings).to eq([])
  end

  it "does not let somebody sign what was changed under their eyes" do
    plan = demo_plan("feed-horn")
    come(:jun, plan)
    bar("wrote").click_button("Write it down")
    sign("Write it down as Jun Kovar")
    come(:mara, plan)
    bar("flight").click_button("Sign")
    document = DustLadder::PlanFile::Pointer.with_values(plan.document, "/load/weight/bare" => "1 150 kg")
    plan.reload.revise(document, lock_version: plan.lock_version, note: "heavier")
    fill_in "Password of", with: PeopleHelp::PASSWORD
    click_button "Sign as Mara Tarn"
    expect(page).to have_css("[role=alert]", text: "it is not what you saw any more")
    # Nor by another try in the same dialog, which still stands over what was.
    click_button "Sign as Mara Tarn"
    expect(page).to have_css("[role=alert]", text: "it is not what you saw any more")
    click_button "Leave"
    expect(page).to have_css("[role=status]", text: "rev 2, saved, by another hand")
    expect(page).to have_css("[data-bar=wrote]", text: "it was changed since it was written as A")
    expect(LifeRecord.count).to eq(1)
  end
end
