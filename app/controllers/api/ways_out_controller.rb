module Api
  # What would make the ladder of a document better, the gear store in view. Nothing is kept.
  class WaysOutController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

    def create
      ways =
        DustLadder::Ladder::WaysOut.new(
          document,
          store: Piece.slings.in_order.select { |piece| piece.fields["state"] == "ready" }.map(&:snapshot)
        )
      render json: JSON.generate(ways.as_json)
    end
  end
end
