module Api
  # A document under every rule set that ships, side by side. Nothing is kept.
  class SchoolsController < BaseController
    def create
      render json: JSON.generate(DustLadder::Ladder::Schools.new(document).as_json)
    end
  end
end
