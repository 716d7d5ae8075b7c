# This file is used by Rack-based servers to start the application.

require_relative "config/environment"

if Rails.env.production?
  abort "DUST_LADDER_HOSTS names no host: see docs/running.md" if Rails.configuration.hosts.empty?
  HouseData.lack&.then { |lack| abort lack.to_s }
end

run Rails.application
Rails.application.load_server
