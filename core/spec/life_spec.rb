# The life of a plan: who may do what in which state, and records that tell when one of them was touched (handbook,
# section 17).
RSpec.describe DustLadder::Life do
  people =
    %w[jun ines mara noa].to_h { |id| [ id.to_sym, { "id" => id, "name" => "#{id.capitalize} T." } ] }.freeze
  flights = %w[load rigging crane ground_and_site gear_and_people].freeze
  seen = ->(letter) { "sha256:#{letter * 64}" }

  let(:chain) { described_class::Chain.new }
  let(:noon) { Time.utc(2026, 12, 11, 12, 0, 0) }

  # A longer chain, a minute later.
  define_method(:step) do |chain, act, who, role, document: "a", **more|
    at = noon + 60 * chain.records.size
    chain.with(act: act, by: people[who], role: role, at: at, document: seen.(document), **more)
  end

  define_method(:written) do |chain, document: "a", who: :jun|
    step(chain, "wrote", who, "planner", document: document, about: { "flights" => flights.join(" ") })
  end

  def signed(chain, names, who: :mara, role: "rigger", document: "a")
    names.reduce(chain) { |so_far, id|
      step(so_far, "flight", who, role, document: document, about: { "flight" => id })
    }
  end

  def issue(**more)
    told = { "until" => "", "cranes" => "juniper", "critical" => "", "deviations" => "" }
    { "from" => "2026-12-17T06:30", **told, **more }
  end

  define_method(:checked) { signed(written(chain), flights) }
  define_method(:issued) { step(checked, "issued", :ines, "appointed", about: issue) }
  def refused(words) = raise_error(described_class::Chain::Refused, words)

  it "goes from draft to closed, and each state is what its records make it" do
    states = []
    all = checked
    states << all.course.state
    all = step(all, "issued", :ines, "appointed", about: issue)
    states << all.course.state
    all = step(all, "began", :mara, "rigger")
    states << all.course.state
    all = step(all, "closed", :mara, "rigger", about: { "lifted" => "yes", "reason" => "" })
    expect([ *states, all.course.state ]).to eq(%w[checked issued lifting closed])
    expect(all.faults).to eq([])
    expect(all.course.issue.by["name"]).to eq("Ines T.")
  end

  it "is checked when the last of its flights is signed, and not before" do
    some = signed(written(chain), flights.first(4))
    expect([ some.course.state, some.course.unsigned ]).to eq([ "draft", [ "gear_and_people" ] ])
    expect { step(some, "issued", :ines, "appointed", about: issue) }.to refused(/it is draft/)
    expect(signed(some, flights.last(1)).course.state).to eq("checked")
  end

  it "lets nobody check what they had a hand in, whoever wrote it down" do
    about = { "flights" => flights.join(" "), "writers" => "jun mara" }
    both = step(chain, "wrote", :jun, "planner", about: about)
    expect { signed(both, %w[load]) }.to refused(/nobody checks what they wrote last/)
    expect { step(both, "second", :mara, "engineer") }.to refused(/nobody checks what they wrote last/)
    expect(signed(both, flights, who: :noa, role: "engineer").course.state).to eq("checked")
    expect(both.course.writers).to eq(%w[jun mara])
  end

  it "lapses the signatures of the flights with an edit, not the names under deviations" do
    about = { "deviation" => "reeved", "value" => "1+3", "reason" => "sheave rated" }
    named = step(written(chain), "deviation", :ines, "appointed", about: about)
    second = step(signed(named, flights), "second", :noa, "engineer")
    anew = written(second, document: "b")
    expect([ anew.course.state, anew.course.revision, anew.course.unsigned ]).to eq([ "draft", "B", flights ])
    expect([ anew.course.second, anew.course.lapsed ]).to eq([ nil, [ 3, 4, 5, 6, 7, 8 ] ])
    expect([ anew.course.named?("reeved", "1+3"), anew.course.named?("reeved", "1+2") ]).to eq([ true, false ])
  end

  it "begins anew with another revision where something issued is changed, and after a withdrawal as it is" do
    expect(written(issued, document: "b").course.state).to eq("draft")
    gone = step(issued, "withdrawn", :ines, "house", about: { "reason" => "W-07 is quarantined" })
    expect([ gone.course.state, written(gone).course.revision ]).to eq(%w[withdrawn B])
  end

  # What is tried, on which chain, and why it may not be.
  {
    "a flight by who wrote it" =>
      [ ->(s) { s.step(s.written(s.chain), "flight", :jun, "planner", about: { "flight" => "load" }) },
        /nobody checks what they wrote last/ ],
    "a flight twice" =>
      [ ->(s) { s.signed(s.written(s.chain), %w[load load]) }, /Mara T. has signed it/ ],
    "a flight that there is not" =>
      [ ->(s) { s.signed(s.written(s.chain), %w[sea]) }, /no flight sea/ ],
    "a flight that nobody names" =>
      [ ->(s) { s.step(s.written(s.chain), "flight", :mara, "rigger") }, /does not tell flight/ ],
    "a flight of what was not seen" =>
      [ ->(s) { s.signed(s.written(s.chain), %w[load], document: "b") }, /written anew meanwhile/ ],
    "a flight by a reader" =>
      [ ->(s) { s.signed(s.written(s.chain), %w[load], role: "reader") }, /not for reader/ ],
    "a flight before anything is written" => [ ->(s) { s.signed(s.chain, %w[load]) }, /it is not written/ ],
    "writing the same again" => [ ->(s) { s.written(s.written(s.chain)) }, /is as it was written as A/ ],
    "writing without flights" =>
      [ ->(s) { s.step(s.chain, "wrote", :jun, "planner", about: { "flights" => " " }) }, /names no flight/ ],
    "the engineer's signature by who wrote it" =>
      [ ->(s) { s.step(s.written(s.chain), "second", :jun, "engineer") }, /nobody checks what they wrote last/ ],
    "the engineer's signature by a planner" =>
      [ ->(s) { s.step(s.written(s.chain), "second", :noa, "planner") }, /second is for engineer, not for planner/ ],
    "the engineer's signature twice" =>
      [ ->(s) { 2.times.reduce(s.written(s.chain)) { |so_far, _| s.step(so_far, "second", :noa, "engineer") } },
        /Noa T. has signed it/ ],
    "a deviation without a reason" =>
      [ ->(s) do
          about = { "deviation" => "reeved", "value" => "", "reason" => " " }
          s.step(s.written(s.chain), "deviation", :ines, "appointed", about: about)
        end, /tells no reason/ ],
    "an issue by a planner" =>
      [ ->(s) { s.step(s.checked, "issued", :jun, "planner", about: s.issue) }, /issued is for appointed/ ],
    "an issue for no time" =>
      [ ->(s) { s.step(s.checked, "issued", :ines, "appointed", about: s.issue("from" => "")) }, /for no time/ ],
    "an issue of a critical lift without the engineer" =>
      [ ->(s) { s.step(s.checked, "issued", :ines, "appointed", about: s.issue("critical" => "two cranes")) },
        /the engineer has not signed A/ ],
    "an issue with a deviation that nobody named" =>
      [ ->(s) { s.step(s.checked, "issued", :ines, "appointed", about: s.issue("deviations" => "reeved=1+3")) },
        /nobody has named the deviation reeved=1\+3/ ],
    "an issue that does not tell what is critical" =>
      [ ->(s) { s.step(s.checked, "issued", :ines, "appointed", about: s.issue.except("critical")) },
        /does not tell critical/ ],
    "lifting what was not issued" => [ ->(s) { s.step(s.checked, "began", :mara, "rigger") }, /it is checked/ ],
    "closing as lifted what was not begun" =>
      [ ->(s) { s.step(s.issued, "closed", :mara, "rigger", about: { "lifted" => "yes", "reason" => "" }) },
        /was not begun/ ],
    "closing as not lifted without why" =>
      [ ->(s) { s.step(s.issued, "closed", :mara, "rigger", about: { "lifted" => "no", "reason" => "" }) },
        /why it was not lifted/ ],
    "closing as something else" =>
      [ ->(s) { s.step(s.issued, "closed", :mara, "rigger", about: { "lifted" => "maybe", "reason" => "x" }) },
        /neither yes nor no/ ],
    "a withdrawal without a reason" =>
      [ ->(s) { s.step(s.issued, "withdrawn", :ines, "appointed", about: { "reason" => "" }) }, /tells no reason/ ],
    "anything after it is archived" =>
      [ ->(s) { s.written(s.step(s.checked, "archived", :jun, "planner"), document: "b") }, /it is archived/ ],
    "archiving what is issued" => [ ->(s) { s.step(s.issued, "archived", :jun, "planner") }, /it is issued/ ],
    "an act that nobody knows" => [ ->(s) { s.step(s.chain, "blessed", :jun, "planner") }, /nobody knows the act/ ]
  }.each do |what, (act, words)|
    it("refuses #{what}") { expect { act.(self) }.to refused(words) }
  end

  it "lets no role do what is not said to be its" do
    described_class::Act::ALL.each_value do |act|
      (described_class::Act::ROLES - act.roles).each do |role|
        all = { nil => chain, "draft" => written(chain), "checked" => checked, "issued" => issued }[act.from.first]
        about = act.wants.to_h { |name| [ name, "x" ] }
        expect { step(all, act.name, :noa, role, about: about) }.to refused(/not for #{role}/)
      end
    end
  end

  it "does not go back in time where the clock does" do
    early = checked.with(
      act: "archived",
      by: people[:jun],
      role: "planner",
      at: noon - 86_400,
      document: seen.("a")
    )
    expect(early.records.last.at).to eq(early.records[-2].at)
    expect(early.faults).to eq([])
  end

  # A second way of telling how a plan stands, from what was done, newest first.
  def stands(done)
    anew = done.rindex { |one| one[:act] == "wrote" } or return [ nil, [] ]
    since = done[anew..]
    flights = since.select { |one| one[:act] == "flight" }.map { |one| one[:flight] }
    last = since.reverse.find { |one| %w[issued began closed withdrawn].include?(one[:act]) }
    state = last && { "began" => "lifting" }.fetch(last[:act], last[:act])
    [ state || (flights.uniq.size == 5 ? "checked" : "draft"), flights ]
  end

  it "never stands otherwise than what was done makes it, whoever tries what" do
    random = Random.new(17)
    acts = described_class::Act::ALL.keys - [ "archived" ]
    40.times do
      all, done, document = chain, [], "a"
      90.times do
        act, who = acts.sample(random: random), people.keys.sample(random: random)
        role = described_class::Act.named(act).roles.sample(random: random)
        document = %w[a b c d].sample(random: random) if act == "wrote"
        flight = flights.sample(random: random)
        about =
          {
            "flights" => flights.join(" "),
            "flight" => flight,
            "deviation" => "reeved",
            "value" => %w[1 2].sample(random: random),
            "lifted" => %w[yes no].sample(random: random),
            "reason" => "because",
            **issue("critical" => [ "", "blind" ].sample(random: random))
          }
        all = step(all, act, who, role, document: document, about: about)
        done << { act: act, who: who, flight: flight, critical: about["critical"] }
        expect([ all.course.state, all.course.signed.keys ]).to eq(stands(done))
        writer = done.reverse.find { |one| one[:act] == "wrote" }[:who]
        expect(who).not_to eq(writer) if %w[flight second].include?(act)
        next unless act == "issued" && about["critical"] != ""

        expect(done.reverse.take_while { |one| one[:act] != "wrote" }.map { |one| one[:act] }).to include("second")
      rescue described_class::Chain::Refused
        next
      end
      expect(all.faults).to eq([])
      expect(described_class::Chain.new(JSON.parse(JSON.generate(all.as_json))).faults).to eq([])
    end
  end

  describe "records" do
    define_method(:told) do |data|
      # Records freeze what they are made of.
      described_class::Chain.new(JSON.parse(JSON.generate(data))).faults.map { |one| [ one.number, one.words ] }
    end

    let(:data) { JSON.parse(JSON.generate(issued.as_json)) }

    it "agree as they were made, and are told whole by their schema" do
      expect(told(data)).to eq([])
      expect(DustLadder::PlanFile::Schema.records_errors(data)).to eq([])
      expect(issued.records.map(&:short)).to all(match(/\A[0-9a-f]{4} [0-9a-f]{4}\z/))
    end

    it "tell of one that was taken out, put twice, changed places or changed" do
      expect(told(data[0..1] + data[3..]).first).to eq([ 3, "it says that it is number 4" ])
      expect(told(data.drop(1)).map(&:last)).to include("it does not hold the digest of the one before")
      expect(told([ *data[0..2], data[2], *data[3..] ]).first.first).to eq(4)
      expect(told(data.rotate).map(&:first)).to include(1)
      data[2]["words"] = "checked with care"
      expect(told(data)).to eq([ [ 3, "it was changed: its digest is not of what it says" ] ])
      data[2]["digest"] = described_class::Record.digest_of(data[2])
      expect(told(data)).to eq([ [ 4, "it does not hold the digest of the one before" ] ])
    end

    it "tell of what could not have been done, though every link agrees" do
      forged = []
      [ *data[0..4], data[6] ].each_with_index do |record, index|
        record = record.merge("number" => index + 1, "before" => forged.last&.fetch("digest"))
        forged << record.merge("digest" => described_class::Record.digest_of(record))
      end
      expect(told(forged)).to eq([ [ 6, "it is draft: issued is for checked" ] ])
      expect { described_class::Chain.new(forged).course }.to raise_error(ArgumentError, /record 6/)
    end

    it "tell of any byte that was changed in any of them" do
      random = Random.new(5)
      text = JSON.generate(data)
      missed =
        (0...text.bytesize).reject do |place|
          other = text.dup
          other.setbyte(place, ((0x20..0x7e).to_a - [ text.getbyte(place) ]).sample(random: random))
          changed = JSON.parse(other)
          begin
            changed == data || told(changed).any?
          rescue NoMethodError, TypeError, ArgumentError, KeyError
            DustLadder::PlanFile::Schema.records_errors(changed).any?
          end
        rescue JSON::ParserError
          true
        end
      expect(missed).to eq([])
    end

    it "grow no further where they do not agree" do
      data[1]["words"] = "changed"
      broken = described_class::Chain.new(data)
      expect { step(broken, "began", :mara, "rigger") }.to refused(/do not agree/)
    end
  end
end
