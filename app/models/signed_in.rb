# Who is signed in, as the front end is told; and in the demo, whom one may be.
module SignedIn
  # Only where all the people are made up.
  def self.picking? = Rails.env.demo?

  def self.of(person)
    {
      person: person && told(person),
      pick: person.nil? && picking? ? Person.where(active: true).order(:id).map { |one| told(one) } : []
    }
  end

  def self.told(person) = { id: person.id, name: person.name, roles: person.roles }
end
