# What of a plan's life waits for whom: of everything that bars a written plan somebody is told, and nobody of what is
# not theirs to do.
RSpec.describe DustLadder::Life::Waits do
  noon = Time.utc(2026, 12, 11, 12)
  flights = { "flights" => "load rigging crane ground_and_site gear_and_people" }
  people = {
    "jun" => %w[planner],
    "ines" => %w[planner appointed],
    "mara" => %w[rigger],
    "noa" => %w[engineer],
    "ria" => %w[reader],
    "sol" => %w[admin],
    "wen" => %w[keeper]
  }
  roles = {
    "wrote" => "planner",
    "flight" => "rigger",
    "second" => "engineer",
    "issued" => "appointed",
    "began" => "rigger",
    "closed" => "rigger",
    "withdrawn" => "house",
    "archived" => "planner"
  }

  let(:document) { DustLadder::PlanFile.accept(plan) }

  def seen(document) = DustLadder::Life::Seen.document(document)

  # A chain of acts by name; "flights" signs all of them.
  define_method(:chain) do |document, *acts|
    acts.reduce(DustLadder::Life::Chain.new) do |so_far, (act, by, about)|
      if act == "flights"
        next flights["flights"].split.reduce(so_far) { |one, id|
          one.with(
            act: "flight",
            by: { "id" => by, "name" => by },
            role: "rigger",
            at: noon,
            document: seen(document),
            about: { "flight" => id }
          )
        }
      end
      told = act == "issued" ? bars(document, so_far).about : about.to_h
      told = flights if act == "wrote"
      so_far.with(
        act: act,
        by: { "id" => by, "name" => by },
        role: roles.fetch(act),
        at: noon,
        document: seen(document),
        about: told
      )
    end
  end

  def bars(document, chain)
    ladder = DustLadder.check(document)
    DustLadder::Life::Bars.new(course: chain.course, ladder: ladder, document: seen(document), overlaps: [])
  end

  define_method(:waits) do |document, chain, writers: []|
    described_class.new(
      course: chain.course,
      bars: bars(document, chain),
      document: seen(document),
      writers: writers
    ).all
  end

  define_method(:told) { |found| found.first.words["metric"] }
  define_method(:whose) do |found|
    found.to_h { |one| [ one.act, people.keys.select { |id| one.for?(id, people[id]) } ] }
  end

  it "waits for nobody before it is written down, nor when it is over" do
    expect(waits(document, DustLadder::Life::Chain.new)).to eq([])
    closed = chain(
      document,
      [ "wrote", "jun" ],
      [ "flights", "mara" ],
      [ "issued", "ines" ],
      [ "began", "mara" ],
      [ "closed", "mara", { "lifted" => "yes", "reason" => "" } ]
    )
    expect(waits(document, closed)).to eq([])
    expect(waits(document, chain(document, [ "wrote", "jun" ], [ "archived", "jun" ]))).to eq([])
  end

  it "waits to be climbed by whoever may and did not write it" do
    found = waits(document, chain(document, [ "wrote", "ines" ]))
    expect(whose(found)).to eq("flight" => %w[jun mara noa])
    expect(told(found)).to eq("climb and sign: Load, Rigging, Crane, Ground and site, Gear and people")
    half = chain(document, [ "wrote", "ines" ], [ "flight", "mara", { "flight" => "load" } ])
    expect(told(waits(document, half))).to eq("climb and sign: Rigging, Crane, Ground and site, Gear and people")
  end

  it "waits for an appointed person once nothing bars it, and for nobody else" do
    found = waits(document, chain(document, [ "wrote", "jun" ], [ "flights", "mara" ]))
    expect(whose(found)).to eq("issued" => %w[ines])
    issued = chain(document, [ "wrote", "jun" ], [ "flights", "mara" ], [ "issued", "ines" ])
    expect(waits(document, issued)).to eq([])
  end

  it "waits for its planner with what stops or is not known, two of them named and the others counted" do
    broken = DustLadder::PlanFile.accept(plan("/load/weight/bare" => "90 t", "/by_word" => {}))
    found = waits(broken, chain(broken, [ "wrote", "jun" ]))
    mend = found.find { |one| one.act == "mend" }
    expect(whose(found)["mend"]).to eq(%w[jun ines])
    expect(mend.words["metric"]).to match(/\A[^;]+: stop[^;]*; [^;]+; \d+ more\z/)
    heavy = plan("/load/weight/bare" => "9 t")
    words = waits(heavy, chain(heavy, [ "wrote", "jun" ])).find { |one| one.act == "mend" }.words
    expect([ words["metric"], words["us"] ]).to match([ /\d.kg\z/, /\d.lb\z/ ])
    expect(words["us"]).not_to match(/\d.(kg|m)\b/)
  end

  it "waits for the engineer where it is critical, never for the one who wrote it" do
    critical = DustLadder::PlanFile.accept(on_site(feature("live_plant", "main", outline_m: box(1, -7, 2, -6))))
    found = waits(critical, chain(critical, [ "wrote", "jun" ], [ "flights", "mara" ]))
    expect(whose(found)).to eq("second" => %w[noa])
    second = found.first
    expect(second.for?("jun", %w[planner engineer])).to be(false)
  end

  it "waits for whoever changed it since, and for every planner when it was withdrawn" do
    written = chain(document, [ "wrote", "jun" ])
    changed = DustLadder::PlanFile::Pointer.with_values(document, "/title" => "Other")
    found = described_class.new(course: written.course, bars: nil, document: seen(changed), writers: %w[ines]).all
    expect([ whose(found), told(found) ]).to eq([ { "wrote" => %w[ines] }, "changed since it was written as A" ])
    gone = chain(
      document,
      [ "wrote", "jun" ],
      [ "flights", "mara" ],
      [ "issued", "ines" ],
      [ "withdrawn", "house", { "reason" => "C-22: quarantined" } ]
    )
    found = waits(document, gone)
    expect([ whose(found), told(found) ]).to eq([ { "write" => %w[jun ines] }, "withdrawn: C-22: quarantined" ])
  end

  it "tells somebody of every bar there is, whatever of it" do
    random = Random.new(18)
    40.times do
      changes = {
        "/load/weight/bare" => [ "4 t", "90 t" ].sample(random: random),
        "/lift_at" => [ "2026-12-14T06:30", nil ].sample(random: random)
      }
      one = DustLadder::PlanFile.accept(plan(changes))
      acts = [ [ "wrote", "jun" ], [ "flights", "mara" ] ].first(1 + random.rand(2))
      found = waits(one, chain(one, *acts))
      barred = bars(one, chain(one, *acts)).all
      expect(found.any?).to be(true)
      expect(found.map(&:act) == [ "issued" ]).to eq(barred.empty?)
      expect(whose(found).values).to all(satisfy(&:any?))
    end
  end

  it "asks to close what is over" do
    expect(whose([ described_class.close(true) ])["close"]).to eq(%w[jun ines mara])
  end
end
