module Api
  # A try, or what was measured, judged while it is still being typed. Nothing is kept.
  class TrialsController < BaseController
    self.policy = LookPolicy

    rescue_from(DustLadder::NotKnown) do |error|
      refuse error.what, "a plan whose rigging is known", :unprocessable_content
    end

    def create
      day = Plan::Day.new(Plan.find(params[:plan_id]))
      return render json: measured(day) if body["measured"]

      render json: day.tried(body["try"]).as_json
    end

    private

    def measured(day)
      found = day.measured(body["measured"])
      faults = found.faults
      raise DustLadder::PlanFile::Invalid,
        faults.map { |one|
          one.merge("pointer" => "/measured#{one["pointer"]}")
        } if faults.any?

      found.as_json
    end
  end
end
