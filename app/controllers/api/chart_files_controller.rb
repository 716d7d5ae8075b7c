module Api
  # A chart as a file: the open format, or as a grid for those families that have one.
  class ChartFilesController < BaseController
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

      grid = DustLadder::Cranes::ChartGridText.write(chart.data) or
        return refuse("a chart of this family has no grid", "the JSON file", :not_found)
      send_data "\ufeff#{grid}", filename: "#{name}.csv", type: "text/csv"
    end
  end
end
