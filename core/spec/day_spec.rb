require_relative "support/trial_help"

RSpec.describe DustLadder::Day do
  include TrialHelp

  let(:lift) { DustLadder::Lift.new(DustLadder::PlanFile.accept(plan)) }
  let(:phases) { described_class::Phases.of(lift) }
  let(:crew) do
    [ [ "operator", "Teo Vale" ], [ "slinger", "Mara Tull" ], [ "signaller", "Jun Kade" ],
      [ "supervisor", "Ines Rook" ] ]
  end

  def course(verdict: "holds", rigged: "holds", supervisors: nil)
    described_class::Course.new(
      phases,
      crew: crew,
      supervisors: supervisors,
      trial: ->(_) { verdict },
      rigged: ->(_) { rigged },
      too_windy: ->(event) { event.told("gust").to_f > 8 }
    )
  end

  # A day told in few words; every event has seen all before it unless said otherwise.
  def log = @log ||= described_class::Log.new

  def said(kind, name = "", seen: log.events.size, by: "1", **about)
    said = {
      "id" => format("%08x-0000-4000-8000-000000000000", log.events.size + 1),
      "at" => "2026-09-15T06:38:00Z",
      "kind" => kind,
      "name" => name,
      "seen" => seen,
      "about" => about.transform_keys(&:to_s)
    }
    expect(described_class::Event.faults(said, phases)).to eq([])
    log.events << log.next(said, by: { "id" => by, "name" => "Signed In" }, got: Time.utc(2026, 9, 15, 6, 39))
    log.events.last
  end

  def yes_to_all(id, name, answer: "yes")
    phase = phases.find { |one| one.id == id }
    phase.items.each { |item| said("answered", name, phase: id, item: item.id, answer: "yes") }
    crew.each { |role, who| said("heard", who, role: role, answer: "yes") } if phase.once
    said("tried", try: {}) if phase.trial
    said("rigged", measured: {}) if phase.measured
    said("held", name, phase: id, answer: answer)
  end

  def all_until(last)
    phases.each do |phase|
      yes_to_all(phase.id, crew.to_h[phase.by])
      break if phase.id == last
    end
  end

  def now(**more) = course(**more).take(log.events)
  def why = now.lines.last.why

  it "goes phase by phase from the foot, each ended by a name, to the end" do
    all_until("unhooked")
    expect(now.lines.filter_map(&:why)).to eq([])
    expect(now).to have_attributes(done?: true, open: nil, stopped?: false)
    expect(now.phases.map { |one| one.held.name }.uniq).to match_array(crew.map(&:last))
    said("closed", "Ines Rook", lifted: "yes")
    expect(now.closed.name).to eq("Ines Rook")
  end

  it "ends no phase with an open item, and nothing before what comes first" do
    said("held", "Mara Tull", phase: "gear", answer: "yes")
    expect(why).to match(/not yet answered with yes: Every piece/)
    said("answered", "Teo Vale", phase: "ground", item: "walk", answer: "yes")
    expect(why).to eq("“Gear inspected” comes first")
    expect(now.open.phase.id).to eq("gear")
  end

  it "takes a no with its word, and asks again" do
    said("answered", "Mara Tull", phase: "gear", item: "tags", answer: "no", word: "C-22 has no tag")
    yes_to_all("gear", "Mara Tull")
    expect(now.phases[0]).to be_done
    all_until("gear")
    said("held", "Mara Tull", phase: "ground", answer: "no", word: "soft under pad 2")
    expect(now.phases[1]).to have_attributes(no?: true, done?: false)
  end

  it "wants every name of the crew at the briefing" do
    all_until("rigged")
    phases[3].items.each { |item| said("answered", "Ines Rook", phase: "briefing", item: item.id, answer: "yes") }
    crew.first(3).each { |role, name| said("heard", name, role: role, answer: "yes") }
    said("held", "Ines Rook", phase: "briefing", answer: "yes")
    expect(why).to eq("has not said yes: Ines Rook")
    said("heard", "Ines Rook", role: "supervisor", answer: "no", word: "no radio")
    said("held", "Ines Rook", phase: "briefing", answer: "yes")
    expect(why).to eq("has not said yes: Ines Rook")
    said("heard", "Ines Rook", role: "supervisor", answer: "yes")
    said("held", "Ines Rook", phase: "briefing", answer: "yes")
    expect(now.open.phase.id).to eq("area")
  end

  it "ends nothing as rigged that was not measured, or is not as planned" do
    %w[gear ground].each { |id| yes_to_all(id, "Mara Tull") }
    phases[2].items.each { |item| said("answered", "Mara Tull", phase: "rigged", item: item.id, answer: "yes") }
    said("held", "Mara Tull", phase: "rigged", answer: "yes")
    expect(why).to eq("nothing was measured yet")
    said("rigged", measured: { "lengths" => [ "6 m", nil ] })
    said("held", "Mara Tull", phase: "rigged", answer: "yes")
    words = {
      "stop" => "as it was measured it is: stop",
      "not_known" => "as it was measured it is: not known",
      "tight" => nil
    }
    expect(words.keys.to_h { |verdict| [ verdict, now(rigged: verdict).lines.last.why ] }).to eq(words)
  end

  it "is stopped by wind over the limit, whoever writes it down" do
    said("wind", gust: "7.9 m/s")
    expect(now).not_to be_stopped
    said("wind", gust: "8.1 m/s")
    expect(now.stop.words).to eq("wind, 8.1 m/s")
    said("wind", gust: "3 m/s")
    expect(now).to be_stopped
  end

  it "ends no trial that was not made, is a stop, or is not known" do
    all_until("area")
    said("answered", "", phase: "trial", item: "hands", answer: "yes")
    said("held", "Ines Rook", phase: "trial", answer: "yes")
    expect(why).to eq("nothing was tried yet")
    said("tried", try: { "brakes" => "held" })
    said("held", "Ines Rook", phase: "trial", answer: "yes")
    words = {
      "stop" => "the last try is: stop",
      "not_known" => "the last try is: not known",
      "tight" => nil,
      "holds" => nil
    }
    expect(words.keys.to_h { |verdict| [ verdict, now(verdict: verdict).lines.last.why ] }).to eq(words)
  end

  it "asks for the trial again once it was tried anew" do
    all_until("trial")
    said("tried", try: {})
    expect(now.open.phase.id).to eq("trial")
  end

  describe "a stop" do
    before { all_until("area") }

    it "may be called by anybody, and bars everything until the supervisor says that it goes on" do
      said("stop", "Pia Orr", why: "somebody under the load")
      said("answered", "", phase: "trial", item: "hands", answer: "yes")
      expect(why).to match(/stop is called/)
      said("went_on", "Teo Vale", word: "clear again")
      expect(why).to eq("going on is for the supervisor, Ines Rook")
      said("went_on", "Ines Rook", word: "clear again", seen: 3, by: "2")
      expect(why).to match(/was not seen/)
      said("went_on", "Ines Rook", word: "clear again")
      expect(now).to have_attributes(stopped?: false)
    end

    it "has the area looked at anew, and what was said in the phase that it ended" do
      said("answered", "", phase: "trial", item: "hands", answer: "yes")
      said("stop", gut: "yes")
      expect(now.stop.words).to eq("a gut feeling")
      said("went_on", "Ines Rook", word: "looked at it")
      expect(now.open.phase.id).to eq("area")
      expect(now.phases.find { |one| one.phase.id == "trial" }).not_to be_begun
      expect(now.phases.first(4)).to all(be_done)
    end

    it "is for the supervisor's own hand where the plan knows whose that is" do
      said("stop", why: "wind")
      said("went_on", "Ines Rook", word: "calm", by: "9")
      [ [ "4" ], [] ].each do |own|
        expect(now(supervisors: own).lines.last.why).to match(/for the supervisor/)
      end
      expect(now(supervisors: [ "9" ])).not_to be_stopped
    end

    it "does not keep a day open that ends without a lift" do
      said("stop", why: "wind")
      said("closed", "Ines Rook", lifted: "yes")
      expect(why).to match(/stop is called/)
      said("closed", "Ines Rook", lifted: "no", why: "gusts all day")
      expect(now.closed.told("why")).to eq("gusts all day")
      said("held", "Jun Kade", phase: "area", answer: "yes")
      expect(why).to eq("it came after the day was closed")
      said("lesson", word: "book the calm hour")
      expect(now.lessons.map { |one| one.told("word") }).to eq([ "book the calm hour" ])
    end
  end

  it "lets the worse count of two who had not seen each other, and shows both, until it is said anew" do
    said("answered", "Mara Tull", phase: "gear", item: "sound", answer: "yes")
    said("answered", "Pia Orr", phase: "gear", item: "sound", answer: "no", word: "a nick in C-22", seen: 0, by: "2")
    expect(
      now.conflicts.map { |one|
        [ one.answer, one.name, one.against.map(&:name) ]
      }
    ).to eq([ [ "no", "Pia Orr", [ "Mara Tull" ] ] ])
    said("answered", "Jun Kade", phase: "gear", item: "sound", answer: "yes", seen: 1, by: "3")
    expect(now.phases[0].items["sound"]).to be_no
    said("answered", "Mara Tull", phase: "gear", item: "sound", answer: "yes")
    expect(now.conflicts).to eq([])
    expect(now.phases[0].items["sound"]).to be_yes
  end

  it "asks for a name where the plan has none, and takes it on the day" do
    crew.replace([ [ "operator", "Teo Vale" ] ])
    %w[gear ground rigged].each { |id| yes_to_all(id, "Mara Tull") }
    yes_to_all("briefing", "Ines Rook")
    expect(why).to eq("nobody is named as slinger, signaller, supervisor")
    given = { "slinger" => "Mara Tull", "signaller" => "Jun Kade", "supervisor" => "Ines Rook", "lookout" => "Pia Orr" }
    given.each do |role, name|
      said("named", name, role: role)
      said("heard", name, role: role, answer: "yes")
    end
    said("held", "Ines Rook", phase: "briefing", answer: "yes")
    expect(now).to have_attributes(signaller: "Jun Kade", hearers: include([ "lookout", "Pia Orr" ]))
    expect(now.open.phase.id).to eq("area")
    said("named", "Pia Orr", role: "operator")
    expect(why).to eq("the plan names Teo Vale as operator")
  end

  it "lets somebody say it anew without a network: of what one said oneself one knows" do
    said("answered", "Mara Tull", phase: "gear", item: "sound", answer: "no", word: "wet", seen: 0)
    said("answered", "Mara Tull", phase: "gear", item: "sound", answer: "yes", seen: 0)
    expect(now.conflicts).to eq([])
    expect(now.phases[0].items["sound"]).to be_yes
    said("stop", "Ines Rook", why: "wind", seen: 0)
    said("went_on", "Ines Rook", word: "calm", seen: 0)
    expect(now).not_to be_stopped
  end

  describe "its one signaller" do
    def area = now.phases.find { |one| one.phase.id == "area" }

    it "is who the plan names, until signals pass to another one of the crew" do
      expect(now.signaller).to eq("Jun Kade")
      said("signaller", "Mara Tull")
      expect(now).to have_attributes(signaller: "Mara Tull", stop: nil)
    end

    it "is nobody who is not named, who was not briefed, or who is at the levers" do
      said("signaller", "Pia Orr")
      expect([ now.signaller, why ]).to match([ "Jun Kade", /Pia Orr is not named for this day/ ])
      said("signaller", "Teo Vale")
      expect([ now.signaller, why ]).to eq([ "Jun Kade", "Teo Vale is the operator" ])
      all_until("briefing")
      said("named", "Pia Orr", role: "signaller")
      said("signaller", "Pia Orr")
      expect([ now.signaller, why ]).to eq([ "Jun Kade", "Pia Orr has not said yes to the briefing" ])
      said("heard", "Pia Orr", role: "signaller", answer: "yes")
      said("signaller", "Pia Orr")
      expect([ now.signaller, why ]).to eq([ "Pia Orr", nil ])
    end

    it "is seen or heard by the operator, asked again of each new one, and of nobody twice" do
      all_until("trial")
      said("signaller", "Jun Kade")
      expect(now.open.phase.id).to eq("lift")
      said("signaller", "Mara Tull")
      expect(now.open.phase.id).to eq("area")
      expect(area.unanswered.map(&:id)).to eq(%w[sees radio])
      %w[sees radio].each { |item| said("answered", "Mara Tull", phase: "area", item: item, answer: "yes") }
      said("held", "Mara Tull", phase: "area", answer: "yes")
      expect(now.open.phase.id).to eq("lift")
    end
  end

  it "goes no phase further before whoever joined after the briefing has said yes to it" do
    all_until("area")
    said("named", "Pia Orr", role: "tag line")
    yes_to_all("trial", "Ines Rook")
    expect(why).to eq("joined after the briefing and has not said yes to it: Pia Orr")
    said("heard", "Pia Orr", role: "tag line", answer: "yes")
    said("held", "Ines Rook", phase: "trial", answer: "yes")
    expect([ why, now.open.phase.id ]).to eq([ nil, "lift" ])
  end

  it "is the same whatever part of it was taken before: any day by chance, twice" do
    random = Random.new(3)
    40.times do
      kind = %w[answered held stop went_on heard tried note].sample(random: random)
      phase = phases.sample(random: random)
      about = {
        "answered" => {
          phase: phase.id,
          item: phase.items[0].id,
          answer: %w[yes no].sample(random: random),
          word: "x"
        },
        "held" => { phase: phase.id, answer: %w[yes no].sample(random: random), word: "x" },
        "heard" => { role: "operator", answer: "yes" },
        "went_on" => { word: "x" },
        "tried" => { try: {} },
        "note" => { word: "x" }
      }.fetch(kind, {})
      said(kind, crew.sample(random: random)[1], seen: random.rand(log.events.size + 1), **about)
    end
    parted = course.take(log.events.first(20)).take(log.events.drop(20))
    expect(parted.lines.map(&:why)).to eq(now.lines.map(&:why))
    expect(now.lines.size).to eq(40)
    # What comes later is never done before what comes first.
    done = now.phases.map(&:done?)
    expect(done.take_while(&:itself).size).to be >= done.count(true) - 1
  end

  it "holds the digest of the one before in each, so that none is changed, left out or put between" do
    all_until("gear")
    expect(log.faults).to eq([])
    data = log.events.map { |one| JSON.parse(JSON.generate(one.as_json)) }
    changed = data.map(&:dup).tap { |all| all[1] = all[1].merge("name" => "Somebody Else") }
    gone = data.reject.with_index { |_, at| at == 1 }
    expect(described_class::Log.new(changed).faults.map(&:words)).to include(/was changed/)
    expect(described_class::Log.new(gone).faults.map(&:words)).to include(/number 3/, /digest of the one before/)
  end

  describe "its file" do
    def verify(text)
      out = StringIO.new
      Tempfile.create("day") do |file|
        file.binmode
        file.write(text)
        file.close
        return [ DustLadder::CommandLine.new([ "verify", file.path ], out: out, err: out).run, out.string ]
      end
    end

    let(:text) do
      all_until("ground")
      described_class::DayFile.write(log, title: "Box")
    end
    let(:data) { JSON.parse(text) }

    it "is read back as it was, and agrees" do
      title, read = described_class::DayFile.read(text)
      expect([ title, read.faults, read.head ]).to eq([ "Box", [], log.head ])
      status, words = verify(text)
      expect(status).to eq(0)
      expect(words).to include("#{log.events.size} events agree", "held ground, yes")
      expect(verify("\ufeff#{text}")[0]).to eq(0)
    end

    it "tells what was changed, left out or put between" do
      changed = JSON.parse(text).tap { |all| all["events"][2]["about"]["answer"] = "no" }
      expect(verify(JSON.generate(changed))).to match([ 1, /event 3: it was changed/ ])
      gone = JSON.parse(text).tap { |all| all["events"].delete_at(1) }
      expect(verify(JSON.generate(gone))).to match([ 1, /event 2: it says that it is number 3/ ])
      expect(verify(described_class::DayFile.write(described_class::Log.new, title: "Box"))).to match(
        [ 1, /nothing was said/ ]
      )
    end

    it "is refused with its place where it is none" do
      event = data["events"][0]
      {
        "/events" => data.merge("events" => {}),
        "/version" => data.merge("version" => 9),
        "/events/0" => data.merge("events" => [ 1 ]),
        "/events/0/by" => data.merge("events" => [ event.merge("by" => "1") ]),
        "/events/0/digest" => data.merge("events" => [ event.except("digest") ]),
        "/events/0/more" => data.merge("events" => [ event.merge("more" => 1) ])
      }.each do |place, whole|
        expect { described_class::DayFile.read(JSON.generate(whole)) }.to raise_error(
          DustLadder::PlanFile::Invalid
        ) { |error| expect(error.errors.map { |one| one["pointer"] }).to eq([ place ]) }
      end
      [ text[0..-20], "#{text}x", text.sub("Box", "\xff".b) ].each { |torn| expect(verify(torn)[0]).to eq(2) }
    end
  end

  describe "what is asked" do
    def items(document)
      described_class::Phases.of(DustLadder::Lift.new(document)).flat_map { |one| one.items.map(&:id) }
    end

    it "is cut to the plan" do
      on_chain = items(DustLadder::PlanFile.accept(plan))
      expect(on_chain).to include("chain", "pads").and not_include("beam", "choke", "tracks", "hoist")
      expect(items(DustLadder::PlanFile.accept(under_beam))).to include("beam").and not_include("chain")
    end

    def not_include(*names) = satisfy { |all| (all & names).empty? }

    it "is in words that end without a figure of their own, and has an id once" do
      described_class::Phases::ALL.each do |phase|
        expect(phase.items.map(&:id)).to eq(phase.items.map(&:id).uniq)
        expect(phase.items.map(&:ask)).to all(match(/\A[A-Z][^?]+[^.]\z/))
      end
    end
  end

  it "is stopped by an indicator that shows a twentieth more than the planned gross, and by what the rules say else" do
    ladder = DustLadder.check(DustLadder::PlanFile.accept(plan))
    words = described_class::Brief.new(ladder).stops.map { |one| one.as_json["metric"] }
    most = (ladder.lift.duty.gross.kg * 1.05).floor
    expect(words.join("|").delete("\u202f")).to include("The indicator shows more than #{most}\u00a0kg")
    expect(words).to include(/more than 5\.0° off level/, *described_class::Brief::STOPS)
  end

  it "is begun with the first thing that is said of it, whatever that is" do
    expect(now.phases[0]).not_to be_begun
    said("answered", "Mara Tull", phase: "gear", item: "sound", answer: "yes")
    expect(now.phases[0]).to be_begun
  end

  it "keeps a no that ends a phase, and shows it beside whatever is yes there" do
    said("held", "Mara Tull", phase: "gear", answer: "no", word: "tags missing")
    expect([ why, now.phases[0].no?, now.phases[0].done? ]).to eq([ nil, true, false ])
    items = phases[0].items.map(&:id)
    said("answered", "Mara Tull", phase: "gear", item: items[0], answer: "yes")
    expect(now.phases[0]).to be_no
    yes_to_all("gear", "Mara Tull")
    expect(now.phases[0]).to have_attributes(no?: false, done?: true)
  end

  it "takes a name and a word as long as they may be" do
    expect(said("note", "x" * 80, word: "y" * 500).name.size).to eq(80)
  end

  describe "what is asked on a site" do
    on_site = Struct.new(:survey, :duties, :legs, :beam, :surroundings)
    site = Struct.new(:walkways, :cuts)

    def asks(lift, what) = described_class::Cut.new(lift).public_send("#{what}?")

    it "is of walkways and cuts that are there, and of no others" do
      bare, full = [ [], [ :one ] ].map { |all| on_site.new(site.new(all, all), [], [], nil, nil) }
      expect(%i[ways cut].map { |what| [ asks(bare, what), asks(full, what) ] }.uniq).to eq([ [ false, true ] ])
    end

    it "is of a choke and of chain where any leg is one" do
      leg = Struct.new(:choker?, :sling)
      legs = [ leg.new(false, "alloy_chain"), leg.new(true, "wire_rope") ]
      lift = on_site.new(nil, [], legs, nil, nil)
      lift.define_singleton_method(:sling_of) { |one| { "kind" => one.sling } }
      expect([ asks(lift, :choke), asks(lift, :chain) ]).to eq([ true, true ])
      lift.legs = legs.last(1)
      expect([ asks(lift, :choke), asks(lift, :chain) ]).to eq([ true, false ])
      lift.legs = legs.first(1)
      expect([ asks(lift, :choke), asks(lift, :chain) ]).to eq([ false, true ])
    end

    it "is of tag lines for what is long any way, and where that is not known" do
      load = Struct.new(:size)
      lift = on_site.new(nil, [], [], nil, nil)
      [ [ [ 3.1, 1.0, 1.0 ], true ], [ [ 1.0, 1.0, 3.1 ], true ], [ [ 2.9, 2.9, 2.9 ], false ] ].each do |size, asked|
        lift.define_singleton_method(:load) { load.new(size) }
        expect(asks(lift, :tag_lines)).to be(asked)
      end
      lift.define_singleton_method(:load) { raise DustLadder::NotKnown, "no size" }
      expect(asks(lift, :tag_lines)).to be(true)
    end

    it "is of a hoist where any of its cranes is one" do
      duty = Struct.new(:crane)
      crane = Struct.new(:name) { def family?(name) = self.name == name }
      duties = %w[mobile fixed_hoist].map { |name| duty.new(crane.new(name)) }
      expect(asks(on_site.new(nil, duties, [], nil, nil), :fixed_hoist)).to be(true)
      expect(asks(on_site.new(nil, duties.first(1), [], nil, nil), :fixed_hoist)).to be(false)
    end
  end

  describe "what is said wrongly" do
    let(:fine) do
      {
        "id" => "11111111-1111-4111-8111-111111111111",
        "at" => "2026-09-15T06:38:00Z",
        "kind" => "held",
        "name" => "Mara Tull",
        "seen" => 0,
        "about" => { "phase" => "gear", "answer" => "yes" }
      }
    end

    [
      [ { "id" => "1" }, "/id" ],
      [ { "id" => nil }, "/id" ],
      [ { "at" => "yesterday" }, "/at" ],
      [ { "at" => "2026-13-45T06:38:00Z" }, "/at" ],
      [ { "at" => "0001-01-01T00:00:00Z" }, "/at" ],
      [ { "kind" => "danced" }, "/kind" ],
      [ { "name" => "" }, "/name" ],
      [ { "name" => "..." }, "/name" ],
      [ { "name" => "x" * 81 }, "/name" ],
      [ { "seen" => -1 }, "/seen" ],
      [ { "seen" => 1.5 }, "/seen" ],
      [ { "about" => [] }, "/about" ],
      [ { "about" => { "phase" => "gear" } }, "/about/answer" ],
      [ { "about" => { "phase" => "moon", "answer" => "yes" } }, "/about/phase" ],
      [ { "about" => { "phase" => "gear", "answer" => "perhaps" } }, "/about/answer" ],
      [ { "about" => { "phase" => "gear", "answer" => "no" } }, "/about/word" ],
      [ { "about" => { "phase" => "gear", "answer" => "no", "word" => " " } }, "/about/word" ],
      [ { "about" => { "phase" => "gear", "answer" => "yes", "word" => "x" * 501 } }, "/about/word" ],
      [ { "about" => { "phase" => "gear", "answer" => "yes", "more" => 1 } }, "/about/more" ],
      [ { "kind" => "answered", "about" => { "phase" => "gear", "item" => "moon", "answer" => "yes" } },
        "/about/item" ],
      [ { "kind" => "closed", "about" => { "lifted" => "no" } }, "/about/why" ],
      [ { "kind" => "tried", "about" => { "try" => "good" } }, "/about/try" ],
      [ { "kind" => "closed", "about" => { "lifted" => "yes" }, "name" => "" }, "/name" ],
      [ { "kind" => "went_on", "about" => { "word" => "calm" }, "name" => "" }, "/name" ],
      [ { "more" => 1 }, "/more" ]
    ].each do |changes, pointer|
      it("refuses #{changes.to_s[0, 90]}") do
        expect(
          described_class::Event.faults(fine.merge(changes), phases).map { |one|
            one["pointer"]
          }
        ).to include(pointer)
      end
    end

    it "takes what is fine, and no array for an event" do
      expect(described_class::Event.faults(fine, phases)).to eq([])
      expect(described_class::Event.faults([], phases)).not_to be_empty
      expect(
        described_class::Event.faults(
          fine.merge("kind" => "note", "about" => { "word" => "x" * 9000 }),
          phases
        )
      ).not_to be_empty
    end
  end
end
