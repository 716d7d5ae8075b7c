# Every screen is the same page; the front end reads the address, and who is signed in.
class ScreensController < ApplicationController
  # It tells nothing of anybody.
  skip_after_action :verify_same_origin_request, only: :worker

  def show
    # A page that a browser kept would tell of somebody who has gone.
    response.headers["Cache-Control"] = "no-store"
    @signed_in = SignedIn.of(current_person)
  end

  WORKER = Rails.root.join("public/vite/worker.js")

  # What keeps the front end on a device, for the days of lifts; it is for every address, so it stands beside them all.
  def worker
    return head :not_found unless WORKER.exist?

    response.headers["Cache-Control"] = "no-cache"
    send_file WORKER, type: "text/javascript", disposition: "inline"
  end
end
