# Files of an earlier day: what they said then they still say; what is newer than their rules is not known until the
# newer rule set is taken.
RSpec.describe "Files of their day" do
  folder = File.expand_path("fixtures/of_their_day", __dir__)
  ladders = JSON.parse(File.read("#{folder}/ladders/rules_1.json"))
  newer = %w[surroundings ground power_lines obstacles crew]
  # Rungs that had none where the plan did not say: they stand now, and ask for it.
  asked_now = %w[points fittings]

  def self.read(path) = DustLadder::PlanFile.read(File.read(path))

  ladders.each do |name, said|
    it "#{name} answers as it did, and knows nothing of newer rungs" do
      ladder = DustLadder.check(self.class.read("#{folder}/#{name}.json"))
      said.each do |id, (verdict, share)|
        expect([ id, ladder.rung(id).verdict ]).to eq([ id, verdict ])
        expect(ladder.rung(id).utilisation).to share ? be_within(1e-9).of(share) : be_nil
      end
      more = ladder.rungs.reject { |rung| said.key?(rung.id) }
      expect(more.map(&:verdict).uniq - [ "not_known" ]).to eq([])
      expect(more.map(&:id) - newer - asked_now - %w[wraps stand wind side_pull boom]).to eq([])
      expect(newer.map { |id| ladder.rung(id).missing.first.pointer }.uniq).to eq([ "/rules" ])
    end

    it "#{name} is shown what the newer rules change, before they are taken" do
      document = self.class.read("#{folder}/#{name}.json")
      found = DustLadder::Ladder::NewerRules.new(document).as_json
      expect(found).to include("newer" => true, "versions" => { "before" => 1, "after" => 6 })
      expect(found["values"].keys).to match_array(
        %w[
          climbs by_word scopes power_lines chart_identity critical cut_factor cut_look_m tandem
          ground_found ground_kpa line_school
          line_standoff_m line_sway_deg looked_days mat_ratio people_room_m quick_pad tail_room_m
          examination_interval broken_wires outer_wire_worn chain_worn chain_grown mesh_wire_worn throat_school
          throat_opened hook_twist_deg hardware_worn hoist_pull_kg
        ]
      )
      expect(found["values"].values.map { |value| value["before"] }.uniq).to eq([ nil ])
      # A chart of before may lack what charts must say of the machine now.
      changed = found["rungs"].map { |row| row["rung"] }
      expect(changed & newer).to eq(newer)
      expect(changed - newer).to eq([]).or include("chart")
      taken = document.merge(
        "snapshots" => document["snapshots"].merge("rule_sets" => { document["rules"] => found["snapshot"] })
      )
      after = DustLadder.check(DustLadder::PlanFile.accept(taken))
      expect(after.rung("ground").missing.first.pointer).to eq("/by_word/ground/says")
      expect(DustLadder::Ladder::NewerRules.new(taken)).not_to be_newer
    end
  end

  # Under rules that know every rung of their day: of the second format as it was, and before there were two cranes.
  { "rules_2" => "format_2", "rules_5" => "rules_5" }.flat_map { |said, day|
    JSON.parse(File.read("#{folder}/ladders/#{said}.json")).map { |name, ladder| [ day, name, ladder ] }
  }.each do |day, name, said|
    it "#{name} answers as it did on the day of #{day}, rung for rung" do
      ladder = DustLadder.check(self.class.read("#{folder}/#{day}/#{name}.json"))
      known = ladder.rungs.select { |rung| said.key?(rung.id) }
      expect(known.map { |rung| [ rung.id, rung.verdict ] }).to eq(said.map { |id, (verdict, _)| [ id, verdict ] })
      known.each do |rung|
        share = said[rung.id].last
        expect(rung.utilisation).to share ? be_within(1e-9).of(share) : be_nil
      end
    end
  end

  it "names every rung that a shipped rule set climbs, in the order of the climb" do
    climb = DustLadder::Ladder::Climb::CHECKS.map { |check| check::ID }.uniq
    DustLadder::RuleSet::SHIPPED.each { |name| expect(DustLadder::RuleSet.shipped(name)[:climbs]).to eq(climb) }
    expect(DustLadder::RuleSet::FIRST_RUNGS - climb).to eq([])
  end

  it "takes no older rules for newer ones" do
    document = plan
    later = JSON.parse(JSON.generate(document["snapshots"]["rule_sets"]["strict"]["data"])).merge("version" => 99)
    document["snapshots"]["rule_sets"]["strict"] = DustLadder::PlanFile::Digest.snapshot(later)
    expect(DustLadder::Ladder::NewerRules.new(document)).not_to be_newer
  end

  it "has no newer rules for a set that does not ship" do
    document = plan
    own = document["snapshots"]["rule_sets"].delete("strict")["data"].merge("id" => "ours")
    document.merge!("rules" => "ours")
    document["snapshots"]["rule_sets"]["ours"] = DustLadder::PlanFile::Digest.snapshot(own)
    expect { DustLadder::Ladder::NewerRules.new(document) }.to raise_error(KeyError, /ours/)
  end
end
