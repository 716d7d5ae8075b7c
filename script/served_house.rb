require "fileutils"
require "net/http"
require "securerandom"

# The service as docs/running.md has it installed, on data of its own, for scripts that load it or end it by force.
class ServedHouse
  ROOT = File.expand_path("..", __dir__)
  PATIENCE_S = 120

  attr_reader :port, :place, :log

  # place: a folder for its data. workers: how many processes answer.
  def initialize(place, port, workers: nil)
    @place = File.expand_path(place, ROOT)
    @port = port
    @workers = workers
    @log = "#{@place}.log"
    FileUtils.mkdir_p(@place)
  end

  def settings
    {
      "RAILS_ENV" => "production",
      "DUST_LADDER_ENV" => "none",
      "DUST_LADDER_DATA" => place,
      "DUST_LADDER_BACKUPS" => "#{place}-backups",
      "DUST_LADDER_TLS" => "none",
      "DUST_LADDER_HOSTS" => "127.0.0.1",
      "SECRET_KEY_BASE" => "0" * 128,
      "PORT" => port.to_s,
      **(@workers ? { "WEB_CONCURRENCY" => @workers.to_s } : {})
    }
  end

  def house(*words) = system(settings, "bin/house", *words, chdir: ROOT, exception: true)
  def run(script) = system(settings, "bundle", "exec", "bin/rails", "runner", script, chdir: ROOT, exception: true)

  def start
    @pid = spawn(settings, "bin/house", "serve", chdir: ROOT, out: [ log, "a" ], err: %i[child out], pgroup: true)
    until_up
    self
  end

  # Whatever it says of how it is.
  def up? = !Net::HTTP.get_response("127.0.0.1", "/up", port).nil?

  # With all its processes, at once.
  def kill
    Process.kill("KILL", -@pid)
    Process.wait(@pid)
  end

  # One of the processes that answer, at once; nil where there are none.
  def kill_worker = workers.sample&.tap { |pid| Process.kill("KILL", pid) }

  def stop
    Process.kill("TERM", @pid)
    Process.wait(@pid)
  end

  def pids = processes.map(&:first)

  # What they have in memory together, each its share of what they have together, MB.
  def memory_mb
    pids.sum { |pid| File.read("/proc/#{pid}/smaps_rollup")[/^Pss:\s+(\d+)/, 1].to_i rescue 0 } / 1024
  end

  # What they have had of the processors so far, s.
  def spent_s = pids.sum { |pid| ticks(pid) } / 100.0

  private

  # Of a process that may have gone meanwhile.
  def ticks(pid)
    File.read("/proc/#{pid}/stat").split(") ").last.split.values_at(11, 12).sum(&:to_i)
  rescue SystemCallError
    0
  end

  def processes
    `ps -eo pid,ppid,pgid`.lines.map { |line| line.split.map(&:to_i) }.select { |_, _, group| group == @pid }
  end

  def workers = processes.filter_map { |pid, parent,| pid if parent == @pid && pid != @pid }

  def until_up
    limit = now + PATIENCE_S
    until (up? rescue false)
      raise "the service did not start: see #{log}" if now > limit

      sleep 0.2
    end
  end

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
end
