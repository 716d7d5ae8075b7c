module Api
  # A CSV grid with nothing filled in, of a family of cranes.
  class ChartBlanksController < BaseController
    self.policy = LookPolicy

    def show
      family = params[:id]
      raise ActiveRecord::RecordNotFound unless DustLadder::Cranes::ChartFile::FAMILIES.include?(family)

      send_data "\ufeff#{DustLadder::Cranes::ChartGridBlank.write(family, us: params[:units] == "us")}",
        filename: "chart-#{family.tr("_", "-")}.csv",
        type: "text/csv"
    end
  end
end
