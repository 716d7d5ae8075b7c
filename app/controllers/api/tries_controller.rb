module Api
  # What the rules make of findings while they are typed. Nothing is kept.
  class TriesController < BaseController
    self.policy = LookPolicy

    def create
      found = body["findings"]
      unless found.is_a?(Hash) && found.values.all?(Hash)
        raise ActionController::ParameterMissing, :findings
      end

      render json: PieceLook.judged(Piece.find(params[:piece_id]), found).as_json
    end
  end
end
