module Api
  # The record of a lift's day as an open file, as far as it has come.
  class DayFilesController < BaseController
    self.policy = LookPolicy

    def show
      plan = Plan.find(params[:plan_id])
      text = DustLadder::Day::DayFile.write(Plan::Day.new(plan).log, title: plan.title)
      name = "#{plan.title.parameterize.first(60)}-day.json"
      send_data text, filename: name, type: "application/json", disposition: "attachment"
    end
  end
end
