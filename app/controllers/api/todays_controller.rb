module Api
  # The lifts of one day, each with how far it is.
  class TodaysController < BaseController
    self.policy = LookPolicy

    def show
      on = day or return refuse("#{params[:on].to_s.first(40)} is no day", "such as 2026-12-14", :unprocessable_content)

      render json: Plan::Today.new(on).as_json
    end

    private

    # Today by the site's clock, or the day asked for; nil for what is no day.
    def day
      asked = params[:on].to_s
      return SiteClock.today if asked.empty?

      asked.match?(/\A\d{4}-\d{2}-\d{2}\z/) ? Date.iso8601(asked) : nil
    rescue Date::Error
      nil
    end
  end
end
