module DustLadder
  class Ladder
    # Ways out that change how the crane stands on its site, and how the load goes over it.
    module SiteWays
      MATS_M = [ 1.0, 1.2, 1.5, 1.8, 2.0, 2.4, 3.0 ].freeze
      # Of a mat whose own mass nobody has given, by its area.
      MAT_KG_PER_M2 = 180.0
      MOVES_M = [ 1.0, 2.0, 4.0 ].freeze
      WINDS = { "north" => [ 0, 1 ], "east" => [ 1, 0 ], "south" => [ 0, -1 ], "west" => [ -1, 0 ] }.freeze
      RAISED_M = [ 0.2, 0.5, 1.0, 2.0, 4.0 ].freeze

      private

      def site_ways
        return [] unless @lift.duty.on_site?

        [ larger_mats, carried_higher, *stand_elsewhere ].compact
      rescue NotKnown
        []
      end

      def stand = @lift.duty.crane.stand

      # The smallest mats that make it better; a larger mat of the same make is as much heavier as it is larger.
      def larger_mats
        return unless %w[pads].include?(question.id)

        now = stand.mats? ? stand.mat_side.positive : 0.0
        per_m2 = stand.mats? ? stand.mat_kg.positive / now**2 : MAT_KG_PER_M2
        first_of(MATS_M.select { |side| side > now + WaysOut::STEP_M }, cures: true) { |side| mats_of(side, per_m2) }
      end

      def mats_of(side, per_m2)
        kg = (per_m2 * side**2 / 10).ceil * 10.0
        # What another mat may carry is not what this one may.
        mat = { "side" => written(side), "mass" => "#{kg.round} kg", "rated" => nil }
        way =
          try(
            "mats",
            both do |system|
              "Mats of #{Figure.m(side).shown(system)} under the pads, about #{Figure.kg(kg, :up).shown(system)} each"
            end,
            { stand.pointer("mat") => mat },
            :mats
          )
        # A mat that nobody knows to be strong enough is no way out.
        way unless way&.ladder&.rung("pads")&.verdict == "not_known"
      end

      def carried_higher
        return unless %w[clearance power_lines].include?(question.id) && stand.carried.known?

        first_of(RAISED_M.map { |more| stand.carried.value + more }, cures: true) do |height|
          try(
            "carried",
            both { |system| "Carry the load with its underside at #{Figure.m(height, :up).shown(system)}" },
            { stand.pointer("carried") => written(height) },
            :carried
          )
        end
      end

      # The crane a little way off, pick and set where they are; the nearest place in each distance that cures it.
      def stand_elsewhere
        setup = @lift.duty.setup
        found =
          MOVES_M.lazy.filter_map do |metres|
            off = WINDS.keys.product([ nil, *WINDS.keys ]).filter_map { |pair| off(pair, metres) }
            ways = off.filter_map { |words, east, north| moved(setup, words, east, north) }
            ways.select { |way| cures?(way.ladder) }.max_by { |way| -used(way.ladder) }
          end
        found.first(1)
      end

      def used(ladder) = ladder.rung(question.id)&.utilisation || 0.0

      # Words and metres east and north of a move; nil for a pair that is no direction.
      def off((one, other), metres)
        east, north = [ one, other ].compact.map { |wind| WINDS[wind] }.transpose.map { |all| all.sum * metres }
        return if other && (WINDS[one][0].zero? == WINDS[other][0].zero? || WINDS[one][1].zero?)

        [ ->(system) { [ one, other ].compact.map { |wind| "#{Figure.m(metres).shown(system)} #{wind}" }.join(", ") },
          east, north ]
      end

      def moved(setup, words, east, north)
        axis = setup.standing.axis
        there = Site::Standing.new(axis: [ axis[0] + east, axis[1] + north, axis[2] ], bearing: setup.standing.bearing)
        try(
          "stand",
          both { |system| "Stand #{words.(system)}, pick and set where they are" },
          setup.stood_at(there),
          :stand
        )
      end

      # What the block makes of the first that makes it better, and that cures it where it is to.
      def first_of(choices, cures:)
        choices.lazy.filter_map { |choice|
          yield(choice).then { |way|
            way if way && (!cures || cures?(way.ladder))
          }
        }.first
      end
    end
  end
end
