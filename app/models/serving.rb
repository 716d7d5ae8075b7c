# What the processes that serve the house do beside its requests. There is one, or a master and as many workers as the
# machine has processors, which share what the master loaded and compiled before they were forked.
module Serving
  module_function

  # In the master, before there are workers: nothing of the database may go with them.
  def before_fork
    WarmUp.at_once if warms?
    ActiveRecord::Base.connection_handler.clear_all_connections!(:all)
    Unchanged.close
    # What is left by then is shared, and what was only passing is not.
    3.times { GC.start }
  end

  # In each process that answers, from its start on. worker: its number, from 0 on; what is done once for the house, the
  # first one does, and does it again where it had to be started anew.
  def begin(worker = 0)
    InTurn.listen
    look_after_the_house if worker.zero?
    Nightly.begin(worker)
    WarmUp.begin if warms?
    # A gust is of all that was heard, and one that says the same for long may be stuck: each process listens to all of
    # them from its start on.
    [ DeviceLink.anemometer, DeviceLink.indicator, DeviceLink.cells, DeviceLink.level ].each(&:answer)
  end

  # What never got its record, because the process ended between, is taken away; what was to be looked at again when the
  # process ended, or in the night, is.
  def look_after_the_house
    KeptFile.sweep
    Nightly.look
    BoardLine.look_again if BoardLine.old.held.exists?
  end

  def warms? = ENV["WARM_UP"] != "0"
  private_class_method :look_after_the_house, :warms?
end
