# A stand-in indicator of a spec's own, and the app's line to it.
RSpec.shared_context "with an indicator" do
  before do
    @over = false
    server = IndicatorServer.new
    @thread = Thread.new { server.run { @over } }
    IndicatorLink.current = IndicatorLink.new(server.port)
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
