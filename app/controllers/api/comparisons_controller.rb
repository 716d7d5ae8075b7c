module Api
  # Which cranes of the library could do the lift of a document, from where its crane stands. Nothing is kept.
  class ComparisonsController < BaseController
    self.policy = LookPolicy

    self.whole_or_none = true

    def create
      render json: JSON.generate(DustLadder::Cranes::Comparison.new(document, Chart.counting.map(&:snapshot)).as_json)
    end
  end
end
