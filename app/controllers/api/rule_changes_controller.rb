module Api
  # What a plan's rule set would change if the one that is kept under its name now were taken. Nothing is kept.
  class RuleChangesController < BaseController
    self.policy = LookPolicy

    rescue_from KeyError do |error|
      refuse error.message, "a rule set that ships or is kept here", :unprocessable_content
    end

    def create
      render json: JSON.generate(
        DustLadder::Ladder::NewerRules.new(
          document,
          newest: OwnRules.data_of(document["rules"])
        ).as_json
      )
    end
  end
end
