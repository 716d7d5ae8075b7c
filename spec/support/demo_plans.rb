# The demo's own documents, to start a spec from.
module DemoPlans
  def demo_text(name) = Rails.root.join("demo/plans/#{name}.json").read
  def demo_document(name) = DustLadder::PlanFile.read(demo_text(name))
  def demo_plan(name) = Plan.start(demo_document(name))

  def load_sites
    JSON.parse(Rails.root.join("demo/sites.json").read).each { |data| Site.create!(identifier: data["id"], data: data) }
  end

  def load_store
    JSON.parse(Rails.root.join("demo/store.json").read).each { |fields| Piece.create!(fields: fields) }
    Rails
      .root
      .glob("demo/charts/*.json")
      .each { |path| JSON.parse(path.read).then { |data| Chart.create!(identifier: data["id"], data: data) } }
  end
end
