module Api
  # Who is here: what they may do and what they can do. Their admin writes it down; passwords are never among it.
  class PeopleController < BaseController
    self.policy = PeoplePolicy
    self.by_hand = %w[create update]

    rescue_from ActiveRecord::RecordInvalid do |error|
      faults =
        error.record.errors.map do |one|
          name = one.attribute.to_s.split("/").last
          words = "#{CALLED.fetch(name, name)} #{one.message}"
          { pointer: "/#{one.attribute}", message: words, expected: EXPECTED.fetch(name, "another") }
        end
      render json: { errors: faults }, status: :unprocessable_content
    end
    EXPECTED = {
      "login" => "a name of their own, without spaces",
      "name" => "the full name",
      "roles" => "some of these",
      "kind" => "what they were found able to be",
      "by" => "who found so",
      "until" => "the last day, such as 2027-06-30",
      "competences" => "each with what, by whom and until when"
    }.freeze
    # As the screen has them.
    CALLED = { "login" => "the name to sign in with" }.freeze
    private_constant :EXPECTED, :CALLED

    def index
      render json: Person.order(:name, :id).map { |one| one.shown(whole: current_person.any_role?(%w[admin])) }
    end

    # Somebody new has no password until they set one by the link that they are given.
    def create
      person = Person.new(written.merge(login: body["login"].to_s, password: SecureRandom.base58(60)))
      person.save!
      render json: person.shown(whole: true), status: :created
    end

    def update
      person = Person.find(params[:id])
      raise ActiveRecord::StaleObjectError.new(person, "update") if person.lock_version != lock_version

      Person.transaction do
        person.update!(written)
        keep_an_admin
      end
      render json: person.shown(whole: true)
    end

    private

    # Only what was sent is written.
    def written
      given = body.slice("name", "roles", "active", "competences")
      given["active"] = given["active"] == true if given.key?("active")
      given["roles"] = Array(given["roles"]) if given.key?("roles")
      given
    end

    def keep_an_admin
      return if Person.where(active: true).any? { |one| one.any_role?(%w[admin]) }

      raise DustLadder::PlanFile::Invalid,
        [ {
          "pointer" => "/roles",
          "message" => "nobody would manage the people",
          "expected" => "another admin first"
        } ]
    end
  end
end
