# A backup of all that the house keeps: the database as it was at one moment, every file that its records name, and a
# manifest with the digest of each. It is made while people work, and put back into an empty place alone.
class HouseBackup
  FORMAT = "dust-ladder-backup".freeze
  VERSION = 1
  MANIFEST = "manifest.json".freeze
  DATABASE = "house.sqlite3".freeze
  NAME = "dust-ladder-%Y%m%d-%H%M%S".freeze
  # The newest ones are kept, one of each of so many days, weeks and months, and the others are taken away.
  NEWEST = 3
  UNFINISHED = 1.day
  KEPT = { day: 14, week: 8, month: 24 }.freeze

  # What is wrong with a backup, or with where it is to go.
  Unfit = Class.new(StandardError)

  attr_reader :folder

  # folder: of the backup.
  def initialize(folder)
    @folder = Pathname(folder)
  end

  # Makes one in a folder. Returns it. Raises Unfit where the folder already has one of this moment.
  def self.make(into, now: Time.now)
    place = Pathname(into).join(now.strftime(NAME))
    raise Unfit, "#{place} is there already" if place.exist?

    place.dirname.mkpath
    raw = place.sub_ext(".part").tap { |folder| folder.mkdir(0o700) }
    filled(raw, now).rename(place)
    to_disk(place.dirname)
    new(place)
  end

  # Nothing is left of what failed; a folder that another one is being made in is not this one's to take away.
  def self.filled(raw, now)
    new(raw).fill(now)
    raw
  rescue StandardError
    raw.rmtree
    raise
  end
  private_class_method :filled

  # Those in a folder that say when they were made, the eldest first.
  def self.all(into)
    manifests = Pathname(into).glob("dust-ladder-*/#{MANIFEST}")
    manifests.map { |file| new(file.dirname) }.select(&:dated?).sort_by(&:made_at)
  end

  # Takes away what need not be kept any more, and what was never finished. Returns those that went.
  def self.thin(into)
    copies = all(into)
    kept = copies.last(NEWEST)
    KEPT.each { |span, count| kept |= copies.group_by { |one| one.span(span) }.values.map(&:last).last(count) }
    Pathname(into).glob("dust-ladder-*.part").each { |one| one.rmtree if one.mtime < UNFINISHED.ago }
    (copies - kept).each { |one| one.folder.rmtree }
  end

  def self.to_disk(place) = File.open(place, &:fsync)

  def manifest = @manifest ||= JSON.parse(folder.join(MANIFEST).read)
  def made_at = Time.iso8601(manifest["made_at"])
  def schema = manifest["schema"]

  def dated?
    made_at && true
  rescue JSON::ParserError, ArgumentError, TypeError, NoMethodError
    false
  end

  # Of which day, week or month it is.
  def span(name) = made_at.strftime({ day: "%F", week: "%G-%V", month: "%Y-%m" }.fetch(name))

  # Everything that is wrong with it, in words; nothing where it is whole.
  def faults
    return [ "there is no #{MANIFEST}" ] unless folder.join(MANIFEST).exist?
    return [ "it is of another format" ] unless [ manifest["format"], manifest["version"] ] == [ FORMAT, VERSION ]
    return [ "it does not say of which version it is" ] unless schema.is_a?(Integer)
    return [ "its #{MANIFEST} does not name #{DATABASE}" ] unless manifest["files"].key?(DATABASE)

    named = manifest["files"].filter_map { |path, told| fault_of(path, told) }
    named.any? ? named : database_faults
  rescue JSON::ParserError, TypeError, NoMethodError
    [ "its #{MANIFEST} is not whole" ]
  end

  # Puts it into a place for the data, which must be empty: its files, and at last the database, so that there is none
  # where it was broken off. Returns the database's file. Raises Unfit.
  def restore(data)
    place = Pathname(data)
    full = place.exist? && place.children.any?
    raise Unfit, "#{place} is not empty: a backup is restored into an empty place alone" if full
    raise Unfit, faults.first(5).join("; ") if faults.any?
    raise Unfit, "it is of a newer version (#{schema}) than this application (#{known})" if schema > known

    HouseRestore.new(self).into(place)
  end

  def database = folder.join(DATABASE)

  # As yet without anything in it: the files that there are, the database, and then the files that came meanwhile.
  def fill(now)
    @before = self.class.all(folder.dirname).last
    @thorough = @before && @before.span(:day) != now.utc.strftime("%F")
    @told = {}
    source = Pathname(ActiveStorage::Blob.service.root)
    take(source, source.glob("??/??/*"))
    ActiveRecord::Base.connection.execute("VACUUM INTO #{ActiveRecord::Base.connection.quote(database.to_s)}")
    keys = tables.include?("active_storage_blobs") ? reading { |copy| copy.execute(KEYS).flatten } : []
    take(source, keys.map { |key| source.join(key[0, 2], key[2, 2], key) }, again: false)
    drop_unnamed(keys)
    write_manifest(now, keys)
  end

  private

  def known = HouseData.known
  def files = folder.join("files")

  def reading
    copy = SQLite3::Database.new(database.to_s, readonly: true)
    yield copy
  ensure
    copy&.close
  end

  # Files are written once and never changed: those that are there already are whole.
  def take(source, paths, again: true)
    paths.each do |path|
      place = files.join(path.relative_path_from(source))
      next if place.exist? && !again

      place.dirname.mkpath
      linked?(path, place) || FileUtils.cp(path, place)
    rescue Errno::ENOENT
      # It was taken away meanwhile; what the database of the copy names and is missing stands in the manifest.
      next
    end
  end

  # The backup before it has the same file: it is kept once for both. On a day's first backup that one is read again,
  # and copied anew where it was damaged since.
  def linked?(path, place)
    name = place.relative_path_from(folder).to_s
    told = @before&.manifest&.dig("files", name) or return false
    old = @before.folder.join(name)
    return false unless old.file? && [ old.size, path.size ].uniq == [ told["bytes"] ]
    return false if @thorough && told_of(old) != told

    File.link(old, place)
    @told[name] = told
  rescue Errno::EXDEV, Errno::EMLINK, Errno::EPERM, Errno::EACCES, Errno::ENOTSUP, TypeError
    false
  end

  def drop_unnamed(keys) = files.glob("??/??/*").each { |path| path.delete unless keys.include?(path.basename.to_s) }

  def write_manifest(now, keys)
    there = [ database, *files.glob("??/??/*") ].sort
    names = there.to_h { |path| [ path, path.relative_path_from(folder).to_s ] }
    names.each { |path, name| self.class.to_disk(path) unless @told.key?(name) }
    missing = keys - there.map { |path| path.basename.to_s }
    whole = {
      "format" => FORMAT,
      "version" => VERSION,
      "made_at" => now.utc.iso8601,
      "application" => DustLadder::VERSION,
      "schema" => HouseData.now,
      "counts" => counts,
      "missing" => missing,
      "files" => names.to_h { |path, name| [ name, @told[name] || told_of(path) ] }
    }
    folder.join(MANIFEST).write(JSON.pretty_generate(whole))
    self.class.to_disk(folder.join(MANIFEST))
  end

  COUNTED = %w[plans revisions life_records day_events pieces charts sites people].freeze
  # Of files that a record names; what was on its way is not missed.
  KEYS = <<~SQL.squish.freeze
    select key from active_storage_blobs where id in (select blob_id from active_storage_attachments)
  SQL

  # An older version has not all of them.
  def tables
    @tables ||= reading { |copy| copy.execute("select name from sqlite_master where type = 'table'").flatten }
  end

  def counts
    reading do |copy|
      (COUNTED & tables).to_h { |table| [ table, copy.get_first_value("select count(*) from #{table}") ] }
    end
  end

  def told_of(path) = { "bytes" => path.size, "sha256" => Digest::SHA256.file(path).hexdigest }

  def fault_of(path, told)
    place = folder.join(path)
    return "#{path} lies outside of it" unless place.cleanpath.to_s.start_with?("#{folder.cleanpath}/")
    return "#{path} is missing" unless place.file?

    "#{path} was changed" if told_of(place) != told
  end

  def database_faults
    reading { |copy| copy.execute("PRAGMA integrity_check").flatten }.reject { |line| line == "ok" }
  rescue SQLite3::Exception => error
    [ "the database cannot be read: #{error.message}" ]
  end
end
