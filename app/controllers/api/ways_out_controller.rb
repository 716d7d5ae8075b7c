module Api
  # What would make the ladder of a document better, the gear store in view. Nothing is kept.
  class WaysOutController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

    def create
      ways =
        DustLadder::Ladder::WaysOut.new(
          document,
          store: GearRack.few(on: day_of(document)).map { |piece| DustLadder::Gear::Piece.snapshot(piece) },
          charts: document["tandem"] ? Chart.counting.map(&:snapshot) : []
        )
      render json: JSON.generate(ways.as_json)
    end
  end
end
