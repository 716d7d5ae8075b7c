namespace :house do
  desc "Makes the data of a new installation, empty, or brings them to this version; never puts in what is made up"
  task begin: :environment do
    HouseData.begin!
    puts "the data are in #{HouseData.file.dirname}, version #{HouseData.now}"
  rescue HouseData::Newer, HouseBackup::Unfit, SystemCallError => error
    abort error.message
  end

  desc "Makes a backup of everything into a folder, and takes away those that need not be kept"
  task backup: :environment do
    HouseData.lack&.then { |lack| abort lack.to_s }
    into = ENV["BACKUP"].presence || HousePlace.backups
    backup = HouseBackup.make(into)
    faults = backup.faults
    abort "the backup is not whole: #{faults.join("; ")}" if faults.any?

    missing = backup.manifest["missing"]
    puts "#{backup.folder}: #{backup.manifest["counts"].map { |what, count| "#{count} #{what}" }.join(", ")}"
    puts "files that the records name were missing before: #{missing.join(", ")}" if missing.any?
    HouseBackup.thin(into).each { |one| puts "taken away: #{one.folder}" }
  rescue HouseBackup::Unfit, SystemCallError, ActiveRecord::StatementInvalid => error
    abort "no backup was made: #{error.message}"
  end

  desc "Restores a backup into the data folder, which must be empty"
  task restore: :environment do
    file = HouseBackup.new(ENV["BACKUP"].to_s).restore(HouseData.file.dirname)
    puts "restored: #{file}"
  rescue HouseBackup::Unfit, SystemCallError => error
    abort "nothing was restored: #{error.message}"
  end

  desc "Proves every plan, signature and file that the house keeps"
  task prove: :environment do
    HouseData.lack&.then { |lack| abort lack.to_s }
    proved, faults = HouseProof.new.call
    puts proved.map { |what, count| "#{count} #{what}" }.join(", ")
    abort faults.join("\n") if faults.any?
  end
end
