ENV["BUNDLE_GEMFILE"] ||= File.expand_path("../Gemfile", __dir__)
require "bundler/setup"
require "dust_ladder"
require "securerandom"
%w[device_server simulated_device load_indicator anemometer hung_load leg_cells inclinometer].each do |file|
  require_relative "../app/simulators/#{file}"
end

# A stand-in of an outside device as a process of its own.
module Device
  module_function

  # name: as in its command and its secret's name. The block makes the device. Ends with whoever started it.
  def serve(name)
    parent = Process.ppid
    %w[TERM INT].each { |signal| trap(signal) { exit } }
    secret =
      ENV.fetch("#{name.upcase}_SECRET") { SecureRandom.hex(16).tap { |made| puts "#{name} secret #{made}" } }
    server = DeviceServer.new(yield, port: Integer(ARGV.fetch(0, "0")), secret: secret)
    puts "#{name} on port #{server.port}"
    $stdout.flush
    server.run { Process.ppid != parent }
  rescue Errno::EADDRINUSE
    abort "#{name}: port #{ARGV[0]} is taken by something else; there will be no reading of it"
  end
end
