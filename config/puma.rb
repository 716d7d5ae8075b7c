threads_count = ENV.fetch("RAILS_MAX_THREADS", 5).to_i
threads threads_count, threads_count
bind "tcp://#{ENV.fetch('BIND', '127.0.0.1')}:#{ENV.fetch('PORT', 3000)}"

# Ruby works in one thread of a process at a time: of a machine with more processors each gets a process of its own.
# script/room.sh tells how many.
of_their_own = ENV.fetch("WEB_CONCURRENCY", 1).to_i
if of_their_own > 1
  workers of_their_own
  preload_app!
  # Each request is for whichever process is free. A connection that is kept stays with the process that took it, busy
  # or not, and is asked again before those that wait. The more a process has to do, the later it takes more (0.2 s with
  # 25 times as many requests as threads), so that an idle one is first. A proxy keeps its browsers' connections.
  enable_keep_alives false
  wait_for_less_busy_worker 0.2
  # Sooner than systemd loses patience.
  worker_shutdown_timeout 20
  before_fork { Serving.before_fork }
  before_worker_boot { |worker| Serving.begin(worker) }
else
  workers 0
  after_booted { Serving.begin }
end
