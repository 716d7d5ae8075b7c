module Api
  # Photos and sketches that go with a plan.
  class SketchesController < BaseController
    LARGEST = Plan::LARGEST_SKETCH + 65_536

    rescue_from ActiveStorage::FileNotFoundError do
      refuse "the file of this sketch is missing", "a sketch whose file is still here: add it again", :not_found
    end

    def index
      render json: plan.sketches.includes(:blob).order(:created_at).map { |sketch| summary(sketch) }
    end

    def show
      sketch = plan.sketches.find(params[:id])
      send_data sketch.download, filename: sketch.filename.to_s, type: sketch.content_type, disposition: "inline"
    end

    def create
      file = params[:file]
      return refuse("no file came", "a photo or a sketch", :bad_request) unless file.respond_to?(:read)

      faults = plan.attach_sketch(file)
      if faults.any?
        return refuse(
          faults.first,
          "JPEG, PNG, WebP or PDF, at most #{Plan::LARGEST_SKETCH / 1.megabyte} MB",
          :unprocessable_content
        )
      end

      render json: summary(plan.sketches.order(:created_at).last), status: :created
    end

    def destroy
      plan.sketches.find(params[:id]).purge
      head :no_content
    end

    private

    def plan = @plan ||= Plan.find(params[:plan_id])
    def largest = LARGEST
    def summary(sketch) =
      {
        id: sketch.id,
        name: sketch.filename.to_s,
        kind: sketch.content_type,
        bytes: sketch.byte_size,
        added_at: sketch.created_at.iso8601,
        address: api_plan_sketch_path(plan, sketch)
      }
  end
end
