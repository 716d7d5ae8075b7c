# How the core is built: what a stranger may count on when adding to it.
RSpec.describe DustLadder do
  it "has one constant a file, each where its name says" do
    expect { Zeitwerk::Loader.eager_load_all }.not_to raise_error
  end

  core = Dir[File.expand_path("../lib/dust_ladder/**/*.rb", __dir__)]
  sections = %w[load rigging cranes tandem by_word scope snapshots lift_at].join("|")

  it "leaves the places of a plan to its sections" do
    spelt = %r{dig\("(#{sections})"|"/(#{sections})\b}
    outside = core.reject { |file| file.match?(%r{/(plan|plan_file|cases)/|plan_file\.rb|/lift\.rb}) }
    expect(outside.select { |file| File.read(file).match?(spelt) }).to eq([])
  end

  it "keeps its files short and its lines readable" do
    expect(core.select { |file| File.readlines(file).size > 250 }).to eq([])
    expect(core.select { |file| File.readlines(file).any? { |line| line.chomp.length > 120 } }).to eq([])
  end

  it "calls a check as its rung is called" do
    named = DustLadder::Ladder::Climb::CHECKS.reject { |check| check == DustLadder::Cranes::JibCheck }
    own = named.map { |check| check.name.split("::").last.gsub(/(?<=[a-z])(?=[A-Z])/, "_").downcase }
    expect(own).to eq(named.map { |check| "#{check::ID}_check" })
  end
end
