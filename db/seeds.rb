# The demo: a gear store, two cranes and a week of lifts at Saltpan Array. Adds only what is not there yet.
demo = Rails.root.join("demo")
JSON.parse(demo.join("slings.json").read).each { |data| Sling.find_or_create_by!(number: data["number"]) { |sling| sling.data = data } }
demo.glob("charts/*.json").sort.each do |path|
  data = JSON.parse(path.read)
  Chart.find_or_create_by!(identifier: data["id"]) { |chart| chart.data = data }
end
if Plan.none?
  demo.glob("plans/*.json").sort.each { |path| Plan.start(DustLadder::PlanFile.read(path.read), note: "demo plan") }
end
