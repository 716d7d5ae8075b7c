# What the board, the history and the rules say in words.
RSpec.describe "Words of the board" do
  def wait(act, **more)
    blank = { "plan" => 7, "chart" => nil, "title" => "L", "at" => nil, "words" => "", "rung" => nil }
    { "act" => act, **blank, **more.stringify_keys }
  end

  # What waits, what its button says, and where that leads.
  [
    [ "wrote", {}, "Write it down", "/plans/7/life" ],
    [ "write", {}, "Begin anew", "/plans/7/life" ],
    [ "flight", {}, "Climb it", "/plans/7/life" ],
    [ "second", {}, "Read, sign", "/plans/7/life" ],
    [ "deviation", {}, "Read it", "/plans/7/life" ],
    [ "issued", {}, "Issue", "/plans/7/life" ],
    [ "close", {}, "Close it", "/plans/7/life" ],
    [ "mend", {}, "Open it", "/plans/7" ],
    [ "overlap", {}, "Say which", "/plans/7" ],
    [ "answer", { rung: "ground" }, "Answer", "/plans/7?rung=ground" ],
    [ "read", { plan: nil, chart: 3 }, "Read it", "/cranes/3/paper" ]
  ].each do |act, more, button, place|
    it "#{act} is done by #{button.inspect} at #{place}" do
      one = wait(act, **more)
      expect(front("rooms/board/words.ts", "doing", one)).to eq(button)
      expect(front("rooms/board/words.ts", "placeOf", one)).to eq(place)
    end
  end

  it "has a button for everything that may wait" do
    schema = JSON.parse(Rails.root.join("app/schemas/answers.json").read)
    acts = schema.dig("$defs", "wait_line", "properties", "act", "enum")
    expect(acts.map { |act| front("rooms/board/words.ts", "doing", wait(act)) }).to all(match(/\A[A-Z]/))
  end

  # A time, and how it reads on 14 December.
  { nil => "no day", "2026-12-14T06:30" => "today 06:30", "2026-12-15T06:30" => "Tue 15 06:30" }.each do |at, words|
    it "#{at.inspect} reads #{words.inspect}" do
      expect(front("rooms/board/words.ts", "timeOf", at, "2026-12-14")).to eq(words)
    end
  end

  it "says of a lift that began before that it goes on" do
    lift = { "lift_at" => "2026-12-14T22:00", "state" => "issued" }
    said = %w[2026-12-14 2026-12-15].map { |day| front("rooms/board/words.ts", "standing", lift, day) }
    expect(said).to eq([ "22:00, issued", "goes on, issued" ])
  end
end

RSpec.describe "Two revisions that are compared" do
  all = [ 9, 7, 4, 1 ].map { |number| { "number" => number } }

  # What the address asks for, and what is compared.
  [
    [ nil, nil, [ 7, 9 ] ],
    [ "1", nil, [ 1, 9 ] ],
    [ nil, "4", [ 1, 4 ] ],
    [ "9", "4", [ 9, 4 ] ],
    [ "5", "x", [ 7, 9 ] ],
    [ nil, "1", [ 1, 1 ] ]
  ].each do |from, to, pair|
    it "are #{pair.inspect} for #{from.inspect} and #{to.inspect}" do
      expect(front("rooms/history/pair.ts", "pairOf", all, from, to).values_at("from", "to")).to eq(pair)
    end
  end

  it "are none of no revisions" do
    expect(front("rooms/history/pair.ts", "pairOf", [], nil, nil)).to eq("from" => nil, "to" => nil)
  end
end

RSpec.describe "Values of a rule set as they are typed" do
  # What was typed, what stands there, and what it is read as; nil for nothing that can be.
  [
    [ "4", 5, 4 ], [ " 0,05 ", 0.02, 0.05 ], [ "-1", 2, -1 ], [ "", 5, nil ], [ "four", 5, nil ], [ "4 t", 5, nil ],
    [ "1e999", 5, nil ], [ "yes", false, true ], [ "no", true, false ], [ "maybe", true, nil ],
    [ " both ", "both", "both" ], [ " ", "both", nil ]
  ].each do |typed, stands, value|
    it "#{typed.inspect} in place of #{stands.inspect} is #{value.inspect}" do
      expect(front("rooms/rules/leaves.ts", "valueOf", typed, stands)).to eq(value)
    end
  end

  it "are told in words, and found by value, place and reason" do
    change = { "place" => "allowance/weighed", "before" => 0.02, "after" => 0.05 }
    expect(front("rooms/rules/leaves.ts", "changeWords", change)).to eq("allowance weighed 0.02 → 0.05")
    told = { "place" => "critical/blind", "before" => true, "after" => false }
    expect(front("rooms/rules/leaves.ts", "changeWords", told)).to eq("critical blind yes → no")
    values = { "tilt_limit_deg" => { "reason" => "slides" }, "allowance" => { "reason" => "the poorer it is known" } }
    leaves = [ { "place" => "tilt_limit_deg", "value" => 5 }, { "place" => "allowance/weighed", "value" => 0.02 } ]
    page = { "data" => { "values" => values }, "leaves" => leaves }
    find = ->(words) { front("rooms/rules/leaves.ts", "groupsOf", page, words).map { |one| one["name"] } }
    expect([ find.(""), find.("tilt"), find.("WEIGHED poorer"), find.("tilt weighed") ]).to eq(
      [ %w[tilt_limit_deg allowance], %w[tilt_limit_deg], %w[allowance], [] ]
    )
  end
end
