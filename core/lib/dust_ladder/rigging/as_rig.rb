module DustLadder
  module Rigging
    # What a lift hangs, as a Statics::Rig: as it is, or one and two legs as good as stiff where it is not known how far
    # they stretch.
    module AsRig
      STIFF = 100.0

      module_function

      # Raises NotKnown where the stretch matters and is not known.
      def of(lift)
        lift.bridle.rig
      rescue NotKnown
        raise unless lift.bridle.by_hand?

        points = lift.load.points.each_with_index.to_h { |point, index| [ index.to_s, point.at ] }
        body = Statics::Rig::Body.new(name: "load", mass: lift.load.planned_kg, cg: lift.load.cg, points: points)
        Statics::Rig.new(bodies: [ body ], lines: points.keys.map { |name| stiff_line(lift, name) })
      end

      def stiff_line(lift, name)
        length = lift.bridle.lengths[name.to_i]
        { name: name, nodes: [ "hook", "load.#{name}" ], rest: length, stiffness: lift.load.planned_kg * STIFF }
      end
      private_class_method :stiff_line
    end
  end
end
