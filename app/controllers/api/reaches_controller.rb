module Api
  # What a chart answers either way round: the reach for a weight, the weight for a radius.
  class ReachesController < BaseController
    def show
      diagram = DustLadder::Cranes::RangeDiagram.new(Chart.find(params[:chart_id]).data)
      gross, radius = quantity(:weight, :mass), quantity(:radius, :length)
      render json:
               JSON.generate(
                 weight: gross && DustLadder::Figure.kg(gross, :up).as_json,
                 radius: radius && DustLadder::Figure.m(radius, :up).as_json,
                 tables: diagram.answers(gross: gross, radius: radius)
               )
    rescue DustLadder::Quantity::Unreadable => error
      render json: {
               errors: [ { pointer: "", message: error.message, expected: error.expected } ]
             },
        status: :unprocessable_content
    end

    private

    def quantity(name, kind) = params[name].presence && DustLadder::Quantity::Reader.read(params[name].to_s, kind)
  end
end
