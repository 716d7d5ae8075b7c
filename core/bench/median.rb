# Milliseconds that a block takes, the median of some tries after a few to warm up.
def median_ms(times, warm: 3)
  warm.times { yield }
  samples = Array.new(times) do
    from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    Process.clock_gettime(Process::CLOCK_MONOTONIC) - from
  end
  samples.sort[times / 2] * 1000
end
