require "json_schemer"

# What the documents promise is there: whatever they link to, every schema, and that any validator can use them.
RSpec.describe "The documents" do
  pages = [ Rails.root.join("README.md"), *Rails.root.glob("docs/*.md") ]
  schemas = Rails.root.join("core/lib/dust_ladder/plan_file/schemas")

  pages.each do |page|
    it "of #{page.basename} lead to files that are there" do
      links = page.read.scan(/\]\(([^)\s]+)\)/).flatten.grep_v(/\A(#|[a-z]+:)/)
      lost = links.reject { |link| page.dirname.join(link[/\A[^#]+/]).exist? }
      expect(lost).to eq([])
    end
  end

  it "are all led to from where one reads on" do
    start = Rails.root.join("docs/README.md").read
    others = pages.map { |page| page.basename.to_s } - %w[README.md]
    expect(others.reject { |name| start.include?(name) }).to eq([])
  end

  it "name every schema of what goes in and out" do
    told = Rails.root.join("docs/formats.md").read
    files = schemas.glob("**/*.json").map { |path| path.relative_path_from(schemas).to_s }
    expect(files.size).to be > 15
    expect(files.reject { |name| told.include?("/schemas/#{name})") }).to eq([])
  end

  it "tell of schemas that hold every plan and chart of the demo, by a validator that knows nothing of them" do
    whole, chart = %w[plan-2.json plan-2/chart.json].map { |name| JSONSchemer.schema(schemas.join(name)) }
    found =
      { "plans" => whole, "charts" => chart }.flat_map do |kind, schema|
        Rails.root.glob("demo/#{kind}/*.json").map { |path| [ path, schema.validate(JSON.parse(path.read)).first ] }
      end
    expect(found.size).to be > 30
    expect(found.select(&:last)).to eq([])
    broken = JSON.parse(Rails.root.join("demo/plans/feed-horn.json").read).tap { |plan| plan["load"]["weight"] = 3200 }
    expect(whole.valid?(broken)).to be(false)
  end
end
