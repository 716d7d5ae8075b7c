# What the house has to change a plan with, as advice is given with it: gear that is ready and that no other lift takes
# meanwhile, and charts that count, of machines that are free.
module OwnStock
  # Beams and other pieces that are looked at.
  MOST = 200
  OTHERS = %w[shackle eyebolt_plain eyebolt_shouldered hoist_ring hook master_link mat].freeze

  module_function

  # document: an accepted plan; day: on which its pieces must be in date, ISO 8601; plan: id of the plan that it is of,
  # or nil, and then nobody asks what others take. A DustLadder::Advice::Base::Stock.
  def on(document, day:, plan: nil)
    busy = plan ? BoardLine.busy(document, except: plan).to_set : Set.new
    DustLadder::Advice::Base::Stock.new(
      slings: GearRack.few(on: day, without: busy),
      beams: beams(without: busy),
      pieces: free(Piece.where(kind: OTHERS), busy),
      charts: Chart.counting.map(&:snapshot).reject { |chart| busy.include?(machine(chart)) }
    )
  end

  # Those that are ready, some of them.
  def beams(without: []) = free(Piece.beams, without)

  def free(pieces, busy)
    pieces.where(state: "ready").where.not(number: busy.to_a).in_order.limit(MOST).map(&:for_choosing)
  end

  def machine(chart) = DustLadder::Life::Bookings.machine(chart["data"])
  private_class_method :free, :machine
end
