RSpec.describe DustLadder::CommandLine do
  def run(*arguments, text: nil)
    out, err = StringIO.new, StringIO.new
    Tempfile.create([ "plan", ".json" ]) do |file|
      file.write(text.to_s)
      file.flush
      status = described_class.new(arguments.map { |argument| argument == :file ? file.path : argument }, out: out, err: err).run
      return [ status, out.string, err.string ]
    end
  end

  def text_of(...) = DustLadder::PlanFile.write(plan(...))

  it "validates: 0 for a sound plan, 2 and the place for another" do
    expect(run("validate", :file, text: text_of)).to match([ 0, /sound plan/, "" ])
    expect(run("validate", :file,
      text: text_of.sub('"version": 1', '"version": 2'))).to match([ 2, "", %r{/version: this is version 2} ])
    expect(run("validate", "no/such/file")).to match([ 2, "", /no such file/ ])
  end

  it "checks: 0 when it holds, 1 when it stops or is not known" do
    expect(run("check", :file, text: text_of)).to match([ 0, /\AHolds: .*▶.*Not checked here/m, "" ])
    expect(run("check", :file, text: text_of("/load/weight/bare" => "30 t"))).to match([ 1, /\AStop: /, "" ])
    expect(run("check", :file,
      text: text_of("/load/weight/bare" => nil))).to match([ 1, /\ANot known: the weight is not given/, "" ])
    status, out, = run("check", :file, "--json", text: text_of)
    expect([ status, JSON.parse(out)["verdict"] ]).to eq([ 0, "holds" ])
  end

  it "explains with the numbers put in" do
    status, out, = run("explain", :file, text: text_of)
    expect(status).to eq(0)
    expect(out).to include("W = B × (1 + k) = 3\u202f000 × (1 + 0.0300) = 3\u202f090\u00a0kg")
    expect(run("explain", :file, text: text_of("/crane/chart" => nil))[1]).to include("needed: no chart is chosen (/crane/chart)")
  end

  it "runs worked cases: 0 when all covered are right, 1 when one is wrong, 2 when it is no such file" do
    fixture = File.expand_path("fixtures/worked_cases.json", __dir__)
    expect(run("cases", fixture)).to match([ 0, /not covered yet: elastic_equilibrium \(6\)/, "" ])
    wrong = JSON.parse(File.read(fixture))
    wrong["cases"].find { |one| one["topic"] == "deductions" }["expect"]["rope_kg"] += 1
    expect(run("cases", :file, text: JSON.generate(wrong))).to match([ 1, /✗ rope_kg: got 78.0, wanted 79.0/, "" ])
    expect(run("cases", :file, text: "{}")[0]).to eq(2)
    expect(run("cases", :file, text: '{"cases": [{"id": "x"}]}')).to match([ 2, "", %r{/cases/0} ])
  end

  it "tells its use" do
    expect(run("dance", "file")).to match([ 2, "", /ladder validate FILE/ ])
  end
end
