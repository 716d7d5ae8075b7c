module Api
  # The cab's load indicator: what it says right now, or that there is no reading; and what it is told.
  class IndicatorsController < BaseController
    rescue_from(DeviceLink::Refused) do |error|
      refuse error.message, "an indicator that answers", :unprocessable_content
    end

    def show
      render json: JSON.generate(DeviceLink.indicator.answer)
    end

    def update
      words = body.slice("do", "noise", "offset", "cut_out", "rate", "trouble")
      words["plan"] = document if words["do"] == "follow"
      DeviceLink.indicator.command(words)
      render json: JSON.generate(DeviceLink.indicator.answer)
    end
  end
end
