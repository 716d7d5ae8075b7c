# Where the data of this installation are: known before anything of the application is loaded.
module HousePlace
  module_function

  # The database's file, as configured: a path, from the application's folder on where it is not absolute.
  def database = Rails.configuration.database_configuration.fetch(Rails.env).fetch("database")

  # Where backups go.
  def backups = ENV.fetch("DUST_LADDER_BACKUPS") { Rails.root.join(database).dirname.join("backups").to_s }

  # A comma between each; nothing of what is empty.
  def listed(name) = ENV.fetch(name, "").split(",").map(&:strip).reject(&:empty?)
end
