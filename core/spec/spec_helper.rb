require "stringio"
require "tempfile"
require "prop_check"
require "dust_ladder"
Dir[File.expand_path("support/*.rb", __dir__)].sort.each { |file| require file }

RSpec.configure do |config|
  config.disable_monkey_patching!
  config.order = :random
  config.include PlanHelp
  config.include TandemHelp
  config.include SiteHelp
  config.include Arithmetic
end
