# Works out what the board does not know, a few lines at a time, until none is old: first the plans by which somebody
# may lift, of which those that hold no more are withdrawn.
class BoardJob < ActiveJob::Base
  BATCH = 20

  # More than one at a time would only do the same work twice.
  LOCK = Mutex.new

  def perform
    return unless LOCK.try_lock

    begin
      while (lines = BoardLine.old.held_first.limit(BATCH).includes(:plan).to_a).any?
        OwnHouse.steady { lines.each(&:work_out) }
      end
    ensure
      LOCK.unlock
    end
    # What came while the last were worked out, and found this one still at it.
    BoardLine.look_again if BoardLine.old.held.exists?
  end
end
