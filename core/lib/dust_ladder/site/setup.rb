module DustLadder
  module Site
    # A crane as it stands on its site: its place, its way in space, the load as it hangs and turns. Whoever asks for
    # what is not given meets NotKnown, with its place.
    class Setup
      attr_reader :duty, :survey

      def initialize(duty, survey)
        @duty = duty
        @survey = survey
      end

      def crane = duty.crane
      def stand = crane.stand

      def standing = stand.standing

      def machine = @machine ||= Ground::Machine.new(crane)
      def on_ground = @on_ground ||= Ground::LoadOnGround.new(machine, duty)

      # How high the load's underside is on the way over the crane's ground, m: never lower than what it stands on
      # anywhere.
      def carried
        @carried ||=
          begin
            height = duty.carried
            low = crane.stations.find { |station| station.support_height.value > height }
            low ? too_low(height, low) : height
          end
      end

      # A LineRoom of each power line of the site.
      def line_rooms = @line_rooms ||= survey.all("line").map { |line| LineRoom.new(self, line, duty.lift.rules) }

      # Legs of the way in space, the load carried, picked up plumb before it and set down plumb after: at the loaded
      # radii, and at those before the load is on.
      def sweeps
        @sweeps ||=
          begin
            hook = duty.hook_range.last
            [ crane.path_stations, crane.unloaded_stations ].uniq.flat_map do |stations|
              high = stations.map { |station| raised(station, carried + hook) }
              first, last = [ 0, -1 ].map { |at| raised(stations[at], crane.stations[at].support_height.value + hook) }
              legs([ first, *high, last ])
            end
          end
      end

      # The same where it does not matter how high anything is.
      def level_sweeps
        @level_sweeps ||=
          [ crane.path_stations, crane.unloaded_stations ].uniq.flat_map do |stations|
            legs(stations.map { |station| raised(station, 0.0) })
          end
      end

      # Load and rigging as a box from the hook down to the load's underside.
      def box
        @box ||=
          Room::Box.new(
            length: 2 * duty.arms[0],
            width: 2 * duty.arms[1],
            height: duty.hook_range.last,
            below: 0.0,
            turned: turned,
            axis: turned ? duty.load_axis : 0.0
          )
      end

      # Half the boom's depth, m; NotKnown where the chart does not say.
      def half_boom = @half_boom ||= boom_depth / 2

      # How far any part of the boom's head lies from the tip, m; as thick as the boom where the chart does not say.
      def head = @head ||= [ half_boom, crane.chart_data["boom_head_m"].to_f ].max
      def head_known? = crane.chart_data.key?("boom_head_m")

      private def boom_depth
        crane.chart_data["boom_depth_m"] || crane.missing("the chart does not say how thick the boom is", "chart")
      end

      # A ball about the load, however it hangs below the hook.
      def ball
        far = duty.farthest and return Approach::Ball.new(0.0, far)

        size, hook = duty.lift.load.size, duty.hook_range.last
        Approach::Ball.new(hook - size[2] / 2, Statics::Vector.length([ *duty.arms, size[2] / 2 ]))
      end

      # Most that hangs below the tip on the way down to the load's underside, m.
      def most_hanging
        duty.highest_tip - crane.stations.map { |station| station.support_height.value }.min
      end

      # How far anything of the crane or its load comes from the slewing axis, m.
      def reach = crane.path_stations.map(&:radius).max + duty.load_reach

      # Where the load is at each station before the boom bends, [east, north] each.
      def places
        @places ||=
          crane.stations.each_with_index.map do |station, index|
            standing.place(crane.radius(index), station.slew.value).first(2)
          end
      end

      # { JSON pointer => value } that stand the crane at another Standing, every station where it is.
      def stood_at(there)
        stations =
          places.each_with_index.flat_map do |place, index|
            next [] if crane.placed(index)

            radius, slew = there.seen(place)
            at = crane.pointer("stations", index)
            [ [ "#{at}/radius", written(radius) ], [ "#{at}/slew", format("%.1f°", slew) ] ]
          end
        turned = (there.bearing - standing.bearing).abs > 1e-9
        {
          stand.pointer("east") => written(there.axis[0]),
          stand.pointer("north") => written(there.axis[1]),
          **(turned ? { stand.pointer("bearing") => format("%.1f°", there.bearing) } : {}),
          **stations.to_h
        }
      end

      # The load where it is set down: its outline.
      def set_down = duty.set_down || load_at(crane.path_stations.last)

      # Outline of load and rigging at a Path::Station; where nobody says how it is turned, along the site's grid.
      def load_at(station)
        at = standing.place(station.radius, slew(station)).first(2)
        bearing = box.axis + (turned == "with_boom" ? standing.bearing + slew(station) : 0.0)
        Plane.rectangle(at, box.length, box.width, bearing)
      end

      # Legs of the way with the load on, as it is carried.
      def carried_legs
        hook = duty.hook_range.last
        legs(crane.path_stations.map { |station| raised(station, carried + hook) })
      end

      # Name and middle [east, north] of each pad, in the machine's order.
      def pads
        @pads ||=
          machine.outriggers.names.zip(machine.outriggers.places).map do |name, at|
            [ name, standing.of_deck(at, machine.axis) ]
          end
      end

      # Ground::Mats under the pads: the plan's, or the machine's own pads where it has none.
      def mats
        @mats ||=
          pads.each_with_index.map do |(name, middle), index|
            side, kg = stand.mats? ? [ stand.mat_side.positive, stand.mat_kg.positive ] : [ machine.sides[index], 0.0 ]
            Ground::Mat.new(name: name, middle: middle, side: side, kg: kg, bearing: standing.bearing)
          end
      end

      # Outline of each track, by its name.
      def tracks
        tracks, middle = machine.tracks, machine.tracks.middle
        { "left" => -1, "right" => 1 }.transform_values do |side|
          at = standing.of_deck([ middle[0], middle[1] + side * tracks.gauge / 2 ], machine.axis)
          Plane.rectangle(at, tracks.length, tracks.width, standing.bearing)
        end
      end

      # What touches the ground, outline by name.
      def feet
        machine.tracks? ? tracks.transform_keys { |side| "#{side} track" } : mats.to_h { |mat|
          [ mat.name, mat.outline ]
        }
      end

      private

      def written(metres) = format("%.2f m", metres)

      def turned = duty.load_turned

      # Raises NotKnown where the crane's slew is not given.
      def slew(station) = station.slew || crane.stations.each { |one| one.slew.value }

      def raised(station, hook)
        slew(station)
        station.dup.tap { |copy| copy.hook = hook }
      end

      def legs(stations)
        booms = ->(length) { crane.family.boom(length) }
        stations.each_cons(2).map { |from, to| Sweep.new(standing, from, to, booms) }
      end

      def too_low(height, station)
        stand.missing(
          "the load is carried #{Figure.m(height)} high, below #{Figure.m(station.support_height.value)} at " \
            "#{station.name}",
          "carried"
        )
      end
    end
  end
end
