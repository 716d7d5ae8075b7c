ENV["RAILS_ENV"] ||= "test"
require "simplecov"
SimpleCov.start("rails") { enable_coverage :line } if ENV["COVERAGE"]
require_relative "../config/environment"
abort "these specs are for the test environment only" unless Rails.env.test?
require "rspec/rails"
Dir[Rails.root.join("spec/support/*.rb")].sort.each { |file| require file }
ActiveRecord::Migration.maintain_test_schema!

RSpec.configure do |config|
  config.use_transactional_fixtures = true
  config.infer_spec_type_from_file_location!
  config.filter_rails_from_backtrace!
  config.order = :random
  # Which examples failed last, for bin/test and for rspec --only-failures.
  config.example_status_persistence_file_path = Rails.root.join(ENV["EXAMPLES"]) if ENV["EXAMPLES"]
  config.include DemoPlans
end
