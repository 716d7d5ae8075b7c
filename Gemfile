source "https://rubygems.org"

ruby ">= 3.1"

gem "dust_ladder", path: "core"

gem "rails", "~> 7.2.4"
gem "sqlite3", "~> 2.8"
gem "puma", "~> 8.0"
gem "vite_rails", "~> 3.11"
gem "bootsnap", "~> 1.26", require: false
gem "paper_trail", "~> 16.0"
gem "zstd-ruby", "~> 2.0"
gem "devise", "~> 5.0"
gem "pundit", "~> 2.5"
gem "rack-attack", "~> 6.8"
gem "icalendar", "~> 2.13"

group :development, :test do
  gem "rspec-rails", "~> 8.0"
  gem "prop_check", "~> 1.0"
  gem "simplecov", "~> 0.22", require: false
  gem "capybara", "~> 3.40"
  gem "selenium-webdriver", "~> 4.32"
  gem "brakeman", "~> 7.1", require: false
  gem "rubocop-rails-omakase", "~> 1.1", require: false
end

gem "pagy", "~> 9.3"

gem "prawn", "~> 2.4"
gem "prawn-table", "~> 0.2.2"
# Of Ruby itself until 3.0; prawn asks for it without saying so.
gem "matrix", "~> 0.4"
gem "rqrcode", "~> 3.1"

gem "pdf-reader", "~> 2.16", group: :test
