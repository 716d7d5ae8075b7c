# What a leg presses into the load along the level, at worst: held against the whole of the CG's box, gone through
# densely.
RSpec.describe DustLadder::Rigging::ThrustCheck do
  # A load on two points, its CG somewhere and known so poorly.
  def lift(at, basis)
    changes = {
      "/load/cg/x" => "#{(at * 1000).round} mm",
      "/load/cg/basis" => basis,
      "/load/thrust" => { "marks" => [ "thin" ], "limit" => "2 t" }
    }
    DustLadder.check(DustLadder::PlanFile.accept(plan(changes))).lift
  end

  def densest(lift)
    bridle = lift.bridle
    nominal, widths = lift.load.cg, lift.load.cg_half_width
    rests = bridle.send(:rests)
    tolerance = bridle.send(:tolerance)
    (-40..40).flat_map { |step|
      [ -1, 1 ].product([ -1, 1 ], [ -1, 1 ]).filter_map do |high, *ends|
        cg = nominal.zip(widths, [ step / 40.0, 0, high ]).map { |at, width, share| at + width * share }
        pose = DustLadder::Statics::PlaneHang.rig(
          bridle.send(:points),
          rests.zip(ends).map { |rest, end_of|
            rest * (1 + end_of * tolerance)
          }
        ).pose(cg)
        one, other = pose.legs
        next if one.run.negative? || other.run.negative?

        shares = DustLadder::Statics::Level.two_point_shares(
          lift.load.planned_kg,
          one.run,
          other.run,
          one.height,
          other.height
        )
        shares[0] * one.run / one.height
      end
    }.max
  end

  it "is never less than anywhere in the box, nor much more" do
    middle = lift(nil.to_f, "drawing").load.points.map { |point| point.at[0] }.sum / 2
    [ 0.0, 0.05, 0.1, 0.15, 0.2 ].product(%w[drawing by_eye contents_unknown]).each do |off, basis|
      lift = lift(middle + off, basis)
      told = DustLadder.known { lift.bridle.worst_thrust(0) } or next
      dense = densest(lift)
      expect([ off, basis, told / dense ]).to match([ off, basis, be_between(1 - 1e-4, 1.02) ])
    end
  end

  it "does not fall where the CG is known more poorly" do
    middle = lift(0.0, "drawing").load.points.map { |point| point.at[0] }.sum / 2
    [ 0.0, 0.07, 0.15 ].each do |off|
      told = %w[drawing by_eye contents_unknown].filter_map { |basis|
        DustLadder.known {
          lift(middle + off, basis).bridle.worst_thrust(0)
        }
      }
      expect(told.each_cons(2).map { |one, other| other / one }).to all(be > 1 - 1e-4)
    end
  end
end
