module DustLadder
  module Snapshots
    # Things by key, as many as fit in so many bytes; what was not used for longest goes first. Safe between threads.
    class Store
      # bytes: the most that all of them together may weigh.
      def initialize(bytes:)
        @most = bytes
        @things = {}
        @weight = 0
        @lock = Monitor.new
      end

      def [](key)
        @lock.synchronize do
          found = @things.delete(key)
          @things[key] = found if found
          found&.first
        end
      end

      # bytes: what it weighs. A thing that weighs more than all may is not kept.
      def keep(key, thing, bytes:)
        @lock.synchronize do
          drop(key)
          next thing if bytes > @most

          @things[key] = [ thing, bytes ]
          @weight += bytes
          drop(@things.first.first) while @weight > @most
          thing
        end
      end

      def clear
        @lock.synchronize do
          @things.clear
          @weight = 0
        end
      end

      def bytes = @lock.synchronize { @weight }
      def size = @lock.synchronize { @things.size }

      private

      def drop(key)
        _, bytes = @things.delete(key)
        @weight -= bytes if bytes
      end
    end
  end
end
