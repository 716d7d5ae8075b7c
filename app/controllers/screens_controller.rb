# Every screen is the same page; the front end reads the address.
class ScreensController < ApplicationController
  def show
  end
end
