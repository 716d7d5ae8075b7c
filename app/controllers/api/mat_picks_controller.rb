module Api
  # Which mats of the store can lie under the pads of a document's crane. Nothing is kept.
  class MatPicksController < BaseController
    self.policy = LookPolicy

    MOST = 200

    rescue_from(DustLadder::NotKnown) do |error|
      fault = { pointer: error.pointer.to_s, message: error.what, expected: "a day that there is" }
      render json: { errors: [ fault ] }, status: :unprocessable_content
    end
    # That is a NotKnown too, and no fault of the plan.
    rescue_from DustLadder::Budget::Spent, with: :took_too_long

    def create
      pieces = Piece.where(kind: "mat").order(Arel.sql("pieces.state <> 'ready'"), :number).limit(MOST)
      render json: JSON.generate(DustLadder::Gear::MatPick.new(document, pieces.map(&:for_choosing)).as_json)
    end
  end
end
