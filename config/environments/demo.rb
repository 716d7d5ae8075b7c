# What bin/demo runs: as in production, on this machine's own loopback address only.
require_relative "production"

Rails.application.configure do
  config.force_ssl = false
  config.hosts = [ "127.0.0.1", "localhost" ]
  config.log_level = "warn"
end
