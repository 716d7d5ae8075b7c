module DustLadder
  module Plan
    # Who is named for the lift, each with what they do (handbook, section 10). A person whom the house keeps is named
    # by their id and carried as a snapshot; anybody else by name alone.
    class Crew < Section
      # What a lift asks for, one of each at least.
      ROLES = %w[operator slinger signaller supervisor].freeze
      # One entry: its number in the list, role, id or nil, name, and what the plan took of the person, or nil.
      Named = Struct.new(:index, :role, :id, :name, :data, keyword_init: true)

      def initialize(document)
        super(document, "crew")
      end

      def given? = all.any?

      def all
        @all ||=
          data.to_a.each_with_index.map do |one, index|
            kept = document.snapshot("people", one["person"])&.fetch("data") if one["person"]
            name = (kept ? kept["name"] : one["name"]).to_s.strip
            Named.new(index: index, role: one["role"], id: one["person"], name: name, data: kept)
          end
      end
    end
  end
end
