module Api
  # What waits for somebody, soonest first: for whoever asks, or for another one; and how much for each of the others.
  class WaitsController < BaseController
    self.policy = LookPolicy

    MOST = 60

    def show
      person = params[:person].present? ? Person.find(params[:person].to_s) : current_person
      waits = Waits.new
      own = waits.of(person)
      render json: {
        person: { id: person.id, name: person.name, roles: person.roles },
        waits: own.first(MOST).map { |wait| wait.to_h },
        more: [ own.size - MOST, 0 ].max,
        others: waits.counts(others(person)).map { |one, count| { id: one.id, name: one.name, count: count } }
      }
    end

    private

    def others(person) = Person.where(active: true).where.not(id: person.id).order(:name).to_a
  end
end
