module Api
  # Photos and sketches that go with a plan.
  class SketchesController < KeptFilesController
    self.policy = SketchPolicy

    private

    def what = "sketch"
    def plan = @plan ||= Plan.find(params[:plan_id])
    def files = plan.sketches
    def add(upload) = Sketch.add(plan, upload)
    def address(sketch) = api_plan_sketch_path(plan, sketch)
  end
end
