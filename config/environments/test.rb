Rails.application.configure do
  config.active_job.queue_adapter = :test
  config.enable_reloading = false
  config.eager_load = ENV["CI"].present?
  config.consider_all_requests_local = true
  config.action_dispatch.show_exceptions = :rescuable
  config.action_controller.allow_forgery_protection = false
  config.action_controller.raise_on_missing_callback_actions = true
  config.active_support.deprecation = :raise
  # Every parameter of every request in a file that nobody reads takes time.
  config.log_level = ENV.fetch("RAILS_LOG_LEVEL", "warn").to_sym
  config.active_record.maintain_test_schema = true
end
