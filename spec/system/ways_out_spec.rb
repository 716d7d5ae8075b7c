RSpec.describe "Ways out" do
  before { load_store }

  it "offers what makes the whole ladder better, and applies it as one step of undo" do
    open_plan(demo_plan("cable-girder"))
    within("section", text: "Ways out", match: :first) do
      expect(page).to have_css("[data-way=hook]", text: /Raise the hook to 2\.\d+\Wm.*then Tight:/m)
      click_button "Apply: Raise the hook", match: :first
    end
    expect(page).to have_css("[data-headline]", text: /\ATight: /)
    expect(page).to have_css("[role=status]", text: "rev 2, saved")
    find("[aria-label^='Undo: Raise the hook']").click
    expect(page).to have_css("[data-headline]", text: /\AStop: /)
  end

  it "says so when nothing that it tries is enough" do
    open_plan(demo_plan("generator"))
    expect(page).to have_text("None of what was tried makes it better")
  end
end
