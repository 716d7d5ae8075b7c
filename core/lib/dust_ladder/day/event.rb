module DustLadder
  module Day
    # One thing that was said or done on the day, only ever added, never changed once kept. id: made where it was
    # said, so that sending it twice keeps it once; at: by the device's clock, UTC; seen: the number of the last event
    # that whoever said it had seen; name: who says it, by is who is signed in. Its digest is of all that it says,
    # with the digest of the event before (handbook, sections 17 and 18).
    class Event
      SAID = %w[id at kind name seen about].freeze
      KEPT = %w[number got by before].freeze
      UUID = /\A[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\z/
      AT = /\A\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z\z/
      MOST_TEXT = 500
      MOST_NAME = 80
      MOST_BYTES = 8_000

      # By kind: what it tells, each with what it may be: a list of words, :text, :phase, :item, :piece, :try, :figures.
      # named: does it count only with a name? asks: what must be told.
      Kind = Struct.new(:tells, :named, :asks, keyword_init: true)
      YES_NO = %w[yes no].freeze
      # Who takes part, beside those whom every lift asks for.
      ROLES = [ *Plan::Crew::ROLES, "line watcher", "tag line", "lookout" ].freeze
      KINDS = {
        # An item of a phase's list; its hold point; and one of the crew at a phase that asks each.
        "answered" => Kind.new(
          tells: { phase: :phase, item: :item, answer: YES_NO, word: :text },
          asks: %w[phase item answer]
        ),
        "held" => Kind.new(tells: { phase: :phase, answer: YES_NO, word: :text }, named: true, asks: %w[phase answer]),
        "heard" => Kind.new(tells: { role: :text, answer: YES_NO, word: :text }, named: true, asks: %w[role answer]),
        "named" => Kind.new(tells: { role: ROLES }, named: true, asks: %w[role]),
        "signaller" => Kind.new(tells: {}, named: true, asks: []),
        "stop" => Kind.new(tells: { why: :text, gut: YES_NO }, asks: []),
        "went_on" => Kind.new(tells: { word: :text }, named: true, asks: %w[word]),
        "wind" => Kind.new(tells: { gust: :text, height: :text }, asks: %w[gust]),
        "rigged" => Kind.new(tells: { measured: :figures }, asks: %w[measured]),
        "turned" => Kind.new(tells: { read: :figures }, asks: %w[read]),
        "tried" => Kind.new(tells: { try: :try }, asks: %w[try]),
        "finding" => Kind.new(tells: { piece: :text, word: :text, out: YES_NO }, asks: %w[piece word out]),
        "note" => Kind.new(tells: { word: :text }, asks: %w[word]),
        "lesson" => Kind.new(tells: { word: :text }, asks: %w[word]),
        "closed" => Kind.new(tells: { lifted: YES_NO, why: :text }, named: true, asks: %w[lifted])
      }.freeze
      # Anybody may say these, whatever else they may do.
      ANYBODY = %w[stop note].freeze

      attr_reader :data

      # data: as kept, or as said, sound by #faults.
      def initialize(data) = @data = data

      (SAID + KEPT + [ "digest" ]).each { |name| define_method(name) { data[name] } }

      # Kept after the events before. said: sound data; number, got (UTC), by { "id", "name" }; before: digest or nil.
      def self.kept(said, number:, got:, by:, before:)
        data = said.slice(*SAID).merge("number" => number, "got" => got, "by" => by, "before" => before)
        new(data.merge("digest" => digest_of(data)))
      end

      def self.digest_of(data) = PlanFile::Digest.of(data.slice(*SAID, *KEPT))

      # Does it say what it said when it was kept?
      def whole? = digest == self.class.digest_of(data)
      def told(name) = about[name]
      # Had whoever said it seen another one? Of what one said oneself one knows, without a network too.
      def saw?(other) = seen >= other.number || by["id"] == other.by["id"]
      def as_json(*) = data

      # What is wrong with something that is said, each { "pointer", "message", "expected" }. phases: as of Phases.
      def self.faults(said, phases) = EventFaults.new(said, phases).all
    end
  end
end
