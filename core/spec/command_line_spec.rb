require_relative "support/fuzz"

RSpec.describe DustLadder::CommandLine do
  def run(*arguments, text: nil, ending: ".json")
    out, err = StringIO.new, StringIO.new
    Tempfile.create([ "plan", ending ]) do |file|
      file.write(text.to_s)
      file.flush
      status =
        described_class.new(
          arguments.map { |argument| argument == :file ? file.path : argument },
          out: out,
          err: err
        ).run
      return status, out.string, err.string
    end
  end

  def text_of(...) = DustLadder::PlanFile.write(plan(...))

  it "validates: 0 for a sound plan, 2 and the place for another" do
    expect(run("validate", :file, text: text_of)).to match([ 0, /sound plan/, "" ])
    expect(
      run(
        "validate",
        :file,
        text: text_of.sub(/"version": 2,\n  "core"/, "\"version\": 3,\n  \"core\"")
      )
    ).to match(
      [ 2, "", %r{/version: this is version 3} ]
    )
    expect(run("validate", "no/such/file")).to match([ 2, "", /no such file/ ])
  end

  it "ends with 2, never with 1, on a file that hangs or crashes, and on a fault of its own" do
    %w[hangs crashes-text-for-a-number].each do |name|
      text = File.read(File.expand_path("fixtures/faults/#{name}.json", __dir__))
      %w[validate check explain takeoff].each do |command|
        expect(run(command, :file, text: text)).to match([ 2, "", %r{rule_sets/strict/data/values/} ])
      end
    end
    allow(DustLadder).to receive(:check).and_raise(NoMethodError, "something of ours")
    expect(run("check", :file, text: text_of)).to match([ 2, "", /not an answer.*something of ours/m ])
    allow(DustLadder).to receive(:check).and_raise(SystemStackError, "too deep")
    expect(run("explain", :file, text: text_of)).to match([ 2, "", /not an answer/ ])
  end

  it "ends with 0, 1 or 2 on every odd file" do
    120.times do |index|
      random = Fuzz.random(21, index)
      text = JSON.generate(Fuzz.plan(plan, random), allow_nan: true).sub("Infinity", "1e400")
      text = text.byteslice(0, random.rand(text.bytesize)) if random.rand < 0.2
      status, out, err = run(%w[validate check explain takeoff].sample(random: random), :file, text: text)
      expect([ 0, 1, 2 ]).to include(status)
      expect(status == 2 ? err : out).not_to be_empty
      expect(err).not_to include("a fault of this program")
    end
  end

  it "checks: 0 when it holds, 1 when it stops or is not known" do
    expect(
      run(
        "check",
        :file,
        text: text_of
      )
    ).to match([ 0, /\AHolds: .*▶.*Ground by word of A. Walker, 2026-12-10, until 2027-01-09/m, "" ])
    expect(run("check", :file, text: text_of("/load/weight/bare" => "30 t"))).to match([ 1, /\AStop: /, "" ])
    expect(run("check", :file, text: text_of("/load/weight/bare" => nil))).to match(
      [ 1, /\ANot known: the weight is not given/, "" ]
    )
    status, out, = run("check", :file, "--json", text: text_of)
    expect([ status, JSON.parse(out)["verdict"] ]).to eq([ 0, "holds" ])
  end

  it "holds a plan's charts against a library, and says whose word they are where there is none" do
    own = plan["snapshots"]["charts"].values.first["data"]
    expect(run("check", :file, text: text_of)).to match([ 0, /own word: chart #{Regexp.escape(own["title"])}/, "" ])
    Dir.mktmpdir do |folder|
      File.write(File.join(folder, "a.json"), JSON.generate(own))
      said = run("check", :file, "--library", folder, text: text_of)
      expect(said).to match([ 0, /\AHolds(?!.*own word: (chart|rule)).*own word: gear/m, "" ])
      numbers = plan["snapshots"]["slings"].keys
      store = "number,kind,reach,vertical\n#{numbers.map { |one| "#{one},polyester round,4 m,1 t" }.join("\n")}"
      File.write(File.join(folder, "store.csv"), store)
      said = run("check", :file, "--library", folder, text: text_of)
      expect(said).to match([ 1, /the store has other figures(?!.*own word)/m, "" ])
      File.write(File.join(folder, "store.csv"), "number,kind\nA-1,string\n")
      said = run("check", :file, "--library", folder, text: text_of)
      expect(said).to match([ 2, "", /store.csv of the library: line 2/ ])
      File.delete(File.join(folder, "store.csv"))
      File.write(File.join(folder, "a.json"), JSON.generate(own.merge("title" => "Another title")))
      expect(run("check", :file, "--library", folder, text: text_of)).to match([ 1, /keeps another version/, "" ])
      File.write(File.join(folder, "a.json"), "{")
      expect(run("check", :file, "--library", folder, text: text_of)).to match([ 2, "", /not whole JSON/ ])
      File.write(File.join(folder, "a.json"), JSON.generate(own.merge("radius_m" => [ 1e9 ])))
      expect(run("check", :file, "--library", folder, text: text_of)).to match([ 2, "", /of the library/ ])
    end
    expect(run("check", :file, "--library", "no/such", text: text_of)).to match([ 2, "", /no folder/ ])
    expect(
      run(
        "check",
        :file,
        "--library",
        text: text_of
      )
    ).to match([ 2, "", /--library DIR/ ])
  end

  it "finds lifts with the machines and the store of a library: 0 where one holds, 1 where none does" do
    stub_const("DustLadder::Finding::Holds::DEGREES", [ 60.0 ])
    own = plan["snapshots"]["charts"].values.first["data"]
    Dir.mktmpdir do |folder|
      File.write(File.join(folder, "a.json"), JSON.generate(own))
      states = { "Z-1" => "ready", "Z-2" => "ready", "Z-3" => "quarantined" }
      store = states.map { |one, state| "#{one},polyester round,6 m,4 kg,8 t,#{state}" }
      File.write(File.join(folder, "store.csv"), "number,kind,reach,mass,vertical,state\n#{store.join("\n")}\n")
      said = run("find", :file, "--library", folder, "--hours", "2", text: text_of)
      expect(said).to match([ 0, /0\.0 h  As planned.*fell out: /m, "" ])
      expect(said[1]).not_to include("Z-3")
      weak = run("find", :file, "--library", folder, "--hours", "2", text: text_of("/load/weight/bare" => "60 t"))
      expect(weak).to match([ 1, /\Afell out: /, "" ])
    end
    expect(run("find", :file, text: text_of("/load/weight/bare" => nil))).to match([ 1, /nothing can be sought/, "" ])
    expect(run("find", :file, "--hours", "soon", text: text_of)).to match([ 2, "", /no number of hours/ ])
    expect(run("find", :file, "--hours", text: text_of)).to match([ 2, "", /--hours H/ ])
  end

  it "practises: a question by its seed, 0 for the right answer and 1 for another" do
    asked = run("practise", "--seed", "7", "--kind", "on_the_hook")
    expect(asked).to match([ 0, /What does the chart have to hold\?.*  1  .*  5  /m, "" ])
    drill = DustLadder::Practice.drill("on_the_hook", 7)
    at = (drill.choices.index { |one| one.id == drill.right } + 1).to_s
    other = at == "1" ? "2" : "1"
    expect(run("practise", "--seed", "7", "--kind", "on_the_hook", "--answer", at)).to match([ 0, /\ARight: /, "" ])
    expect(run("practise", "--seed", "7", "--kind", "on_the_hook", "--answer", other)).to match([ 1, /\ANo: /, "" ])
    fewest = DustLadder::Practice.drill("level_it", 3).fewest.join(":")
    level = run("practise", "--seed", "3", "--kind", "level_it", "--answer", "0:0,#{fewest}")
    expect(level).to match([ 0, /\ARight: level in 2 tries/, "" ])
    expect(run("practise")[0]).to eq(0)
    [ [ "--answer", "9" ], [ "--answer", "one" ], [ "--seed", "-1" ], [ "--kind", "no" ] ].each do |odd|
      expect(run("practise", *odd)).to match([ 2, "", /#{odd[0]}/ ])
    end
    expect(run("practise", "a file")[0]).to eq(2)
  end

  it "takes off a CSV file or a plan: 0 when weight and centre are known, 1 when not, 2 for a file that is none" do
    csv =
      "part,shape,size,material,x,y,z,group\nLeaf,plate,1 m x 2 m x 10 mm,steel,0,0,0,Door\nDoors,Door,,,1 m,1 m,1 " \
        "m,\nBox,box,1 m x 1 m x 1 m,concrete,0,0,0,\n"
    expect(run("takeoff", :file, text: csv, ending: ".csv")).to match(
      [ 0, /Doors +157.0.kg.*bare 2.557.kg, planned 2.923.kg.*centre of gravity x 0.061.m/m, "" ]
    )
    expect(run("takeoff", :file, text: csv.sub("concrete", "jelly"), ending: ".csv")).to match(
      [ 1, /not known: row 2, Box: “jelly” is not a material/, "" ]
    )
    expect(run("takeoff", :file, text: "", ending: ".csv")).to match([ 2, "", /no rows in this file/ ])
    expect(
      run(
        "takeoff",
        :file,
        text: DustLadder::PlanFile.write(taken_off(part("box", "4 m x 1 m x 2 m", "water", x: "2 m")))
      )
    ).to match([ 0, /V = l × w × h = 4.000 × 1.000 × 2.000/, "" ])
    expect(run("takeoff", :file, text: text_of)).to match([ 1, /no parts yet/, "" ])
  end

  it "explains with the numbers put in" do
    status, out, = run("explain", :file, text: text_of)
    expect(status).to eq(0)
    expect(out).to include("W = B × (1 + k) = 3\u202f000 × (1 + 0.0300) = 3\u202f090\u00a0kg")
    expect(run("explain", :file, text: text_of("/cranes/0/chart" => nil))[1]).to include(
      "needed: no chart is chosen (/cranes/0/chart)"
    )
  end

  it "reads charts: 0 when all are whole, 1 with what is wrong where, and a grid as the open format" do
    expect(run("charts", :file, text: DustLadder::Cranes::ChartFile.write([ chart ]))).to match(
      [ 0, /Test crane, full: whole/, "" ]
    )
    grid = DustLadder::Cranes::ChartGridText.write(chart)
    expect(JSON.parse(run("charts", :file, "--json", text: grid)[1])["charts"].first["tables"].keys).to eq(
      %w[rear front]
    )
    expect(run("charts", :file, text: grid.sub("22000", "22O00"))).to match(
      [ 1, /nothing of it is taken\n  line \d+, column 2 "22O00" cannot be read/, "" ]
    )
  end

  it "runs worked cases: 0 when all covered are right, 1 when one is wrong, 2 when it is no such file" do
    fixture = File.expand_path("fixtures/worked_cases.json", __dir__)
    expect(run("cases", fixture)).to match([ 0, /^73 computed: 73 right, 0 wrong; 0 not covered yet$/, "" ])
    strange = JSON.parse(File.read(fixture))
    strange["cases"] << strange["cases"][0].merge("topic" => "levitation")
    expect(run("cases", :file, text: JSON.generate(strange))).to match([ 0, /not covered yet: levitation \(1\)/, "" ])
    wrong = JSON.parse(File.read(fixture))
    wrong["cases"].find { |one| one["topic"] == "deductions" }["expect"]["rope_kg"] += 1
    expect(run("cases", :file, text: JSON.generate(wrong))).to match([ 1, /✗ rope_kg: got 78.0, wanted 79.0/, "" ])
    expect(run("cases", :file, text: "{}")[0]).to eq(2)
    expect(run("cases", :file, text: '{"cases": [{"id": "x"}]}')).to match([ 2, "", %r{/cases/0} ])
  end

  it "looks for ways out: 0 when one cures or there is nothing to cure, 1 when none does" do
    flat = text_of("/rigging/hook_height" => "2.7 m")
    expect(run("ways", :file, text: flat)).to match([ 0, /\Afor .*:\ncures  Raise the hook to .*: Tight: /, "" ])
    expect(run("ways", :file, text: text_of)).to match([ 0, /nothing that is known stops or is tight/, "" ])
    expect(run("ways", :file, "--rung", "crew", text: flat)).to match([ 0, /crew neither stops nor is tight here/, "" ])
    beyond = text_of("/load/weight/bare" => "90 t")
    expect(run("ways", :file, text: beyond)).to match([ 1, /^tried: .*; \d+ pairs$/, "" ])
  end

  it "says how far each figure may go, and what the ladder says over a range of one" do
    expect(run("whatif", :file, text: text_of)[1]).to match(/^Bare weight +up +holds to [\d\W]+kg, then \w+/)
    blind = run("whatif", :file, text: text_of("/cranes/0/wind" => nil))[1]
    expect(blind.lines.last).to eq("not known, and left aside: wind\n")
    asked = [ "--input", "weight", "--from", "1 t", "--to", "12 t" ]
    expect(run("whatif", :file, *asked, text: text_of)).to match([ 0, /^holds +1\W000.*^stop .*12\W000\Wkg/m, "" ])
    {
      %w[--input weight] => /ladder whatif/,
      %w[--input] => /ladder whatif/,
      [ "--input", "colour", "--from", "1 t", "--to", "2 t" ] => /input: the plan has no such figure; expected weight/,
      [ "--input", "weight", "--from", "2 t", "--to", "1 t" ] => /to: 1 t is not more than 2 t/,
      [ "--input", "weight", "--from", "two", "--to", "1 t" ] => /from: .*expected/
    }.each do |options, words|
      expect(run("whatif", :file, *options, text: text_of)).to match([ 2, "", words ])
    end
  end

  it "tells its use" do
    expect(run("dance", "file")).to match([ 2, "", /ladder validate FILE/ ])
  end
end
