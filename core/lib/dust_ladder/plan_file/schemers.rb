module DustLadder
  module PlanFile
    # Schemas by name, each made once and made whole before anybody judges by it.
    #
    # The library looks a reference up when a document first comes to it, and while it does so a second thread can be
    # led to the wrong place for good: a length was judged by the schema of a whole plan. So all are looked up here.
    class Schemers
      def initialize
        @made = {}
        @lock = Mutex.new
      end

      # The schemer of this name, made from the schema that the block gives the first time.
      def of(name) = @made[name] || @lock.synchronize { @made[name] ||= whole(JSONSchemer.schema(yield)) }

      private

      def whole(schemer) = schemer.tap { look_up(schemer) }

      def look_up(part)
        case part
        when Hash
          part.each_value { |one| look_up(one) }
        when Array
          part.each { |one| look_up(one) }
        when JSONSchemer::Draft202012::Vocab::Core::Ref
          part.ref_schema
        when JSONSchemer::Schema, JSONSchemer::Keyword
          look_up(part.parsed)
        end
      end
    end
  end
end
