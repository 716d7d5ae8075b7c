# The adapter's own busy timeout sleeps without letting other threads of this process run, so the one that holds the
# lock cannot end and both wait in vain. The driver's handler waits as long and lets them run; newer adapters use it
# too.
module SqlitePatience
  private

  def configure_connection
    super
    @raw_connection.busy_handler_timeout = @config.fetch(:timeout).to_i
  end
end

ActiveSupport.on_load(:active_record_sqlite3adapter) { prepend SqlitePatience }
