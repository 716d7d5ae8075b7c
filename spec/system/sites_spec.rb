# Where a crane stands, what is near it, and the sites that it stands on.
RSpec.describe "On a site", type: :system do
  before do
    load_store
    load_sites
  end

  def saved = expect(page).to have_css("[role=status]", text: ", saved")

  it "shows the worst pad on the weaker ground though another carries more, and a larger mat from the ways out cures " \
    "it" do
    open_plan(demo_plan("cabin-on-salt"))
    expect(page).to have_css("[data-headline]", text: "Stop: pad FR at 113 %")
    click_button "Site"
    expect(page).to have_css("[data-foot=FR][data-verdict=stop]", text: "113")
    expect(page).to have_css("[data-worst-foot=FR]", text: /FR: 1.100.m square, wants 1.1[67]\d.m/)
    expect(page).to have_css("[data-foot=FL][data-verdict=holds]")
    within("section", text: "Ways out", match: :first) do
      expect(page).to have_css("[data-way=mats]", text: "Mats of 1.200 m")
      expect(page).to have_css("[data-way=stand]", text: "pick and set where they are")
      find("[data-way=mats] button").click
    end
    expect(page).to have_css("[data-foot=FR][data-verdict=tight]")
    expect(find_field("side of a mat").value).to eq("1.20 m")
    saved
  end

  it "moves the crane by its grip, and everything follows; one step of undo brings it back" do
    open_plan(demo_plan("cabin-on-salt"))
    click_button "Site"
    expect(page).to have_css("[data-grip=site-crane]")
    drag("site-crane", -40, 10)
    expect(page).to have_css("[data-foot=FR][data-verdict=holds]")
    expect(page).to have_no_css("[data-worst-foot]")
    expect(find_field("crane east of the peg").value).to match(/\A2[1-4]\.\d+ m\z/)
    find("[aria-label^='Undo: crane moved']").click
    expect(find_field("crane east of the peg").value).to eq("27.0 m")
    expect(page).to have_css("[data-foot=FR][data-verdict=stop]")
    find("[data-grip=site-bearing]").send_keys(:arrow_left)
    expect(find_field("bearing of the crane's front").value).not_to eq("20°")
  end

  it "shows where it could stand as it is found, why not elsewhere, and stands it at the best place in one step" do
    open_plan(demo_plan("cabin-on-salt"))
    click_button "Site"
    click_button "Best place"
    expect(page).to have_css("[data-cell]", minimum: 3)
    expect(page).to have_css("[data-best-places=done]", wait: 40)
    expect(page).to have_css("[data-cell=close]")
    page.driver.browser.action.move_to(find("[data-cell=no]", match: :first).native).perform
    expect(page).to have_css("[data-best-places] text", text: /\AE -?\d+, N -?\d+: no: (crane|ground|cut|line)/)
    find("[data-place='1']").click
    expect(page).to have_css("[data-rung=pads]:not([data-verdict=stop])")
    expect(page).to have_no_css("[data-best-places]")
    find("[aria-label^='Undo: Stand ']").click
    expect(page).to have_css("[data-foot=FR][data-verdict=stop]")
  end

  it "moves the way round a walkway that is open, station by station" do
    open_plan(demo_plan("pump-over-the-track"))
    expect(page).to have_css("[data-headline]", text: "Stop: way over people")
    fill_in "crane east of the peg", with: "20 m"
    fill_in "crane north of the peg", with: "-12 m"
    rung("crane").click
    fill_in "radius at set", with: "8 m"
    fill_in "slew at set", with: "300°"
    expect(page).to have_css("[data-rung=crane]:not([data-verdict=not_known])")
    click_button "Ground and site", match: :first if page.has_no_css?("[data-rung=people]", wait: 1)
    expect(page).to have_css("[data-rung=people][data-verdict=holds]")
  end

  it "gives a station by its place, which stays there while the crane moves" do
    open_plan(demo_plan("cabin-on-gravel"))
    rung("crane").click
    select "by its place on the site", from: "how pick is given"
    expect(find_field("east of pick").value).to match(/\A\d+\.\d+ m\z/)
    before = find_field("east of pick").value
    expect(page).to have_text(/9\.60\d? m out, slew 190/)
    click_button "Site"
    drag("site-crane", 25, 0)
    rung("crane").click
    expect(page).to have_text(/1\d\.\d+ m out, slew/)
    expect(find_field("east of pick").value).to eq(before)
    select "from the crane: radius and slew", from: "how pick is given"
    expect(find_field("radius at pick").value).to match(/\A1\d\.\d+ m\z/)
    saved
  end

  it "answers by word until a site is chosen and the crane is stood on it, field by field" do
    open_plan(demo_plan("feed-horn"))
    rung("ground").click
    select "Saltpan Array, east yard", from: "site that the crane stands on"
    expect(page).to have_css("[data-rung=pads][data-verdict=not_known]", text: "east of the peg")
    expect(page).to have_no_css("[data-rung=ground]")
    rung("pads").click
    fill_all(
      "crane east of the peg" => "18",
      "crane north of the peg" => "20 m",
      "height of the crane's ground" => "0 m",
      "bearing of the crane's front" => "0°"
    )
    expect(page).to have_text("the unit is missing after 18")
    fill_in "crane east of the peg", with: "18 m"
    expect(page).to have_css("[data-rung=pads]:not([data-verdict=not_known])")
    rung("landing").click
    click_button "Set it down on timbers"
    fill_in "how many timbers", with: "2"
    fill_all("length of a timber" => "1.2 m", "width of a timber" => "200 mm")
    expect(page).to have_css("[data-rung=landing]:not([data-verdict=not_known])")
    select "no site: answered by word", from: "site that the crane stands on"
    expect(page).to have_css("[data-rung=ground][data-verdict=holds] .by-word")
  end

  it "never makes a line of unknown voltage better than not known, wherever the crane stands" do
    open_plan(demo_plan("pump-over-the-track"))
    rung("power_lines").click
    [ "8.5 m", "-30 m", "40 m" ].each do |east|
      fill_in "crane east of the peg", with: east
      saved
      expect(%w[not_known stop]).to include(verdict_of("power_lines"))
    end
    fill_in "crane north of the peg", with: "25 m"
    expect(page).to have_css("[data-rung=power_lines][data-verdict=stop]", text: "unknown voltage")
  end

  it "is drawn and kept as the next version, which a plan that stands on it is told of and takes" do
    plan = demo_plan("cabin-on-gravel")
    look
    visit "/sites/#{Site.find_by!(identifier: "saltpan-east").id}"
    select "Cable trench, trench, pit or backfill", from: "Shown below"
    fill_in "Deep, m", with: "6.5"
    expect(page).to have_button("Keep as version 2", disabled: false)
    visit page.current_path
    expect(page).to have_text("What was drawn here before and not kept is back")
    click_button "Keep as version 2"
    expect(page).to have_button("Keep as version 3", disabled: true)
    open_plan(plan)
    expect(page).to have_css("[data-headline]", text: "Not known")
    rung("cut").click
    expect(page).to have_text("version 2 of the site is not version 1 in this plan")
    click_button "Take version 2 of the site"
    expect(page).to have_css("[data-rung=cut][data-verdict=stop]", text: "Cable trench")
  end

  it "takes what is sound of a GeoJSON file, and says which ring is bad" do
    ring = ->(places) { { "type" => "Polygon", "coordinates" => [ places ] } }
    features =
      [
        [ "Good hut", [ [ 60, 0 ], [ 64, 0 ], [ 64, 4 ], [ 60, 0 ] ] ],
        [ "Bad hut", [ [ 70, 0 ], [ 74, 4 ], [ 74, 0 ], [ 70, 4 ], [ 70, 0 ] ] ]
      ].map do |name, places|
        properties = { "kind" => "obstacle", "name" => name, "top_m" => 3 }
        { "type" => "Feature", "properties" => properties, "geometry" => ring.(places) }
      end
    file = Tempfile.new([ "huts", ".geojson" ])
    file.write(JSON.generate({ "type" => "FeatureCollection", "features" => features }))
    file.close
    look
    visit "/sites/#{Site.find_by!(identifier: "saltpan-east").id}"
    expect(page).to have_css("[data-site-map]")
    find("input[type=file][aria-label='Read GeoJSON']", visible: :all).attach_file(file.path)
    within("[role=dialog]") do
      expect(page).to have_css("[role=alert]", text: "/features/1: the outline of Bad hut crosses itself")
      click_button "Take 1 of it"
    end
    expect(page).to have_css("[data-choose='Good hut']", visible: :all)
    expect(page).to have_no_css("[data-choose='Bad hut']", visible: :all)
    click_button "Undo"
    expect(page).to have_no_css("[data-choose='Good hut']", visible: :all)
  end

  it "loses nothing when somebody else keeps the same site meanwhile" do
    site = Site.find_by!(identifier: "saltpan-east")
    look
    visit "/sites/#{site.id}"
    fill_in "Where the peg is", with: "brass bolt"
    site.change(site.data.merge("title" => "East yard, renamed"), site.lock_version)
    click_button "Keep as version 2"
    expect(page).to have_text("Version 2 was kept meanwhile")
    expect(find_field("Where the peg is").value).to eq("brass bolt")
    click_button "Keep this over it"
    expect(page).to have_no_text("kept meanwhile")
    expect(site.reload.data.values_at("peg", "version")).to eq([ "brass bolt", 3 ])
  end
end
