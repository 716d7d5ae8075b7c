require "rack/etag"

# Gives an answer the digest by which it is not sent again, as Rack does; but none to what answers something sent, which
# nobody keeps.
class DigestOfWhatIsRead < Rack::ETag
  def call(env) = %w[GET HEAD].include?(env[Rack::REQUEST_METHOD]) ? super : @app.call(env)
end
