module Api
  # A link by which somebody sets their password, once and within a day; there is no mail to send it by. A new one ends
  # the one before. Whoever is given one is signed out everywhere when they use it.
  class LinksController < BaseController
    self.policy = PersonAccessPolicy
    self.by_hand = %w[create]

    def create
      person = Person.find(params[:person_id])
      render json: { path: "/door/#{person.give_link}", until: Person.reset_password_within.from_now.iso8601 },
        status: :created
    end
  end
end
