# What was read from the database alone, kept for as long as nothing in it changes: a hand that drags a grip asks the
# same many times a second. SQLite itself tells: its data version counts what other connections changed, and every
# connection counts the rows that it changed itself. Within one request that is asked once, as Rails keeps its queries.
module Unchanged
  MOST = 64
  VERSION = "SELECT total_changes(), data_version FROM pragma_data_version".freeze
  Kept = Struct.new(:connection, :version, :answers)

  # What the block answers, or answered before to the same key. key: all that it depends on beside the database.
  # Within a transaction, which may be taken back, nothing is kept.
  def self.of(*key)
    connection = ActiveRecord::Base.lease_connection
    return yield if connection.transaction_open?

    answers = answers_of(connection)
    answers.fetch(key) do
      answers.shift while answers.size >= MOST
      answers[key] = yield
    end
  end

  # Of this thread's connection as the database is now.
  def self.answers_of(connection)
    version = connection.select_rows(VERSION)
    kept = Thread.current.thread_variable_get(:unchanged)
    return kept.answers if kept && kept.connection.equal?(connection) && kept.version == version

    Kept.new(connection, version, {}).tap { |fresh| Thread.current.thread_variable_set(:unchanged, fresh) }.answers
  end
  private_class_method :answers_of
end
