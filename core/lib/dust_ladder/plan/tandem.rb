module DustLadder
  module Plan
    # How two cranes carry one load between them: what they do with it, where their hooks are, and how each end is held.
    # The plan's first point, leg and crane are the head's, the second ones the tail's. Lengths are Fields in m, angles
    # in degrees.
    class Tandem < Section
      BLANK = {
        "does" => nil,
        "from" => nil,
        "to" => nil,
        "comes" => nil,
        "bearing" => nil,
        "head_at" => { "east" => nil, "north" => nil },
        "under" => nil,
        "out_of_step" => nil,
        "dynamic" => nil,
        "handover" => nil,
        "holds" => [],
        "ends" => Array.new(2) { TandemEnd::BLANK }
      }.freeze

      attr_reader :from,
        :to,
        :bearing,
        :east,
        :north,
        :under,
        :out_of_step,
        :dynamic,
        :handover_at,
        :to_east,
        :to_north,
        :to_bearing,
        :holds,
        :ends,
        :beam

      def initialize(document)
        super(document, "tandem")
        @from = angle("the tilt that it begins with", "from", at_least: 0, at_most: 90)
        @to = angle("the tilt that it ends with", "to", at_least: 0, at_most: 90)
        @bearing = angle("the bearing from the tail's hook to the head's", "bearing")
        @east = at("how far east of the peg the head's hook is", "head_at", "east")
        @north = at("how far north of the peg the head's hook is", "head_at", "north")
        @under = extent("how high the load's lowest corner is kept", "under")
        @out_of_step = extent("how far one hook may be ahead of the other", "out_of_step")
        @dynamic = field(:share, "what jerking adds to the load", "dynamic", at_least: 0, at_most: 1)
        @handover_at = angle("the tilt of the handover", "handover", "at", at_least: 0, at_most: 90)
        @to_east = at("how far east of the peg the head's hook ends", "head_to", "east")
        @to_north = at("how far north of the peg the head's hook ends", "head_to", "north")
        @to_bearing = angle("the bearing from the tail's hook to the head's at the end", "head_to", "bearing")
        @holds = self["holds"].to_a.each_index.map { |index| hold(index) }
        @ends = [ "head", "tail" ].each_index.map { |index| TandemEnd.new(document, index) }
        @beam = HookBeam.new(document) if self["beam"]
      end

      # A tilt, or a place as a share of the way, at which it is held: a Field in degrees, or in hundredths.
      def hold(index)
        return angle("where it is held, #{index + 1}", "holds", index, at_least: 0, at_most: 90) unless carry?

        share = field(:share, "where it is held, #{index + 1}", "holds", index, at_least: 0, at_most: 1)
        Reckoned.new(share.label, share.pointer) { share.value * 100 }
      end

      def does = self["does"] || missing("what the two cranes do with the load", "does")
      def carry? = self["does"] == "carry"
      def lay_down? = self["does"] == "lay_down"
      def handover? = !self["handover"].nil?
      def handover_by = data.dig("handover", "by").to_s.strip

      # The part of the way that the tail's hook comes, while the head's stays: 1, 0, or a half of each.
      def tail_comes
        { "tail" => 1.0, "head" => 0.0, "both" => 0.5 }[self["comes"]] ||
          missing("which hook comes as the lines draw near", "comes")
      end
    end
  end
end
