module Api
  class ChartsController < BaseController
    def index
      render json: Chart.order(:identifier).map(&:snapshot)
    end
  end
end
