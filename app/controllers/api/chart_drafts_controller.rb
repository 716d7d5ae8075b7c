module Api
  # Charts that are being typed, by whoever goes on with them. One saves and takes away only what it has seen.
  class ChartDraftsController < BaseController
    self.policy = ChartPolicy

    LARGEST = ChartDraft::LARGEST + 65_536

    rescue_from ActiveRecord::RecordInvalid do |error|
      refuse error.record.errors.full_messages.to_sentence, "a sheet, as the screen has it", :unprocessable_content
    end
    rescue_from ActiveRecord::StaleObjectError do
      fault = { pointer: "", message: "somebody changed this draft meanwhile", expected: "a look at it as it is now" }
      overtaken([ fault ], ChartDraft.find(params[:id]).whole)
    end

    def index
      render json: ChartDraft.order(updated_at: :desc).map(&:line)
    end

    def show
      render json: draft.whole
    end

    # of: the chart that is to be mended, whose pictures go along.
    def create
      of = body["of"] && Chart.find(body["of"])
      render json: ChartDraft.begin(body["sheet"], body["saved_by"].to_s, of: of).whole, status: :created
    end

    def update
      draft.update!(sheet: body["sheet"], saved_by: body["saved_by"].to_s.strip.first(200), lock_version: lock_version)
      render json: draft.whole
    end

    def destroy
      raise ActiveRecord::StaleObjectError.new(draft, "discard") unless draft.lock_version == lock_version

      draft.discard!
      head :no_content
    end

    private

    def draft = @draft ||= ChartDraft.find(params[:id])
    def largest = LARGEST
  end
end
