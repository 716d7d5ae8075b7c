# The gear store's own arithmetic: codes, lists of others, marks along a line, and what two keepers wrote at once.
RSpec.describe "The store's front end" do
  describe "codes" do
    {
      "7QK4M2" => "7QK4M2",
      " 7QK4M2\n" => "7QK4M2",
      "https://store.example/store/code/7QK4M2" => "7QK4M2",
      "https://store.example/c/7QK4M2/" => "7QK4M2",
      "https://store.example/c/7QK4M2?from=label#x" => "7QK4M2",
      "" => ""
    }.each do |seen, code|
      it("reads #{code.inspect} in #{seen.inspect}") {
        expect(front("rooms/store/codes.ts", "codeIn", seen)).to eq(code)
      }
    end

    { "7QK4M2" => "7QK 4M2", "7QK" => "7QK", "" => "", nil => "" }.each do |code, read|
      it("reads #{code.inspect} as #{read.inspect}") {
        expect(front("rooms/store/codes.ts", "spaced", code)).to eq(read)
      }
    end
  end

  describe "lists of others" do
    columns = [ { "text" => "No", "field" => "number", "unit" => nil },
      { "text" => "Farbe", "field" => nil, "unit" => nil } ]

    it "begins with the columns as they were understood, and with what was said before" do
      match = ->(said) { front("rooms/store/csv.ts", "matchOf", { "columns" => columns, "match" => said }) }
      expect(match.({})).to eq("columns" => [ "number", "" ])
      said = { "columns" => [ "", "number" ], "days" => "dmy" }
      expect(match.(said)).to eq(said)
    end

    it "lets a field stand for one column" do
      with = ->(*asked) { front("rooms/store/csv.ts", "withColumn", *asked) }
      expect(with.([ "number", "", "kind" ], 1, "number")).to eq([ "", "number", "kind" ])
      expect(with.([ "number", "", "" ], 0, "")).to eq([ "", "", "" ])
      expect(with.([ "number", "kind" ], 0, "number")).to eq(%w[number kind])
    end

    it "names each strange word once, of fields that are chosen from a list alone" do
      fields = [ { "name" => "state", "choices" => [ "ready" ] }, { "name" => "reach", "choices" => nil } ]
      fault = ->(field, typed) { { "problems" => [ { "field" => field, "typed" => typed } ] } }
      rows = [
        fault.("kind", "Kette"), fault.("kind", "KETTE"), fault.("state", "i.O."), fault.("reach", "four"),
        fault.("kind", ""), fault.("kind", "Seil")
      ]
      found = front("rooms/store/csv.ts", "strange", rows, fields)
      expect(found.map(&:first)).to eq(%w[kind state kind])
      expect(found.map { |_, word| word.downcase }).to eq(%w[kette i.o. seil])
    end

    it "names no more words than can be looked through" do
      rows = Array.new(100) { |index| { "problems" => [ { "field" => "kind", "typed" => "k#{index}" } ] } }
      expect(front("rooms/store/csv.ts", "strange", rows, []).size).to eq(30)
    end
  end

  describe "marks along a piece's time" do
    def marks(fields: {}, looks: [], acts: [])
      front(
        "rooms/store/piece/marks.ts",
        "marksOf",
        { "now" => { "fields" => fields }, "looks" => looks, "acts" => acts }
      )
        .map { |one|
        one.values_at("day", "word", "bad")
      }
    end
    def found(day, result, sort = "thorough") = { "day" => day, "sort" => sort, "result" => result }
    def done(at, after) = { "at" => at, "after" => after }

    it "has one mark a day, and what is bad goes before what is not" do
      looks = [ found("2026-09-14", "passed"), found("2026-11-30", "out", "before_use"), found("2026-11-30", "stays") ]
      expect(marks(looks: looks)).to eq([ [ "2026-09-14", "passed", false ], [ "2026-11-30", "out", true ] ])
      acts = [ done("2026-09-14T10:00:00Z", "quarantined"), done("2026-09-15T10:00:00Z", "ready") ]
      expect(marks(looks: looks.first(1), acts: acts)).to eq([ [ "2026-09-14", "quarantined", true ] ])
    end

    it "has the day of the last examination, and since when it is in service" do
      fields = { "in_service" => "2024-11-20", "examined" => "2026-09-14" }
      expect(marks(fields: fields)).to eq(
        [ [ "2024-11-20", "in service", false ], [ "2026-09-14", "examined", false ] ]
      )
      expect(marks(fields: fields, looks: [ found("2026-09-14", "passed") ]).last[1]).to eq("passed")
      expect(marks).to eq([])
    end

    it "calls a look that was not whole looked at, and nothing worse" do
      expect(
        marks(
          looks: [ found(
            "2026-11-30",
            "not_whole",
            "before_use"
          ) ]
        )
      ).to eq([ [ "2026-11-30", "looked at", false ] ])
    end

    it "keeps the last ones where there are many" do
      looks = (1..20).map { |day| found(format("2026-10-%02d", day), "passed") }
      expect(marks(looks: looks).map(&:first)).to eq((15..20).map { |day| format("2026-10-%02d", day) })
    end

    # Places along the line, and which go to the lower row.
    {
      [] => [],
      [ 10 ] => [ false ],
      [ 10, 200, 400 ] => [ false, false, false ],
      [ 10, 50, 60, 300 ] => [ false, true, false, false ],
      [ 0, 10, 20, 30 ] => [ false, true, false, true ]
    }.each do |places, low|
      it("#{places} go #{low}") { expect(front("rooms/store/piece/marks.ts", "rows", places, 84)).to eq(low) }
    end
  end

  # Looks with their verdicts, where one is, and where the next button leads.
  describe "the next look" do
    open = "not_looked"
    {
      [ [ open, open, open ], "a" ] => "b",
      [ [ open, "stays", open ], "a" ] => "c",
      [ [ open, "stays", "stays" ], "c" ] => "a",
      [ [ open, "stays", "stays" ], "a" ] => "a",
      [ %w[stays out stays], "a" ] => "b",
      [ %w[stays out stays], "c" ] => "a",
      [ %w[stays not_known stays], "gone" ] => "a"
    }.each do |(verdicts, at), to|
      it "of #{verdicts} at #{at} is #{to}" do
        looks = %w[a b c].zip(verdicts).map { |id, verdict| { "id" => id, "verdict" => verdict } }
        expect(front("rooms/store/piece/marks.ts", "nextLook", looks, at)).to eq(to)
      end
    end
  end

  # Fields as they were, mine, theirs; what stands in the form then, and what is to be looked at.
  describe "two keepers of one piece" do
    def together(before, mine, theirs) = front("rooms/store/usePiece.ts", "putTogether", before, mine, theirs)

    it "takes theirs, and shows what both changed" do
      found = together(
        { "place" => "rack 1", "size" => "10 mm" },
        { "place" => "rack 9", "size" => "10 mm" },
        { "place" => "cage", "size" => "10 mm", "note" => "cut" }
      )
      expect(found["fields"]).to eq("place" => "cage", "size" => "10 mm", "note" => "cut")
      expect(found["overtaken"]).to eq(
        [
          { "field" => "place", "before" => "rack 1", "theirs" => "cage", "yours" => "rack 9" },
          { "field" => "note", "before" => "", "theirs" => "cut", "yours" => nil }
        ]
      )
    end

    it "follows them where they emptied a field, which is then not sent at all" do
      found = together(
        { "note" => "cut", "place" => "rack 1" },
        { "note" => "cut", "place" => "rack 2" },
        { "place" => "rack 1" }
      )
      expect(found["fields"]).to eq("note" => "", "place" => "rack 2")
      expect(found["overtaken"].map { |one| one.values_at("field", "theirs", "yours") }).to eq([ [ "note", "", nil ] ])
    end

    it "says nothing of what both wrote alike, or nobody changed" do
      expect(
        together({ "size" => "a" }, { "size" => "b" }, { "size" => "b" })["overtaken"].map { |one|
          one["yours"]
        }
      ).to eq(
        [ nil ]
      )
      expect(together({ "size" => "a" }, { "size" => "a" }, { "size" => "a" })["overtaken"]).to eq([])
    end
  end
end
