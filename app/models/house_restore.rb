# Puts a backup that was found whole into an empty place: its files first and its database last, so that there is none
# where it was broken off.
class HouseRestore
  # So many numbers are left out where it is restored: what was made after it, and is lost, had some of them, and a
  # browser that still has something of those must not take it for something new.
  LEFT_OUT = 10_000
  # So with the states in which its things are: a page that is still open started from one that is lost, and is told so
  # when it saves. No thing was ever changed so often as there were seconds since.
  FIRST = Time.utc(2026)

  def initialize(backup)
    @backup = backup
  end

  # place: an empty folder for the data. Returns the database's file.
  def into(place)
    file = place.join(File.basename(HousePlace.database))
    place.mkpath
    place.chmod(0o700)
    put_files(place.join("sketches", file.basename(".sqlite3")))
    raw = Pathname("#{file}.part")
    FileUtils.cp(@backup.database, raw)
    raw.chmod(0o600)
    leave_out_numbers(raw)
    HouseBackup.to_disk(raw)
    raw.rename(file)
    HouseBackup.to_disk(place)
    file
  end

  private

  # Those that the manifest names, and none that lies beside them.
  def put_files(place)
    (@backup.manifest["files"].keys - [ HouseBackup::DATABASE ]).each do |path|
      to = place.join(Pathname(path).relative_path_from("files"))
      to.dirname.mkpath
      FileUtils.cp(@backup.folder.join(path), to)
      HouseBackup.to_disk(to)
    end
  end

  def later = [ (Time.now - FIRST).to_i, LEFT_OUT ].max

  # Tables whose rows say in which state they are.
  def guarded(back)
    tables = back.execute("select name from sqlite_master where type = 'table'").flatten
    tables.select { |table| back.table_info(table).any? { |column| column["name"] == "lock_version" } }
  end

  def leave_out_numbers(file)
    back = SQLite3::Database.new(file.to_s)
    tables = back.execute("select name from sqlite_master where sql like '%AUTOINCREMENT%'").flatten
    back.transaction do
      tables.each do |table|
        now = back.get_first_value("select seq from sqlite_sequence where name = ?", [ table ])
        back.execute("insert into sqlite_sequence (name, seq) values (?, 0)", [ table ]) unless now
        back.execute("update sqlite_sequence set seq = seq + ? where name = ?", [ LEFT_OUT, table ])
      end
      guarded(back).each { |table| back.execute("update #{table} set lock_version = lock_version + ?", [ later ]) }
    end
  ensure
    back&.close
  end
end
