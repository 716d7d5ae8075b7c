require_relative "support/site_help"

# A state of advice shares what its change leaves alone: what it says must be what a whole check of the changed document
# says, for every change of every knob.
RSpec.describe DustLadder::Advice::State do
  def mats = Array.new(4) { |at|
    {
      "number" => "M-#{at}",
      "kind" => "mat",
      "size" => "1.5 m",
      "length_m" => 1.5,
      "width_m" => 1.5,
      "mass_kg" => 220.0,
      "bears_kpa" => 400.0,
      "state" => "ready",
      "due" => "2027-01-01"
    }
  }

  def shackle(number, kg)
    { "number" => number, "kind" => "shackle", "size" => "#{kg} kg", "wll_kg" => kg, "mass_kg" => 3.0, "pin_m" => 0.03 }
      .merge("state" => "ready", "due" => "2027-01-01")
  end

  def stock
    DustLadder::Advice::Base::Stock.new(
      slings: [
        sling("H-1", legs: 2, mass_kg: 60, tag: { "vertical_kg" => 9000, "basket_kg" => 18_000 }),
        *Array.new(4) { |at| sling("Q-#{at}", kind: "polyester_round", reach_m: 6.0, mass_kg: 9) }
      ],
      pieces: [ *mats, shackle("K-1", 9000.0), shackle("K-2", 6000.0), shackle("K-3", 6000.0) ],
      charts: [ chart(id: "six", identity: PlanHelp::IDENTITY.merge("counterweight" => "6 t")) ].map { |data|
        DustLadder::PlanFile::Digest.snapshot(data)
      }
    )
  end

  def shackled
    fitting = { "end" => "load", "kind" => "shackle", "wll" => "1 t", "axis" => "z", "across" => "y", "mass" => "2 kg" }
    fitted = [ 0, 1 ].to_h { |leg| [ "/rigging/legs/#{leg}/fittings", [ fitting.merge("plane" => "across") ] ] }
    plan(fitted)
  end

  def on_salt
    soft = feature("ground", "salt", outline_m: box(2.5, 2, 9, 9), allowable_kpa: 60, found: "probe")
    on_site(soft, stand: { mat: { "side" => "0.8 m", "mass" => "70 kg", "rated" => "40 t" } })
  end

  {
    "two legs" => ->(spec) { spec.plan("/rigging/hook_height" => "2.8 m") },
    "shackles" => ->(spec) { spec.shackled },
    "a site" => ->(spec) { spec.on_salt },
    "a beam" => ->(spec) { spec.under_beam(points: { "W" => [ 0.5, 0.5 ], "E" => [ 3.5, 0.5 ] }) },
    "four legs by length" => ->(spec) {
      lengths = [ 0, 1, 2, 3 ].to_h { |leg| [ "/rigging/legs/#{leg}/length", "6.2 m" ] }
      spec.on_points(**lengths, "/rigging/set_by" => "leg_lengths")
    }
  }.each do |name, make|
    it "says what a whole check says, with #{name}" do
      many = name == "a beam" ? 6 : 30
      document = DustLadder::PlanFile.accept(make.(self))
      base = DustLadder::Advice::Base.new(document, stock: stock)
      every = DustLadder::Advice::Choices.new(base, DustLadder::Ladder::Climb::CHECKS.map { |check| check::ID })
      changes = (every.knobs - DustLadder::Advice::Choices::SLOW).flat_map { |knob| every.of(knob) }
      pairs = changes.combination(2).reject { |one, other| one.clashes?(other) }.sample(many / 3, random: Random.new(1))
      [ *changes.zip.sample(many, random: Random.new(1)), *pairs ].each do |some|
        values = some.map(&:values).reduce(:merge)
        own = base.state(values).ladder
        whole = DustLadder.check(DustLadder::PlanFile::Pointer.with_values(document, base.applied(values)))
        told = [ own, whole ].map { |ladder| ladder.rungs.map { |rung| [ rung.id, rung.verdict, rung.utilisation ] } }
        expect([ some.map(&:id), told[0] ]).to eq([ some.map(&:id), told[1] ])
      end
    end
  end
end
