RSpec.describe "The quick check" do
  before { load_store }

  it "answers as it is typed, asks which angle is meant, and becomes a plan" do
    look
    visit "/all"
    click_button "Quick check"
    within("[role=dialog]") do
      expect(page).to have_css("[data-quick-verdict=not_known]", text: "needs the weight")
      fill_in "Weight", with: "4 t"
      fill_in "Straight rating of one leg", with: "3.5 t"
      fill_in "Angle of the legs, from where", with: "50"
      expect(page).to have_css("[data-quick-verdict=not_known]")
      expect(page).to have_text("which angle is 50°?")
      click_button "50° from horizontal"
      expect(page).to have_field("Angle of the legs, from where", with: "50° from horizontal")
      expect(page).to have_css("[data-quick-verdict=tight]")
      fill_in "Straight rating of one leg", with: "2 t"
      expect(page).to have_css("[data-quick-verdict=stop]")
      click_button "Make it a plan"
    end
    expect(page).to have_css("[data-headline]", text: /\ANot known: /)
    expect(Plan.last.revisions.last.document.dig("load", "weight", "bare")).to eq("4 t")
  end
end
