module Api
  # Which leg to change so that the load of a document hangs level. Nothing is kept.
  class LevelAdvicesController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

    def create
      render json:
               JSON.generate(
                 DustLadder::Rigging::LevelAdvice.new(document, pieces: Piece.slings.for_choosing).as_json
               )
    end
  end
end
