# A plan, its ladder and its records together: what bars it from being issued, what other lifts want meanwhile, and what
# an exported file proves by itself (handbook, section 17).
RSpec.describe DustLadder::Life do
  jun, ines, mara, noa =
    %w[Jun Ines Mara Noa].map { |name| { "id" => name.downcase, "name" => name } }
  days = { "flights" => "load rigging crane ground_and_site gear_and_people" }

  let(:noon) { Time.utc(2026, 12, 11, 12) }
  let(:document) { DustLadder::PlanFile.accept(plan) }
  let(:ladder) { DustLadder.check(document) }

  def seen(document) = described_class::Seen.document(document)

  define_method(:written) do |document, chain = described_class::Chain.new|
    seen = seen(document)
    chain.with(act: "wrote", by: jun, role: "planner", at: noon, document: seen, about: days)
  end

  # Every flight signed of what its ladder shows.
  define_method(:checked) do |document, chain = written(document)|
    shown = described_class::Seen.ladder(DustLadder.check(document))
    days["flights"].split.reduce(chain) do |so_far, id|
      of = { document: seen(document), ladder: shown, about: { "flight" => id } }
      so_far.with(act: "flight", by: mara, role: "rigger", at: noon, **of)
    end
  end

  def bars(document, chain, **more)
    ladder = DustLadder.check(document)
    described_class::Bars.new(course: chain.course, ladder: ladder, document: seen(document), **more)
  end

  define_method(:issued) do |document, chain = checked(document)|
    about = bars(document, chain).about
    chain.with(act: "issued", by: ines, role: "appointed", at: noon, document: seen(document), about: about)
  end

  describe "bars" do
    it "are none where every rung holds and every flight is signed" do
      expect(ladder.verdict).to eq("holds")
      expect(bars(document, checked(document)).all).to eq([])
      expect(issued(document).course.state).to eq("issued")
    end

    it "name each flight that nobody signed, and whose it is" do
      open = bars(document, written(document)).all
      expect(open.map { |bar| bar.words["metric"] }).to eq(
        [
          "Load is not signed",
          "Rigging is not signed",
          "Crane is not signed",
          "Ground and site is not signed",
          "Gear and people is not signed"
        ]
      )
      expect(open.map(&:way)).to include({ "act" => "flight", "flight" => "crane" })
      expect(open.first.roles).to include("rigger")
    end

    it "are of what stands now: an edit wants it written again" do
      changed = DustLadder::PlanFile::Pointer.with_values(document, "/title" => "Other")
      words = bars(changed, checked(document)).all.map { |bar| bar.words["us"] }
      expect(words).to eq([ "it was changed since it was written as A" ])
      nobody = described_class::Chain.new
      expect(bars(document, nobody).all.map { |bar| [ bar.words["metric"], bar.way ] }).to eq(
        [ [ "nobody has written it down", { "act" => "wrote" } ] ]
      )
    end

    # What is taken from the plan, and the bars that come of it, by their ways.
    {
      "a rung that stops" => [ { "/load/weight/bare" => "90 t" }, { "rung" => "crane" } ],
      "a rung that is not known" => [ { "/by_word/crew/by" => " " }, { "rung" => "crew" } ],
      "no day" => [ { "/lift_at" => nil }, { "place" => "/lift_at" } ]
    }.each do |what, (changes, way)|
      it "are there for #{what}, whoever signed" do
        broken = DustLadder::PlanFile.accept(DustLadder::PlanFile::Pointer.with_values(document, changes))
        all = bars(broken, checked(broken)).all
        expect(all.map(&:way)).to include(way)
        expect(all.flat_map { |bar| bar.words.values_at("metric", "us") }).to all(match(/\S/))
      end
    end

    it "want the engineer where the lift is critical, and his name is none for the next revision" do
      critical = DustLadder::PlanFile.accept(on_site(feature("live_plant", "main", outline_m: box(1, -7, 2, -6))))
      chain = checked(critical)
      expect(bars(critical, chain).all.map(&:way)).to eq([ { "act" => "second" } ])
      second = chain.with(act: "second", by: noa, role: "engineer", at: noon, document: seen(critical))
      expect(bars(critical, second).all).to eq([])
      expect(issued(critical, second).course.state).to eq("issued")
      anew = checked(document, written(document, second))
      expect([ anew.course.revision, anew.course.second ]).to eq([ "B", nil ])
    end

    it "want a name under each deviation, and again when its value changes" do
      pair = { "/rigging/reeved" => { "pairs" => [ [ 0, 2 ] ], "decided_by" => "Imke Falk" } }
      reeved = DustLadder::PlanFile.accept(on_points(**pair, "/rigging/legs/2/sling" => "S-1"))
      chain = checked(reeved)
      open = bars(reeved, chain).all.select { |bar| bar.way["act"] == "deviation" }
      expect(open.map(&:way)).to eq([ { "act" => "deviation", "deviation" => "reeved" } ])
      deviation = described_class::Deviations.of(DustLadder.check(reeved)).first
      about = { "deviation" => deviation.id, "value" => deviation.value, "reason" => "block rated for both parts" }
      of = { document: seen(reeved), about: about }
      named = chain.with(act: "deviation", by: ines, role: "appointed", at: noon, **of)
      expect(bars(reeved, named).all.map { |bar| bar.way["act"] }).not_to include("deviation")
      expect([ deviation.value, named.course.named?("reeved", "1+3"), named.course.named?("reeved", "2+4") ]).to eq(
        [ "1+3", true, false ]
      )
    end

    it "tell of every other lift that wants the same meanwhile" do
      taken = described_class::Bookings::Taken
      own = taken.new(title: "own", from: "2026-12-14T06:30", until: nil, pieces: %w[C-22], cranes: %w[juniper])
      hours = { from: "2026-12-14T14:00", until: "2026-12-14T14:30" }
      other = taken.new(title: "AB-1", pieces: [], cranes: %w[juniper], **hours)
      overlaps = described_class::Bookings.of(own, [ other ])
      all = bars(document, checked(document), overlaps: overlaps).all
      words = "juniper is also taken by AB-1, 2026-12-14 14:00 to 2026-12-14 14:30"
      expect(all.map { |bar| bar.words["metric"] }).to eq([ words ])
      expect(all.first.way).to eq({ "lift" => "AB-1" })
    end
  end

  describe "bookings" do
    # From and until of two lifts that want the same sling, and whether they overlap.
    [
      [ %w[06:30 08:00], %w[07:00 09:00], true ],
      [ %w[06:30 08:00], %w[08:00 09:00], false ],
      [ %w[06:30 08:00], %w[05:00 06:30], false ],
      [ %w[06:30 08:00], %w[05:00 12:00], true ],
      [ [ "06:30", nil ], %w[20:00 21:00], true ],
      [ [ "06:30", "06:00" ], %w[20:00 21:00], true ],
      [ [ "06:30", "" ], %w[05:00 06:00], false ]
    ].each do |own, other, overlap|
      it "are #{overlap ? "two" : "one"} at a time for #{own.inspect} and #{other.inspect}" do
        lifts =
          [ own, other ].map do |from, till|
            at = ->(hour) { hour && (hour.empty? ? "" : "2026-12-14T#{hour}") }
            described_class::Bookings::Taken.new(
              title: "lift",
              from: at.(from),
              until: at.(till),
              pieces: %w[C-22],
              cranes: []
            )
          end
        both = [ lifts, lifts.reverse ].map { |one, two| described_class::Bookings.of(one, [ two ]).any? }
        expect(both).to eq([ overlap, overlap ])
      end
    end

    it "are none of lifts on no day, or that want nothing alike" do
      lift = described_class::Bookings::Taken.new(title: "a", from: nil, until: nil, pieces: %w[C-22], cranes: [])
      other = lift.dup.tap { |one| one.from = "2026-12-14T06:00" }
      apart = other.dup.tap { |one| one.pieces = %w[C-23] }
      pairs = [ [ lift, other ], [ other, lift ], [ other, apart ] ]
      expect(pairs.flat_map { |one, two| described_class::Bookings.of(one, [ two ]) }).to eq([])
    end
  end

  describe "an exported file" do
    def text(document, chain) = DustLadder::PlanFile.write(document, chain)

    def verified(text)
      Tempfile.create([ "plan", ".json" ]) do |file|
        file.write(text)
        file.flush
        out = StringIO.new
        status = DustLadder::CommandLine.new([ "verify", file.path ], out: out, err: out).run
        return [ status, out.string ]
      end
    end

    it "carries its records, and a plan of them is the same plan" do
      back, chain = DustLadder::PlanFile.read_whole(text(document, issued(document)))
      expect(chain.as_json).to eq(issued(document).as_json)
      expect(back).to eq(document.merge("core" => DustLadder::VERSION))
      expect(DustLadder::PlanFile.read(text(document, issued(document)))).to eq(back)
      expect(text(document, described_class::Chain.new)).not_to include("records")
    end

    it "proves itself: who did what, and that none of it was touched" do
      status, words = verified(text(document, issued(document)))
      expect([ status, words ]).to match([ 0, /7 of 7 records agree; issued as A; newest [0-9a-f]{4} [0-9a-f]{4}$/ ])
      expect(words).to include("Mara, rigger: flight crane, A", "Ines, appointed: issued 2026-12-14")
      expect(words).to include("the ladder is the one that Mara saw")
    end

    it "says that nobody signed it where it carries none" do
      expect(verified(text(document, described_class::Chain.new))).to match([ 1, /nobody has signed it/ ])
    end

    it "tells of a plan that was changed after it was signed" do
      heavier = DustLadder::PlanFile::Pointer.with_values(document, "/load/weight/bare" => "9 t")
      expect(verified(text(heavier, issued(document)))).to match([ 1, /record 7: the plan in the file is not the one/ ])
    end

    it "tells of a record that was changed, and of one that was left out" do
      whole = text(document, issued(document))
      expect(verified(whole.sub('"name": "Ines"', '"name": "Imke"'))).to match([ 1, /record 7: it was changed/ ])
      data = JSON.parse(whole)
      data["records"].delete_at(3)
      expect(verified(JSON.generate(data))).to match([ 1, /record 4: it says that it is number 5/ ])
    end

    it "tells where it was issued without the engineer though it is critical, or its flights were not all asked" do
      critical = DustLadder::PlanFile.accept(on_site(feature("live_plant", "main", outline_m: box(1, -7, 2, -6))))
      chain = checked(critical)
      about = bars(critical, chain).about.merge("critical" => "")
      hidden = chain.with(act: "issued", by: ines, role: "appointed", at: noon, document: seen(critical), about: about)
      expect(verified(text(critical, hidden))).to match([ 1, /issued without what makes it critical/ ])

      few = { document: seen(document), about: { "flights" => "load" } }
      begun = described_class::Chain.new.with(act: "wrote", by: jun, role: "planner", at: noon, **few)
      expect(verified(text(document, begun))).to match([ 1, /not every flight of it asks for a signature/ ])
    end

    # What stands for the records, and what is told of it.
    {
      [] => nil,
      {} => "/records: these are no records",
      "x" => "/records: these are no records",
      [ 7 ] => "/records/0: 7 does not fit",
      [ {} ] => "/records/0",
      [ nil ] => "/records/0"
    }.each do |records, words|
      it "reads #{JSON.generate(records)} for records #{words ? "as a fault with its place" : "as none"}" do
        file = JSON.generate(document.merge("records" => records))
        next expect(DustLadder::PlanFile.read_whole(file).last.records).to(eq([])) unless words

        expect { DustLadder::PlanFile.read(file) }.to raise_error(DustLadder::PlanFile::Invalid, /#{words}/)
        expect(verified(file).first).to eq(2)
      end
    end

    it "has no place for records in a plan that is being edited" do
      expect { DustLadder::PlanFile.accept(document.merge("records" => [])) }.to raise_error(
        DustLadder::PlanFile::Invalid,
        %r{/records}
      )
    end
  end

  describe "what was seen" do
    it "is another plan for any change of it, and the same for a file that another core wrote" do
      expect(seen(document.merge("core" => "9.9"))).to eq(seen(document))
      expect(seen(JSON.parse(JSON.generate(document)))).to eq(seen(document))
      changes = { "/title" => "x", "/load/weight/bare" => "7 001 kg", "/rigging/hook_height" => "6.01 m" }
      changes.each do |pointer, value|
        expect(seen(DustLadder::PlanFile::Pointer.with_values(document, pointer => value))).not_to eq(seen(document))
      end
    end

    it "is another ladder where any rung says something else" do
      heavier = DustLadder::PlanFile::Pointer.with_values(document, "/load/weight/bare" => "7 100 kg")
      one, other = [ document, heavier ].map { |plan| described_class::Seen.ladder(DustLadder.check(plan)) }
      expect(one).to eq(described_class::Seen.ladder(ladder))
      expect(other).not_to eq(one)
    end
  end
end
