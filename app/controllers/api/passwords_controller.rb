module Api
  # Setting a password by the link that an admin gave. Whether there is such a link cannot be told from a wrong one.
  class PasswordsController < BaseController
    skip_before_action :refuse_signed_out, :refuse_unpermitted
    skip_after_action :verify_authorized

    def create
      person = Person.by_link(body["link"].to_s.delete("\0"))
      return no_link unless person

      password = body["password"].to_s.delete("\0")
      return refuse_password(person) unless person.reset_password(password, password)

      person.unlock_access!
      person.end_sessions
      reset_session
      render json: { login: person.login }, status: :created
    end

    private

    def no_link
      refuse "this link counts no more", "a new one from the people's admin", :unprocessable_content
    end
  end
end
