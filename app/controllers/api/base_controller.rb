module Api
  # Plain JSON in and out. Whatever is wrong is answered as { errors: [{ pointer, message, expected }] }.
  class BaseController < ApplicationController
    wrap_parameters false
    before_action :refuse_oversized

    rescue_from DustLadder::PlanFile::Invalid do |error|
      render json: { errors: error.errors }, status: :unprocessable_content
    end
    rescue_from ActiveRecord::RecordNotFound do
      refuse "there is nothing at this address", "a plan, or a revision of one, that was made here", :not_found
    end
    rescue_from ActionDispatch::Http::Parameters::ParseError, JSON::ParserError do
      refuse "the request is not whole JSON", "a JSON object", :bad_request
    end
    rescue_from ActionController::ParameterMissing do |error|
      refuse "#{error.param} is missing", "a request with #{error.param}", :bad_request
    end

    private

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

    # The request's JSON as it was sent. The parameters of Rails would drop the empty cells of a chart; the front
    # end sends a type of its own, so that they are not even tried on a whole document.
    def body
      @body ||= JSON.parse(request.raw_post).then { |parsed| parsed.is_a?(Hash) ? parsed : {} }
    end

    def refuse(message, expected, status)
      render json: { errors: [ { pointer: "", message: message, expected: expected } ] }, status: status
    end
  end
end
