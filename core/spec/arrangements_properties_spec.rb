# Truths that any beam, reeved sling or basket must satisfy, on random ones; and odd documents that must not crash.
RSpec.describe "Arrangements, at random" do
  G_ARRANGED = PropCheck::Generators
  two = { "West" => [ 0.5, 0.5 ], "East" => [ 3.5, 0.5 ] }

  def lift(document) = DustLadder::Lift.new(DustLadder::PlanFile.accept(document))

  def spans(*metres) = metres.map { |span| { "span_m" => span, "kg" => 6000 } }

  def random_beam(points, cg, span, mass)
    under_beam(
      points: points,
      beam: beam(mass_kg: mass, spans: spans(2.0, 4.0)),
      "/load/cg/x": "#{cg / 100.0} m",
      "/rigging/beam/span": "#{span / 100.0} m"
    )
  end

  let(:cases) do
    G_ARRANGED.tuple(
      G_ARRANGED.choose(150..250),
      G_ARRANGED.choose(220..380),
      G_ARRANGED.choose(40..600),
      G_ARRANGED.boolean
    )
  end

  def each_bridle(runs = 12)
    PropCheck
      .forall(cases)
      .with_config(n_runs: runs) do |cg, span, mass, four|
        document =
          random_beam(four ? PlanHelp::CORNERS : { "West" => [ 0.5, 0.5 ], "East" => [ 3.5, 0.5 ] }, cg, span, mass)
        yield lift(document).bridle, mass, document
      end
  end

  it "holds load below and load with beam above, to a millionth of the weight" do
    each_bridle do |bridle, mass, _|
      expect(bridle.nominal.sum(&:share)).to be_within(0.01).of(3090)
      expect(
        [ 0, 1 ].sum { |index|
          bridle.upper_nominal(index).share
        }
      ).to be_within(0.01).of(3090 + mass + bridle.hung_below.sum)
      expect(bridle.envelope.nominal.residual).to be < 1e-6
    end
  end

  it "hangs plumb as a whole: the CG of load and beam together is under the hook" do
    each_bridle { |bridle, _, _| expect(bridle.envelope.nominal.off_plumb).to be < 1e-5 }
  end

  it "makes up lengths that hang level, load and beam alike" do
    each_bridle do |bridle, _, _|
      expect(bridle.pose.tilt_deg).to be < 1.2
      expect(bridle.beam_tilt_deg).to be < 1.2
    end
  end

  it "never calls the worst less than the nominal, on any strand, nor the flattest steeper" do
    each_bridle(4) do |bridle, _, _|
      bridle.worst.zip(bridle.nominal) { |worst, nominal| expect(worst.tension).to be >= nominal.tension }
      [ 0, 1 ].each { |index| expect(bridle.upper_worst(index).tension).to be >= bridle.upper_nominal(index).tension }
      bridle.pose.strands.each_with_index do |strand, index|
        expect(bridle.flattest_deg[index]).to be <= strand.deg_from_horizontal + 1e-9
      end
    end
  end

  it "pulls no less anywhere on a heavier load, nor above under a heavier beam" do
    light, heavy = [ "3 t", "3.6 t" ].map { |weight| lift(under_beam(points: two, "/load/weight/bare": weight)).bridle }
    light.worst.zip(heavy.worst) { |one, other| expect(other.tension).to be > one.tension }
    thin, thick = [ 100, 700 ].map { |mass| lift(under_beam(points: two, beam: beam(mass_kg: mass))).bridle }
    expect(thick.upper_worst(0).tension).to be > thin.upper_worst(0).tension
  end

  it "agrees with the beam left out when it weighs next to nothing and its slings stand plumb below" do
    bridle = lift(under_beam(points: two, beam: beam(mass_kg: 0.001), "/load/cg/x": "2.3 m")).bridle
    expect(bridle.nominal.map(&:share)).to match([ be_within(16).of(3090 * 1.2 / 3), be_within(16).of(3090 * 1.8 / 3) ])
    flat = Math.atan2(*bridle.as_made.uppers[0].to_a.first(2).reverse)
    expect(bridle.upper_nominal(0).tension * Math.sin(flat)).to be_within(1e-6).of(bridle.upper_nominal(0).share)
  end

  it "gives both parts of a reeved sling one pull, wherever the CG is, and the diagonal that is not reeved the rest" do
    PropCheck
      .forall(G_ARRANGED.tuple(G_ARRANGED.choose(185..215), G_ARRANGED.choose(46..54)))
      .with_config(n_runs: 8) do |along, across|
        document =
          on_points(
            "/rigging/reeved" => {
              "pairs" => [ [ 0, 2 ] ],
              "decided_by" => "Imke Falk"
            },
            "/rigging/legs/2/sling" => "S-1",
            "/load/cg/x" => "#{along / 100.0} m",
            "/load/cg/y" => "#{across / 100.0} m"
          )
        bridle = lift(document).bridle
        expect(bridle.nominal[0].tension).to be_within(1e-6).of(bridle.nominal[2].tension)
        expect(bridle.nominal.sum(&:share)).to be_within(0.01).of(3090)
      end
  end

  it "answers every accepted document with a ladder in the format, whatever one value is replaced by" do
    odd = [
      nil,
      "",
      "0 m",
      "-1 m",
      "1e9 m",
      "5 m",
      0,
      1,
      -1,
      [],
      {},
      [ [ 0, 1 ] ],
      [ [ 0, 0 ] ],
      "S-5",
      "x",
      true,
      "basket",
      "choker"
    ]
    random = Random.new(23)
    [
      under_beam,
      on_points("/rigging/reeved" => { "pairs" => [ [ 0, 2 ] ], "decided_by" => "x" }, "/rigging/legs/2/sling" => "S-1")
    ].each do |base|
      text = JSON.generate(base)
      places(JSON.parse(text))
        .sample(25, random: random)
        .each do |*path, last|
          document = JSON.parse(text)
          path.reduce(document) { |place, key| place[key] }[last] = odd.sample(random: random)
          sealed(document)
          ladder =
            begin
              DustLadder.check(DustLadder::PlanFile.accept(document))
            rescue DustLadder::PlanFile::Invalid
              next
            end
          expect(DustLadder::PlanFile::Schema.ladder_errors(JSON.parse(JSON.generate(ladder.as_json)))).to be_empty,
            "#{path} #{last}"
        end
    end
  end

  # Every place of a document's load, rigging, slings and beams.
  def places(data, path = [])
    return [] if path.first == "cranes" || %w[charts rule_sets].include?(path[1])

    inner =
      case data
      when Hash
        data.flat_map { |key, value| places(value, path + [ key ]) }
      when Array
        data.each_with_index.flat_map { |value, index| places(value, path + [ index ]) }
      else
        []
      end
    path.empty? ? inner : inner + [ path ]
  end

  # Digests made anew for what was changed.
  def sealed(document)
    return unless document["snapshots"].is_a?(Hash)

    document["snapshots"].each_value do |all|
      all.each_value do |one|
        one["digest"] = DustLadder::PlanFile::Digest.of(one["data"]) if one.is_a?(Hash) && one.key?("data")
      end if all.is_a?(Hash)
    end
  end
end
