module Api
  # Ends whatever somebody has open anywhere, and the names of their scripts.
  class PersonSessionsController < BaseController
    self.policy = PersonAccessPolicy
    self.by_hand = %w[destroy]

    def destroy
      person = Person.find(params[:person_id])
      person.end_sessions
      person.api_tokens.delete_all
      render json: person.shown(whole: true)
    end
  end
end
