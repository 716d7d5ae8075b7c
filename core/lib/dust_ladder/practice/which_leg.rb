module DustLadder
  module Practice
    # Which leg pulls most, where the centre of gravity is off the middle (handbook, section 3.1).
    class WhichLeg < Drill
      KIND = "which_leg".freeze
      TOPIC = "shares".freeze

      def words
        both do |system|
          "#{Figure.kg(load.bare_kg).shown(system)}, its centre of gravity #{Figure.m(load.cg[0]).shown(system)} " \
            "from the west end of #{Figure.m(load.size[0]).shown(system)}. Which leg pulls most?"
        end
      end

      def right = pulls.max_by { |_, kg| kg }.first
      def views = { "drawing" => ladder.drawing }

      private

      # So far off the middle that there is something to tell.
      def ladder
        @ladder ||=
          begin
            off = [ -0.2, -0.15, -0.1, 0.1, 0.15, 0.2 ].sample(random: chance("off"))
            DustLadder.check(MadeUp.new(chance("lift")).lift(off: off))
          end
      end

      def load = ladder.lift.load
      def names = load.points.map(&:name)
      def nominal = ladder.lift.bridle.nominal
      def pulls = names.zip(worst.map(&:tension)).to_h
      def worst = ladder.lift.bridle.worst

      def made_choices
        [ *names.map { |name| choice(name, "#{name} leg") }, choice("alike", "both alike") ]
      end

      def working
        told = names.each_with_index.map do |name, at|
          both do |system|
            "#{name} leg: #{Figure.kg(nominal[at].tension).shown(system)} as planned, " \
              "#{Figure.kg(worst[at].tension, :up).shown(system)} at its worst"
          end
        end
        [ *told, both("The hook stands plumb over the centre of gravity: the leg nearer to it carries more.") ]
      end
    end
  end
end
