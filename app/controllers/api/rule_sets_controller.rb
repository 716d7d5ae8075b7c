module Api
  class RuleSetsController < BaseController
    self.policy = LookPolicy

    def index
      render json:
               DustLadder::RuleSet::SHIPPED.map { |name|
                 DustLadder::PlanFile::Digest.snapshot(DustLadder::RuleSet.shipped(name).data)
               }
    end
  end
end
