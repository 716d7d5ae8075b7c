# Questions beside a rung: whoever has a hand in a plan asks and answers.
class QuestionPolicy < ApplicationPolicy
  hands = %w[rigger planner keeper appointed engineer]
  let index: :all, create: hands, update: hands
end
