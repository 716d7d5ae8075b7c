module Api
  # A try at levelling: how the simulated load hangs with some links more or less on each leg. Nothing is kept.
  class DrillTriesController < BaseController
    include Drilled

    self.policy = LookPolicy

    def create
      found = drill("kind" => DustLadder::Practice::LevelIt::KIND, "seed" => body["seed"])
      render json: taking_answer { found.try(body["links"]) }
    end
  end
end
