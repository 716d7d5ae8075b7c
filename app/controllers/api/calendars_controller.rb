module Api
  # Lifts, ends of competences and examinations as a calendar file; a script of one's own may fetch it as a feed.
  class CalendarsController < BaseController
    self.policy = LookPolicy

    def show
      send_data SiteCalendar.new.to_ical, type: "text/calendar; charset=utf-8", filename: "dust-ladder.ics"
    end
  end
end
