module Api
  # Arrangements that would hold the load of a document, from what the store has. Nothing is kept.
  class ProposalsController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

    def create
      beams = Piece.beams.where(state: "ready").in_order.limit(MOST_BEAMS).map(&:for_choosing)
      ways = DustLadder::Rigging::Proposals.new(document, pieces: GearRack.slings, beams: beams)
      render json: JSON.generate(ways.as_json)
    end
    MOST_BEAMS = 200
  end
end
