# What is slow the first hundred times because Ruby has not compiled it yet is done before anybody waits for it: checks
# of plans that are here, beside the first requests, for a few seconds and no longer.
module WarmUp
  MOST_S = 8.0
  MOST_PLANS = 6
  ROUNDS = 40
  PRIORITY = -2

  # The thread that does it.
  def self.begin
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

  # Rests as long as it worked: whoever asks meanwhile has more than half of the machine.
  def self.in_turn
    began = now
    yield.tap { sleep(now - began) }
  end

  def self.now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  private_class_method :now, :checked?, :in_turn
end
