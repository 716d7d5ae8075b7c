module Api
  # Plain shapes by dimension, found by words, and the groups that were kept from other plans.
  class StandardPartsController < BaseController
    self.policy = LookPolicy

    def index
      query = params[:q].to_s.first(80)
      render json: {
        standard: DustLadder::Load::StandardParts.search(query),
        kept: KeptGroup.titled(query).map(&:summary)
      }
    end
  end
end
