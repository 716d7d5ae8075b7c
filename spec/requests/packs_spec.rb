require "rake"
require "pdf/reader"

# The pack of a lift, read back from its PDF, before and after the day.
RSpec.describe "The pack of a lift" do
  before { load_store }

  let(:plan) { issued(demo_plan("feed-horn")) }

  def get_pack(of = plan, **params) = get("/api/plans/#{of.id}/pack", params: params)
  def pages = PDF::Reader.new(StringIO.new(response.body)).pages
  def text = pages.map(&:text).join("\n").tr("\u00a0", " ").squeeze(" ")

  it "has head, signatures, deviations, drawings to scale, rigging, ladder, briefing, lists, signals and the working" do
    get_pack
    expect([ response.status, response.media_type ]).to eq([ 200, "application/pdf" ])
    expect(text).to include(
      "Feed horn crate FH-2",
      "Revision A, issued",
      "Mara Tarn",
      "Deviations",
      "(named)",
      "By word"
    )
    [ "From the side", "From above", "crane's way from above" ].each do |view|
      expect(text).to match(/#{view}, 1 : \d+/)
    end
    expect(text).to include(
      "C-14",
      "Ladder, the weakest rung first",
      "What stops the lift",
      "Stop at once",
      "Annex: the working"
    )
    expect(text).to include("Gear inspected, ended by the slinger", "Emergency: call stop")
    expect(text).not_to include("NOT ISSUED")
    expect(text).not_to include("Record of the day")
    digest = plan.life.course.document.delete_prefix("sha256:")
    pages.each_with_index do |page, at|
      expect(
        page.text.tr(
          "\u00a0",
          " "
        )
      ).to include("rev A, issued, #{digest[0, 4]} #{digest[4, 4]}", "page #{at + 1} of #{pages.size}")
    end
  end

  it "puts the weakest rung first" do
    get_pack
    ladder = plan.ladder
    worst = ladder.rungs.select(&:utilisation).select { |rung| rung.verdict == ladder.verdict }.max_by(&:utilisation)
    table = text[/Ladder, the weakest rung first.*/m]
    others = ladder.rungs.map(&:label) - [ worst.label ]
    expect(others.filter_map { |label| table.index(label) }.min).to be > table.index(worst.label)
  end

  it "says in large letters that a plan was not issued" do
    get_pack(demo_plan("gearbox"))
    expect(text).to include("NOT ISSUED: nobody lifts by this paper.")
  end

  it "draws of a plan that hardly knows anything what it can" do
    blank = Plan.start(Plan.blank("Nothing yet"))
    get_pack(blank)
    expect(response.status).to eq(200)
    expect(text).to include("The load is not drawn", "not known")
  end

  it "has the site round the crane, to scale, where it stands on one" do
    load_sites
    get_pack(Plan.start(demo_document("cabin-on-gravel")))
    expect(response.status).to eq(200)
    expect(text).to match(/The site, .*, 1 : \d+, north up/)
    expect(text).to include("of what the ground bears", "kPa")
    get_pack
    expect(text).not_to include("north up")
  end

  it "is written from the command line too" do
    Rails.application.load_tasks unless Rake::Task.task_defined?("plans:pack")
    Dir.mktmpdir do |folder|
      file = File.join(folder, "pack.pdf")
      stub_const("ENV", ENV.to_h.merge("ID" => plan.id.to_s, "FILE" => file, "UNITS" => "us"))
      expect { Rake::Task["plans:pack"].tap(&:reenable).invoke }.to output(/pack.pdf: Feed horn/).to_stdout
      expect(PDF::Reader.new(file).pages.map(&:text).join).to include("lb")
      stub_const("ENV", ENV.to_h.merge("ID" => "0"))
      expect {
        Rake::Task["plans:pack"].tap(&:reenable).invoke
      }.to raise_error(SystemExit).and output(/no plan/).to_stderr
    end
  end

  it "comes in US units, and without its annex" do
    get_pack(plan, units: "us", working: "no")
    expect(text).to include("lb").and not_including("Annex")
  end

  def not_including(words) = satisfy { |all| !all.include?(words) }

  it "has the day's record once there is one, with what does not count" do
    hand = person("Quill Thorne")
    try = { "brakes" => "slipped", "along" => "1°", "across" => "0.2°" }
    events = [
      said("stop", "Pia Orr", why: "radio lost"),
      said("held", "Mara Tarn", phase: "gear", answer: "yes"),
      said("lesson", word: "second radio at the crane"),
      said("note", "Somebody with a very long name indeed, who writes", word: "x" * 480)
    ].map { |one| JSON.parse(JSON.generate(one)) }
    Plan::Day.new(plan).keep(events, hand)
    get_pack
    expect(text).to include("Record of the day", "Pia Orr", "radio lost", "second radio at the crane")
    expect(text).to match(/Does not count: stop is\s+called/)
    spread = plan.ladder.lift.load.points.map { |point| point.x.value }.minmax.reduce(:-).abs + 0.4
    wide = said("rigged", "Teo Vance", measured: { spread: [ "#{spread} m" ], lengths: [ nil, "3 m" ] })
    Plan::Day.new(plan).keep(JSON.parse(JSON.generate([ said("tried", try: try), wide ])), hand)
    get_pack
    expect(text).to include("Try 1: stop. The brake did not hold.")
    expect(text).to match(/As rigged\s+.*Teo Vance, .*: stop\./)
    expect(text).to match(/0\.400 m wider than planned/)
    expect(text).to match(/lengths -,\s+3 m/)
  end

  Rails.root.glob("demo/plans/*.json").sort.first(8).each do |path|
    it("is made of #{path.basename(".json")} within two seconds or so") do
      of = Plan.start(DustLadder::PlanFile.read(path.read))
      from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      get_pack(of)
      expect(response.status).to eq(200)
      expect(pages.size).to be > 3
      # Not a measurement: it fails where something is out of all proportion.
      expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - from).to be < 20
    end
  end
end
