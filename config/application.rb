require_relative "boot"

require "rails"
require "active_model/railtie"
require "active_record/railtie"
require "action_controller/railtie"
require "action_view/railtie"

# One built front end serves every environment but development.
ENV["VITE_RUBY_MODE"] ||= "production" unless ENV.fetch("RAILS_ENV", "development") == "development"

Bundler.require(*Rails.groups)

module DustLadderApp
  class Application < Rails::Application
    config.load_defaults 7.2
    config.generators.system_tests = nil
    # The largest plan file that is read, and a little for the words around it.
    config.x.largest_request = DustLadder::PlanFile::LARGEST + 65_536
  end
end
