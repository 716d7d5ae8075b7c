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
      return render json: read(day) if body["read"]

      render json: day.tried(body["try"]).as_json
    end

    private

    def measured(day) = sound("measured", day.measured(body["measured"]))
    def read(day) = sound("read", day.read(body["read"]))

    def sound(name, found)
      faults = found.faults.map { |one| one.merge("pointer" => "/#{name}#{one["pointer"]}") }
      raise DustLadder::PlanFile::Invalid, faults if faults.any?

      found.as_json
    end
  end
end
