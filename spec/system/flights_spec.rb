# The ladder in flights: one open, the others folded under their landings; nothing lies over anything.
RSpec.describe "The flights" do
  before { load_store }

  # Boxes of everything in the ladder that is read, by what it is; of a flight that scrolls, what is in sight.
  def boxes
    page.evaluate_script(<<~JS)
      [...document.querySelectorAll('.landing, .flight .rung-head, .flight .rung-note, .ladder-foot')].map((one) => {
        const { left, top, right, bottom } = one.getBoundingClientRect()
        const seen = one.closest('.flight')?.getBoundingClientRect() ?? { top, bottom }
        const box = { left, right, top: Math.max(top, seen.top), bottom: Math.min(bottom, seen.bottom) }
        return { what: one.textContent.slice(0, 40), ...box }
      }).filter(({ top, bottom }) => bottom > top)
    JS
  end

  # Pairs that share more than a pixel.
  def overlapping
    boxes.combination(2).select do |one, other|
      [ one["right"], other["right"] ].min - [ one["left"], other["left"] ].max > 1 &&
        [ one["bottom"], other["bottom"] ].min - [ one["top"], other["top"] ].max > 1
    end.map { |pair| pair.map { |box| box["what"] } }
  end

  def flight(id) = find("[data-flight=#{id}]")

  it "opens the flight of the governing rung, another by its landing, and a rung by its folded line" do
    open_plan(demo_plan("receiver-cabin-four"))
    expect(page).to have_css("[data-flight=rigging][aria-expanded=true]")
    expect(page).to have_css("[data-rung=level][aria-current=true]")
    expect(page).to have_css(".landing", count: 5)
    flight("crane").click
    expect(page).to have_css("[data-flight=crane][aria-expanded=true]")
    expect(page).to have_css("[data-flight=rigging][aria-expanded=false]", text: /stop: level 130/)
    expect(page).to have_css("[data-rung=crane][aria-current=true]")
    # The pennant stands on the landing of the closed flight; the word only on an open rung.
    expect(page).to have_no_css(".rung-governs")
    expect(page).to have_css(".pennant", count: 1)
    find(".folded [data-rung=slings]").click
    expect(page).to have_css(".flight [data-rung=slings][aria-current=true]")
    expect(flight("rigging").text(:all)).to match(/\ARigging, 8 rungs/)
  end

  it "climbs across landings by keys, and from landing to landing" do
    open_plan(demo_plan("receiver-cabin"))
    keys = ->(*pressed) { find("body").send_keys(*pressed) }
    keys.(:home)
    expect(page).to have_css(".flight [data-rung=load][aria-current=true]")
    keys.(:up)
    expect(page).to have_css(".flight [data-rung=level][aria-current=true]")
    keys.(:page_up)
    expect(page).to have_css(".flight [data-rung=hoist][aria-current=true]")
    keys.(:page_down)
    expect(page).to have_css("[data-flight=rigging][aria-expanded=true]")
    keys.(:end)
    expect(page).to have_css(".flight [data-rung=signatures][aria-current=true]")
    keys.("g")
    expect(page).to have_css("[data-flight=crane][aria-expanded=true]")
  end

  [ [ 1280, 800 ], [ 1024, 768 ], [ 390, 844 ] ].each do |width, height|
    it "lays nothing over anything at #{width} x #{height}, whichever flight is open" do
      %w[receiver-cabin-four azimuth-drive].each do |name|
        open_plan(demo_plan(name))
        look(width, height)
        %w[load rigging crane ground_and_site gear_and_people].each do |id|
          flight(id).click if flight(id)["aria-expanded"] == "false"
          expect(page).to have_css("[data-flight=#{id}][aria-expanded=true]")
          expect(overlapping).to eq([]), "#{name}, #{id}"
        end
      end
    end
  end

  it "lets a flight of more rungs than the room holds scroll by itself, the chosen rung in sight" do
    open_plan(demo_plan("gearbox"))
    look(1280, 560)
    flight("crane").click
    expect(page).to have_css("[data-flight=crane][aria-expanded=true]")
    find("body").send_keys(:page_down, :page_up)
    expect(page).to have_css(".flight [data-rung=hoist][aria-current=true]")
    inside = <<~JS
      (() => {
        const [list, rung] = ['.flight', '.flight [aria-current=true]']
          .map((css) => document.querySelector(css).getBoundingClientRect())
        return list.top - 1 <= rung.top && rung.bottom <= list.bottom + 1
      })()
    JS
    expect(page.evaluate_script(inside)).to be(true)
    expect(
      page.evaluate_script(
        "document.querySelector('.flight').scrollHeight > " \
          "document.querySelector('.flight').clientHeight"
      )
    ).to be(true)
    expect(overlapping).to eq([])
  end
end
