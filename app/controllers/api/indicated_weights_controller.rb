module Api
  # What the load weighs by the crane's indicator, and the change that takes it. Nothing is kept.
  class IndicatedWeightsController < BaseController
    self.policy = LookPolicy

    rescue_from(DustLadder::NotKnown) do |error|
      refuse error.what, "a plan that holds, and a reading of its load", :unprocessable_content
    end
    rescue_from(DustLadder::Quantity::Unreadable) do |error|
      refuse error.message, error.expected, :unprocessable_content
    end

    def create
      render json:
               DustLadder::Load::Indicated.new(
                 document,
                 reading: body["reading"],
                 shows: body["shows"],
                 at: body["at"]
               ).as_json
    end
  end
end
