module Api
  # Plain JSON in and out. Whatever is wrong is answered as { errors: [{ pointer, message, expected }] }. Every
  # controller names the policy that says who may do what it does; nobody may do anything in one that names none.
  class BaseController < ApplicationController
    wrap_parameters false
    before_action :refuse_signed_out
    before_action :refuse_unpermitted
    before_action :refuse_script
    before_action :set_paper_trail_whodunnit
    before_action { Current.person = current_person }
    before_action :refuse_oversized
    # Nobody keeps the answer to what was sent.
    before_action { response.cache_control[:no_store] = true unless request.get? || request.head? }
    after_action :verify_authorized
    around_action :in_time

    class_attribute :policy, instance_writer: false

    # Actions that somebody does by their own hand alone, never by a script of theirs.
    class_attribute :by_hand, default: [], instance_writer: false

    # Is an answer that was cut short none?
    class_attribute :whole_or_none, default: false, instance_writer: false

    # How long one request may take of its thread's processor, s; and one of many checks.
    MOST_S = 30.0
    MOST_S_OF_MANY = 120.0
    # Why something could not be kept, by what was raised or what that came of.
    NOT_KEPT = {
      SQLite3::FullException => [ "the disk is full", :insufficient_storage ],
      Errno::ENOSPC => [ "the disk is full", :insufficient_storage ],
      SQLite3::ReadOnlyException => [ "the data may only be read here", :service_unavailable ],
      Errno::EROFS => [ "the data may only be read here", :service_unavailable ],
      Errno::EACCES => [ "the data may only be read here", :service_unavailable ],
      SQLite3::BusyException => [ "others were being saved; try again", :service_unavailable ],
      SQLite3::CorruptException => [ "the database is damaged", :internal_server_error ]
    }.freeze
    NOT_KEPT_AT_ALL = [ "the data could not be written or read", :internal_server_error ].freeze

    # Whatever else goes wrong is told in words too; the whole of it stands in the log. What is declared below goes
    # first, and what Rails has an answer for is left to it.
    rescue_from StandardError do |error|
      raise error unless ActionDispatch::ExceptionWrapper.status_code_for_exception(error.class.name) == 500

      logger.error(error.full_message(highlight: false))
      refuse "this could not be done: a fault of Dust Ladder",
        "nothing was kept; what was typed stays",
        :internal_server_error
    end
    rescue_from ActiveRecord::StatementInvalid, Errno::ENOSPC, Errno::EROFS, Errno::EACCES, Errno::EIO do |error|
      logger.error(error.full_message(highlight: false))
      words, status = NOT_KEPT.find { |fault, _| causes(error).any?(fault) }&.last || NOT_KEPT_AT_ALL
      refuse "not saved: #{words}", "nothing was kept; what was typed stays", status
    end
    rescue_from ActiveRecord::StaleObjectError do
      overtaken(
        [ { pointer: "", message: "somebody changed it meanwhile", expected: "a look at it as it is now" } ],
        nil
      )
    end
    rescue_from RangeError do
      refuse "a number is beyond measure", "a number that can be", :unprocessable_content
    end
    rescue_from DustLadder::Budget::Spent, with: :took_too_long
    rescue_from DustLadder::PlanFile::Invalid do |error|
      render json: { errors: error.errors }, status: :unprocessable_content
    end
    rescue_from ActiveRecord::RecordNotFound do
      refuse "there is nothing at this address", "something that was made here and is still kept", :not_found
    end
    rescue_from ActionDispatch::Http::Parameters::ParseError, JSON::ParserError do
      refuse "the request is not whole JSON", "a JSON object", :bad_request
    end
    rescue_from ActionController::ParameterMissing do |error|
      refuse "#{error.param} is missing", "a request with #{error.param}", :bad_request
    end

    private

    # What was raised, and what that came of: a full disk ends a transaction by itself, and that it cannot be taken back
    # any more is what is told of it first.
    def causes(error) = Enumerator.produce(error, &:cause).take_while(&:itself)

    # Whose name stands in the history of what is shared.
    def user_for_paper_trail = current_person&.name

    def refuse_signed_out
      render json: { errors: [ SignedOut::MESSAGE ] }, status: :unauthorized unless current_person
    end

    def refuse_unpermitted
      authorize(self, policy_class: policy || ApplicationPolicy)
    rescue Pundit::NotAuthorizedError
      refuse "this is not for #{current_person.roles.to_sentence.presence || "whoever has no role"}",
        (policy || ApplicationPolicy).who(action_name),
        :forbidden
    end

    def refuse_script
      return unless by_script? && by_hand.include?(action_name)

      refuse "this is not for a script", "the person's own hand, signed in", :forbidden
    end

    # Is it the person's own hand? Their password is asked again; of a demo's made-up people nobody knows it.
    def known_hand?
      SignedIn.picking? ||
        current_person.valid_for_authentication? { current_person.valid_password?(body["password"].to_s.delete("\0")) }
    end

    def unknown_hand
      words = "the password is not the one of #{current_person.name}"
      refuse words, "the password again, by the person's own hand", :unprocessable_content
    end

    # The new password of a person, which was not taken.
    def refuse_password(person)
      refuse "the password #{person.errors[:password].first || "cannot be kept"}",
        "at least #{Person::LEAST_PASSWORD} signs, without your name",
        :unprocessable_content
    end

    def refuse_oversized
      return if request.content_length.to_i <= largest

      refuse "this is #{request.content_length} bytes", "at most #{largest / 1.megabyte} MB", :content_too_large
    end

    # The most bytes that a request of this kind may have.
    def largest = Rails.configuration.x.largest_request

    # The plan document of the request, accepted. Raises DustLadder::PlanFile::Invalid.
    def document
      DustLadder::PlanFile.accept(body.fetch("document") { raise ActionController::ParameterMissing, :document })
    end

    # The id of the plan that a request's document is of, where it is of one that is kept.
    def plan_named
      return @plan_named if defined?(@plan_named)

      id = body["plan"]
      @plan_named = (id if id.is_a?(Integer) && Unchanged.of(:plan, id) { Plan.exists?(id) })
    end

    # The last day on which a document's lift takes its gear; today where it says none.
    def day_of(document)
      told = [ document["lift_at"], document["lift_until"] ].compact.max.to_s[/\A\d{4}-\d{2}-\d{2}/]
      told || SiteClock.today.iso8601
    end

    # The request's JSON as it was sent. The parameters of Rails would drop the empty cells of a chart; the front
    # end sends a type of its own, so that they are not even tried on a whole document.
    def body
      @body ||= JSON.parse(request.raw_post).then { |parsed| parsed.is_a?(Hash) ? finite(parsed) : {} }
    end

    # The state that whoever saves started from; a request without it cannot be guarded.
    def lock_version
      version = Integer(body["lock_version"], exception: false)
      raise ActionController::ParameterMissing, :lock_version unless version&.between?(0, MOST_VERSIONS)

      version
    end
    MOST_VERSIONS = 2**31
    private_constant :MOST_VERSIONS

    # Refuses a number without an end, such as 1e400: JSON can write it, nothing can use it.
    def finite(parsed)
      endless = DustLadder::PlanFile::Schema.endless(parsed)
      raise DustLadder::PlanFile::Invalid, [ endless ] if endless

      parsed
    end

    def in_time(&) = DustLadder::Budget.within(whole_or_none ? MOST_S_OF_MANY : MOST_S, &)

    # Where many checks are made, an answer that was cut short would say that nothing else was found: none is given.
    def render(...)
      raise DustLadder::Budget::Spent if whole_or_none && DustLadder::Budget.spent?

      super
    end

    # A KeptAnswer, as whoever asks can read it; nothing of it where they have it already.
    def render_kept(answer)
      response.headers["Vary"] = "Accept-Encoding"
      return unless stale?(etag: answer.digest)
      return render(json: answer.text) unless request.get_header("HTTP_ACCEPT_ENCODING").to_s.match?(/\bgzip\b/)

      response.headers["Content-Encoding"] = "gzip"
      render body: answer.zipped, content_type: "application/json"
    end

    # Somebody was faster. now: how it stands now, or nil.
    def overtaken(faults, now)
      render json: { errors: faults, now: now }, status: :conflict
    end

    def took_too_long(error) = refuse(error.what, "a plan with less in it", :service_unavailable)

    def refuse(message, expected, status)
      render json: { errors: [ { pointer: "", message: message, expected: expected } ] }, status: status
    end
  end
end
