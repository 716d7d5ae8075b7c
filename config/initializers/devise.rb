require "devise/orm/active_record"

# People sign in by a name of their own and a password; there is no mail.
Devise.setup do |config|
  config.authentication_keys = [ :login ]
  config.case_insensitive_keys = [ :login ]
  config.strip_whitespace_keys = [ :login ]
  # Nobody learns from an answer whether a name is known.
  config.paranoid = true
  config.stretches = Rails.env.test? ? 1 : 12
  config.lock_strategy = :failed_attempts
  config.unlock_strategy = :time
  config.maximum_attempts = 10
  config.unlock_in = 15.minutes
  config.timeout_in = 12.hours
  config.reset_password_within = 1.day
  config.sign_in_after_reset_password = false
  config.skip_session_storage = [ :http_auth, :params_auth ]
  config.warden { |warden| warden.failure_app = SignedOut }
end
