module DustLadder
  module Tailing
    # What hangs between one end of a load and the hook of its crane: slings that may be a little shorter or longer than
    # told, and a beam. Metres, kg.
    class End
      attr_reader :index

      # index: 0 of the head, 1 of the tail.
      def initialize(lift, index)
        @lift = lift
        @index = index
      end

      def planned = @lift.tandem.ends[index]
      def leg = @lift.legs[index]
      def name = planned.name

      # From the point to what the slings hang from, as planned.
      def length = half_wrap? ? whole_wrap : leg.long.positive
      # As short as it may be, for what it must not touch; as long, for the height that it wants. Of a sling that lies
      # half round a trunnion the quick rule understates it (handbook, section 3.7).
      def short = (half_wrap? ? quick_wrap : length) * (1 - tolerance)
      def long = length * (1 + tolerance)

      def half_wrap? = planned.trunnion? && planned.held_round == "half_wrap"
      def beam_high = planned.beam? ? planned.beam_high.positive : 0.0
      def beam_kg = planned.beam? ? planned.beam_mass.positive : 0.0

      # Every sling there, as data with the place that it is chosen at.
      def slings
        chosen = [ [ leg, "the #{leg.name} sling" ], *[ planned.second ].compact.map { |one| [ one, one.name ] } ]
        planned.slings
        chosen.map do |one, words|
          data = @lift.sling_of(one) or raise NotKnown.new("#{words} is not chosen", pointer: one.pointer("sling"))
          [ data, one.pointer("sling") ]
        end
      end

      # The most of what hangs there that one of its slings has: half, and more where the CG may be off across.
      def greatest_part
        return 1.0 if planned.slings < 2

        off = (@lift.load.cg[1] - @lift.load.points[index].at[1]).abs + @lift.load.cg_half_width[1]
        0.5 + off / planned.apart.positive
      end

      # Diameter of the rope or chain there, m. Raises NotKnown.
      def thick
        slings[0][0]["diameter_m"] ||
          raise(NotKnown.new("how thick sling #{slings[0][0]["number"]} is", pointer: leg.pointer("sling")))
      end

      def reach = slings[0][0]["reach_m"].to_f

      private

      def tolerance = @lift.rules[:leg_length_tolerance]
      def whole_wrap = hanging((reach - Math::PI * (planned.diameter.positive + thick) / 2) / 2)
      def quick_wrap = hanging(reach / 2 - Math::PI * planned.diameter.positive / 2)

      def hanging(length)
        return length if length.positive?

        raise NotKnown.new("the #{name} sling is too short to lie round its trunnion", pointer: leg.pointer("sling"))
      end
    end
  end
end
