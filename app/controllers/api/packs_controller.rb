module Api
  # Everything of one lift as a PDF, before and after its day.
  class PacksController < BaseController
    self.policy = LookPolicy

    def show
      plan = Plan.find(params[:plan_id])
      pack =
        LiftPack.new(
          plan,
          address: "#{request.base_url}/plans/#{plan.id}",
          system: params[:units].to_s,
          working: params[:working] != "no"
        )
      name = "#{plan.title.parameterize.first(60)}-rev-#{plan.life.course.revision || "none"}.pdf"
      send_data pack.render, filename: name, type: "application/pdf", disposition: "inline"
    end
  end
end
