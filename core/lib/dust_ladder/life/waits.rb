module DustLadder
  module Life
    # What of a plan's life waits for somebody, and for whom (handbook, section 17). What nobody has written down yet
    # waits for nobody but whoever is at it.
    class Waits
      extend Ladder::Sentences
      include Ladder::Sentences

      # act: what is to be done, an act's name, or mend, write or close. words: of what, { "metric", "us" }. roles:
      # whose it is; except: ids of those whose it is not, since they wrote it; only: ids of those whose it is alone, or
      # empty.
      Wait =
        Struct.new(:act, :words, :roles, :except, :only, keyword_init: true) do
          def for?(id, own_roles)
            own_roles.intersect?(roles) && !except.include?(id) && (only.empty? || only.include?(id))
          end

          def as_json(*) = to_h.transform_keys(&:to_s)
        end
      CHECKERS = Act.named("flight").roles
      PLANNERS = Act.named("wrote").roles

      # course: the plan's Course. bars: its Bars now. document: digest of it now. writers: ids of those who wrote in it
      # since it was last written down.
      def initialize(course:, bars:, document:, writers: [])
        @course = course
        @bars = bars
        @document = document
        @writers = writers
      end

      def all
        return [] if @course.revision.nil? || @course.archived?

        case @course.state
        when "draft", "checked"
          @course.document == @document ? to_issue : [ unwritten ]
        when "withdrawn"
          [ wait("write", "withdrawn: #{@course.reason}", PLANNERS) ]
        else
          []
        end
      end

      # Of a lift by which somebody may lift, once its time is over: it is to be closed, whatever became of it. lifted:
      # was it begun?
      def self.close(lifted)
        words = lifted ? "its time is over: has it landed?" : "its time is over: lifted, or not and why?"
        Wait.new(act: "close", words: both(words).as_json, roles: Act.named("closed").roles, except: [], only: [])
      end

      private

      # words: as of a bar, or a text that reads the same in either system.
      def wait(act, words, roles, except: [], only: [])
        words = both(words).as_json if words.is_a?(String)
        Wait.new(act: act, words: words, roles: roles, except: except, only: only)
      end

      def unwritten
        only = @writers
        wait("wrote", "changed since it was written as #{@course.revision}", PLANNERS, only: only)
      end

      def to_issue
        bars = @bars.all.reject { |bar| bar.way.key?("lift") }
        return [ wait("issued", "checked; nothing bars it", Act.named("issued").roles) ] if bars.empty?

        [ mend(bars), climb(bars), *signed_beside(bars) ].compact
      end

      # What its planner has to see to.
      def mend(bars)
        open = bars.reject { |bar| bar.way.key?("act") }
        words = both { |system| listed(open.map { |bar| bar.words[system.name] }) }
        wait("mend", words.as_json, PLANNERS) if open.any?
      end

      # Nobody checks what they wrote last.
      def climb(bars)
        flights = bars.filter_map { |bar| bar.way["flight"] }
        return if flights.empty?

        named = flights.map { |id| Ladder::Climb::FLIGHTS.fetch(id, id) }
        wait("flight", "climb and sign: #{named.join(", ")}", CHECKERS, except: @course.writers)
      end

      def signed_beside(bars)
        bars.select { |bar| %w[second deviation].include?(bar.way["act"]) }.map do |bar|
          except = bar.way["act"] == "second" ? @course.writers : []
          wait(bar.way["act"], bar.words, bar.roles, except: except)
        end
      end

      MOST = 2
      def listed(words)
        more = words.size - MOST
        [ *words.first(MOST), *(more.positive? ? "#{more} more" : nil) ].join("; ")
      end
    end
  end
end
