module Api
  # An answer to a drill: whether it is right, with the working; it is kept for whoever gave it.
  class DrillAnswersController < BaseController
    include Drilled

    self.policy = LookPolicy

    def create
      found = drill
      judged = taking_answer { found.judge(body["answer"]) }
      DrillAnswer.create!(person: current_person, kind: found.kind, seed: found.seed, right: judged.right)
      render json: { judged: judged.as_json, course: DrillAnswer.course(current_person).as_json }
    end
  end
end
