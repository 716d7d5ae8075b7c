module Api
  # A chart seen from the side, from the data that a plan carries. Nothing is kept.
  class RangeDiagramsController < BaseController
    self.policy = LookPolicy

    def create
      judged = DustLadder::Cranes::ChartFile.judge(body["data"], "/data")
      return render(json: { errors: judged.faults }, status: :unprocessable_content) if judged.data.nil?

      render json: JSON.generate(DustLadder::Cranes::RangeDiagram.new(judged.data).as_json)
    end
  end
end
