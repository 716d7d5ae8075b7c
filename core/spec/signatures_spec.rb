# Who has signed, as a rung at the top of the ladder: what is wanted of whom, step by step, and nothing of it in the
# verdict.
RSpec.describe DustLadder::Life::Signatures do
  noon = Time.utc(2026, 12, 11, 12)
  flights = { "flights" => "load rigging crane ground_and_site gear_and_people" }

  let(:document) { DustLadder::PlanFile.accept(plan) }

  def seen(document) = DustLadder::Life::Seen.document(document)

  define_method(:add) do |chain, document, act, by, role, about = {}|
    told = act == "wrote" ? flights : about
    who = { "id" => by, "name" => by.capitalize }
    chain.with(act: act, by: who, role: role, at: noon, document: seen(document), about: told)
  end

  def rung(chain, document)
    ladder = DustLadder.check(document)
    course = chain&.course
    ladder.signed(course: course, document: seen(document)).signatures
  end

  def none = DustLadder::Life::Chain.new

  it "goes from nobody to all, a signature at a time" do
    expect(rung(none, document).wanted).to eq([ "somebody to write it down" ])
    chain = add(none, document, "wrote", "jun", "planner")
    expect(rung(chain, document).wanted).to eq([ "a second person for every flight" ])
    left = flights["flights"].split
    labels = DustLadder::Ladder::Climb::FLIGHTS
    until left.empty?
      chain = add(chain, document, "flight", "mara", "rigger", { "flight" => left.shift })
      named = left.map { |id| labels.fetch(id) }.join(", ")
      expect(rung(chain, document).wanted).to eq(left.empty? ? [] : [ "a signature for #{named}" ])
    end
    done = rung(chain, document)
    expect([ done.rung.verdict, done.rung.note["metric"], done.line ]).to eq([ "holds", "rev A signed by Mara", nil ])
  end

  it "asks again for what was changed since, and for records that agree" do
    chain = add(none, document, "wrote", "jun", "planner")
    changed = DustLadder::PlanFile.accept(plan("/title" => "Other"))
    expect(rung(chain, changed).wanted).to eq([ "somebody to write down what was changed" ])
    broken = rung(nil, document)
    expect([ broken.wanted, broken.rung.verdict ]).to eq([ [ "records that agree" ], "not_known" ])
  end

  it "asks for the engineer where it is critical, and for a name under each deviation" do
    critical = DustLadder::PlanFile.accept(on_site(feature("live_plant", "main", outline_m: box(1, -7, 2, -6))))
    chain = add(none, critical, "wrote", "jun", "planner")
    expect(rung(chain, critical).wanted).to eq([ "a second person for every flight", "the engineer" ])
    chain = add(chain, critical, "second", "noa", "engineer")
    expect(rung(chain, critical).wanted).to eq([ "a second person for every flight" ])
    pair = { "/rigging/reeved" => { "pairs" => [ [ 0, 2 ] ], "decided_by" => "Imke Falk" } }
    reeved = DustLadder::PlanFile.accept(on_points(**pair, "/rigging/legs/2/sling" => "S-1"))
    chain = add(none, reeved, "wrote", "jun", "planner")
    expect(rung(chain, reeved).wanted).to eq([ "a second person for every flight", "a name under reeved" ])
    about = { "deviation" => "reeved", "value" => "1+3", "reason" => "rated" }
    chain = add(chain, reeved, "deviation", "ines", "appointed", about)
    expect(rung(chain, reeved).wanted).to eq([ "a second person for every flight" ])
  end

  it "stands above all rungs and changes neither verdict nor what is seen of the ladder" do
    bare = DustLadder.check(document)
    signed = DustLadder.check(document)
    signed.signed(course: none.course, document: nil)
    told = signed.as_json
    expect(told["rungs"].last.slice("id", "flight", "verdict")).to eq(
      "id" => "signatures",
      "flight" => "gear_and_people",
      "verdict" => "not_known"
    )
    expect(told["rungs"][0..-2]).to eq(bare.as_json["rungs"])
    expect(told.slice("verdict", "headline", "governs")).to eq(bare.as_json.slice("verdict", "headline", "governs"))
    expect(told["then"]).to end_with("Not signed: somebody to write it down")
    expect(told["flights"].last["worst"]).to eq("signatures")
    seen = DustLadder::Life::Seen.method(:ladder)
    expect(seen.call(signed)).to eq(seen.call(bare))
    expect(DustLadder::PlanFile::Schema.ladder_errors(JSON.parse(JSON.generate(told)))).to eq([])
  end

  it "is wanted of nobody exactly where no signature bars the issue, whatever was done" do
    random = Random.new(21)
    acts = flights["flights"].split.map { |id| [ "flight", "mara", "rigger", { "flight" => id } ] }
    30.times do
      chain = add(none, document, "wrote", "jun", "planner")
      acts.sample(random.rand(acts.size + 1), random: random).each { |act| chain = add(chain, document, *act) }
      ladder = DustLadder.check(document)
      bars = DustLadder::Life::Bars.new(course: chain.course, ladder: ladder, document: seen(document)).all
      signed = bars.none? { |bar| bar.way.key?("act") }
      expect([ rung(chain, document).wanted.empty?, signed ]).to eq([ signed, signed ])
    end
  end
end
