# What a watchman asks: is it well? It tells nothing of anybody, to whoever asks.
class HealthController < ApplicationController
  def show
    told, well = HouseData.health
    response.headers["Cache-Control"] = "no-store"
    render json: told, status: well ? :ok : :service_unavailable
  end
end
