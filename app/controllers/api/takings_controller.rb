module Api
  # What a trial taught, taken into the plan: its next revision begins, as a planner's signed act, and everything is
  # checked and signed anew.
  class TakingsController < BaseController
    self.policy = TakingPolicy
    self.by_hand = %w[create]

    rescue_from DustLadder::Life::Chain::Refused do |error|
      refuse "this may not be: #{error.message}", "what its records allow", :unprocessable_content
    end
    rescue_from Plan::Life::Overtaken, Plan::Frozen do
      message = "it is not what you saw any more: somebody changed it meanwhile"
      overtaken([ { pointer: "", message: message, expected: "a look at it as it is now" } ], nil)
    end

    # seen: the number of the last event that was seen, so that nobody takes what a later try taught otherwise.
    def create
      return unknown_hand unless known_hand?

      day = Plan::Day.new(plan)
      return not_seen unless body["seen"] == (day.log.events.last&.number || 0)

      changes = day.tried.taken&.changes or return nothing
      render json: { id: plan.id, revision: taken(changes).life.course.revision }, status: :created
    end

    private

    def plan = @plan ||= Plan.find(params[:plan_id])

    def taken(changes)
      Plan.transaction do
        life = plan.life
        life.act(current_person, "wrote", seen: life.seen) if life.frozen_as
        plan.reload
        document = DustLadder::PlanFile::Pointer.with_values(plan.document, changes)
        plan.revise(
          DustLadder::PlanFile.accept(document),
          lock_version: plan.lock_version,
          note: "taken from the trial lift"
        )
      end
      plan.reload
    end

    def not_seen
      message = "more was said of the day than you saw"
      overtaken([ { pointer: "/seen", message: message, expected: "a look at it as it is now" } ], nil)
    end

    def nothing = refuse("no try has taught anything that can be taken", "a try with readings", :unprocessable_content)
  end
end
