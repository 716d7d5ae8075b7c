# The demo: a gear store, a site, some cranes and two weeks of lifts at Saltpan Array. Adds only what is not there yet.
# Made-up cranes, marked as checked, have no place among real ones.
return if Rails.env.production?

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
# What is there already was changed by somebody, and is left as it is.
fresh = Plan.none?
if fresh
  demo.glob("plans/*.json").sort.each { |path| Plan.start(DustLadder::PlanFile.read(path.read), note: "demo plan") }
end
# Made-up people; in the demo they are picked, and nobody knows their passwords.
JSON
  .parse(demo.join("people.json").read)
  .each do |fields|
    person = Person.find_or_initialize_by(login: fields["login"])
    if person.new_record?
      person.update!(**fields, password: SecureRandom.alphanumeric(40))
    elsif person.competences.empty?
      person.update!(competences: fields["competences"])
    end
  end
# How a wire rope wore over two years, as its examinations have it.
if Rails.env.demo? && PieceLook.none?
  rope = Piece.find_by!(number: "W-08")
  keeper = Person.all.find { |one| one.any_role?(%w[keeper]) }
  rope.update!(fields: rope.fields.merge("in_service" => "2024-11-20", "maker" => "Mesquite Works"))
  { "2025-05-19" => "0", "2025-11-19" => "2", "2026-05-19" => "3" }.each do |day, wires|
    given = { "sort" => "thorough", "day" => day, "by" => "Ocotillo Test House", "result" => "passed" }
    PieceLook.examine(rope, { **given, "findings" => { "lay_wires" => { "measured" => wires } } }, person: keeper)
  end
end
# How far some of the plans are: written down, climbed, signed, issued, over.
if Rails.env.demo? && fresh
  who = ->(login) { Person.find_by!(login: login) }
  plan = ->(words) { Plan.find_by!("title LIKE ?", "%#{words}%") }
  act = ->(of, login, name, **about) {
    life = of.reload.life
    life.act(who.(login), name, seen: life.seen, about: about.transform_keys(&:to_s))
  }
  climb = ->(of, login, flights) { flights.each { |id| act.(of, login, "flight", flight: id) } }
  all = DustLadder::Ladder::Climb::FLIGHTS.keys
  name_it = ->(of) {
    of.life.deviations.each do |one|
      act.(of, "ines", "deviation", deviation: one.id, reason: "each leg counted by itself, lengths taped")
    end
  }

  issued, checked, half, gone, duct = [ "Feed horn", "RC-7", "RC-9", "Azimuth bearing", "Air duct" ].map(&plan)
  [ issued, checked, half, gone, duct ].each { |of| act.(of, "jun", "wrote") }
  [ issued, checked, gone, duct ].each { |of| climb.(of, "mara", all) }
  [ issued, checked, gone, duct ].each { |of| name_it.(of) }
  climb.(half, "teo", all.first(2))
  act.(issued, "ines", "issued")
  act.(duct, "ines", "issued")
  require_relative "../demo/day"
  DemoDay.new(duct.reload, who.("teo")).play
  if gone.life.acts(who.("ines")).include?("issued")
    act.(gone, "ines", "issued")
    act.(gone, "ines", "withdrawn", reason: "the bearing comes two weeks later")
  end
  of = plan.("Feed horn")
  asker = who.("mara")
  of.questions.create!(
    rung: "ground", words: "who looked at the ground behind the mat?", revision: 1, asker: asker, asked: who.("ines")
  )
end
