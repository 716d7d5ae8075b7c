# What is slow the first hundred times because Ruby has not compiled it yet is done before anybody waits for it: checks
# of plans that are here, while nobody asks anything, for a minute at the most.
module WarmUp
  MOST_S = 60.0
  # Nobody asked anything for so long.
  QUIET_S = 0.5
  MOST_PLANS = 6
  ROUNDS = 40
  PRIORITY = -2

  # The thread that does it.
  def self.begin
    ActiveSupport::Notifications.subscribe("start_processing.action_controller") { @asked = now }
    Thread
      .new { Rails.application.executor.wrap { run } }
      .tap do |thread|
        thread.priority = PRIORITY
        thread.report_on_exception = false
      end
  end

  # How many checks were made.
  def self.run
    until_then = now + MOST_S
    documents = [ Plan.blank("warm up"), *Plan.order(updated_at: :desc).limit(MOST_PLANS).map(&:document) ]
    ROUNDS.times.sum { documents.count { |document| now < until_then && in_turn { checked?(document) } } }
  end

  # One plan that cannot be checked keeps nobody else's waiting.
  def self.checked?(document)
    JSON.generate(DustLadder.check(document, **OwnHouse.of(document), most_s: Plan::MOST_S).as_json(open: nil)).present?
  rescue StandardError
    false
  end

  # Rests as long as it worked, and while anybody asks: whoever does so has the machine.
  def self.in_turn
    sleep(QUIET_S / 2) while @asked && now - @asked < QUIET_S
    began = now
    yield.tap { sleep(now - began) }
  end

  def self.now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  private_class_method :now, :checked?, :in_turn
end
