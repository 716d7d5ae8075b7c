# Where the lifts of some days stand on the board.
RSpec.describe "The lanes of the board" do
  days = %w[2026-12-14 2026-12-15 2026-12-16 2026-12-17]

  define_method(:lift) do |id, from, to, cranes: [ "juniper" ], state: "draft"|
    at = ->(text) { text.include?("T") ? text : "2026-12-14T#{text}" }
    {
      "id" => id,
      "title" => "L#{id}",
      "state" => state,
      "lift_at" => at.(from),
      "ends" => at.(to),
      "cranes" => cranes.map { |name|
        { "id" => name, "name" => name.capitalize }
      },
      "what" => "60 t",
      "working" => false,
      "verdict" => "holds",
      "rungs" => [],
      "governs" => [],
      "said" => ""
    }
  end
  define_method(:lanes) do |lifts, width = 552|
    front("rooms/board/lanes.ts", "lanesOf", { "lifts" => lifts, "days" => days }, width)
  end
  define_method(:spots) { |lifts, day = 0, width = 552| lanes(lifts, width).flat_map { |lane| lane["days"][day] } }

  it "stand where their hours are, the working day from left to right" do
    found = spots([ lift(1, "06:00", "07:00"), lift(2, "12:00", "14:00") ])
    expect(found.map { |spot| spot.values_at("left", "from", "to") }).to eq([ [ 0, 0, 46 ], [ 276, 276, 368 ] ])
    expect(front("rooms/board/lanes.ts", "hoursOf", [ lift(1, "06:00", "07:00") ], days[0])).to eq([ 6, 18 ])
    expect(
      front(
        "rooms/board/lanes.ts",
        "hoursOf",
        [ lift(1, "03:30", "07:00"), lift(2, "22:10", "23:00") ],
        days[0]
      )
    ).to eq([ 3, 24 ])
  end

  it "never stand over one another, whatever their hours: they step down" do
    random = Random.new(19)
    30.times do
      lifts = Array.new(1 + random.rand(7)) { |id|
        from = random.rand(1380)
        lift(id, format("%02d:%02d", from / 60, from % 60), format("%02d:%02d", (from + 59) / 60, (from + 59) % 60))
      }.sort_by { |one| one["lift_at"] }
      width = 300 + random.rand(600)
      found = spots(lifts, 0, width)
      expect(found.size).to eq(lifts.size)
      found.group_by { |spot| spot["step"] }.each_value do |same|
        lefts = same.map { |spot| spot["left"] }.sort
        expect(lefts.each_cons(2).map { |one, other| other - one }).to all(be >= 142)
      end
      expect(found.map { |spot| spot["left"] }).to all(be_between(0, width - 142))
    end
  end

  it "stand one below the other on later days, and on every day that they take" do
    long = lift(1, "2026-12-14T15:00", "2026-12-16T04:00")
    later = lift(2, "2026-12-15T08:00", "2026-12-15T09:00")
    lane = lanes([ long, later ]).first
    expect(lane["days"].map { |day| day.map { |spot| spot["lift"]["id"] } }).to eq([ [ 1 ], [ 1, 2 ], [ 1 ], [] ])
    expect([ lane["days"][1].map { |spot| spot["step"] }, lane["steps"] ]).to eq([ [ 0, 1 ], 2 ])
    expect(lane["days"][0].first["to"]).to eq(552)
  end

  it "stand in each of their cranes' lanes, lanes by name, and without a crane last" do
    found = lanes([ lift(1, "08:00", "09:00", cranes: %w[sagebrush juniper]), lift(2, "09:00", "10:00", cranes: []) ])
    expect(found.map { |lane| [ lane["name"], lane["days"][0].map { |spot| spot["lift"]["id"] } ] }).to eq(
      [ [ "Juniper", [ 1 ] ], [ "Sagebrush", [ 1 ] ], [ "No crane chosen", [ 2 ] ] ]
    )
  end

  it "are gone through by the arrow keys" do
    all = lanes([ lift(1, "08:00", "09:00"), lift(2, "12:00", "13:00"), lift(3, "11:30", "12:00", cranes: %w[acacia]) ])
    go = ->(at, key) { front("rooms/board/lanes.ts", "nextLift", all, at, key) }
    expect(
      [ go.(nil, "ArrowRight"), go.(1, "ArrowRight"), go.(2, "ArrowRight"),
        go.(2, "ArrowLeft") ]
    ).to eq([ 3, 2, 2, 1 ])
    expect([ go.(3, "ArrowDown"), go.(2, "ArrowUp"), go.(3, "ArrowUp"), go.(99, "ArrowUp") ]).to eq([ 2, 3, 3, 3 ])
  end
end
