module Api
  # Reads a file of a site's features and tells what it says and what is wrong in it. Nothing is kept.
  class SiteReadingsController < BaseController
    self.policy = LookPolicy

    def create
      file = params[:file]
      return refuse("no file came", "a GeoJSON file", :bad_request) unless file.respond_to?(:read)

      render json: DustLadder::Site::GeoFile.read(file.read).to_h
    end
  end
end
