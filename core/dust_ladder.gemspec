Gem::Specification.new do |spec|
  spec.name = "dust_ladder"
  spec.version = "0.2.0"
  spec.summary = "Checks a lift plan: from the load's weight to a verdict on every rung of the load path"
  spec.authors = [ "The Dust Ladder team" ]
  spec.license = "MIT"
  spec.required_ruby_version = ">= 3.1"
  spec.files = Dir["lib/**/*", "exe/*"]
  spec.bindir = "exe"
  spec.executables = [ "ladder" ]
  spec.add_dependency "json_schemer", "~> 2.5"
  spec.add_dependency "zeitwerk", "~> 2.6"
end
