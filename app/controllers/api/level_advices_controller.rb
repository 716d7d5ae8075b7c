module Api
  # Which leg to change so that the load of a document hangs level. Nothing is kept.
  class LevelAdvicesController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

    def create
      advice = DustLadder::Rigging::LevelAdvice.new(document, pieces: GearRack.few(on: day_of(document)))
      render json: JSON.generate(advice.as_json)
    end
  end
end
