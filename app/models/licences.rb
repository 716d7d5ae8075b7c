# Of what others made that ships with the application: name, version and licence of each, as their makers tell.
module Licences
  GROUPS = %i[default production].freeze
  NOT_TOLD = "not told".freeze

  module_function

  # [{ name, version, licence, of: "server" or "page" }], by name.
  def all = @all ||= [ *gems, *packages ].sort_by { |one| [ one[:name].downcase, one[:of] ] }.freeze

  def gems
    others = Bundler.definition.specs_for(GROUPS.dup).reject { |spec| spec.name == "dust_ladder" }
    others.map { |spec| line(spec.name, spec.version.to_s, spec.licenses.join(", "), "server") }
  end

  def packages
    lock = JSON.parse(Rails.root.join("package-lock.json").read)
    shipped = lock["packages"].reject { |place, one| place.empty? || one["dev"] }
    shipped.map { |place, one| line(place.split("node_modules/").last, one["version"], one["license"], "page") }
  end

  def line(name, version, licence, of) = { name:, version:, licence: licence.presence || NOT_TOLD, of: }
  private_class_method :gems, :packages, :line
end
