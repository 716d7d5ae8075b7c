require_relative "boot"

require "rails"
require "active_model/railtie"
require "active_record/railtie"
require "active_job/railtie"
require "active_storage/engine"
require "action_controller/railtie"
require "action_view/railtie"

# One built front end serves every environment but development.
ENV["VITE_RUBY_MODE"] ||= "production" unless ENV.fetch("RAILS_ENV", "development") == "development"

Bundler.require(*Rails.groups)

require_relative "../lib/house_place"
require_relative "../lib/digest_of_what_is_read"

module DustLadderApp
  class Application < Rails::Application
    config.load_defaults 7.2
    config.generators.system_tests = nil
    config.active_storage.service = :local
    # Sketches are served by the plan's own address, and nothing is made out of them.
    config.active_storage.draw_routes = false
    # A photo is no change of the plan: whoever edits it meanwhile must not be told of a clash.
    config.active_storage.touch_attachment_records = false
    config.active_storage.analyzers = []
    config.active_storage.previewers = []
    # Answers go compressed to whoever can read that. A page, which carries a token, does not.
    config.middleware.insert_before Rack::ConditionalGet, Rack::Deflater, include: %w[application/json]
    config.middleware.swap Rack::ETag, DigestOfWhatIsRead, "no-cache"
    # The largest plan file that is read, and a little for the words around it.
    config.x.largest_request = DustLadder::PlanFile::LARGEST + 65_536
  end
end
