module Api
  # The slings of a lift in a few words; nothing is kept.
  class QuickChecksController < BaseController
    self.policy = LookPolicy

    def create
      check = DustLadder::Slings::QuickCheck.new(body, DustLadder::RuleSet.shipped("strict"))
      render json: JSON.generate(check.as_json.merge("plan" => check.plan(title)))
    end

    private

    def title = body["title"].to_s.strip[0, 200].presence || "Quick check"
  end
end
