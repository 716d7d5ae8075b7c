module Api
  # The ladder of a document that is being edited. Nothing is kept.
  class ChecksController < BaseController
    def create
      render json: DustLadder.check(document)
    end
  end
end
