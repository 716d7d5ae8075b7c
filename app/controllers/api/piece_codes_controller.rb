module Api
  # A piece by the code on its label, or by its number: whoever scans or types one is led to it.
  class PieceCodesController < BaseController
    self.policy = LookPolicy

    def show
      piece = Piece.called(params[:id].to_s.first(100)) or raise ActiveRecord::RecordNotFound
      render json: piece.shown
    end
  end
end
