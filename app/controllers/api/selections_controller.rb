module Api
  # What of the store can hold the legs of a document, or the slings above its beam. Nothing is kept.
  class SelectionsController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

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

    # That is a NotKnown too, and no fault of the plan.
    rescue_from DustLadder::Budget::Spent, with: :took_too_long

    def create
      pieces = GearRack.slings
      render json:
               JSON.generate(
                 DustLadder::Slings::PlanSelection.new(document, pieces, upper: body["upper"] == true).as_json
               )
    end
  end
end
