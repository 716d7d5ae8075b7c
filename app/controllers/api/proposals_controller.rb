module Api
  # Arrangements that would hold the load of a document, from what the store has. Nothing is kept.
  class ProposalsController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

    def create
      ways = DustLadder::Rigging::Proposals.new(document, pieces: GearRack.slings, beams: OwnStock.beams)
      render json: JSON.generate(ways.as_json)
    end
  end
end
