module Api
  # Two revisions of a plan side by side: what was changed from one to the other, and what each rung says of both, as
  # the house knows its gear, charts and people now.
  class ChangesController < BaseController
    self.policy = LookPolicy

    def show
      one, other = [ params[:from], params[:to] ].map { |number| plan.revisions.find_by!(number: number.to_s) }
      documents = [ one, other ].map { |revision| DustLadder::PlanFile.accept(revision.document) }
      ladders = documents.map { |document| DustLadder.check(document, **OwnHouse.of(document), most_s: Plan::MOST_S) }
      beside = DustLadder::Ladder::Beside.new(*documents, { "before" => ladders[0], "after" => ladders[1] })
      render json: { before: one.line, after: other.line, **beside.as_json }
    end

    private

    def plan = @plan ||= Plan.find(params[:plan_id])
  end
end
