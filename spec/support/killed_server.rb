require "net/http"
require "open3"

# A real server on a database of its own, to be ended by force.
class KilledServer
  NAME = "killed"
  FILES = "storage/#{NAME}.sqlite3*"
  PATIENCE_S = 90

  attr_reader :port

  def self.fresh
    Rails.root.glob(FILES).each(&:delete)
    said, ended = Open3.capture2e(ENVIRONMENT, "bin/rails", "db:create", "db:schema:load", chdir: Rails.root.to_s)
    raise said unless ended.success?

    login = { login: "thorne", name: "Quill T.", roles: Person::ROLES, password: PeopleHelp::PASSWORD }
    run("Person.create!(#{login.inspect})")
  end

  # Runs Ruby on its database, beside it.
  def self.run(script)
    said, ended = Open3.capture2e(ENVIRONMENT, "bin/rails", "runner", script, chdir: Rails.root.to_s)
    raise said unless ended.success?
  end

  ENVIRONMENT = { "RAILS_ENV" => "test", "TEST_DATABASE" => NAME, "WARM_UP" => "0" }.freeze

  def start
    @port = TCPServer.open("127.0.0.1", 0) { |socket| socket.addr[1] }
    @pid =
      Process.spawn(
        { **ENVIRONMENT, "PORT" => port.to_s },
        *%w[bundle exec puma --quiet -C config/puma.rb],
        chdir: Rails.root.to_s,
        %i[out err] => Rails.root.join("log/killed.log").to_s
      )
    until_up
    self
  end

  def kill
    Process.kill("KILL", @pid)
    Process.wait(@pid)
  end

  # JSON in and out; nil where no answer came.
  def ask(method, path, body = nil)
    request = Net::HTTP.const_get(method.capitalize).new(path, "Content-Type" => "application/json")
    request.body = JSON.generate(body) if body
    answer(request)&.then { |said| [ said.code.to_i, JSON.parse(said.body) ] }
  end

  def upload(path, bytes, name)
    request = Net::HTTP::Post.new(path)
    request.set_form([ [ "file", StringIO.new(bytes), { filename: name } ] ], "multipart/form-data")
    answer(request)&.then { |said| [ said.code.to_i, JSON.parse(said.body) ] }
  end

  def bytes(path) = answer(Net::HTTP::Get.new(path))

  private

  def answer(request)
    request["Cookie"] = @cookie if @cookie
    Net::HTTP.start("127.0.0.1", port, read_timeout: 20) { |http| http.request(request) }
  rescue SystemCallError, EOFError, IOError, Net::ReadTimeout
    nil
  end

  def until_up
    waited_until = Process.clock_gettime(Process::CLOCK_MONOTONIC) + PATIENCE_S
    until (came = answer(sign_in))
      raise "the server did not start" if Process.clock_gettime(Process::CLOCK_MONOTONIC) > waited_until

      sleep 0.1
    end
    @cookie = came["Set-Cookie"].split(";").first
  end

  def sign_in
    Net::HTTP::Post
      .new("/api/session", "Content-Type" => "application/json")
      .tap { |request| request.body = JSON.generate(login: "thorne", password: PeopleHelp::PASSWORD) }
  end
end
