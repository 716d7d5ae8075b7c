module Api
  # Arrangements that would hold the load of a document, from what the store has. Nothing is kept.
  class ProposalsController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

    def create
      store = Piece.for_choosing.partition { |piece| piece.key?("tag") }
      render json:
               JSON.generate(
                 DustLadder::Rigging::Proposals.new(document, pieces: store.first, beams: store.last).as_json
               )
    end
  end
end
