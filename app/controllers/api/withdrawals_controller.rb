module Api
  # A version of a chart that counts no more.
  class WithdrawalsController < BaseController
    self.policy = WithdrawalPolicy

    def create
      chart = Chart.find(params[:chart_id])
      chart.withdraw(by: body["withdrawn_by"].to_s, why: body["why"].to_s, on: Date.current)
      render json: JSON.generate(chart.whole), status: :created
    end
  end
end
