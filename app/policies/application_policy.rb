# Which roles may do which action. What a policy does not name, nobody may.
class ApplicationPolicy
  class_attribute :allowed, default: {}

  # Roles by action; :all is everybody who is signed in.
  def self.let(**actions) = self.allowed = { **allowed, **actions }

  attr_reader :person

  def initialize(person, _record)
    @person = person
  end

  %i[index show create update destroy].each { |action| define_method(:"#{action}?") { may?(action) } }

  # Does it say anything of an action?
  def self.tells?(action) = allowed.key?(action.to_sym)

  # Who may, in words.
  def self.who(action)
    roles = allowed[action.to_sym] or return "nobody"
    roles == :all ? "anybody who is signed in" : roles.join(" or ")
  end

  private

  def may?(action)
    roles = allowed[action] or return false
    person.present? && (roles == :all || person.any_role?(roles))
  end
end
