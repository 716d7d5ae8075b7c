require_relative "config/application"
Rails.application.load_tasks
