module Api
  class RevisionsController < BaseController
    self.policy = PlanPolicy

    def index
      render json: plan.revisions.reorder(number: :desc).select(:id, *Revision::LINE).limit(500).map(&:line)
    end

    def show
      revision = plan.revisions.find_by!(number: params[:number])
      render json: { number: revision.number, note: revision.note, document: revision.document }
    end

    # Gives a revision a name, by which it is never thinned; an empty one takes the name away.
    def update
      raise ActionController::ParameterMissing, :name unless body["name"].is_a?(String)

      revision = plan.revisions.find_by!(number: params[:number])
      revision.name_it(body["name"])
      render json: revision.line
    end

    private

    def plan = Plan.find(params[:plan_id])
  end
end
