require "json"
require "net/http"
require "stringio"

# A browser's page of somebody signed in by name and password, for scripts that ask much: its cookie and its token.
class SignedInPage
  JSON_TYPE = "application/vnd.dust-ladder+json".freeze
  # What a request ends with whose server is gone.
  GONE = [ SystemCallError, EOFError, IOError, Net::ReadTimeout, Net::OpenTimeout, Net::HTTPBadResponse ].freeze
  PATIENCE_S = 60

  Refused = Class.new(StandardError)

  attr_reader :headers

  def initialize(port, login, password)
    @port = port
    @headers = { "Content-Type" => JSON_TYPE }
    open
    keep(send_it("POST", "/api/session", login: login, password: password), "201")
    open
  end

  # { code:, body: } of what was answered, or nil where the server is gone.
  def ask(method, path, body = nil)
    answer = send_it(method, path, body)
    { code: answer.code.to_i, body: JSON.parse(answer.body) }
  rescue *GONE, JSON::ParserError
    nil
  end

  # The same of a file that is sent.
  def upload(path, bytes, name)
    request = Net::HTTP::Post.new(path, headers.except("Content-Type"))
    request.set_form([ [ "file", StringIO.new(bytes), { filename: name } ] ], "multipart/form-data")
    answer = talk { |http| http.request(request) }
    { code: answer.code.to_i, body: JSON.parse(answer.body) }
  rescue *GONE, JSON::ParserError
    nil
  end

  def bytes(path) = talk { |http| http.get(path, headers) }.body

  private

  def open
    page = keep(talk { |http| http.get("/", headers) }, "200")
    headers["X-CSRF-Token"] = page.body[/name="csrf-token" content="([^"]+)"/, 1].to_s
  end

  def send_it(method, path, body = nil)
    talk { |http| http.send_request(method, path, body && JSON.generate(body), headers) }
  end

  def talk(&) = Net::HTTP.start("127.0.0.1", @port, read_timeout: PATIENCE_S, &)

  def keep(answer, code)
    raise Refused, "#{answer.code} in place of #{code}: #{answer.body.to_s[0, 300]}" unless answer.code == code

    cookies = answer.get_fields("set-cookie")
    headers["Cookie"] = cookies.map { |one| one[/\A[^;]+/] }.join("; ") if cookies
    answer
  end
end
