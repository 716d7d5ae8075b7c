require "active_support/cache/file_store"

# What the processes of the service share on the disk and any of them can make again. Of so many that are put there, one
# sweeps up those that are past their time, and the eldest of too many: whoever asks on and on fills no disk.
class BoundedFiles < ActiveSupport::Cache::FileStore
  SWEPT_EVERY = 100

  # most: bytes that all of them together may have. lasts: how long one stays. swept_every: how many are put there
  # between one sweep and the next in the mean, for so much more than the most may lie there; of very many small ones a
  # sweep takes a second.
  def initialize(path, most:, lasts:, swept_every: SWEPT_EVERY)
    super(path, expires_in: lasts, compress: false)
    @most = most
    @lasts = lasts
    @swept_every = swept_every
  end

  # Returns whether it is there now; where the disk takes nothing, it is not.
  def write(...)
    sweep if rand(@swept_every).zero?
    super
  rescue SystemCallError => error
    Rails.logger.warn("nothing could be shared: #{error.message}")
    false
  end

  # What cannot be read is as if it were not there.
  def read(...)
    super
  rescue SystemCallError, TypeError, ArgumentError
    nil
  end

  # Returns how many went. What is put there meanwhile is not among them.
  def sweep
    weight = 0
    newest_first = files.sort.reverse
    kept = newest_first.take_while { |at, bytes, _| at > @lasts.ago.to_time && (weight += bytes) <= @most }
    newest_first.drop(kept.size).count { |_, _, path| gone?(path) }
  end

  private

  # [ when it was put there, bytes, path ] of each.
  def files
    paths = Dir.glob(File.join(cache_path, "**/*"))
    paths.filter_map do |path|
      stat = File.stat(path)
      [ stat.mtime, stat.size, path ] if stat.file?
    rescue Errno::ENOENT
      nil # another process swept it up
    end
  end

  def gone?(path)
    File.delete(path)
    true
  rescue Errno::ENOENT
    false
  end
end
