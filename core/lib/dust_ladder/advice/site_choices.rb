module DustLadder
  module Advice
    # How the crane stands on its site, how the load goes over it, on what it is set down.
    module SiteChoices
      MATS_M = [ 1.0, 1.2, 1.5, 1.8, 2.0, 2.4, 3.0 ].freeze
      # Of a mat whose own mass nobody has given, by its area.
      MAT_KG_PER_M2 = 180.0
      MOVES_M = [ 1.0, 2.0, 4.0 ].freeze
      WINDS = {
        "north" => [ 0, 1 ],
        "east" => [ 1, 0 ],
        "south" => [ 0, -1 ],
        "west" => [ -1, 0 ],
        "north and east" => [ 1, 1 ],
        "south and east" => [ 1, -1 ],
        "south and west" => [ -1, -1 ],
        "north and west" => [ -1, 1 ]
      }.freeze
      HEIGHTS_M = [ 0.2, 0.5, 1.0, 2.0, 4.0 ].freeze
      TURNS_DEG = [ 90.0, 180.0, 270.0 ].freeze
      # Timbers: how much longer, and how many times as many.
      TIMBERS = [ [ 1.5, 1 ], [ 1, 2 ], [ 2, 1 ], [ 1.5, 2 ], [ 2, 2 ], [ 3, 3 ] ].freeze

      private

      def stand_now = crane.stand

      # Larger mats of the same make: as much heavier as they are larger. What they may carry nobody knows yet.
      def wide_mats
        return unless duty.on_site? && asks?("pads")

        now = stand_now.mats? ? stand_now.mat_side.positive : 0.0
        per_m2 = stand_now.mats? ? stand_now.mat_kg.positive / now**2 : MAT_KG_PER_M2
        MATS_M.select { |side| side > now + Choices::STEP_M }.map { |side| mats_of(side, per_m2) }
      end

      def mats_of(side, per_m2)
        kg = (per_m2 * side**2 / 10).ceil * 10.0
        words = both do |system|
          "Mats of #{Figure.m(side).shown(system)} under the pads, about #{Figure.kg(kg, :up).shown(system)} each"
        end
        mat = { "side" => written(side), "mass" => "#{kg.round} kg", "rated" => nil }
        change(:wide_mats, "mats", words, { stand_now.pointer("mat") => mat })
      end

      # The load's underside higher on the way; or lower, where something is over it.
      def carried
        return unless duty.on_site? && stand_now.carried.known?

        now = stand_now.carried.value
        least = crane.stations.map { |station| station.support_height.value }.max
        up = along(now, HEIGHTS_M.map { |more| now + more }) { |metres| carried_at(up(metres)) }
        lower = HEIGHTS_M.map { |less| now - less }.select { |metres| metres > least }
        up + along(now, lower) { |metres| carried_at(down(metres)) }
      end

      def carried_at(metres)
        words = both { |system| "Carry the load with its underside at #{Figure.m(metres, :up).shown(system)}" }
        change(:carried, "carried", words, { stand_now.pointer("carried") => written(metres) })
      end

      # The crane a little way off, pick and set where they are.
      def stand
        return unless duty.on_site?

        MOVES_M.flat_map { |metres| WINDS.map { |words, off| stood(words, metres, off) } }
      end

      def stood(wind, metres, (east, north))
        setup = duty.setup
        axis = setup.standing.axis
        there = Site::Standing.new(
          axis: [ axis[0] + east * metres, axis[1] + north * metres, axis[2] ],
          bearing: setup.standing.bearing
        )
        words = both do |system|
          each = wind.split(" and ").map { |one| "#{Figure.m(metres).shown(system)} #{one}" }
          "Stand #{each.join(", ")}, pick and set where they are"
        end
        change(:stand, "stand", words, setup.stood_at(there))
      end

      # The crane turned where it stands, so that another of its sides looks at the load.
      def bearing
        return unless duty.on_site?

        setup = duty.setup
        TURNS_DEG.map do |turn|
          towards = (setup.standing.bearing + turn) % 360
          there = Site::Standing.new(axis: setup.standing.axis, bearing: towards)
          words = both("Stand with its front to #{Figure.deg(towards, :near)}, pick and set where they are")
          change(:bearing, "bearing", words, setup.stood_at(there))
        end
      end

      def dunnage
        return unless asks?("landing") && stand_now["dunnage"]

        length, count = stand_now.dunnage_length.positive, stand_now.timbers
        TIMBERS.map do |longer, more|
          words = both do |system|
            "Set it down on #{count * more} timbers of #{Figure.m(length * longer).shown(system)}"
          end
          laid = {
            stand_now.pointer("dunnage", "length") => written(length * longer),
            stand_now.pointer("dunnage", "count") => count * more
          }
          change(:dunnage, "dunnage", words, laid)
        end
      end
    end
  end
end
