# Drills: each asks the same for the same seed, takes one answer for right and no other, and stands by the core's word.
RSpec.describe DustLadder::Practice do
  seeds = (1..12)

  described_class.kinds.each do |kind, drill|
    describe kind do
      it "asks the same for a seed, and by chance something else for another" do
        asked = seeds.map { |seed| described_class.drill(kind, seed).as_json.except("seed") }
        expect(seeds.map { |seed| described_class.drill(kind, seed).as_json.except("seed") }).to eq(asked)
        expect(asked.uniq.size).to be > 5
      end

      it "is the same whatever is asked of it first: shown by one request, it is judged by another" do
        (1..25).each do |seed|
          shown = described_class.drill(kind, seed)
          said = shown.as_json
          unlike = { "level_it" => -> { [ [ 0, 0 ], shown.fewest ] }, "tag_line" => -> { shown.right } }
          answer = unlike.fetch(kind) { -> { said["choices"][0]["id"] } }.call
          judged = described_class.drill(kind, seed).judge(answer).as_json
          expect(judged).to eq(shown.judge(answer).as_json)
          next if %w[tag_line level_it].include?(kind)

          wanted = said["choices"].find { |choice| choice["id"] == judged["answer"] }["words"]["metric"]
          expect(judged["said"]["metric"]).to match(/\A(Right|No): #{Regexp.escape(wanted)}\z/)
        end
      end

      next if %w[tag_line level_it].include?(kind)

      it "offers three answers or more, each once, of which one is right" do
        seeds.each do |seed|
          one = described_class.drill(kind, seed)
          ids = one.choices.map(&:id)
          told = %w[metric us].map { |system| one.choices.map { |choice| choice.words[system] }.uniq.size }
          expect([ ids.uniq.size, *told ]).to eq([ ids.size ] * 3)
          expect(ids.size).to be >= 3
          expect(ids.count { |id| one.judge(id).right }).to eq(1)
          expect(one.judge(one.right).working).not_to be_empty
        end
      end

      it "refuses an answer that is none" do
        [ nil, "", "no such", 3, [ "right" ] ].each do |odd|
          expect { drill.new(1).judge(odd) }.to raise_error(ArgumentError)
        end
      end
    end
  end

  it "reads angles as the drawing has them" do
    seeds.each do |seed|
      one = described_class.drill("read_angle", seed)
      leg = one.views["drawing"]["legs"][0]
      ways = %w[from_horizontal from_plumb].map { |way| leg[way]["value"] }
      told = one.choices.find { |choice| choice.id == "right" }.words["metric"].to_f
      lower = ways.map { |deg| (deg - told).abs }.min
      expect(lower < 1.5 || (180 - 2 * ways[0] - told).abs < 3).to be(true)
    end
  end

  it "says that the leg nearer to the centre of gravity pulls most" do
    seeds.each do |seed|
      one = described_class.drill("which_leg", seed)
      load = one.send(:load)
      west = load.cg[0] < load.size[0] / 2
      expect(one.right.downcase).to include(west ? "west" : "east")
    end
  end

  it "reads the chart as a plan does: never more than the next larger row" do
    seeds.each do |seed|
      one = described_class.drill("find_row", seed)
      chart, (row, column,) = one.views["chart"], one.send(:place)
      allowed = chart["tables"].values.map { |cells| cells[row][column] }
      told = one.choices.find { |choice| choice.id == "right" }.words["metric"].gsub(/\D/, "").to_i
      expect(allowed).to include(told)
    end
  end

  it "counts all that hangs: the right answer is the most of all offered" do
    seeds.each do |seed|
      one = described_class.drill("on_the_hook", seed)
      told = one.choices.to_h { |choice| [ choice.id, choice.words["metric"].gsub(/\D/, "").to_i ] }
      expect(told.key(told.values.max)).to eq("right")
    end
  end

  it "has one piece alone that the store's rules put out, for each fault" do
    seeds.each do |seed|
      one = described_class.drill("stays_out", seed)
      expect(one.reasons.select { |_, why| why.any? }.keys).to eq([ one.right ])
    end
  end

  it "builds one mistake into a plan of which nothing stops, and offers none that is a mistake too" do
    mistakes = described_class::WrongPlan::MISTAKES
    found = (1..110).map do |seed|
      one = described_class.drill("wrong_plan", seed)
      expect(DustLadder.check(one.good).verdict).not_to eq("stop")
      expect(one.ladder.rung(mistakes[one.right]["rung"]).verdict).to eq("stop")
      others = one.choices.map(&:id) - [ one.right ]
      expect(others.map { |id| one.ladder.rung(mistakes[id]["rung"])&.verdict }).not_to include("stop")
      one.right
    end
    expect(found.uniq).to match_array(mistakes.keys)
  end

  it "levels a load that hangs off, by links, in two tries: one to see and one to be right" do
    seeds.each do |seed|
      one = described_class.drill("level_it", seed)
      expect(one.try([ 0, 0 ])).not_to be_level
      expect(one.try(one.fewest)).to be_level
      expect(one.judge([ [ 0, 0 ], one.fewest ]).right).to be(true)
      expect(one.judge([ [ 0, 0 ] ]).right).to be(false)
      expect(one.judge([ [ 0, 0 ], [ 1, 0 ], [ 2, 0 ], one.fewest ]).right).to be(false)
      # The mirror turns it over, and a leg made longer lets its end down.
      more = one.try([ 0, 3 ]).deg - one.try([ 0, 0 ]).deg
      expect(one.try([ 3, 0 ]).deg - one.try([ 0, 0 ]).deg).to be_within(0.8).of(-more)
    end
  end

  it "hangs nothing that cannot be hung" do
    one = described_class.drill("level_it", 2)
    [ nil, [], [ 0 ], [ 0, 0.5 ], [ 0, 99 ], [ "1", "2" ], [ -40, -40, 0 ] ].each do |odd|
      expect { one.try(odd) }.to raise_error(ArgumentError)
    end
    [ nil, [], Array.new(30) { [ 0, 0 ] }, [ 3 ] ].each { |odd|
      expect {
        one.judge(odd)
      }.to raise_error(ArgumentError)
    }
  end

  it "takes the knot in its one order, and names the first step that is out of it" do
    one = described_class.drill("tag_line", 4)
    expect(one.judge(one.right).right).to be(true)
    swapped = one.right.dup.tap { |steps| steps[2], steps[3] = steps[3], steps[2] }
    expect(one.judge(swapped).said["metric"]).to start_with("No: step 3 is to lead the end behind")
    expect { one.judge(one.right.drop(1)) }.to raise_error(ArgumentError)
  end

  describe described_class::Course do
    def given(*rows) = rows.map { |kind, seed, right| described_class::Given.new(kind: kind, seed: seed, right: right) }
    def course(*rows) = described_class.new(given(*rows))

    it "asks of each kind once before any comes again" do
      rows = []
      kinds = DustLadder::Practice.kinds.keys
      kinds.size.times { rows << [ *course(*rows).next, true ] }
      expect(rows.map(&:first)).to match_array(kinds)
    end

    it "brings back what went wrong after three others, until it was right twice since" do
      rows = [ [ "find_row", 1, false ] ]
      asked = Array.new(12) { course(*rows).next.tap { |one| rows << [ *one, true ] } }
      expect(asked.index([ "find_row", 1 ])).to eq(3)
      expect(asked.count([ "find_row", 1 ])).to eq(2)
      expect(course(*rows).as_json.sum { |row| row["comes_back"] }).to eq(0)
    end

    it "asks what goes wrong most, and keeps to the kinds that are wanted" do
      rows = DustLadder::Practice.kinds.keys.map { |kind| [ kind, 1, kind != "stays_out" ] }
      rows += [ [ "stays_out", 1, true ] ] * 2
      expect(course(*rows).next[0]).to eq("stays_out")
      expect(course(*rows).next(kinds: %w[tag_line])).to eq([ "tag_line", 2 ])
      expect(course.next(kinds: %w[read_angle], begin_at: 70)).to eq([ "read_angle", 70 ])
    end
  end

  describe described_class::OfPlan do
    def demo(name) =
      DustLadder::PlanFile.read(File.read(File.expand_path("../../demo/plans/#{name}.json", __dir__)))

    it "asks of a lift on its site where it goes, which pad is weakest and what stops it" do
      ladder = DustLadder.check(demo("cabin-on-salt"))
      set = described_class.new(ladder)
      expect(set.questions.map(&:id)).to include("destination", "pad", "governs")
      expect(set.question("pad").right).to eq(ladder.rung("pads").parts.max_by(&:utilisation).name)
      expect(set.question("governs").right).to eq(ladder.rungs.select(&:utilisation).max_by(&:utilisation).id)
      set.questions.each do |one|
        expect(one.choices.map(&:id).count { |id| one.judge(id).right }).to eq(1)
        expect { one.judge("no such") }.to raise_error(ArgumentError)
      end
    end

    it "asks nothing that the plan does not know" do
      blank = DustLadder::Plan.blank(title: "Blank", rule_set: DustLadder::RuleSet.shipped("strict"))
      expect(described_class.new(DustLadder.check(blank)).questions).to eq([])
    end

    it "asks what it can of every plan of the demo" do
      Dir[File.expand_path("../../demo/plans/*.json", __dir__)].each do |file|
        ladder = DustLadder.check(DustLadder::PlanFile.read(File.read(file)))
        described_class.new(ladder).questions.each { |one|
          JSON.generate([ one.as_json, one.judge(one.right).as_json ])
        }
      end
    end
  end
end
