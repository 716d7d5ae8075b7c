module Api
  # Whether a plan is a pattern: offered first where another one begins. It changes nothing of the plan.
  class PatternsController < BaseController
    self.policy = PlanPolicy

    def update
      raise ActionController::ParameterMissing, :pattern unless [ true, false ].include?(body["pattern"])

      plan = Plan.find(params[:plan_id])
      plan.update_columns(pattern: body["pattern"])
      render json: { id: plan.id, pattern: plan.pattern }
    end
  end
end
