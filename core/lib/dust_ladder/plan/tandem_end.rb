module DustLadder
  module Plan
    # One end of a load that two cranes carry: what it is held by, how many slings hang there side by side, the beam
    # above them where there is one, and how far its line may be from plumb.
    class TandemEnd < Section
      NAMES = %w[head tail].freeze
      BLANK = {
        "hold" => nil,
        "slings" => nil,
        "second" => nil,
        "apart" => nil,
        "plumb" => nil,
        "moves" => nil,
        "beam" => nil,
        "trunnion" => nil
      }.freeze

      # The other of two slings side by side, to be asked as a Leg is.
      class Second
        attr_reader :sling, :name

        def initialize(tandem_end)
          @end = tandem_end
          @sling = tandem_end["second"]
          @name = "other #{tandem_end.name} sling"
        end

        def pointer(*) = @end.pointer("second")
      end

      attr_reader :name, :apart, :plumb, :beam_mass, :beam_rated, :beam_width, :beam_high, :diameter

      def initialize(document, index)
        super(document, "tandem", "ends", index)
        @name = NAMES[index]
        @apart = length("how far apart the #{name} slings hang", "apart")
        @plumb = angle("how far the #{name} line may be from plumb", "plumb", at_least: 0, at_most: 10)
        @beam_mass = mass("the mass of the #{name} beam", "beam", "mass")
        @beam_rated = mass("the rating of the #{name} beam", "beam", "rated")
        @beam_width = length("how wide the #{name} beam is along the load", "beam", "width")
        @beam_high = length("the height of the #{name} beam", "beam", "high")
        @diameter = length("the diameter of the #{name} trunnion", "trunnion", "diameter")
      end

      def hold = self["hold"] || missing("what the #{name} is held by", "hold")
      def trunnion? = self["hold"] == "trunnion"
      def beam? = !self["beam"].nil?
      def beam_name = data.dig("beam", "name").to_s.strip.then { |words| words.empty? ? "#{name} beam" : words }
      # How many slings hang side by side.
      def slings = self["slings"] || missing("how many slings the #{name} hangs by", "slings")
      def second = @second ||= (Second.new(self) if self["slings"] == 2)
      # "eye" over it, "half_wrap" round it.
      def held_round = data.dig("trunnion", "by") || missing("how the sling holds the #{name} trunnion", "trunnion/by")
      # Does something keep the sling from coming off it? Raises NotKnown where nobody says.
      def keeper
        said = data.dig("trunnion", "keeper")
        said.nil? ? missing("what keeps the sling on the #{name} trunnion", "trunnion/keeper") : said
      end

      # "stays", "slews_and_luffs", or "walks" with the load.
      def moves = self["moves"] || missing("how the #{name} crane follows its hook", "moves")
      def walks? = self["moves"] == "walks"
    end
  end
end
