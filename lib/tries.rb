require "active_support/cache/file_store"

# How often somebody tried, counted by all processes of the service together. Where the disk takes nothing more, each
# counts for itself: nobody is let off, and nobody is shut out.
class Tries < ActiveSupport::Cache::FileStore
  # Of so many that are counted, one sweeps up those whose time is over.
  SWEPT_EVERY = 2000

  def initialize(...)
    super
    @own = ActiveSupport::Cache::MemoryStore.new
  end

  def increment(...)
    cleanup if rand(SWEPT_EVERY).zero?
    super
  rescue SystemCallError
    @own.increment(...)
  end

  def clear(...)
    @own.clear
    super
  end
end
