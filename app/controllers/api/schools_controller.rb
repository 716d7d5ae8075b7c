module Api
  # A document under every rule set that ships, side by side. Nothing is kept.
  class SchoolsController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

    def create
      render json: JSON.generate(DustLadder::Ladder::Schools.new(document).as_json)
    end
  end
end
