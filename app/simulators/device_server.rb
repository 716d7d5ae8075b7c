require "socket"
require "openssl"

# Speaks for a stand-in of an outside device on a local TCP port: a line of JSON five times a second to whoever has
# greeted it with the secret of this start, and commands, a line of JSON each, from them (docs/devices.md). Whoever says
# anything else, a web page among them, is left without a word.
class DeviceServer
  # Something the device was told that it cannot do.
  class Refused < StandardError
  end

  EVERY_S = 0.2
  LONGEST = 6 * 1024 * 1024
  # A greeting is no longer, and comes at once; no more listen at a time.
  LONGEST_GREETING = 1024
  GREETS_WITHIN_S = 2.0
  MOST = 16

  Client = Struct.new(:buffer, :since, :greeted)

  attr_reader :port

  # The line that a listener begins with. format: of the device's lines.
  def self.greeting(format, secret) = JSON.generate("hello" => format, "secret" => secret)

  # device: has a class with its FORMAT, tick(seconds) to a line of text or nil, and command(words), which may raise
  # Refused. port 0: any that is free. secret: made at this start, known to the app alone.
  def initialize(device, secret:, port: 0)
    raise ArgumentError, "a secret of 16 letters at least is needed" if secret.to_s.length < 16

    @secret = secret
    @server = TCPServer.new("127.0.0.1", port)
    @port = @server.addr[1]
    @device = device
    @clients = {}
  end

  # Runs until the block answers with true, asked at every turn.
  def run
    at = now
    until yield
      readable, = IO.select([ @server, *@clients.keys ], nil, nil, [ EVERY_S - (now - at), 0 ].max)
      (readable || []).each { |io| io == @server ? accept : hear(io) }
      next if now - at < EVERY_S

      passed, at = now - at, now
      @clients.select { |_, one| !one.greeted && now - one.since > GREETS_WITHIN_S }.each_key { |io| leave(io) }
      line = @device.tick(passed)
      tell(line) if line
    end
  ensure
    [ @server, *@clients.keys ].each(&:close)
  end

  private

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  def tell(line) = @clients.select { |_, one| one.greeted }.each_key { |io| write(io, line) }

  def accept
    io = @server.accept_nonblock
    @clients.size < MOST ? @clients[io] = Client.new(+"", now, false) : io.close
  rescue IO::WaitReadable, SystemCallError
    nil # whoever knocked has gone
  end

  def write(io, line)
    text = "#{line}\n"
    # Half a line would make nonsense of the next one.
    leave(io) if io.write_nonblock(text) < text.bytesize
  rescue IO::WaitWritable
    nil # a listener that does not read misses lines; nobody else waits for it
  rescue SystemCallError, IOError
    leave(io)
  end

  def hear(io)
    client = @clients[io]
    client.buffer << io.read_nonblock(65_536)
    return leave(io) if client.buffer.bytesize > (client.greeted ? LONGEST : LONGEST_GREETING)

    while @clients.key?(io) && (line = client.buffer.slice!(/\A[^\n]*\n/))
      client.greeted ? obey(io, line) : greet(io, client, line)
    end
  rescue IO::WaitReadable
    nil
  rescue SystemCallError, IOError
    leave(io)
  end

  def greet(io, client, line)
    words = JSON.parse(line)
    said = words.is_a?(Hash) ? words.values_at("hello", "secret") : []
    known = said[0] == @device.class::FORMAT && OpenSSL.secure_compare(said[1].to_s, @secret)
    known ? client.greeted = true : leave(io)
  rescue JSON::ParserError, EncodingError
    leave(io)
  end

  # A line that is not JSON is no slip of the app: whoever sent it is left.
  def obey(io, line)
    words = JSON.parse(line)
    @device.command(words.is_a?(Hash) ? words : {})
    write(io, JSON.generate("answer" => "done"))
  rescue JSON::ParserError, EncodingError
    leave(io)
  rescue Refused => error
    write(io, JSON.generate("answer" => "refused", "why" => error.message))
  end

  def leave(io)
    @clients.delete(io)
    io.close
  end
end
