module Api
  # A chart as a file: the open format, or as a grid.
  class ChartFilesController < BaseController
    self.policy = ChartPolicy

    def show
      chart = Chart.find(params[:chart_id])
      name = "#{chart.identifier.gsub(/[^\w-]/, "-")}-v#{chart.version}"
      unless params[:as] == "grid"
        return send_data(
          DustLadder::Cranes::ChartFile.write([ chart.data ]),
          filename: "#{name}.json",
          type: "application/json"
        )
      end

      send_data "\ufeff#{DustLadder::Cranes::ChartGridText.write(chart.data)}",
        filename: "#{name}.csv",
        type: "text/csv"
    end
  end
end
