module Api
  # What a take-off can be written with: the shapes, how their sizes are written, and the materials.
  class ShapesController < BaseController
    self.policy = LookPolicy

    def index
      render json: { shapes: DustLadder::Load::Shape::ALL.values, materials: DustLadder::Load::Materials::SHIPPED }
    end
  end
end
