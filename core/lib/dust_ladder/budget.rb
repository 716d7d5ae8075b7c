module DustLadder
  # How long one piece of work may take of its thread's processor, so that no plan whatever holds up the others. The
  # work asks now and then; what is not done in time is not known. Never a way to a pass: a rung that ends after the
  # time is not known, whatever it found (Ladder::Climb).
  module Budget
    # What did not come to an end in time.
    class Spent < NotKnown
      def initialize = super("this took too long to work out")
    end

    KEY = :dust_ladder_budget
    # Of a check that nobody sits and waits for, s.
    MOST_S = 20.0

    module_function

    # The block's work, at most so many seconds of it. Within another, whichever ends first.
    def within(seconds)
      before = Thread.current.thread_variable_get(KEY)
      Thread.current.thread_variable_set(KEY, [ before, now + seconds ].compact.min)
      yield
    ensure
      Thread.current.thread_variable_set(KEY, before)
    end

    def spent? = (ends = Thread.current.thread_variable_get(KEY)) ? now > ends : false

    # Asked by work that may be long. Raises Spent.
    def ask! = spent? && raise(Spent)

    def now = Process.clock_gettime(Process::CLOCK_THREAD_CPUTIME_ID)
    private_class_method :now
  end
end
