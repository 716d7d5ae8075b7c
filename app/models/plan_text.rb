# What a plan is found by: title, load, site, crane, gear and people by number and name, who asked what, and how its
# life went, lessons too. SQLite's FTS5, by every three letters in a row, so that a part of a word finds it. Its table
# cannot stand in db/schema.rb and is made where it is missing.
module PlanText
  TABLE = "plan_texts".freeze
  MOST_CHARACTERS = 20_000
  MOST_WORDS = 12
  # Fewer letters than these in a row are in no index.
  LEAST = 3
  # Of the day of its lift, what whoever plans the next one looks for.
  LEARNT = %w[lesson finding].freeze

  module_function

  # Keeps what a plan is found by. document: of its newest revision.
  def keep(plan, document)
    ready
    run("DELETE FROM #{TABLE} WHERE rowid = ?", plan.id)
    run("INSERT INTO #{TABLE} (rowid, words) VALUES (?, ?)", plan.id, text(plan, document))
  end

  # Ids of the plans that have every word, as a relation's condition; nil where there is no word long enough to go by.
  def matching(words)
    asked = words.to_s.downcase.scan(/[[:alnum:]]+/).select { |word| word.length >= LEAST }.first(MOST_WORDS)
    return if asked.empty?

    ready
    query = asked.map { |word| %("#{word}") }.join(" ")
    [ "board_lines.plan_id IN (SELECT rowid FROM #{TABLE} WHERE #{TABLE} MATCH ?)", query ]
  end

  def ready
    ActiveRecord::Base.connection.execute(
      "CREATE VIRTUAL TABLE IF NOT EXISTS #{TABLE} USING fts5(words, tokenize = 'trigram')"
    )
  end

  def text(plan, document)
    [
      plan.title, *told_by(document), *document["snapshots"].to_h.flat_map { |kind, all| taken(kind, all) },
      *DayEvent.where(plan_id: plan.id, kind: LEARNT).order(:number).pluck(:words),
      *plan.questions.flat_map { |one| [ one.words, one.answer ] },
      *plan.life_records.order(:number).flat_map { |one|
        one.data.values_at("words") + one.data["about"].values_at("reason")
      }
    ].compact.join("\n").first(MOST_CHARACTERS)
  end

  def told_by(document)
    load = document["load"].to_h
    [ document["site"], load["name"], load.dig("weight", "source"), *document["crew"].to_a.map { |one| one["name"] },
      *document["by_word"].to_h.values.flat_map { |word| word.to_h.values_at("says", "by") } ]
  end

  # Numbers and names of what the plan took of the house; not the whole of a rule set.
  def taken(kind, all)
    return [] if kind == "rule_sets"

    all.to_h.flat_map { |id, one| [ id, *one["data"].to_h.values_at("title", "name", "kind", "size") ] }
  end

  def run(sql, *values)
    ActiveRecord::Base.connection.execute(ActiveRecord::Base.sanitize_sql_array([ sql, *values ]))
  end
  private_class_method :ready, :text, :told_by, :taken
end
