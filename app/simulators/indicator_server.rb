require "socket"

# Speaks for a LoadIndicator on a local TCP port: a line of JSON five times a second to whoever listens, and commands, a
# line of JSON each, from them (docs/indicator.md).
class IndicatorServer
  EVERY_S = 0.2
  LONGEST = 6 * 1024 * 1024

  attr_reader :port

  # port 0: any that is free.
  def initialize(port: 0, indicator: LoadIndicator.new)
    @server = TCPServer.new("127.0.0.1", port)
    @port = @server.addr[1]
    @indicator = indicator
    @buffers = {}
  end

  # Runs until the block answers with true, asked at every turn.
  def run
    at = now
    until yield
      readable, = IO.select([ @server, *@buffers.keys ], nil, nil, [ EVERY_S - (now - at), 0 ].max)
      (readable || []).each { |io| io == @server ? accept : hear(io) }
      next if now - at < EVERY_S

      passed, at = now - at, now
      line = @indicator.tick(passed)
      tell(line) if line
    end
  ensure
    [ @server, *@buffers.keys ].each(&:close)
  end

  private

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  def accept = @buffers[@server.accept] = +""
  def tell(line) = @buffers.keys.each { |client| write(client, line) }

  def write(client, line)
    text = "#{line}\n"
    # Half a line would make nonsense of the next one.
    leave(client) if client.write_nonblock(text) < text.bytesize
  rescue IO::WaitWritable
    nil # a listener that does not read misses lines; nobody else waits for it
  rescue SystemCallError, IOError
    leave(client)
  end

  def hear(client)
    buffer = @buffers[client] << client.read_nonblock(65_536)
    return leave(client) if buffer.bytesize > LONGEST

    while (line = buffer.slice!(/\A[^\n]*\n/))
      obey(client, line)
    end
  rescue IO::WaitReadable
    nil
  rescue SystemCallError, IOError
    leave(client)
  end

  def obey(client, line)
    words = JSON.parse(line)
    @indicator.command(words.is_a?(Hash) ? words : {})
    write(client, JSON.generate("answer" => "done"))
  rescue JSON::ParserError
    write(client, JSON.generate("answer" => "refused", "why" => "this line is not JSON"))
  rescue LoadIndicator::Refused => error
    write(client, JSON.generate("answer" => "refused", "why" => error.message))
  end

  def leave(client)
    @buffers.delete(client)
    client.close
  end
end
