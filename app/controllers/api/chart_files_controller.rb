module Api
  # A chart as a file in the open format.
  class ChartFilesController < BaseController
    def show
      chart = Chart.find(params[:chart_id])
      send_data DustLadder::Cranes::ChartFile.write([ chart.data ]), filename: "#{chart.identifier.gsub(/[^\w-]/, '-')}-v#{chart.version}.json", type: "application/json"
    end
  end
end
