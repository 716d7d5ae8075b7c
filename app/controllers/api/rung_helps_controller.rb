module Api
  # What each rung asks, where its figures come from and what is measured for it: the same for every plan.
  class RungHelpsController < BaseController
    self.policy = LookPolicy

    def show
      expires_in 1.hour
      render json: DustLadder::Ladder::Help::ALL
    end
  end
end
