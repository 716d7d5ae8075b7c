module Api
  # The short set for the crew of a document's lift: questions; with the answer to one, what it is worth. Nothing is
  # kept.
  class CrewQuestionsController < BaseController
    include Drilled

    self.policy = LookPolicy

    def create
      set = DustLadder::Practice::OfPlan.new(DustLadder.check(document, **OwnHouse.of(document)))
      judged = body["question"] && taking_answer { judged(set) }
      render json: { questions: set.questions.map(&:as_json), judged: judged&.as_json }
    end

    private

    def document = @document ||= super

    def judged(set)
      asked = set.question(body["question"]) or refuse_asked("/question", "it is not asked", "one that is")
      asked.judge(body["answer"])
    end
  end
end
