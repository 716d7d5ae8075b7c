namespace :people do
  desc "Asks for the first admin of a new installation, at the console"
  task first: :environment do
    there = Person.where(active: true).any? { |one| one.any_role?(%w[admin]) }
    abort "there is somebody already who manages the people" if there

    ask = ->(what, hidden: false) do
      print "#{what}: "
      (hidden && $stdin.tty? ? $stdin.noecho(&:gets).tap { puts } : $stdin.gets).to_s.chomp
    end
    require "io/console"
    person = Person.new(roles: [ "admin" ], login: ask.("Name to sign in with"), name: ask.("Full name"))
    person.password = ask.("Password, at least #{Person::LEAST_PASSWORD} signs", hidden: true)
    abort "the two passwords differ" unless ask.("The same again", hidden: true) == person.password
    abort person.errors.full_messages.join("\n") unless person.save

    puts "#{person.name} manages the people from now on."
  end
end
