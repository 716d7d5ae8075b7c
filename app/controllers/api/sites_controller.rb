module Api
  # Sites that lifts take place on. One changes only what it has seen.
  class SitesController < BaseController
    self.policy = SitePolicy

    rescue_from ActiveRecord::StaleObjectError do
      fault = { pointer: "", message: "somebody changed this site meanwhile", expected: "a look at it as it is now" }
      overtaken([ fault ], Site.find(params[:id]).whole)
    end

    def index
      render json: Site.order(:identifier).map(&:line)
    end

    def show
      render json: site.whole
    end

    def create
      render json: Site.enter(body["data"]).whole, status: :created
    end

    def update
      site.change(body["data"], lock_version)
      render json: site.whole
    end

    private

    def site = @site ||= Site.find(params[:id])
  end
end
