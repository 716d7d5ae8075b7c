# What waits for people, held against a slower way of telling it.
RSpec.describe Waits do
  before do
    load_store
    Chart.find_each { |chart|
      chart.update_columns(data: chart.data.deep_merge("record" => { "checked_by" => "A. R." }))
    }
  end

  let(:now) { Time.utc(2026, 12, 14, 9, 40) }
  let(:random) { Random.new(23) }
  let(:document) { demo_document("feed-horn") }

  # Board lines of many lifts around now, at random hours, states, cranes and pieces.
  def lines(count)
    Array.new(count) do |at|
      plan = Plan.start(document.merge("title" => format("Lift %02d", at)))
      from = Time.utc(2026, 12, 14, 5) + random.rand(60) * 30.minutes
      taken = {
        "cranes" => %w[juniper acacia].sample(1, random: random),
        "pieces" => %w[C-1 C-2 C-3].sample(random.rand(2), random: random),
        "people" => [],
        "names" => { "juniper" => "Juniper" }
      }
      state = %w[draft checked issued lifting closed withdrawn].sample(random: random)
      till = (from + (1 + random.rand(6)) * 30.minutes).strftime("%Y-%m-%dT%H:%M")
      line = plan.board_line
      line.update!(
        lift_at: from.strftime("%Y-%m-%dT%H:%M"),
        ends: till,
        taken: taken,
        state: state,
        archived: random.rand(8).zero?,
        stale: false
      )
      line
    end
  end

  def live?(line) = !line.archived && %w[draft checked issued lifting].include?(line.state)

  # Every pair of lifts that are not over, minute by minute.
  def pairs(lines, now)
    lines.select { |line| live?(line) && line.ends > now }.combination(2).select do |one, other|
      both = (one.taken["cranes"] & other.taken["cranes"]) + (one.taken["pieces"] & other.taken["pieces"])
      both.any? && one.lift_at < other.ends && other.lift_at < one.ends
    end
  end

  it "tells of every two lifts that want one thing at once, and of no others" do
    planner = person("Jun Kovar", roles: %w[planner])
    all = lines(24)
    wanted = pairs(all, now.strftime("%Y-%m-%dT%H:%M"))
    expect(wanted.size).to be > 3
    told = described_class.new(at: now).of(planner).select { |wait| wait.act == "overlap" }
    expect(told.size).to eq(wanted.size)
    named = wanted.map { |pair| pair.map { |line| line.plan.title }.sort }
    found = told.map { |wait| [ wait.title, wait.words["us"][/and (Lift \d\d) both/, 1] ].sort }
    expect(found).to match_array(named)
    words = told.map { |wait| wait.words["metric"] }
    expect(words).to all(match(/want Juniper|want acacia|want C-|and C-/))
  end

  it "asks to close what is over, of whoever may, and nothing of the rest" do
    all = lines(24)
    rigger, reader = person("Mara", roles: %w[rigger]), person("Ria", roles: %w[reader])
    told = described_class.new(at: now).of(rigger).select { |wait| wait.act == "close" }
    over = all.select { |line|
      !line.archived && %w[issued lifting].include?(line.state) && line.ends < now.strftime("%Y-%m-%dT%H:%M")
    }
    expect(told.map(&:plan)).to match_array(over.map(&:plan_id))
    expect(described_class.new(at: now).of(reader)).to eq([])
  end

  it "stands soonest first, and counts for each of the others what their own list has" do
    all = lines(16)
    all.each do |line|
      wait = { act: "flight", words: "climb", roles: %w[rigger engineer], except: [], only: [] }
      line.update!(waits: [ wait ], waiting: true) if %w[draft checked].include?(line.state)
    end
    people = [ %w[rigger], %w[engineer planner], %w[reader], %w[keeper] ].map.with_index { |roles, at|
      person("Person #{%w[A B C D][at]}", roles: roles)
    }
    waits = described_class.new(at: now)
    people.each do |one|
      times = waits.of(one).map { |wait| wait.at || "9" }
      expect(times).to eq(times.sort)
    end
    counts = waits.counts(people)
    expect(counts).to eq(people.to_h { |one| [ one, waits.of(one).size ] }.reject { |_, count| count.zero? })
    expect(counts.keys).not_to include(people[2])
  end

  it "leaves alone drafts whose day has passed, and keeps those of today" do
    plan = Plan.start(document)
    wait = { act: "flight", words: "climb", roles: %w[rigger], except: [], only: [] }
    rigger = person("Mara", roles: %w[rigger])
    { "2026-12-13T23:00" => 0, "2026-12-14T05:00" => 1, "2026-12-20T05:00" => 1, nil => 1 }.each do |at, count|
      plan.board_line.update!(lift_at: at, ends: at, waits: [ wait ], waiting: true, state: "draft", stale: false)
      expect([ at, described_class.new(at: now).of(rigger).size ]).to eq([ at, count ])
    end
  end
end

RSpec.describe SiteClock do
  it "is the server's own time, by its zone, as plans have it" do
    before = ENV["TZ"]
    [ [ "UTC", "2026-12-14T23:30" ], [ "Etc/GMT-3", "2026-12-15T02:30" ],
      [ "Etc/GMT+7", "2026-12-14T16:30" ] ].each do |zone, minute|
      ENV["TZ"] = zone
      allow(Time).to receive(:now).and_return(Time.at(Time.utc(2026, 12, 14, 23, 30).to_i))
      expect([ zone, described_class.minute, described_class.today.iso8601 ]).to eq([ zone, minute, minute.first(10) ])
    end
  ensure
    ENV["TZ"] = before
  end
end
