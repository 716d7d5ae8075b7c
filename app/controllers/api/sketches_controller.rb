module Api
  # Photos and sketches that go with a plan.
  class SketchesController < BaseController
    LARGEST = KeptFile::LARGEST + 65_536

    rescue_from ActiveStorage::FileNotFoundError do
      refuse "the file of this sketch is missing", "a sketch whose file is still here: add it again", :not_found
    end
    rescue_from(KeptFile::Unfit) { |error| refuse error.message, error.expected, :unprocessable_content }

    def index
      render json: plan.sketches.with_attached_file.map { |sketch| summary(sketch) }
    end

    def show
      file = plan.sketches.find(params[:id]).file
      raise ActiveStorage::FileNotFoundError unless file.attached?

      send_data file.download, filename: file.filename.to_s, type: file.content_type, disposition: "inline"
    end

    def create
      upload = params[:file]
      return refuse("no file came", "a photo or a sketch", :bad_request) unless upload.respond_to?(:read)

      render json: summary(Sketch.add(plan, upload)), status: :created
    end

    def destroy
      plan.sketches.find(params[:id]).destroy_with_file!
      head :no_content
    end

    private

    def plan = @plan ||= Plan.find(params[:plan_id])
    def largest = LARGEST
    def summary(sketch)
      file = sketch.file
      {
        id: sketch.id,
        name: file.attached? ? file.filename.to_s : "its file is missing",
        kind: file.attached? ? file.content_type : "",
        bytes: file.attached? ? file.byte_size : 0,
        added_at: sketch.created_at.iso8601,
        address: api_plan_sketch_path(plan, sketch)
      }
    end
  end
end
