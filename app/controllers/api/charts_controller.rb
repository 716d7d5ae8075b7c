module Api
  # The library of cranes' charts: what is in it, new ones and new versions, and who has read one against the paper.
  class ChartsController < BaseController
    LARGEST = 40.megabytes

    def index
      render json: JSON.generate(Chart.newest.map(&:line))
    end

    def show
      render json: JSON.generate(Chart.find(params[:id]).whole)
    end

    def create
      charts = body["charts"].is_a?(Array) ? body["charts"] : raise(ActionController::ParameterMissing, :charts)
      answers = body["answers"].is_a?(Array) ? body["answers"] : []
      identities = Chart.identities
      entries =
        charts.zip(answers).map { |data, words| Chart::Entry.new(data, words.is_a?(Hash) ? words : {}, identities) }
      entered = Chart.enter(entries, by: body["entered_by"].to_s, on: Date.current, why: body["why"].to_s)
      render json: JSON.generate(entered.map(&:line)), status: :created
    end

    # Says that somebody read it against the paper.
    def update
      chart = Chart.find(params[:id])
      chart.check(by: body["checked_by"].to_s, on: Date.current)
      render json: JSON.generate(chart.whole)
    end

    private

    def largest = action_name == "create" ? LARGEST : super
  end
end
