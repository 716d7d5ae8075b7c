module Api
  # A plan as the open plan file.
  class FilesController < BaseController
    self.policy = PlanPolicy

    def show
      plan = Plan.find(params[:plan_id])
      send_data DustLadder::PlanFile.write(plan.document, plan.life.chain),
        filename: "#{plan.title.parameterize.presence || "plan"}.dust-ladder.json",
        type: "application/json"
    end
  end
end
