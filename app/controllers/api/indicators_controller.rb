module Api
  # The cab's load indicator: what it says right now, or that there is no reading; and what it is told.
  class IndicatorsController < BaseController
    rescue_from(IndicatorLink::Refused) do |error|
      refuse error.message, "an indicator that answers", :unprocessable_content
    end

    def show
      render json: JSON.generate(IndicatorLink.current.answer)
    end

    def update
      words = body.slice("do", "noise", "offset", "cut_out", "rate", "trouble")
      words["plan"] = document if words["do"] == "follow"
      IndicatorLink.current.command(words)
      render json: JSON.generate(IndicatorLink.current.answer)
    end
  end
end
