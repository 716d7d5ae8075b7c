module Api
  class RuleSetsController < BaseController
    def index
      render json:
               DustLadder::RuleSet::SHIPPED.map { |name|
                 DustLadder::PlanFile::Digest.snapshot(DustLadder::RuleSet.shipped(name).data)
               }
    end
  end
end
