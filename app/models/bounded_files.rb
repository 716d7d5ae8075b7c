require "active_support/cache/file_store"

# What the processes of the service share on the disk and any of them can make again. Of so many that are put there, one
# sweeps up those that are past their time, and the eldest of too many: whoever asks on and on fills no disk.
class BoundedFiles < ActiveSupport::Cache::FileStore
  SWEPT_EVERY = 100

  # most: bytes that all of them together may have. lasts: how long one stays.
  def initialize(path, most:, lasts:)
    super(path, expires_in: lasts, compress: false)
    @most = most
    @lasts = lasts
  end

  # Returns whether it is there now; where the disk takes nothing, it is not.
  def write(...)
    sweep if rand(SWEPT_EVERY).zero?
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

  # Returns how many went.
  def sweep
    weight = 0
    kept = files.sort.reverse.take_while { |at, bytes, _| at > @lasts.ago.to_time && (weight += bytes) <= @most }
    (files - kept).count { |_, _, path| gone?(path) }
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
