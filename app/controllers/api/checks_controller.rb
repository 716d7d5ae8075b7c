module Api
  # The ladder of a document that is being edited. Nothing is kept.
  class ChecksController < BaseController
    def create
      render json: JSON.generate(DustLadder.check(document).as_json)
    end
  end
end
