# The demo: a gear store, a site, some cranes and two weeks of lifts at Saltpan Array. Adds only what is not there yet.
demo = Rails.root.join("demo")
JSON
  .parse(demo.join("store.json").read)
  .each { |fields| Piece.find_or_create_by!(number: fields["number"]) { |piece| piece.fields = fields } }
JSON
  .parse(demo.join("sites.json").read)
  .each { |data| Site.find_or_create_by!(identifier: data["id"]) { |site| site.data = data } }
demo
  .glob("charts/*.json")
  .sort
  .each do |path|
    data = JSON.parse(path.read)
    Chart.find_or_create_by!(identifier: data["id"], version: data.dig("record", "version")) do |chart|
      chart.data = data
      page = demo.join("pages/#{data["id"]}.csv")
      chart.printed = page.read if page.exist?
    end
  end
demo
  .glob("pages/*.jpg")
  .each do |path|
    chart = Chart.find_by!(identifier: path.basename(".jpg").to_s, version: 1)
    next if chart.pictures.any?

    path.open do |file|
      upload = ActionDispatch::Http::UploadedFile.new(tempfile: file, filename: path.basename.to_s)
      ChartPicture.add(chart, upload)
    end
  end
if Plan.none?
  demo.glob("plans/*.json").sort.each { |path| Plan.start(DustLadder::PlanFile.read(path.read), note: "demo plan") }
end
# Made-up people; in the demo they are picked, and nobody knows their passwords.
JSON
  .parse(demo.join("people.json").read)
  .each do |fields|
    person = Person.find_or_initialize_by(login: fields["login"])
    next if person.persisted? && person.competences.any?

    person.assign_attributes(fields)
    person.password = SecureRandom.alphanumeric(40) unless person.persisted?
    person.save!
  end
