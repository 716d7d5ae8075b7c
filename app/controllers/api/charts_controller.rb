module Api
  # The library of cranes' charts: what is in it, new ones and new versions, and who has read one against the paper.
  class ChartsController < BaseController
    self.policy = ChartPolicy

    LARGEST = 40.megabytes

    def index
      render json: JSON.generate(Chart.newest.map(&:line))
    end

    def show
      render json: JSON.generate(Chart.find(params[:id]).whole)
    end

    # Each chart as its data, or as its page in CSV: then the data are what stands there. draft: what was typed to make
    # the one chart, as it was seen.
    def create
      entered =
        Chart.enter(
          entries,
          by: body["entered_by"].to_s,
          on: Date.current,
          why: body["why"].to_s,
          draft: draft && [ draft, lock_version ]
        )
      render json: JSON.generate(entered.map(&:line)), status: :created
    end

    # Says that somebody read it against the paper.
    def update
      chart = Chart.find(params[:id])
      chart.check(by: body["checked_by"].to_s, on: Date.current)
      render json: JSON.generate(chart.whole)
    end

    private

    def entries
      charts = body["charts"].is_a?(Array) ? body["charts"] : raise(ActionController::ParameterMissing, :charts)
      answers, pages = %w[answers printed].map { |name| body[name].is_a?(Array) ? body[name] : [] }
      identities = Chart.identities
      charts.each_with_index.map do |data, index|
        words = answers[index].is_a?(Hash) ? answers[index] : {}
        Chart::Entry.new(data, words, identities, printed: pages[index].is_a?(String) ? pages[index] : nil)
      end
    end

    def draft = @draft ||= body["draft"] && ChartDraft.find(body["draft"])

    def largest = action_name == "create" ? LARGEST : super
  end
end
