module Api
  class RevisionsController < BaseController
    def index
      revisions = plan.revisions.reorder(number: :desc).select(:id, :number, :note, :created_at).limit(500)
      render json:
               revisions.map { |revision|
                 { number: revision.number, note: revision.note, created_at: revision.created_at.iso8601 }
               }
    end

    def show
      render json: plan.revisions.find_by!(number: params[:number]).slice(:number, :note, :document)
    end

    private

    def plan = Plan.find(params[:plan_id])
  end
end
