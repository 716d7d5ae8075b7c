require_relative "../../lib/tries"

# How often one may try. Beyond it the answer is 429 until the time has passed.
class Rack::Attack
  WRITES = %w[POST PUT PATCH DELETE].freeze
  # Where passwords and links are tried.
  DOORS = %w[/api/session /api/password].freeze

  cache.store = Tries.new(Rails.root.join("tmp/cache/tries"), compress: false)

  # Tries to sign in: from one address, and under one name from anywhere.
  throttle("sign-in by address", limit: 20, period: 60) { |request| request.ip if signing_in?(request) }
  throttle("sign-in by name", limit: 15, period: 300) do |request|
    name_of(request) if signing_in?(request)
  end
  # A hand that drags asks for some thirty checks a second; ten people behind one address do too.
  throttle("writes", limit: 12_000, period: 60) do |request|
    request.ip if WRITES.include?(request.request_method) && request.path.start_with?("/api/")
  end

  self.throttled_responder = lambda do |_request|
    fault = { pointer: "", message: "that was tried too often", expected: "a little patience" }
    [ 429, { "content-type" => "application/json" }, [ JSON.generate(errors: [ fault ]) ] ]
  end

  def self.signing_in?(request)
    request.post? && DOORS.include?(request.path.chomp("/").delete_suffix(".json"))
  end

  # As the model has it; nothing where there is none to be read.
  def self.name_of(request)
    text = request.body.read(4096).to_s
    request.body.rewind
    JSON.parse(text)["login"].to_s.strip.downcase.first(80).presence
  rescue JSON::ParserError, TypeError, NoMethodError
    nil
  end
end
Rack::Attack.enabled = !Rails.env.test?
