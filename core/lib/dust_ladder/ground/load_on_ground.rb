module DustLadder
  module Ground
    # What a crane presses on the ground with along its way: with its gross load at the loaded radius, and with nothing
    # in its hook at the radius before (handbook, sections 7 and 16). It is looked at in fine steps, and every greatest
    # is then brought nearer, so that no step hides it.
    class LoadOnGround
      # kg in the hook; stations: Path::Stations of the way.
      State = Struct.new(:kg, :stations, :words)
      # Of what is greatest somewhere: figure, its State, Path::Station and Deck::Weight.
      Worst = Struct.new(:value, :state, :station, :weight, keyword_init: true)
      # Where it tips: State and Station.
      Tips = Struct.new(:state, :station)
      # What was seen at the steps of a leg: [share, figures] each.
      Look =
        Struct.new(:state, :from, :to, :seen) do
          def top(index) = seen.map { |_, values| values[index] }.max
        end
      NEAR = 1e-5
      # More than any figure rises between two steps, as a share of it: 2° and half a metre.
      BETWEEN = 0.05
      STEP_DEG = 2.0
      STEP_M = 0.5

      # machine: a Machine. duty: a Cranes::Duty.
      def initialize(machine, duty)
        @machine = machine
        @duty = duty
      end

      def states
        @states ||= [
          State.new(@duty.gross.kg, loaded(with_slew(@duty.crane.path_stations)), "with the load"),
          State.new(0.0, with_slew(@duty.crane.unloaded_stations), "with nothing in the hook")
        ]
      end

      # Deck::Weight of all with a State's load at a Station.
      def weight(state, station)
        parts = [ [ station.kg || state.kg, station.radius ], *@machine.boom_parts(station.radius, station.boom) ]
        @machine.deck.weight(station.slew, parts.sum(&:first), parts.sum { |kg, toward| kg * toward })
      end

      # Yields a Weight and takes the figures of it, a list of the same length each time, or nil where it tips. Returns
      # the Worst of each, or the first Tips.
      def worst(&figures)
        looks =
          states.flat_map do |state|
            legs(state).map do |from, to|
              seen = steps(from, to).map { |share| [ share, look(state, from, to, share, figures) ] }
              tips = seen.find { |_, values| values.nil? }
              return Tips.new(state, Cranes::Path.between(from, to, tips[0])) if tips

              Look.new(state, from, to, seen)
            end
          end
        looks[0].seen[0][1].each_index.map { |index| worst_of(index, looks, figures) }
      end

      private

      def legs(state) = state.stations.each_cons(2)

      def with_slew(stations)
        stations.each_with_index do |station, index|
          @duty.crane.stations[index].slew.value if station.slew.nil?
        end
      end

      # Each with what hangs there.
      def loaded(stations)
        stations.each_with_index.map { |station, index| station.dup.tap { |one| one.kg = @duty.gross_at(index) } }
      end

      def look(state, from, to, share, figures)
        Budget.ask!
        figures.(weight(state, Cranes::Path.between(from, to, share)))
      end

      def steps(from, to)
        steps = [
          (to.radius - from.radius).abs / STEP_M,
          (to.slew - from.slew).abs / STEP_DEG,
          1
        ].max.ceil
        (0..steps).map { |step| step / steps.to_f }
      end

      # Of one of the figures; a leg on which no step comes near to the greatest is not looked at again.
      def worst_of(index, looks, figures)
        tops = looks.map { |seen| seen.top(index) }
        least = tops.max - tops.max.abs * BETWEEN
        looks.zip(tops).filter_map { |one, top| greatest(index, one, figures) if top >= least }.max_by(&:value)
      end

      # The greatest of one of the figures on a leg: about its step, brought nearer by golden sections.
      def greatest(index, leg, figures)
        seen, state = leg.seen, leg.state
        at = seen.each_index.max_by { |step| seen[step][1][index] }
        low, high = seen[[ at - 1, 0 ].max][0], seen[[ at + 1, seen.size - 1 ].min][0]
        value = ->(share) { look(state, leg.from, leg.to, share, figures)&.fetch(index) || -Float::INFINITY }
        share = [ seen[at][0], Site::Least.golden(low, high, NEAR) { |one| -value.(one) } ].max_by(&value)
        station = Cranes::Path.between(leg.from, leg.to, share)
        Worst.new(value: value.(share), state: state, station: station, weight: weight(state, station))
      end
    end
  end
end
