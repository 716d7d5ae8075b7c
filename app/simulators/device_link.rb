require "socket"

# The app's line to an outside device: one thread that listens, comes back when the line is lost, and knows how old what
# it heard is. What may be shown of it is decided by the core's feed.
class DeviceLink
  # The device said no, or is not there.
  class Refused < StandardError
  end

  AGAIN_S = 0.5
  CONNECTS_WITHIN_S = 1.0
  ANSWERS_WITHIN_S = 3.0

  class << self
    # The lines to the devices of this app, on the ports and with the secrets that they were started with.
    def indicator = @indicator ||= started("INDICATOR", DustLadder::Devices::IndicatorFeed.new)
    def anemometer = @anemometer ||= started("ANEMOMETER", DustLadder::Devices::AnemometerFeed.new)
    def cells = @cells ||= started("CELLS", DustLadder::Devices::CellsFeed.new)
    def level = @level ||= started("LEVEL", DustLadder::Devices::LevelFeed.new)
    attr_writer :indicator, :anemometer, :cells, :level

    private

    def started(name, feed)
      port = Integer(ENV.fetch("#{name}_PORT", 0), exception: false) || 0
      new(port, ENV.fetch("#{name}_SECRET", ""), feed)
    end
  end

  # port 0: there is no such device. feed: a DustLadder::Devices::Feed.
  def initialize(port, secret, feed)
    @port = port
    @secret = secret
    @feed = feed
    @lock = Mutex.new
    @answers = Queue.new
    @asking = Mutex.new
  end

  def name = @feed.name

  # { "reading": ... } or { "no_reading": why }, at once.
  def answer
    return { "no_reading" => "no #{name} is connected" } if @port.zero?

    listen
    @lock.synchronize { @feed.answer(now) }
  end

  # Sends a command and waits for the device's answer, no longer than ANSWERS_WITHIN_S and never in a queue. Raises
  # Refused.
  def command(words)
    listen
    raise Refused, "the #{name} is still busy with what it was told before" unless @asking.try_lock

    begin
      socket = @lock.synchronize { @socket } or raise Refused, "the #{name} is not connected"
      ask(socket, words)
    ensure
      @asking.unlock
    end
  rescue SystemCallError, IOError, Timeout::Error
    raise Refused, "the #{name} does not answer"
  end

  def close
    @closed = true
    @thread&.kill
    @lock.synchronize { @socket&.close }
  end

  private

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

  # Starts to listen, once; after a fork of the server too.
  def listen
    @lock.synchronize { @thread = Thread.new { keep_listening } unless @thread&.alive? }
  end

  def ask(socket, words)
    @answers.clear
    text = "#{JSON.generate(words)}\n"
    answer =
      Timeout.timeout(ANSWERS_WITHIN_S) do
        socket.write(text)
        @answers.pop
      end
    raise Refused, answer["why"].to_s unless answer["answer"] == "done"
  rescue Timeout::Error
    # Half a command may be on the line: it is begun anew.
    socket.close
    raise
  end

  def keep_listening
    until @closed
      begin
        socket = Socket.tcp("127.0.0.1", @port, connect_timeout: CONNECTS_WITHIN_S)
        socket.write("#{DeviceServer.greeting(@feed.format, @secret)}\n")
        @lock.synchronize { @socket = socket }
        while (line = socket.gets(65_536))
          hear(line)
        end
      rescue SystemCallError, IOError
        nil # told as "no connection" below, and tried again
      end
      @lock.synchronize do
        @socket = nil
        @feed.lost("no connection to the #{name}")
      end
      sleep AGAIN_S
    end
  end

  def hear(line)
    return @answers << JSON.parse(line) if line.start_with?('{"answer"')

    @lock.synchronize { @feed.take(line, now) }
  end
end
