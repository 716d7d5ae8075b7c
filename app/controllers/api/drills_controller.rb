module Api
  # The drill that somebody is asked next, or the one of a kind and seed; and how they stand by kind.
  class DrillsController < BaseController
    include Drilled

    self.policy = LookPolicy

    def create
      found = body["seed"] ? drill : drill(following)
      render json: { drill: found.as_json, course: course.as_json }
    end

    private

    def course = @course ||= DrillAnswer.course(current_person)

    def following
      wanted = body["kind"] ? [ kind(body["kind"]) ] : []
      found, seed = course.next(kinds: wanted)
      { "kind" => found, "seed" => seed }
    end
  end
end
