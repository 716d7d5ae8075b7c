# Soon after midnight the plans by which somebody may lift are looked at again: a day may have passed on which something
# ended. What was missed because nothing ran then is done at the next start.
module Nightly
  # Past midnight, so that no clock that is a little slow calls it yesterday.
  LATE_MIN = 10

  module_function

  # The thread that waits for it.
  def begin
    @waits = Thread
      .new { loop { wait_and_look } }
      .tap { |thread| thread.report_on_exception = false }
  end

  # Does it wait for the next night, where it was begun at all?
  def alive? = @waits.nil? || @waits.alive?

  # Seconds from a Time until the next look.
  def seconds_until(now) = (now.tomorrow.beginning_of_day + LATE_MIN.minutes - now).to_f

  # Returns how many are to be looked at.
  def look(today = SiteClock.today)
    Rails.application.executor.wrap { BoardLine.outdate_days_before(today) }
  end

  # A night in which the data could not be reached is not the last one.
  def wait_and_look
    sleep(seconds_until(SiteClock.now))
    look
  rescue StandardError => error
    Rails.logger.error("the nightly look failed: #{error.full_message(highlight: false)}")
  end
  private_class_method :wait_and_look
end
