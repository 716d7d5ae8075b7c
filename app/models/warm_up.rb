# What is slow the first hundred times because Ruby has not compiled it yet is done before anybody waits for it: checks
# of plans that are here, while nobody asks anything, for a minute at the most.
module WarmUp
  MOST_S = 60.0
  # Before anybody can ask: whoever starts the service waits for it.
  AT_ONCE_S = 4.0
  MOST_PLANS = 6
  ROUNDS = 40
  PRIORITY = -2

  # The thread that does it.
  def self.begin
    InTurn.listen
    Thread
      .new { Rails.application.executor.wrap { run } }
      .tap do |thread|
        thread.priority = PRIORITY
        thread.report_on_exception = false
      end
  end

  # How many checks were made.
  def self.run = rounds(MOST_S) { |document| InTurn.afterwards { checked?(document) } }

  # The same without rest, in the process that others are made of.
  def self.at_once = Rails.application.executor.wrap { rounds(AT_ONCE_S) { |document| checked?(document) } }

  def self.rounds(most_s)
    until_then = now + most_s
    documents = [ Plan.blank("warm up"), *Plan.order(updated_at: :desc).limit(MOST_PLANS).map(&:document) ]
    ROUNDS.times.sum { documents.count { |document| now < until_then && yield(document) } }
  end

  # One plan that cannot be checked keeps nobody else's waiting.
  def self.checked?(document)
    JSON.generate(DustLadder.check(document, **OwnHouse.of(document), most_s: Plan::MOST_S).as_json(open: nil)).present?
  rescue StandardError
    false
  end

  def self.now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  private_class_method :now, :rounds, :checked?
end
