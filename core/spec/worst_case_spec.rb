RSpec.describe DustLadder::Rigging::Bridle do
  G_ = PropCheck::Generators

  def bridle_of(document) = DustLadder::Lift.new(document).bridle

  # A plan whose load hangs between its points, with some room on every side.
  let(:geometries) do
    G_
      .tuple(G_.choose(300..700), G_.choose(-60..60), G_.choose(-20..20), G_.choose(20..90))
      .map do |hook, off, across, up|
        {
          "/rigging/hook_height" => "#{hook / 100.0} m",
          "/load/cg/x" => "#{2 + off / 100.0} m",
          "/load/cg/y" => "#{0.5 + across / 200.0} m",
          "/load/cg/z" => "#{up / 100.0} m"
        }
      end
  end

  # Any place in the CG's box, and any length of each leg within its tolerance.
  def somewhere(bridle, random)
    widths = [ 4 * 0.02, 1 * 0.02, 2 * 0.02 ]
    cg = bridle.cg.zip(widths).map { |place, width| place + (random.rand * 2 - 1) * width }
    lengths = bridle.lengths.map { |length| length * (1 + (random.rand * 2 - 1) * 0.005) }
    DustLadder::Statics::PlaneHang.pose(bridle.points, lengths, cg)
  end

  def tensions(pose, weight)
    shares = DustLadder::Statics::Level.two_point_shares(weight, *pose.legs.map(&:run), *pose.legs.map(&:height))
    shares.zip(pose.legs).map { |share, leg| share * leg.length / leg.height }
  end

  def above_base(pose)
    lowest = [ 0.0, 4 * pose.up[0] ].min + [ 0.0, pose.up[1] ].min
    pose.hook.zip(pose.up).sum { |place, part| place * part } - lowest
  end

  it "finds at its corners the worst of everything that the box and the tolerances allow" do
    random = Random.new(7)
    PropCheck.forall(geometries) do |geometry|
      bridle = bridle_of(plan(geometry))
      next if bridle.slack?

      worst = bridle.worst.map(&:tension)
      40.times do
        pose = somewhere(bridle, random)
        tensions(pose, 3090).each_with_index do |tension, leg|
          expect(tension).to be <= worst[leg] * (1 + 1e-6)
          expect(pose.legs[leg].deg_from_horizontal).to be >= bridle.flattest_deg[leg] - 1e-6
        end
        expect(pose.tilt_deg).to be <= bridle.steepest.tilt_deg + 1e-6
        expect(pose.margin).to be >= bridle.least_margin - 1e-9
        expect(above_base(pose)).to be <= bridle.hook_range.last + 1e-6
      end
    end
  end

  it "names the corner that each worst tension comes from" do
    bridle = bridle_of(plan("/load/cg/x" => "1.8 m"))
    words = bridle.worst.map { |pull| pull.corner.words }
    expect(words[0]).to start_with("CG at −x")
    expect(words[1]).to start_with("CG at +x")
    expect(words).to all(match(/West leg (long|short), East leg (long|short)/))
  end

  it "adds up: both shares are the planned weight in every corner" do
    bridle = bridle_of(plan("/load/cg/x" => "1.7 m"))
    [ 0, 1 ].map { |leg| bridle.pulls_of(leg) }
      .transpose
      .each do |pulls|
        weight = pulls[0].corner.weight == -1 ? 3000 * 0.97 : 3090
        expect(pulls.sum(&:share)).to be_within(1e-6).of(weight)
      end
  end

  it "agrees, legs taken as stiff, with a worked elastic case of two short chain legs" do
    elastic =
      JSON.parse(File.read(File.expand_path("fixtures/worked_cases.json", __dir__)))["cases"].find do |one|
        one["id"] == "P-elastic_equilibrium-01"
      end
    body = elastic["given"]["bodies"].first
    lengths = elastic["given"]["lines"].map { |line| line["rest_length_m"] }
    pose = DustLadder::Statics::PlaneHang.pose(body["points_xyz_m"].values, lengths, body["cg_xyz_m"])
    wanted = elastic["expect"]
    expect(tensions(pose, body["mass_kg"])).to match(
      wanted["tension_kg"].values.map { |kg| be_within(0.002 * kg).of(kg) }
    )
    expect(pose.tilt_deg).to be_within(0.02).of(wanted["tilt_deg"])
    expect(pose.pitch_deg).to be_within(0.02).of(wanted["pitch_deg"])
    expect(pose.margin).to be_within(0.01).of(wanted["stability_margin_m"])
  end

  describe "what an honest ladder must not do" do
    def utilisation(id, changes) = rung(id, changes).utilisation

    it "never makes the slings look better for a lower hook" do
      used = (30..70).step(5).map { |hook| utilisation("slings", { "/rigging/hook_height" => "#{hook / 10.0} m" }) }
      expect(used).to eq(used.sort.reverse)
    end

    it "never makes the angle look better for a wider spread" do
      used =
        (2..9).map do |inset|
          utilisation(
            "angle",
            { "/load/points/0/x" => "#{inset / 10.0} m", "/load/points/1/x" => "#{4 - inset / 10.0} m" }
          )
        end
      expect(used).to eq(used.sort.reverse)
    end

    it "never makes anything look better for a poorer knowledge of weight or centre of gravity" do
      weights =
        %w[weighed certified calculated estimated].map do |basis|
          utilisation("slings", { "/load/weight/basis" => basis })
        end
      expect(weights).to eq(weights.sort)
      places = %w[drawing by_eye contents_unknown].map { |basis| utilisation("load", { "/load/cg/basis" => basis }) }
      expect(places).to eq(places.sort)
    end

    it "gives a mirrored load mirrored legs" do
      left, right =
        [ "1.6 m", "2.4 m" ].map do |x|
          rung("slings", { "/load/cg/x" => x }).parts.first(2).map { |part| part.demand.value }
        end
      expect(left.zip(right.reverse).map { |one, other| one - other }).to all(be_within(1e-6).of(0))
    end
  end
end
