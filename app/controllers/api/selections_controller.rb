module Api
  # What of the store can hold the legs of a document, or the slings above its beam. Nothing is kept.
  class SelectionsController < BaseController
    rescue_from(DustLadder::NotKnown) do |error|
      render json: {
               errors: [
                 {
                   pointer: error.pointer.to_s,
                   message: error.what,
                   expected: "a plan whose legs are known as far as their lengths and pulls"
                 }
               ]
             },
        status: :unprocessable_content
    end

    def create
      pieces = Piece.slings.for_choosing
      render json:
               JSON.generate(
                 DustLadder::Slings::PlanSelection.new(document, pieces, upper: body["upper"] == true).as_json
               )
    end
  end
end
