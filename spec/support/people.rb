# Somebody who may do everything is signed in, unless an example says `signed_out: true` or signs in whom it wants.
module PeopleHelp
  PASSWORD = "Saltpan-ladder-9".freeze

  def person(name = "Quill Thorne", roles: Person::ROLES, **more)
    login = name.downcase.tr(" ", ".")
    Person.find_by(login: login) || Person.create!(login: login, name: name, roles: roles, password: PASSWORD, **more)
  end

  # With roles, which are the whole of what they may do.
  def signed_in_as(*roles, name: "#{roles.join(" ")} Thorne")
    person(name, roles: roles).tap { |one| login_as(one, scope: :person) }
  end
end

# What the next request of an example signs in. In a browser that is a page: what the page of the example before still
# had under way, and the server comes to only now, must not take it.
ASSETS = [ %r{\A/(assets|vite|worker\.js)} ].freeze
NO_PAGES = [ *ASSETS, %r{\A/api/} ].freeze

RSpec.configure do |config|
  config.include PeopleHelp
  config.include Warden::Test::Helpers
  config.before(:each, type: :request) { Warden.send(:asset_paths=, *ASSETS) }
  config.before(:each, type: :system) { Warden.send(:asset_paths=, *NO_PAGES) }
  %i[request system].each do |type|
    config.before(:each, type: type) { |example| login_as(person, scope: :person) unless example.metadata[:signed_out] }
    config.after(:each, type: type) { Warden.test_reset! }
  end
end
