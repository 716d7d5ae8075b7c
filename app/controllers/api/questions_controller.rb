module Api
  # Questions beside the rungs of a plan, and their answers. They change nothing of the plan, whatever it stands as.
  class QuestionsController < BaseController
    self.policy = QuestionPolicy

    MOST = 500

    rescue_from ActiveRecord::RecordInvalid do |error|
      fault = error.record.errors.first
      refuse "#{fault.attribute} #{fault.message}",
        "a rung of the plan, and at most #{Question::MOST_WORDS} signs",
        :unprocessable_content
    end

    def index
      render json: plan.questions.includes(:asker, :asked, :answerer).order(:id).map(&:shown)
    end

    def create
      return too_many if plan.questions.count >= MOST

      asked = Person.find_by!(login: body["asked"].to_s) if body["asked"].present?
      question =
        plan.questions.create!(
          rung: body["rung"].to_s,
          words: body["words"].to_s.squish,
          revision: plan.current.number,
          asker: current_person,
          asked: asked
        )
      render json: question.shown, status: :created
    end

    def update
      question = plan.questions.find(params[:id])
      return no_answer if body["answer"].to_s.squish.empty?

      question.answer_it(body["answer"], by: current_person, lock_version: lock_version)
      render json: question.shown
    end

    private

    def plan = @plan ||= Plan.find(params[:plan_id])
    def no_answer = refuse("the answer is empty", "what answers it", :unprocessable_content)
    def too_many = refuse("there are #{MOST} questions already", "answers first", :unprocessable_content)
  end
end
