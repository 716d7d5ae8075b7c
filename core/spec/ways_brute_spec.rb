# Ways out against every change and every pair of changes tried by hand, each as a whole check of a whole new document.
RSpec.describe DustLadder::Advice::WaysOut do
  rank = ->(rung) { rung ? DustLadder::Ladder::Verdict.rank(rung.verdict) : 3 }
  slings = [ 2000, 6000, 9000 ].map do |kg|
    PlanHelp.instance_method(:sling).bind_call(
      Object.new.extend(PlanHelp),
      "B-#{kg}",
      legs: 2,
      mass_kg: kg / 200,
      tag: { "vertical_kg" => kg, "choker_kg" => 0.8 * kg, "basket_kg" => 2 * kg }
    )
  end

  # A plan that stops, made up by chance.
  def stopped(random)
    plan(
      "/load/weight/bare" => "#{random.rand(30..90) / 10.0} t",
      "/rigging/hook_height" => "#{random.rand(25..60) / 10.0} m",
      "/cranes/0/stations/1/radius" => "#{random.rand(6..11)} m",
      "/cranes/0/parts_of_line" => random.rand(1..4),
      "/cranes/0/boom_length" => "#{[ 15, 20, 25 ].sample(random: random)} m",
      "/cranes/0/stations/1/support_height" => "#{random.rand(1..14)} m",
      "/load/points/0/wll" => "#{random.rand(2..6)} t",
      "/load/points/1/wll" => "#{random.rand(2..6)} t"
    )
  end

  # Does a document cure the rung, and does no rung stand worse?
  define_method(:good?) do |now, after, id|
    one, other = now.rung(id), after.rung(id)
    return false unless other && %w[tight holds].include?(other.verdict) && rank.(other) > rank.(one)

    (now.rungs + after.rungs).map(&:id).uniq.none? do |any|
      before, then_so = now.rung(any), after.rung(any)
      over = [ before, then_so ].map { |rung| rung&.utilisation if rung&.verdict == "stop" }
      rank.(then_so) < rank.(before) || (over.all? && over[1] > over[0] + 0.005) || (then_so.nil? && rank.(before) < 3)
    end
  end

  def documents(base, changes) = changes.map { |some| base.document_with(some.map(&:values).reduce(:merge)) }

  12.times do |seed|
    it "finds one whenever there is one, and offers none that does not cure (#{seed})" do
      document = stopped(Random.new(seed))
      base = DustLadder::Advice::Base.new(document, stock: DustLadder::Advice::Base::Stock.new(slings: slings))
      ways = described_class.new(base)
      next expect(ways.found).to eq([]) unless ways.rung

      now = DustLadder.check(document)
      id = ways.rung.id
      choices = DustLadder::Advice::Choices.new(base, [ id ])
      changes = (choices.knobs - DustLadder::Advice::Choices::SLOW).flat_map { |knob| choices.of(knob) }
      single = documents(base, changes.zip).any? { |one| good?(now, DustLadder.check(one), id) }
      pairs = changes.combination(2).reject { |one, other| one.clashes?(other) }
      some = single ? [] : pairs.sample(150, random: Random.new(seed))
      double = documents(base, some).any? { |one| good?(now, DustLadder.check(one), id) }
      cures = ways.found.select(&:cures)
      expect(cures.any? { |way| way.trial.changes.one? }).to be(true) if single
      expect(cures).not_to be_empty if double
      ways.found.each do |way|
        after = DustLadder.check(DustLadder::PlanFile::Pointer.with_values(document, way.changes))
        expect(good?(now, after, id)).to be(way.cures), "#{way.id}: #{after.headline}"
        expect(after.headline).to eq(way.ladder.headline)
      end
    end
  end
end
