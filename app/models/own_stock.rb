# What the house has to change a plan with, as advice is given with it: gear that is ready, and charts that count.
module OwnStock
  # Beams and other pieces that are looked at.
  MOST = 200
  OTHERS = %w[
    shackle eyebolt_plain eyebolt_shouldered hoist_ring hook master_link mat
  ].freeze

  module_function

  # day: on which its pieces must be in date, ISO 8601. A DustLadder::Advice::Base::Stock.
  def on(day)
    DustLadder::Advice::Base::Stock.new(
      slings: GearRack.few(on: day),
      beams: Piece.beams.where(state: "ready").in_order.limit(MOST).map(&:for_choosing),
      pieces: Piece.where(kind: OTHERS, state: "ready").in_order.limit(MOST).map(&:for_choosing),
      charts: Chart.counting.map(&:snapshot)
    )
  end
end
