# Data of every earlier version, brought to this one by the migrations that ship with it.
RSpec.describe Upgraded do
  it "brings data of every earlier schema to this one, plans, revisions, gear and charts whole" do
    rows =
      Dir.mktmpdir do |place|
        script = "require Rails.root.join(%q(spec/support/upgraded)); Upgraded.call(#{place.inspect})"
        env = { "RAILS_ENV" => "test", "TEST_DATABASE" => "upgraded" }
        said, ended = Open3.capture2(env, "bin/rails", "runner", script, chdir: Rails.root.to_s)
        expect(ended).to be_success
        said.lines.map { |line| JSON.parse(line) }
      end
    earlier = Rails.root.glob("db/migrate/*.rb").map { |path| path.basename.to_s.to_i }.sort[0..-2]
    expect(rows.map { |row| row["from"] }).to eq(earlier)
    rope = JSON.parse(Rails.root.join("demo/store.json").read).find { |one| one["number"] == "W-07" }
    rated = DustLadder::Gear::Piece.new(rope).data["tag"]["vertical_kg"]
    expect(rated).to be_positive
    expect(rows.map { |row| row.except("from") }.uniq).to eq(
      [
        {
          "schema" => true,
          "plans" => [ [ "Mesa 1", "Mesa 2", "Mesa 3" ] ] * 2,
          "whole" => true,
          "gear" => [ [ "W-07", "wire_rope", rated ] ],
          "charts" => [ [ "juniper-full", 1 ] ],
          "ladder" => "holds"
        }
      ]
    )
  ensure
    Rails.root.glob("storage/upgraded.sqlite3*").each(&:delete)
  end
end
