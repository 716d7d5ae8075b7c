module Api
  # The day of a plan's lift: how it stands, and what is said of it. What is sent twice is kept once.
  class LiftDaysController < BaseController
    self.policy = DayPolicy

    rescue_from Plan::Day::NotIssued do
      refuse "nobody has issued this plan: it has no day yet", "an issued plan", :unprocessable_content
    end

    def show
      return unless stale?(etag: day.page_key)

      render json: day.page
    end

    # events: in the order in which they were said. Each is kept, or told what is wrong with it; one that is refused
    # holds up no other.
    def create
      events = body["events"]
      return not_events unless events.is_a?(Array) && events.size <= Plan::Day::MOST_AT_ONCE

      taken = day.keep(events, current_person)
      render json: { taken: taken.map(&:to_h), day: JSON.parse(day.page) }, status: :created
    end

    private

    def day = @day ||= Plan::Day.new(Plan.find(params[:plan_id]))

    def not_events
      refuse "there is no list of events", "at most #{Plan::Day::MOST_AT_ONCE} events", :unprocessable_content
    end
  end
end
