# Documents that somebody changes, shared between the processes of the service: a hand that drags asks now this one and
# now that one. What a process does not know it reads from where the others put it; there it stays for a while.
module SharedBases
  LASTS = 30.minutes
  # Of so many that are put there, one sweeps up those that are past their time, and the eldest of too many: whoever
  # sends document after document fills no disk.
  SWEPT_EVERY = 100
  MOST_BYTES = 96.megabytes
  DIGEST = /\Asha256:\h{64}\z/
  STORE = ActiveSupport::Cache::FileStore.new(
    Rails.root.join("tmp/cache/bases"),
    expires_in: LASTS,
    compress: false
  )

  module_function

  # Keeps an accepted document. Returns the digest to ask for it by.
  def keep(document)
    kept = DustLadder::PlanFile::Bases.keep(document)
    put(kept.digest, kept.text) if kept.fresh
    kept.digest
  end

  # As of DustLadder::PlanFile::Bases; nil where no process knows the document any more.
  def changed(digest, changes, gone)
    return unless digest.is_a?(String) && digest.match?(DIGEST)

    fetch(digest)
    DustLadder::PlanFile::Bases.changed(digest, changes, gone)
  end

  def fetch(digest)
    return if DustLadder::PlanFile::Bases.known?(digest)

    text = STORE.read(digest) or return
    DustLadder::PlanFile::Bases.keep(JSON.parse(text))
  rescue SystemCallError, JSON::ParserError
    nil # as if it were not there
  end

  # Where it cannot be shared, the process that knows it still does: whoever asks another one is told to send it whole.
  def put(digest, text)
    STORE.write(digest, text)
    sweep if rand(SWEPT_EVERY).zero?
  rescue SystemCallError => error
    Rails.logger.warn("a document could not be shared: #{error.message}")
  end

  # Returns how many went.
  def sweep
    weight = 0
    kept = files.sort.reverse.take_while { |at, bytes, _| at > LASTS.ago.to_time && (weight += bytes) <= MOST_BYTES }
    (files - kept).count { |_, _, path| gone?(path) }
  end

  # [ when it was put there, bytes, path ] of each.
  def files
    paths = Dir.glob(File.join(STORE.cache_path, "**/*"))
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
  private_class_method :fetch, :put, :files, :gone?
end
