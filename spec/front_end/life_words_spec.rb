# What the records of a plan say on the screen.
RSpec.describe "The life of a plan in words" do
  flights = [ { "id" => "load", "label" => "Load", "by" => nil, "at" => nil } ]
  define_method(:told) do |act, **about|
    record = {
      "number" => 1,
      "at" => "2026-12-11T12:00:00Z",
      "by" => "Jun Kovar",
      "role" => "planner",
      "act" => act,
      "about" => about.stringify_keys,
      "words" => "",
      "revision" => "B",
      "digest" => "sha256:#{"0" * 64}",
      "short" => "0000 0000",
      "lapsed" => false
    }
    front("rooms/life/words.ts", "told", record, flights)
  end

  # Act, what it is about, and what stands there.
  [
    [ "wrote", {}, "wrote rev B" ],
    [ "flight", { flight: "load" }, "signed flight Load" ],
    [ "flight", { flight: "gone" }, "signed flight gone" ],
    [ "second", {}, "signed rev B, second signature" ],
    [ "deviation", { deviation: "reeved", reason: "rated" }, "put a name under “reeved”: rated" ],
    [ "issued", { from: "2026-12-17T06:30" }, "issued rev B for 2026-12-17 06:30" ],
    [ "began", {}, "began the lift" ],
    [ "closed", { lifted: "yes", reason: "" }, "lifted, closed" ],
    [ "closed", { lifted: "yes", reason: "NE leg slack" }, "lifted, closed: NE leg slack" ],
    [ "closed", { lifted: "no", reason: "gust" }, "closed, not lifted: gust" ],
    [ "withdrawn", { reason: "W-07 scrapped" }, "withdrew it: W-07 scrapped" ],
    [ "archived", {}, "put it away" ]
  ].each do |act, about, words|
    it("tells of #{act} #{about.values.join(" ")} as #{words}") { expect(told(act, **about)).to eq(words) }
  end

  it "has words for every act that the core knows" do
    DustLadder::Life::Act::ALL.each_key { |act| expect(told(act)).to be_a(String) }
  end

  it "counts bars" do
    counted = ->(bars) { front("rooms/life/words.ts", "counted", bars) }
    expect([ 0, 1, 2 ].map(&counted)).to eq([ "0 bars", "1 bar", "2 bars" ])
  end
end
