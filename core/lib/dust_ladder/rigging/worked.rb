module DustLadder
  module Rigging
    # Worst cases that were worked out before, by all that they depend on: most changes of a plan leave the rigging as
    # it is. One is kept from the second time on that it is asked for, or where it took long: a hand that drags a grip
    # asks for each but once, and Ruby takes long to clear away what was kept for a while.
    module Worked
      # How many are kept, and how many are only remembered to have been asked for; each counts as one.
      KEPT = 8
      ASKED = 64
      LONG_S = 0.05
      @kept = Snapshots::Store.new(bytes: KEPT)
      @asked = Snapshots::Store.new(bytes: ASKED)

      # What the block works out, or did before to the same key.
      def self.of(key)
        found = @kept[key] and return found

        began = now
        made = yield
        @kept.keep(key, made, bytes: 1) if again?(key) || now - began > LONG_S
        made
      end

      def self.size = @kept.size
      def self.clear = [ @kept, @asked ].each(&:clear)

      def self.again?(key) = @asked[key.hash] || !@asked.keep(key.hash, true, bytes: 1)
      def self.now = Process.clock_gettime(Process::CLOCK_THREAD_CPUTIME_ID)
      private_class_method :again?, :now
    end
  end
end
