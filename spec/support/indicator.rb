# A stand-in indicator of a spec's own, and the app's line to it.
RSpec.shared_context "with an indicator" do
  secret = SecureRandom.hex(16)
  define_method(:secret) { secret }
  before do
    @over = false
    server = IndicatorServer.new(secret: secret)
    @port = server.port
    @thread = Thread.new { server.run { @over } }
    IndicatorLink.current = IndicatorLink.new(server.port, secret)
    Timeout.timeout(10) { sleep 0.02 until IndicatorLink.current.answer.key?("reading") }
  end

  after do
    IndicatorLink.current.close
    IndicatorLink.current = nil
    end_indicator
  end

  def end_indicator
    @over = true
    @thread.join
  end
end
