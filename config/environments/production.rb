# What belongs to one installation stands in its environment: docs/running.md lists it.
Rails.application.configure do
  # What is made here is for the service alone.
  File.umask(0o077)

  config.enable_reloading = false
  config.eager_load = true
  config.consider_all_requests_local = false
  config.action_controller.perform_caching = true

  # Behind a proxy that ends TLS. Without one it is for a try on this machine alone, and says so.
  config.force_ssl = ENV["DUST_LADDER_TLS"] != "none"
  config.ssl_options = {
    hsts: { expires: 1.year, subdomains: false },
    redirect: { exclude: ->(request) { request.path == "/up" } }
  }
  # Names by which the house is reached; nothing else is answered.
  config.hosts = HousePlace.listed("DUST_LADDER_HOSTS")
  config.host_authorization = { exclude: ->(request) { request.path == "/up" } }
  # Whose word about where a request came from is believed: the proxy's on this machine, and others that are named.
  proxies = [ "127.0.0.1", "::1", *HousePlace.listed("DUST_LADDER_PROXIES") ].map { |one| IPAddr.new(one) }
  config.action_dispatch.trusted_proxies = proxies
  Rack::Request.ip_filter = ->(ip) { proxies.any? { |one| one.include?(ip) } rescue false }

  config.public_file_server.headers = { "Cache-Control" => "public, max-age=31536000" }
  config.logger = ActiveSupport::TaggedLogging.new(ActiveSupport::Logger.new($stdout))
  config.log_tags = [ :request_id ]
  config.log_level = ENV.fetch("RAILS_LOG_LEVEL", "info")
  config.active_record.dump_schema_after_migration = false
end
