# Rows of a take-off under the hand: typed, pasted, moved, doubled; and where they become the load's figures.
RSpec.describe "Rows of a take-off in the front end" do
  rows_ts = "rooms/load/rows.ts"
  define_method(:rows_call) { |name, *args| front(rows_ts, name, *args) }
  columns = %w[name shape size lies material quantity x y z]
  let(:plan) { demo_document("brine-tank") }
  let(:rows) { plan["load"]["take_off"]["parts"] }
  let(:empty) {
    demo_document("isolator").tap { |one|
      one["load"].delete("take_off")
      one["load"]["weight"].merge!("bare" => nil).delete("by")
      %w[size cg].each { |part| one["load"][part].transform_values! { nil } }
    }
  }

  it "have their cells in the order of the Tab key, each with a name of its own" do
    found = rows_call("COLUMNS")
    expect(found.map { |one| one["field"] }).to eq(columns)
    expect(found.map { |one| one["name"] }.uniq.size).to eq(columns.size)
  end

  it "take a pasted block from a cell on, grow below, and never past the last column" do
    found = rows_call("filled", rows, { row: rows.size - 1, column: 7 }, [ %w[1 2 3 4], %w[5 6] ])
    expect(found.size).to eq(rows.size + 1)
    expect(found[-2].slice("y", "z", "to")).to eq("y" => "1", "z" => "2", "to" => rows.last["to"])
    expect(found[-1].slice("name", "y", "z")).to eq("name" => "", "y" => "5", "z" => "6")
    expect(found.first(rows.size - 1)).to eq(rows.first(rows.size - 1))
  end

  it "clean what is pasted: no line ends or controls within a cell, no more than its field takes" do
    found = rows_call("filled", [], { row: 0, column: 0 }, [ [ " a\u0000\u0007b\n ", "x" * 500 ] ])
    expect([ found[0]["name"], found[0]["shape"].size ]).to eq([ "a b", 200 ])
  end

  it "are moved, doubled and taken out one at a time, the others as they were" do
    names = ->(found) { found.map { |row| row["name"] } }
    some = %w[a b c d].map { |name| { "name" => name } }
    { [ 0, 2 ] => %w[b c a d], [ 3, 0 ] => %w[d a b c], [ 1, 1 ] => %w[a b c d] }.each do |(from, to), order|
      expect(names.(rows_call("moved", some, from, to))).to eq(order)
    end
    expect(names.(rows_call("doubled", some, 1))).to eq(%w[a b b c d])
    expect(names.(rows_call("without", some, 2))).to eq(%w[a b d])
  end

  it "begin under another of its material, measured to the same place, and empty otherwise" do
    found = rows_call("under", rows.first.merge("material" => "steel", "to" => "corner"), { "name" => "new" })
    expect(found.reject { |_, value| value == "" }).to eq("name" => "new", "material" => "steel", "to" => "corner")
  end

  describe "as the load's own figures" do
    let(:row) { rows_call("under", nil, { "name" => "plate" }) }

    it "are its weight, size and centre from the first row on, where nothing was given before" do
      changes = rows_call("withRows", empty, nil, [ row ])
      expect(changes.keys).to eq(%w[/load/take_off /load/weight/by /load/size/by /load/cg/by])
      expect(changes["/load/take_off"]).to eq("parts" => [ row ], "groups" => [], "materials" => [])
    end

    it "never take the place of what somebody gave" do
      given = empty.tap { |one| one["load"]["weight"]["bare"] = "2 t" }
      expect(rows_call("withRows", given, nil, [ row ]).keys).to eq(%w[/load/take_off /load/size/by /load/cg/by])
      given["load"]["cg"]["z"] = "1 m"
      given["load"]["size"]["height"] = "2 m"
      expect(rows_call("withRows", given, nil, [ row ]).keys).to eq(%w[/load/take_off])
    end

    it "change the list alone once there are rows, of the load or of a group" do
      expect(rows_call("withRows", plan, nil, rows + [ row ]).keys).to eq(%w[/load/take_off/parts])
      expect(rows_call("withRows", plan, 0, [ row ]).keys).to eq(%w[/load/take_off/groups/0/parts])
    end

    it "stand where the pointer says" do
      expect(rows_call("rowsOf", plan, nil)).to eq(rows)
      expect(rows_call("rowsOf", empty, nil)).to eq([])
      expect(rows_call("rowsOf", plan, 99)).to eq([])
    end
  end
end
