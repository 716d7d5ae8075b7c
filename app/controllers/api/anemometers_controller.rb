module Api
  # The anemometer: what it says right now and the gust that was heard, or that there is no reading; and how its
  # stand-in is to behave.
  class AnemometersController < BaseController
    rescue_from(DeviceLink::Refused) do |error|
      refuse error.message, "an anemometer that answers", :unprocessable_content
    end

    def show
      render json: JSON.generate(DeviceLink.anemometer.answer)
    end

    def update
      DeviceLink.anemometer.command(body.slice("do", "mean", "gusts", "height", "trouble"))
      render json: JSON.generate(DeviceLink.anemometer.answer)
    end
  end
end
