require "open3"

# An installation of its own in production, with its data in a folder that goes with the example.
class OwnInstallation
  HOST = "lifts.example".freeze

  attr_reader :place

  def initialize(place)
    @place = Pathname(place)
  end

  def data = place.join("data")
  def backups = place.join("backups")

  def environment(**more)
    {
      "RAILS_ENV" => "production",
      "BUNDLE_WITHOUT" => "development:test", # as it is installed: nothing that only tests bring
      "DUST_LADDER_ENV" => "none",
      "DUST_LADDER_DATA" => data.to_s,
      "DUST_LADDER_BACKUPS" => backups.to_s,
      "DUST_LADDER_HOSTS" => HOST,
      "SECRET_KEY_BASE" => "ab" * 64,
      "WARM_UP" => "0",
      "RAILS_LOG_LEVEL" => "warn",
      **more.transform_keys(&:to_s)
    }
  end

  # [what it said, did it go well?]
  def house(*words, input: nil, **more)
    said, ended = Open3.capture2e(environment(**more), "bin/house", *words, chdir: Rails.root.to_s, stdin_data: input)
    [ said, ended.success? ]
  end

  # Runs Ruby on its data.
  def run(script, **more)
    said, ended = Open3.capture2e(environment(**more), "bin/rails", "runner", script, chdir: Rails.root.to_s)
    raise said unless ended.success?

    said
  end

  # Yields its port while it serves.
  def serve(**more)
    port = TCPServer.open("127.0.0.1", 0) { |socket| socket.addr[1] }
    log = place.join("served.log").to_s
    env = environment(PORT: port.to_s, **more)
    pid = Process.spawn(env, "bin/house", "serve", chdir: Rails.root.to_s, %i[out err] => log)
    until_up(port)
    yield port
  ensure
    if pid
      Process.kill("TERM", pid)
      Process.wait(pid)
    end
  end

  private

  def until_up(port)
    Timeout.timeout(90) do
      Net::HTTP.get_response("127.0.0.1", "/up", port)
    rescue SystemCallError, EOFError
      sleep 0.2
      retry
    end
  end
end
