module Api
  # Pictures of the paper, of a chart or of one that is still being typed. Those of a chart that was checked stay.
  class ChartPicturesController < KeptFilesController
    self.policy = ChartPolicy

    before_action :refuse_of_checked, only: :destroy

    private

    def what = "picture of the page"
    def files = holder.pictures
    def add(upload) = ChartPicture.add(holder, upload)

    def holder
      @holder ||= params[:chart_id] ? Chart.find(params[:chart_id]) : ChartDraft.find(params[:chart_draft_id])
    end

    def address(picture)
      params[:chart_id] ? api_chart_picture_path(holder, picture) : api_chart_draft_picture_path(holder, picture)
    end

    def refuse_of_checked
      return unless holder.is_a?(Chart) && holder.record.doubt.nil?

      refuse "it was checked against this picture",
        "a picture of a chart that is not yet checked",
        :unprocessable_content
    end
  end
end
