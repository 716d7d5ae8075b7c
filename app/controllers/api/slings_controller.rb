module Api
  class SlingsController < BaseController
    def index
      render json: Sling.order(:number).map { |sling| sling.snapshot.merge("reach" => DustLadder::Figure.m(sling.data["reach_m"])) }
    end
  end
end
