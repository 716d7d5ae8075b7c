module Api
  class PlansController < BaseController
    self.policy = PlanPolicy

    rescue_from ActiveRecord::StaleObjectError do
      fault = { pointer: "", message: "it was saved by someone else meanwhile", expected: "a look at both" }
      overtaken([ fault ], Plan::Answer.whole(Plan.find(params[:id]).life))
    end

    rescue_from Plan::Frozen do |error|
      refuse "the plan is #{error.message}: it stands as it was signed", "another revision, begun in its life", :locked
    end

    # A plan that many open, while others are saved beside it, is climbed once.
    def show
      answer =
        KeptAnswer.of(:plan, params[:id].to_s, SiteClock.today) do
          Plan::Answer.new(params[:id]).kept { |cut_short| return render(json: cut_short) }
        end
      render_kept answer
    end

    # From a plan file (a dropped or chosen one), after a past lift, or blank under a title.
    def create
      plan =
        if params[:file]
          imported
        elsif body["after"]
          Plan.find(body["after"].to_s).again(title)
        else
          Plan.start(DustLadder::PlanFile.accept(Plan.blank(title)))
        end
      render json: JSON.generate(Plan::Answer.whole(plan.life)), status: :created
    end

    def update
      plan = Plan.find(params[:id])
      plan.revise(document, lock_version: lock_version, note: body["note"].to_s.first(200))
      render json: Plan::Answer.state(plan)
    end

    private

    def title = body["title"].presence&.to_s || raise(ActionController::ParameterMissing, :title)

    # Records stay with the house that they were made in: what comes from outside is signed anew.
    def imported
      document, chain = DustLadder::PlanFile.read_whole(file_text)
      signed = chain.records.any? ? ", without the #{chain.records.size} records that the file carries" : ""
      Plan.start(document, note: "imported#{signed}")
    end

    def file_text
      file = params[:file]
      file.respond_to?(:read) ? file.read : file.to_s
    end
  end
end
