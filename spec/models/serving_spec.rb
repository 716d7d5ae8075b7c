require "puma/configuration"

# What each process of the service does from its start on, and what none of them takes over from the master.
RSpec.describe Serving do
  before do
    stub_const("ENV", ENV.to_h.merge("WARM_UP" => "0"))
    allow(Nightly).to receive(:begin)
    allow(KeptFile).to receive(:sweep)
    allow(Nightly).to receive(:look)
  end

  it "looks after the house in the first of them alone, and listens to every device in all" do
    heard = []
    %i[anemometer indicator cells level].each do |name|
      link = instance_double(DeviceLink)
      allow(link).to receive(:answer) { heard << name }
      allow(DeviceLink).to receive(name).and_return(link)
    end
    described_class.begin(1)
    expect(KeptFile).not_to have_received(:sweep)
    described_class.begin(0)
    expect(KeptFile).to have_received(:sweep).once
    expect(Nightly).to have_received(:look).once
    expect(heard.tally.values).to eq([ 2, 2, 2, 2 ])
    expect([ Nightly ]).to all(have_received(:begin).with(1))
  end

  it "leaves no connection to the database to those that are forked" do
    Unchanged.of(:anything) { 1 }
    handler = ActiveRecord::Base.connection_handler
    expect(handler).to receive(:clear_all_connections!).with(:all)
    described_class.before_fork
    expect(Unchanged.instance_variable_get(:@watch)).to be_nil
  end

  it "lets each look in the night find what the one before left of it" do
    evening = Time.new(2026, 12, 14, 20, 0)
    looks = (0..2).map { |worker| evening + Nightly.seconds_until(evening, worker) }
    expect(looks.map { |at| at.strftime("%d %H:%M") }).to eq([ "15 00:10", "15 00:30", "15 00:50" ])
  end

  # A connection that is kept would stay with the process that took it, however much that one has to do.
  { "1" => [ 0, true ], "2" => [ 2, false ] }.each do |processes, (workers, kept)|
    it "lets whichever is free of #{processes} answer each request" do
      ENV["WEB_CONCURRENCY"] = processes
      told = Puma::Configuration.new({ config_files: [ "config/puma.rb" ] }, {}, ENV)
      options = told.tap(&:load).tap(&:clamp).options
      expect(options[:workers]).to eq(workers)
      expect(options[:enable_keep_alives]).to be(kept)
    end
  end
end
