# Answers of one JSON object a line, each sent as soon as it is known.
module LineByLine
  private

  # The block is given what to hand each line to, a Hash. most_s: seconds of its thread's processor that it may take.
  def line_by_line(most_s:)
    response.headers.merge!(
      "Content-Type" => "application/x-ndjson",
      "Cache-Control" => "no-store",
      "Last-Modified" => Time.current.httpdate
    )
    self.response_body = Enumerator.new do |lines|
      DustLadder::Budget.within(most_s) { yield ->(line) { lines << "#{JSON.generate(line)}\n" } }
    end
  end
end
