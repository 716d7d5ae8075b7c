# What the page's own policy would refuse is nowhere asked for.
RSpec.describe "The page's own policy" do
  before do
    page.driver.browser.execute_cdp(
      "Page.addScriptToEvaluateOnNewDocument",
      source: <<~JS
        window.refused = []
        document.addEventListener('securitypolicyviolation', (event) =>
          window.refused.push(event.violatedDirective + ' ' + event.sourceFile + ':' + event.lineNumber))
      JS
    )
  end

  def refused = page.evaluate_script("window.refused")

  it "lets in every style and script that the screens use, and no other" do
    plan = demo_plan("cabin-on-salt")
    look
    paths = [ "/", "/all", "/today", "/practice", "/store", "/sites", "/cranes", "/rules", "/account", "/licences" ]
    rooms = [ "", "/load", "/working", "/cab", "/life", "/history", "/what-if", "/find", "/crew" ]
    [ *paths, *rooms.map { |room| "/plans/#{plan.id}#{room}" } ].each do |path|
      visit path
      expect(page).to have_css("main, [data-headline]")
      expect([ path, refused ]).to eq([ path, [] ])
    end
    visit "/account"
    expect(page).to have_css(".MuiButton-root", text: "Sign out everywhere")
    styled = page.evaluate_script("getComputedStyle(document.querySelector('.MuiButton-root')).fontWeight")
    expect(Integer(styled)).to be >= 500
    page.execute_script("document.head.appendChild(document.createElement('style')).textContent = 'body{color:red}'")
    expect(refused.join).to include("style-src")
  end
end
