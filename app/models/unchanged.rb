# What was read from the database alone, kept for as long as nothing in it changes: a hand that drags a grip asks the
# same many times a second. SQLite itself tells: a connection that only watches counts the commits of all others,
# whichever process of the house they are of. What one request has read serves the next one, in whatever thread.
module Unchanged
  BYTES = 32.megabytes
  # What an answer weighs that does not say so itself.
  WEIGHT = 64.kilobytes
  VERSION = "PRAGMA data_version".freeze
  Watch = Struct.new(:process, :file, :connection)

  @answers = DustLadder::Snapshots::Store.new(bytes: BYTES)
  @lock = Mutex.new

  # What the block answers, or answered before to the same key. key: all that it depends on beside the database.
  # Within a transaction, which may be taken back, nothing is kept.
  def self.of(*key)
    return yield if ActiveRecord::Base.lease_connection.transaction_open?

    # As it was before the block reads, and it reads anew what the request has read before: what changes meanwhile makes
    # its answer old, never a newer one.
    version = self.version or return yield
    kept = @answers[[ version, key ]]
    return kept.first if kept

    answer = ActiveRecord::Base.uncached { yield }
    @answers.keep([ version, key ], [ answer ], bytes: weight(answer))
    answer
  end

  # By which the database as it is now is told from what it was; nil where that cannot be seen.
  def self.version
    @lock.synchronize do
      now = [ Process.pid, watched.get_first_value(VERSION) ]
      @answers.clear if @seen != now
      @seen = now
    end
  rescue SQLite3::Exception
    nil
  end

  # A connection does not outlive a fork, nor another database.
  def self.watched
    file = ActiveRecord::Base.connection_db_config.database
    return @watch.connection if @watch && @watch.process == Process.pid && @watch.file == file

    connection = SQLite3::Database.new(file, readonly: true)
    @watch = Watch.new(Process.pid, file, connection)
    connection
  end

  # Before a process is forked: what watches is not to be carried over.
  def self.close
    @lock.synchronize do
      @watch&.connection&.close
      @watch = nil
    end
  end

  def self.weight(answer) = answer.respond_to?(:bytesize) ? answer.bytesize : WEIGHT
  private_class_method :version, :watched, :weight
end
