module DustLadder
  module Finding
    # What a search may change of the plan. machines: other machines of the house; move: the crane's place; hire: mats
    # that the store does not have; hold: other ways to hold it than the plan's; minutes: until the lift is ready.
    May =
      Struct.new(:machines, :move, :hire, :hold, :minutes, keyword_init: true) do
        def initialize(machines: true, move: true, hire: true, hold: true, minutes: 6 * 60) = super

        # Words of each that may be wanted or not.
        def self.words
          {
            machines: "other machines of the house",
            move: "the crane elsewhere",
            hire: "mats from elsewhere",
            hold: "another way to hold it"
          }
        end

        # Each that lets one thing more in: [words, May].
        def wider
          shut = self.class.words.reject { |name, _| self[name] }
          more = shut.map { |name, words| [ words, dup.tap { |one| one[name] = true } ] }
          longer = 2 * minutes
          [ *more, [ "ready within #{longer / 60} h", dup.tap { |one| one.minutes = longer } ] ]
        end
      end
  end
end
