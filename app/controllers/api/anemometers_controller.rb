module Api
  # The anemometer, with the gust that was heard of it.
  class AnemometersController < DeviceController
    private

    def link = DeviceLink.anemometer
    def words = body.slice("do", "mean", "gusts", "height", "trouble")
  end
end
