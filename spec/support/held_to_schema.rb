# Holds every answer of the API in the request specs to its schema: by controller and action, line by line where it is
# streamed; refusals too. An endpoint without a schema fails.
module HeldToSchema
  SCHEMA = JSONSchemer.schema(Rails.root.join("app/schemas/answers.json"))
  OF = Hash.new do |all, name|
    all[name] = SCHEMA.ref("#/properties/#{name.gsub("/", "~1").gsub("#", "%23")}")
  end

  class << self
    def check(response, controller)
      return unless controller.class.name.start_with?("Api::") && response.media_type.to_s.end_with?("json")
      # A file to keep has a format of its own.
      return if response.headers["content-disposition"].to_s.start_with?("attachment")

      name = "#{controller.controller_name}##{controller.action_name}"
      # Whoever has it already is sent nothing.
      return if response.status == 304

      text = read(response)
      bodies = text.lines.map(&:strip).reject(&:empty?)
      bodies = [ text ] unless response.media_type.include?("ndjson")
      bodies.each { |body| hold(name, response, JSON.parse(body)) }
    end

    private

    def read(response)
      return response.body unless response.headers["content-encoding"] == "gzip"

      ActiveSupport::Gzip.decompress(response.body).force_encoding(Encoding::UTF_8)
    end

    def hold(name, response, body)
      return if body.nil? && response.successful?

      schema = schema_for(name, response) or raise "the answer of #{name} has no schema in app/schemas/answers.json"
      wrong = schema.validate(body).first(3).map { |error| "#{error["data_pointer"]}: #{error["error"]}" }
      raise "#{name} (#{response.status}) does not fit its schema: #{wrong.join("; ")}" if wrong.any?
    end

    def schema_for(name, response)
      return SCHEMA.ref("#/$defs/overtaken") if response.status == 409
      return SCHEMA.ref("#/$defs/refusal") if response.status >= 400

      OF[name] if SCHEMA.value["properties"].key?(name)
    end
  end

  def process(...)
    super.tap { HeldToSchema.check(response, controller) if controller }
  end
end
ActionDispatch::Integration::Session.prepend(HeldToSchema)
