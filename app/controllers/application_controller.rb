class ApplicationController < ActionController::Base
  include Pundit::Authorization

  # A script proves who it is with every request; nobody can make a browser send that for them.
  protect_from_forgery with: :exception, unless: :by_script?

  def pundit_user = current_person

  # Of a script by what it carries, and then by nothing else.
  def current_person
    return super unless by_script?

    @of_script ||= ApiToken.person_of(request.authorization.delete_prefix(BEARER))
  end
  BEARER = "Bearer ".freeze

  def by_script? = request.authorization.to_s.start_with?(BEARER)
end
