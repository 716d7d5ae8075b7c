# The demo's own documents, to start a spec from.
module DemoPlans
  def demo_text(name) = Rails.root.join("demo/plans/#{name}.json").read
  def demo_document(name) = DustLadder::PlanFile.read(demo_text(name)).tap { |document| know_crew(document) }
  def demo_plan(name) = Plan.start(demo_document(name))

  # Whoever is named for the lift, as the house has them; they may do nothing here.
  def know_crew(document)
    document.dig("snapshots", "people").to_h.each do |login, one|
      next if Person.exists?(login: login)

      able = one["data"].slice("name", "competences")
      Person.create!(login: login, roles: [], password: "Salt-and-gravel-7", **able)
    end
  end

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
