threads_count = ENV.fetch("RAILS_MAX_THREADS", 5).to_i
threads threads_count, threads_count
bind "tcp://#{ENV.fetch('BIND', '127.0.0.1')}:#{ENV.fetch('PORT', 3000)}"

# What never got its record, because the process ended between, is taken away.
after_booted do
  KeptFile.sweep
  # What was to be looked at again when the process ended, or in the night.
  Nightly.look
  Nightly.begin
  BoardLine.look_again if BoardLine.old.held.exists?
  WarmUp.begin unless ENV["WARM_UP"] == "0"
  # A gust is of all that was heard: it is listened to from the start on.
  DeviceLink.anemometer.answer
end
