require "active_support/cache/file_store"

# How often somebody tried, counted by all processes of the service together. Where the disk takes nothing more, each
# counts for itself: nobody is let off, and nobody is shut out.
class Tries < ActiveSupport::Cache::FileStore
  # Of so many that are counted, one sweeps up those whose time is over.
  SWEPT_EVERY = 100
  # Counted by each process for itself: a hand that drags asks too often for the disk, and the limit is far off.
  OFTEN = /:writes:/

  def initialize(...)
    super
    @own = ActiveSupport::Cache::MemoryStore.new
  end

  def increment(name, ...)
    return @own.increment(name, ...) if name.match?(OFTEN)

    cleanup if rand(SWEPT_EVERY).zero?
    super
  rescue SystemCallError
    @own.increment(name, ...)
  end

  def clear(...)
    @own.clear
    super
  end
end
