module Api
  # Signing in and out. Whether a name is known, locked or has another password cannot be told from the answer, nor from
  # how long it takes.
  class SessionsController < BaseController
    skip_before_action :refuse_signed_out, :refuse_unpermitted
    skip_after_action :verify_authorized

    def show
      render json: SignedIn.of(current_person)
    end

    # In the demo, and only there, a made-up person is picked by number.
    def create
      person = body.key?("pick") ? picked : known
      return refused unless person&.active_for_authentication?

      # Whatever was in the session before is not this person's; not even where it was the same one's.
      reset_session
      sign_in(:person, person, force: true)
      render json: SignedIn.of(person), status: :created
    end

    # Another password of one's own; whatever else is open of theirs ends.
    def update
      return refused unless current_person && !by_script?
      return unknown_hand unless known_hand?

      new = body["new"].to_s.delete("\0")
      return refuse_password(current_person) unless current_person.update(password: new)

      current_person.end_sessions
      person = current_person
      reset_session
      sign_in(:person, person, force: true)
      render json: SignedIn.of(person)
    end

    # everywhere: whatever the person has open ends, not this alone.
    def destroy
      current_person&.end_sessions if body["everywhere"] == true && !by_script?
      sign_out(:person)
      reset_session
      render json: SignedIn.of(nil)
    end

    private

    def picked = (Person.find_by(id: body["pick"].to_s) if SignedIn.picking?)

    def known
      login, password = body.values_at("login", "password").map { |text| text.to_s.delete("\0") }
      person = Person.find_for_authentication(login: login)
      # As long for a name that nobody has.
      return Devise::Encryptor.digest(Person, password).then { nil } unless person

      person if person.valid_for_authentication? { person.valid_password?(password) }
    end

    def refused
      refuse "name and password do not go together, or the account is closed for now",
        "the name and the password that you were given; after many tries, a quarter of an hour's wait",
        :unauthorized
    end
  end
end
