# Run in an application of its own: brings data of every earlier schema to the newest, and says what became of them.
# Prints one JSON object a line: { "from", "schema": is it as a new one is?, "plans": sites by revision, "whole": is the
# document as it was put in?, "gear", "charts", "ladder": verdict }, or { "from", "errors" }.
class Upgraded
  DEMO = Rails.root.join("demo")
  NOW = "2026-11-20 08:00:00".freeze

  def self.call(place)
    context.migrations.map(&:version)[0..-2].each { |from| puts JSON.generate(new(place, from).told) }
  end
  def self.context = ActiveRecord::Base.connection_pool.migration_context

  def initialize(place, from)
    @from = from
    @file = File.join(place, "from-#{from}.sqlite3")
  end

  def told
    ActiveRecord::Migration.verbose = false
    connect
    context.migrate(@from)
    put_in
    context.migrate
    connect
    { from: @from, schema: dumped == File.read(Rails.root.join("db/schema.rb")), **read }
  rescue StandardError => error
    { from: @from, errors: "#{error.class}: #{error.message}".first(600) }
  end

  private

  def context = self.class.context
  def sql = ActiveRecord::Base.connection

  def connect
    ActiveRecord::Base.establish_connection(adapter: "sqlite3", database: @file, timeout: 5000)
    ActiveRecord::Base.connection.schema_cache.clear!
    ActiveRecord::Base.descendants.each { |model| model.reset_column_information unless model.abstract_class? }
  end

  # As a version of that time kept them: whole documents, or compressed ones.
  def put_in
    2.times { |at| insert("plans", title: "Plan #{at}", lift_at: "2026-12-14T06:30", lock_version: 2) }
    2.times { |at| 3.times { |revision| put_revision(at + 1, revision + 1) } }
    put_gear
    chart = JSON.parse(DEMO.join("charts/juniper-full.json").read)
    insert("charts", identifier: chart["id"], data: chart, version: 1)
  end

  def put_revision(plan, number)
    text = JSON.generate(document(number))
    body = Zstd.compress(text, level: Revision::LEVEL) if has?("revisions", "body")
    insert("revisions", plan_id: plan, number: number, note: "then", **(body ? { body: body } : { document: text }))
  end

  def document(number) = JSON.parse(DEMO.join("plans/feed-horn.json").read).merge("site" => "Mesa #{number}")

  def put_gear
    fields = JSON.parse(DEMO.join("store.json").read).find { |one| one["kind"] == "wire_rope" }
    data = DustLadder::Gear::Piece.new(fields).data
    return insert("slings", number: fields["number"], data: data) if sql.table_exists?("slings")

    known = fields.slice("number", "kind", "state").transform_keys(&:to_sym)
    insert("pieces", sort: "sling", **known, fields: fields, data: data)
  end

  # What of it that table had then.
  def insert(table, **values)
    columns = sql.columns(table).map(&:name)
    values = { created_at: NOW, updated_at: NOW, **values }.slice(*columns.map(&:to_sym))
    values = values.transform_values { |value| value.is_a?(Hash) ? JSON.generate(value) : value }
    quoted = values.map { |name, value| name == :body ? "x'#{value.unpack1("H*")}'" : sql.quote(value) }
    sql.execute("insert into #{table} (#{values.keys.join(", ")}) values (#{quoted.join(", ")})")
  end

  def has?(table, column) = sql.column_exists?(table, column)

  def dumped
    io = StringIO.new
    ActiveRecord::SchemaDumper.dump(ActiveRecord::Base.connection_pool, io)
    io.string
  end

  def read
    {
      plans: Plan.order(:id).map { |plan| plan.revisions.map { |one| one.document["site"] } },
      whole: Plan.first.document.except("site") == document(1).except("site"),
      gear: Piece.all.map { |piece| [ piece.number, piece.kind, piece.data["tag"]["vertical_kg"] ] },
      charts: Chart.pluck(:identifier, :version),
      ladder: Plan.first.ladder.verdict
    }
  end
end
