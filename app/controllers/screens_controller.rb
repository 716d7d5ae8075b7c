# Every screen is the same page; the front end reads the address, and who is signed in.
class ScreensController < ApplicationController
  def show
    # A page that a browser kept would tell of somebody who has gone.
    response.headers["Cache-Control"] = "no-store"
    @signed_in = SignedIn.of(current_person)
  end
end
