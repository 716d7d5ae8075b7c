# Soon after midnight the plans by which somebody may lift are looked at again: a day may have passed on which something
# ended. What was missed because nothing ran then is done at the next start.
module Nightly
  # Past midnight, so that no clock that is a little slow calls it yesterday; each further worker as much later as what
  # the one before it does may take, so that it finds little left.
  LATE_MIN = 10
  APART_MIN = 20

  module_function

  # The thread that waits for it. worker: number of the process, as of Serving.
  def begin(worker = 0)
    @waits = Thread
      .new { loop { wait_and_look(worker) } }
      .tap { |thread| thread.report_on_exception = false }
  end

  # Does it wait for the next night, where it was begun at all?
  def alive? = @waits.nil? || @waits.alive?

  # Seconds from a Time until the next look of a worker.
  def seconds_until(now, worker = 0)
    late = (LATE_MIN + worker * APART_MIN).minutes
    (now.tomorrow.beginning_of_day + late - now).to_f
  end

  # Returns how many are to be looked at.
  def look(today = SiteClock.today)
    Rails.application.executor.wrap { BoardLine.outdate_days_before(today) }
  end

  # A night in which the data could not be reached is not the last one.
  def wait_and_look(worker)
    sleep(seconds_until(SiteClock.now, worker))
    look
  rescue StandardError => error
    Rails.logger.error("the nightly look failed: #{error.full_message(highlight: false)}")
  end
  private_class_method :wait_and_look
end
