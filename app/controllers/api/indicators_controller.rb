module Api
  # The cab's load indicator.
  class IndicatorsController < DeviceController
    private

    def link = DeviceLink.indicator

    def words
      asked = body.slice("do", "noise", "offset", "cut_out", "rate", "trouble")
      asked["do"] == "follow" ? asked.merge("plan" => document) : asked
    end
  end
end
