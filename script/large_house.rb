# A house with very many plans and pieces, for benchmarks: made of the demo's own, in the database of this process.
module LargeHouse
  SLICE = 500

  module_function

  # An empty database with the schema of today.
  def begin
    ActiveRecord::Tasks::DatabaseTasks.drop_current rescue nil
    ActiveRecord::Tasks::DatabaseTasks.create_current
    ActiveRecord::Schema.verbose = false
    load Rails.root.join("db/schema.rb")
  end

  def end
    ActiveRecord::Base.connection_pool.disconnect!
    file = ActiveRecord::Base.connection_db_config.database
    Dir["#{Rails.root.join(file)}*"].each { |path| File.delete(path) }
  end

  # The demo's plans, worked out.
  def demo_plans
    Rails.root
      .glob("demo/plans/*.json")
      .map { |path| Plan.start(DustLadder::PlanFile.read(path.read)) }
      .each { |plan| plan.board_line.work_out }
  end

  # Copies of plans until there are so many, each with a title of its own; ten a day, as they stand on the board.
  def plans(most, of: demo_plans)
    lines = of.map { |plan| BoardLine.find_by!(plan: plan).attributes.except("id").symbolize_keys }
    documents = of.map { |plan| Snapshot.lean(plan.document) }
    (Plan.count...most).each_slice(SLICE) do |slice|
      headers = slice.map { |at| { title: "#{of[at % of.size].title} #{at}", lift_at: "#{day(at)}T0#{5 + at % 5}:00" } }
      ids = Plan.insert_all(headers.map { |header| stamped(header) }, returning: :id).rows.flatten
      rows = slice.zip(ids, headers)
      Revision.insert_all(rows.map { |at, id, header| first(id, documents[at % of.size], header) })
      BoardLine.insert_all(rows.map { |at, id, header| lines[at % of.size].merge(plan_id: id, **hours(header)) })
      Plan.transaction do
        rows.each { |_, id, header| PlanText.run(TEXT, id, "#{header[:title]} Saltpan Array Juniper C-22") }
      end
    end
  end
  TEXT = "INSERT INTO plan_texts (rowid, words) VALUES (?, ?)".freeze

  # Every plan opened once, as in a house whose board has worked them out: by as many processes as there are processors.
  def opened
    ids = Plan.order(:id).ids
    ActiveRecord::Base.connection_pool.disconnect!
    Unchanged.close
    slices = ids.each_slice((ids.size / Etc.nprocessors.to_f).ceil)
    slices.map { |some| fork { some.each { |id| open_one(id) } } }.each { |pid| Process.wait(pid) }
    ActiveRecord::Base.establish_connection
  end

  def open_one(id) = Plan::Answer.new(id).kept { |_| nil }

  def person(password)
    Person.create!(login: "load", name: "Somebody who asks much", roles: %w[planner keeper], password: password)
  end

  # By which a script asks as somebody of the house.
  def token
    ApiToken.give(person(SecureRandom.hex(20)), "load").last
  end

  # Copies of the demo's slings until there are so many pieces.
  def pieces(most)
    JSON.parse(Rails.root.join("demo/store.json").read).each { |fields| Piece.create!(fields: fields) } if Piece.none?
    slings = Piece.slings.to_a
    (Piece.count...most).each_slice(SLICE * 4) do |slice|
      Piece.insert_all!(slice.map { |index| piece_row(slings[index % slings.size], index) })
    end
  end

  def piece_row(like, index)
    own = { "number" => "N-#{index}", "reach" => "#{2 + index % 12 * 0.5} m" }
    examined = (SiteClock.today - index % 240).iso8601
    days = { "examined" => examined, "state" => index % 17 == 0 ? "quarantined" : "ready" }
    piece = Piece.new(fields: like.fields.merge(own, days))
    piece.send(:put_in_columns)
    stamped(piece.attributes.except("id"))
  end

  def first(id, document, header)
    own = document.merge("title" => header[:title], "lift_at" => header[:lift_at])
    { plan_id: id, number: 1, body: Zstd.compress(JSON.generate(own), level: 1), created_at: now }
  end

  def hours(header) = { lift_at: header[:lift_at], ends: header[:lift_at].sub(/T../, "T19") }

  def day(at) = (SiteClock.today + 30 + at / 10).iso8601
  def now = @now ||= Time.current
  def stamped(row) = row.merge("created_at" => now, "updated_at" => now)

  private_class_method :open_one, :piece_row, :first, :hours, :day, :now, :stamped
end
