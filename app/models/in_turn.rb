# Work beside the requests, for which nobody waits: it leaves the processor to whoever asks something.
module InTurn
  # Nobody asked anything for so long.
  QUIET_S = 0.5

  module_function

  # From now on it is known when somebody asks this process.
  def listen
    @listens ||= ActiveSupport::Notifications.subscribe("start_processing.action_controller") { @asked = now }
  end

  def asked? = !@asked.nil? && now - @asked < QUIET_S

  # Returns what the block does, and rests as long as that took where somebody asks.
  def half
    began = now
    yield.tap { sleep(now - began) if asked? }
  end

  # The same once nobody asks any more, with a rest in any case.
  def afterwards
    sleep(QUIET_S / 2) while asked?
    began = now
    yield.tap { sleep(now - began) }
  end

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  private_class_method :now
end
