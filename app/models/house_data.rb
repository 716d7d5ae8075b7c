require "open3"

# Whether the data of this house are there and are of this version, before anybody is let in.
module HouseData
  # Not begun, of an older version, or of a newer one: why nothing may be served, and what helps.
  Lack = Struct.new(:words, :helps) { def to_s = "#{words}: #{helps}" }
  # Of the disk on which they are, bytes: what is left before it is told.
  LEAST_FREE = 200.megabytes

  module_function

  def file = Rails.root.join(HousePlace.database)

  # A Lack, or nil.
  def lack
    return Lack.new("there are no data yet in #{file.dirname}", "bin/house begin") unless begun?
    return if now == known

    now > known ? newer : older
  end

  # Was a database made here? An empty file is none.
  def begun? = file.size? && ActiveRecord::Base.connection.table_exists?("schema_migrations")

  # Versions of the schema: of the data, and of what this application knows.
  def now = ActiveRecord::Base.connection_pool.migration_context.current_version
  def known = Rails.root.glob("db/migrate/*.rb").map { |path| path.basename.to_s.to_i }.max

  # Makes what is not there and, after a backup, brings what is older to this version; nothing that is made up is put
  # in. Raises Newer, and leaves what a newer version made as it is.
  def begin!
    keep_to_ourselves
    return make unless begun?
    raise Newer, newer.to_s if now > known

    bring_up if now < known
  ensure
    keep_files_to_ourselves
  end
  Newer = Class.new(StandardError)

  # What somebody who watches it is told: { what => words }, and whether all of it is well.
  def health
    told = { "database" => database_health, "disk" => disk_health, "jobs" => Nightly.alive? ? "ok" : "not running" }
    [ told, told.values.all?("ok") ]
  end

  def make
    ActiveRecord::Tasks::DatabaseTasks.create_current
    ActiveRecord::Tasks::DatabaseTasks.load_schema_current
  end

  def bring_up
    HouseBackup.make(HousePlace.backups)
    ActiveRecord::Tasks::DatabaseTasks.migrate
  end

  def older
    Lack.new("the data are of an older version (#{now})", "bin/house begin, which makes a backup first")
  end

  def newer
    Lack.new(
      "the data are of a newer version (#{now}) than this application (#{known})",
      "install that version again, or restore a backup that was made before"
    )
  end

  def database_health
    lack&.to_s || (Plan.limit(1).pluck(:id) && "ok")
  rescue ActiveRecord::ActiveRecordError, SQLite3::Exception => error
    "it cannot be read: #{error.class}"
  end

  # By really writing to it: a full or read-only disk shows nowhere else.
  def disk_health
    probe = file.dirname.join(".written-#{Process.pid}-#{Thread.current.object_id}")
    probe.binwrite("0" * 4096)
    free = free_bytes
    free && free < LEAST_FREE ? "#{free / 1.megabyte} MB left" : "ok"
  rescue SystemCallError => error
    "it cannot be written to: #{error.class.name.demodulize}"
  ensure
    probe&.delete if probe&.exist?
  end

  # Of the disk; nil where the system does not tell.
  def free_bytes
    said, ended = Open3.capture2("df", "-Pk", file.dirname.to_s)
    Integer(said.lines.last.split[3]) * 1024 if ended.success?
  rescue SystemCallError, ArgumentError, NoMethodError
    nil
  end

  def keep_to_ourselves
    file.dirname.mkpath
    file.dirname.chmod(0o700) if Rails.env.production?
  end

  def keep_files_to_ourselves
    return unless Rails.env.production?

    Pathname.glob("#{file}*").each { |one| one.chmod(0o600) }
  end
  private_class_method :make,
    :older,
    :newer,
    :bring_up,
    :database_health,
    :disk_health,
    :free_bytes,
    :keep_to_ourselves,
    :keep_files_to_ourselves
end
