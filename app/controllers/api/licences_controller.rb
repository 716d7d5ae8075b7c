module Api
  # What others made that this is made of.
  class LicencesController < BaseController
    self.policy = LookPolicy

    def index = render(json: Licences.all)
  end
end
