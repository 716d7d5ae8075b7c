class Plan
  # All that a plan's ladder, and what is told of it beside, rest on, as data: by it an answer that was kept is known to
  # be the one of now. Whoever opens a plan waits for it though nothing changed, so that it is read in raw rows, and
  # the document is not unpacked where its board line says what it asks of the house.
  module Mark
    # How the plan stands and which revision is its newest; and of its board line what it says of that one, where the
    # core of today said it.
    PLAN = <<~SQL.freeze
      SELECT plans.id, plans.lock_version, plans.updated_at, plans.writers, revisions.id,
        lines.asks, lines.taken, lines.lift_at, lines.ends, plans.title
      FROM plans JOIN revisions ON revisions.plan_id = plans.id
      LEFT JOIN board_lines AS lines
        ON lines.plan_id = plans.id AND lines.revision = revisions.number AND lines.core = :core
      WHERE plans.id = :id ORDER BY revisions.number DESC LIMIT 1
    SQL
    RECORDS = "SELECT id, data FROM life_records WHERE plan_id = :id ORDER BY number".freeze

    module_function

    # id: the plan's. Raises ActiveRecord::RecordNotFound.
    def of(id)
      found, line = rows(PLAN, id: id, core: BoardLine::CORE).first&.then { |row| [ row.first(5), row.drop(5) ] }
      raise ActiveRecord::RecordNotFound if found.nil?

      names, taken = told(*line) || asked(Plan.find(id).document)
      [ found, rows(RECORDS, id: id), OwnHouse.mark(names, taken, plan: id.to_i), SiteClock.today ]
    end

    # What the newest revision names of the house, and what it takes, by its board line; nil where that does not say it.
    def told(asks, taken, lift_at, ends, title)
      names = JSON.parse(asks || "[]")
      return unless names.size == OwnHouse::PARTS

      [ names, BoardLine.taken_from(title, lift_at, ends, JSON.parse(taken)) ]
    end

    # The same by the document itself.
    def asked(document) = [ OwnHouse.names(document), DustLadder::Life::Bookings.taken(document) ]

    def rows(sql, **of) = ApplicationRecord.connection.select_rows(ApplicationRecord.sanitize_sql([ sql, of ]))
    private_class_method :told, :asked, :rows
  end
end
