module Api
  # An outside device: what it says right now, or that there is no reading; and what it is told. Its own controller
  # gives link, a DeviceLink, and words, of what was asked.
  class DeviceController < BaseController
    self.policy = DevicePolicy

    # A screen that listens by itself is nobody at work.
    prepend_before_action(only: :show) { request.env["devise.skip_trackable"] = true }

    rescue_from(DeviceLink::Refused) do |error|
      refuse error.message, "an #{link.name} that answers", :unprocessable_content
    end

    def show
      render json: JSON.generate(link.answer)
    end

    def update
      link.command(words)
      show
    end
  end
end
