# Answers of one JSON object a line, each sent as soon as it is known.
module LineByLine
  FAULT = "this could not be done to its end: a fault of Dust Ladder".freeze

  private

  # The block is given what to hand each line to, a Hash. most_s: seconds of its thread's processor that it may take.
  # cut: makes the last line of an answer that came to no end, of why. What was told before stands.
  def line_by_line(most_s:, cut:)
    response.headers.merge!(
      "Content-Type" => "application/x-ndjson",
      "Cache-Control" => "no-store",
      "Last-Modified" => Time.current.httpdate
    )
    self.response_body = Enumerator.new do |lines|
      tell = ->(line) { lines << "#{JSON.generate(line)}\n" }
      DustLadder::Budget.within(most_s) { to_its_end(tell, cut) { yield tell } }
    end
  end

  def to_its_end(tell, cut)
    yield
  rescue DustLadder::Budget::Spent => error
    tell.(cut.(error.what))
  rescue IOError, SystemCallError
    # Nobody reads it any more.
    raise
  rescue StandardError => error
    logger.error(error.full_message(highlight: false))
    tell.(cut.(FAULT))
  end
end
