module DustLadder
  module Life
    # One thing that somebody did with a plan, never changed once made. Its digest is of all that it says, with the
    # digest of the record before, so that none can be changed, taken out or put between without the next one telling.
    class Record
      FIELDS = %w[number at by role act about words revision document ladder before].freeze
      # about: what the act is about, text by name, as Act#wants names it. by: { "id", "name" }. at: UTC, to the second.
      # document, ladder: digests of what was seen, as Seen makes them; ladder nil where none was looked at.
      attr_reader(*FIELDS.map(&:to_sym), :digest)

      # data: as a plan file has it, sound by its schema.
      def initialize(data)
        @data = Snapshots.frozen(data)
        FIELDS.each { |field| instance_variable_set(:"@#{field}", @data[field]) }
        @digest = @data["digest"]
      end

      # With the digest that its fields have.
      def self.made(**fields)
        data = FIELDS.to_h { |field| [ field, fields.fetch(field.to_sym) ] }
        new(data.merge("digest" => digest_of(data)))
      end

      def self.digest_of(data) = PlanFile::Digest.of(data.slice(*FIELDS))

      # Does it say what it said when it was made?
      def whole? = digest == self.class.digest_of(@data)

      def kind = Act.named(act)
      # Digest as people read it out: 4 and 4 letters.
      def short = digest.delete_prefix("sha256:").then { |hex| "#{hex[0, 4]} #{hex[4, 4]}" }
      def as_json(*) = @data
    end
  end
end
