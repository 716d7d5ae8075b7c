module Api
  # What is done with a piece: handed out, given back, quarantined and so on, each by somebody whose role may.
  class ActsController < BaseController
    self.policy = PieceActPolicy
    self.by_hand = %w[create]

    include PieceFaults

    def create
      piece = Piece.find(params[:piece_id])
      given = body.slice("with", "why", "place")
      plan = body["plan"].is_a?(Integer) ? Plan.find(body["plan"]) : nil
      PieceAct.take(piece, body["act"].to_s, given, person: current_person, lock_version: lock_version, plan: plan)
      render json: piece.reload.shown, status: :created
    end
  end
end
