# The cab's stand-in speaks to its own app alone.
RSpec.describe DeviceServer do
  include_context "with an indicator"

  def greeting(given = secret) = described_class.greeting("dust-ladder-indicator", given)
  def connect = TCPSocket.new("127.0.0.1", @port)

  # All that comes until the device hangs up; :open where it does not.
  def heard(socket, seconds = 1.0)
    text = +""
    limit = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
    while (left = limit - Process.clock_gettime(Process::CLOCK_MONOTONIC)).positive?
      next unless socket.wait_readable(left)

      text << socket.read_nonblock(65_536)
    end
    [ :open, text ]
  rescue EOFError, SystemCallError
    [ :closed, text ]
  end

  def said(text, seconds = 1.0)
    socket = connect
    begin
      socket.write(text)
    rescue SystemCallError
      nil # left while it was still speaking
    end
    heard(socket, seconds)
  ensure
    socket&.close
  end

  def playing? = DeviceLink.indicator.answer.dig("reading", "playing")

  # What a stranger says first.
  {
    "a web page that posts a command" => ->(_) {
      "POST / HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: text/plain\r\nContent-Length: 14\r\n\r\n{\"do\":\"play\"}\n"
    },
    "a browser that opens it" => ->(_) { "GET / HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n" },
    "a command without a greeting" => ->(_) { "{\"do\":\"play\"}\n" },
    "another secret" => ->(_) { "#{greeting("0" * 32)}\n{\"do\":\"play\"}\n" },
    "no secret" => ->(_) { "{\"hello\":\"dust-ladder-indicator\"}\n{\"do\":\"play\"}\n" },
    "a secret of another kind" => ->(_) { "{\"hello\":\"dust-ladder-indicator\",\"secret\":[1]}\n" },
    "a list" => ->(_) { "[1]\n" },
    "bytes" => ->(_) { "\xff\x00\xfe\n".b },
    "a greeting without an end" => ->(_) { "x" * 4096 }
  }.each do |name, first|
    it "leaves #{name} without a word" do
      expect(said(instance_exec(nil, &first))).to eq([ :closed, "" ])
      expect(playing?).to be(false)
    end
  end

  it "leaves whoever says nothing, and takes a greeting that comes in pieces" do
    expect(said("", 4)).to eq([ :closed, "" ])
    socket = connect
    "#{greeting}\n".each_char.each_slice(20) { |some| socket.write(some.join).then { sleep 0.01 } }
    expect(heard(socket, 0.8)).to match([ :open, /"format":"dust-ladder-indicator"/ ])
  end

  it "leaves whoever sends a line that is not JSON after the greeting" do
    [ "POST / HTTP/1.1", "{", "\xff".b ].each do |line|
      state, = said("#{greeting}\n".b + line + "\n")
      expect(state).to eq(:closed)
    end
    expect(said("#{greeting}\n{\"do\":\"fly\"}\n", 0.5).last).to include("is not known")
  end

  it "keeps talking to its app while others knock, hold on and do not read" do
    others = Array.new(40) { connect }
    deaf = connect.tap { |socket| socket.write("#{greeting}\n") }
    sleep 1.0
    expect(DeviceLink.indicator.answer).to have_key("reading")
    others.each(&:close)
    deaf.close
  end

  it "wants a secret that cannot be guessed" do
    [ nil, "", "short" ].each do |odd|
      expect { described_class.new(LoadIndicator.new, secret: odd) }.to raise_error(ArgumentError)
    end
  end

  describe DeviceLink do
    let(:feed) { DustLadder::Devices::IndicatorFeed.new }

    it "holds up one request at most, and not for long" do
      stuck = TCPServer.new("127.0.0.1", 0)
      link = described_class.new(stuck.addr[1], secret, feed)
      link.answer
      held = stuck.accept
      sleep 0.3
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      outcomes = Array.new(4) { Thread.new { link.command("do" => "play") rescue $!.message } }.map(&:value)
      expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - started).to be < described_class::ANSWERS_WITHIN_S + 1.5
      expect(outcomes.tally).to eq(
        "the indicator does not answer" => 1,
        "the indicator is still busy with what it was told before" => 3
      )
    ensure
      link&.close
      held&.close
      stuck&.close
    end

    it "answers at once, whatever stands at the port" do
      stuck = TCPServer.new("127.0.0.1", 0)
      link = described_class.new(stuck.addr[1], secret, feed)
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      expect(link.answer).to have_key("no_reading")
      expect(Process.clock_gettime(Process::CLOCK_MONOTONIC) - started).to be < 0.2
    ensure
      link&.close
      stuck&.close
    end
  end
end
