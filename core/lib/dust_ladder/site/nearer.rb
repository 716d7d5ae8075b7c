module DustLadder
  module Site
    # A crane that stands so far off that its boom does not come to pick and set: what hangs under its tip is not known
    # there, and still it is to be told where it could stand.
    module Nearer
      module_function

      # duty: a Cranes::Duty of a crane on its site. The same where its boom reaches; else that of the crane beside the
      # middle of pick and set, as near as its chart goes, facing as it did. Raises NotKnown as Duty#gross does.
      def reaching(duty)
        duty.gross
        duty
      rescue Cranes::OutOfReach
        lift = duty.lift
        lift.with_crane(PlanFile::Pointer.with_values(lift.document.data, duty.setup.stood_at(beside(duty)))).duty
      end

      def beside(duty)
        standing, places = duty.setup.standing, duty.setup.places
        one, other = places.first, places.last
        run = Plane.apart_from(one, other)
        across = run.positive? ? [ (one[1] - other[1]) / run, (other[0] - one[0]) / run ] : [ 0.0, 1.0 ]
        off = duty.crane.chart.sectors.flat_map { |sector| sector.table.rows(duty.crane.booms.max) }.min.to_f
        middle = [ 0, 1 ].map { |axis| (one[axis] + other[axis]) / 2 + off * across[axis] }
        Standing.new(axis: [ *middle, standing.axis[2] ], bearing: standing.bearing)
      end
      private_class_method :beside
    end
  end
end
