module Api
  # Which cranes of the library could take a weight at all, before a plan has one. Nothing is kept.
  class TakersController < BaseController
    self.policy = LookPolicy

    MOST_KG = 1e7

    # planned_kg: of the load.
    def index
      kg = Float(params[:planned_kg].to_s, exception: false)
      unless kg && kg.positive? && kg <= MOST_KG
        return refuse("planned_kg is no weight of a load", "kg, over 0 to 10 000 000", :unprocessable_content)
      end

      render json: JSON.generate(DustLadder::Cranes::CouldTake.new(Chart.counting.map(&:data), kg).as_json)
    end
  end
end
