# A drag sends what changed of a document that was sent before, and is answered the same as if it sent the whole.
RSpec.describe "Lean checks" do
  def ask(body)
    post "/api/checks", params: JSON.generate(body), headers: { "Content-Type" => "application/vnd.dust-ladder+json" }
    JSON.parse(response.body)
  end

  before { load_store }

  let(:document) { demo_document("receiver-cabin") }
  let(:base) { ask(document: document)["base"] }
  let(:moved) { { "/rigging/hook_height" => "7.10 m", "/cranes/0/stations/1/radius" => "15.2 m" } }

  it "answers a change as it answers the whole document, to the last figure" do
    lean = ask(base: base, changes: moved)
    whole = ask(document: DustLadder::PlanFile::Pointer.with_values(document, moved))
    expect(lean.except("base")).to eq(whole.except("base"))
    expect(DustLadder::PlanFile::Schema.ladder_errors(lean)).to eq([])
    expect(ask(base: base, changes: {}).except("base")).to eq(ask(document: document).except("base"))
  end

  it "takes places away, adds sections, and leaves what it changes as it was" do
    gone = ask(base: base, changes: {}, gone: [ "/by_word/ground", "/rigging/surroundings" ])
    expect(gone["rungs"].select { |rung| rung["verdict"] == "not_known" }.map { |rung| rung["id"] }).to eq(
      %w[surroundings ground]
    )
    expect(ask(base: base, changes: { "/scope" => { "kind" => "rigging", "by" => "A. Planner" } })["scope"]).to include(
      "by" => "A. Planner"
    )
    expect(ask(base: base, changes: {})["verdict"]).to eq("holds")
  end

  it "makes the working of the open rungs only, and of all of them when nothing is said" do
    some = ask(base: base, changes: moved, open: %w[slings nonsense])
    expect(some["rungs"].select { |rung| rung["working"] }.map { |rung| rung["id"] }).to eq([ "slings" ])
    expect(some["rungs"].map { |rung| rung["verdict"] }).to eq(
      ask(base: base, changes: moved)["rungs"].map { |rung|
        rung["verdict"]
      }
    )
    expect(ask(base: base, changes: moved)["rungs"].map { |rung| rung["working"].nil? }.uniq).to eq([ false ])
    expect(response.body.bytesize).to be > 1.6 * JSON.generate(some).bytesize
  end

  # Everything of an answer but what is written in one system of units.
  def without(system, told)
    case told
    when Hash
      told.except(system).transform_values { |value| without(system, value) }
    when Array
      told.map { |value| without(system, value) }
    else
      told
    end
  end

  it "is written in the one system of units that is read, or in both" do
    both = ask(base: base, changes: moved)
    { "us" => "metric", "metric" => "us" }.each do |read, unread|
      one = ask(base: base, changes: moved, units: read)
      expect(one).to eq(without(unread, both))
      expect(DustLadder::PlanFile::Schema.ladder_errors(one)).to eq([])
      expect(one["headline"].keys).to eq([ read ])
    end
    [ "stones", 7, nil, %w[us] ].each { |odd| expect(ask(base: base, changes: moved, units: odd)).to eq(both) }
  end

  it "wants the whole document where it no longer has what is changed" do
    [ "sha256:#{"0" * 64}", 7, [], { "x" => 1 } ].each do |unknown|
      expect(ask(base: unknown, changes: moved)["errors"].first["expected"]).to eq("the whole document")
      expect(response).to have_http_status(:gone)
    end
  end

  # [changes, gone, place of the fault]
  [
    [ { "/rigging/hook_height" => 7 }, [], "/rigging/hook_height" ],
    [ { "/rigging/set_by" => "magic" }, [], "/rigging/set_by" ],
    [ { "/rigging/legs/9/sling" => "C-22" }, [], "/rigging/legs/9/sling" ],
    [ { "/rigging/legs/0/sling" => "no such" }, [], "/rigging/legs/0/sling" ],
    [ { "/load/size" => nil }, [], "/load/size" ],
    [ { "/title" => "" }, [], "/title" ],
    [ { "" => {} }, [], nil ],
    [ { "/rules" => "ours" }, [], "/rules" ],
    [ {}, [ "/load" ], "" ],
    [ {}, [ "/rigging/legs/0" ], "/rigging/legs/0" ],
    [ {}, [ "/rigging/set_by" ], "/rigging" ],
    [ { "/snapshots/slings/C-22/data/mass_kg" => 1 }, [], "/snapshots/slings/C-22/digest" ],
    [ { "/format/x" => 1 }, [], "/format/x" ],
    [ (0..200).to_h { |index| [ "/load/points/0/x#{index}", "1 m" ] }, [], "" ]
  ].each do |changes, gone, pointer|
    it "refuses #{JSON.generate(changes)[0, 60]} #{gone} by its place" do
      found = ask(base: base, changes: changes, gone: gone)
      expect(response).to have_http_status(:unprocessable_content)
      expect(found["errors"].map { |error| error["pointer"] }).to include(pointer) if pointer
    end
  end
end
