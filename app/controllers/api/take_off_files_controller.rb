module Api
  # A plan's take-off as CSV.
  class TakeOffFilesController < BaseController
    self.policy = PlanPolicy

    def show
      plan = Plan.find(params[:plan_id])
      take_off = plan.document.dig("load", "take_off") || { "parts" => [], "groups" => [] }
      send_data DustLadder::Load::CsvSheet.write(take_off),
        filename: "#{plan.title.parameterize.presence || "plan"}-take-off.csv",
        type: "text/csv; charset=utf-8"
    end
  end
end
