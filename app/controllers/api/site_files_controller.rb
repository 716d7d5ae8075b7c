module Api
  # A site as GeoJSON in local metres.
  class SiteFilesController < BaseController
    self.policy = SitePolicy

    def show
      site = Site.find(params[:site_id])
      send_data "#{JSON.pretty_generate(DustLadder::Site::GeoFile.of(site.data))}\n",
        filename: "#{site.identifier.gsub(/[^\w-]/, "-")}-v#{site.data["version"]}.geojson",
        type: "application/geo+json"
    end
  end
end
