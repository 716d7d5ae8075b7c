# Works out what the board does not know, a few lines at a time, until none is old: first the plans by which somebody
# may lift, of which those that hold no more are withdrawn.
class BoardJob < ActiveJob::Base
  BATCH = 20

  def perform
    # What came while the last were worked out, and found this one still at it.
    BoardLine.look_again if alone { work_out } && BoardLine.old.held.exists?
  end

  private

  # More than one at a time, in whatever process of the house, would only do the same work twice. Returns whether it
  # was the one.
  def alone
    File.open("#{HouseData.file}.board", File::CREAT | File::RDWR, 0o600) do |file|
      file.flock(File::LOCK_EX | File::LOCK_NB) && (yield || true)
    end
  end

  def work_out
    while (lines = BoardLine.old.held_first.limit(BATCH).includes(:plan).to_a).any?
      lines.each { |line| told(line) }
    end
  end

  # Whoever may lift by a plan waits for it; of the others nobody does.
  def told(line) = Plan::Life::HELD.include?(line.state) ? line.work_out : InTurn.half { line.work_out }
end
