module DustLadder
  module Cranes
    # Where along its way a crane's limiter would stop a plan: at its cut-out share of the rated capacity, where
    # nothing is rated, or at a zone. A limiter is a last help: its limit is no reserve to plan with (handbook,
    # section 6.1).
    class Limiter
      # between: leg of the way; share: of that leg; at: Path::Station; why: words.
      Trip =
        Struct.new(:between, :share, :at, :why, keyword_init: true) do
          def as_json(*) =
            {
              "between" => between,
              "share" => share,
              "radius" => Figure.m(at.radius).as_json,
              "slew" => at.slew && Figure.deg(at.slew % 360, :near).as_json,
              "why" => why
            }
        end

      # duty: of the crane. cut_out: share of the rated capacity at which motion stops.
      def initialize(duty, cut_out: 1.0)
        @duty = duty
        @cut_out = cut_out
      end

      # The first Trip on the way; nil when it runs through. Raises NotKnown as the plan's own figures do.
      def trip = [ overload, *zones ].compact.min_by { |trip| [ trip.between, trip.share ] }

      private

      def overload
        gross, good = @duty.gross.kg, nil
        @duty.crane.path.places.each do |place|
          why = why(place.kg, gross)
          return stopped(good, place, why, gross) if why

          good = place
        end
        nil
      end

      def why(kg, gross)
        return "nothing is rated here" if kg.nil?

        "load moment" if gross > kg * @cut_out * (1 + Ladder::Verdict::SLACK)
      end

      # The last place that is still good, between one that is and one that is not.
      def stopped(good, bad, why, gross)
        if good.nil? || good.between != bad.between
          return Trip.new(between: bad.between, share: bad.share, at: bad.at, why: why)
        end

        from, to = @duty.crane.path_stations[bad.between, 2]
        low, high = good.share, bad.share
        HALVINGS.times do
          middle = (low + high) / 2
          at = Path.between(from, to, middle)
          why(@duty.crane.chart.capacity(at.radius, at.boom, at.slew).first, gross) ? high = middle : low = middle
        end
        Trip.new(between: bad.between, share: low, at: Path.between(from, to, low), why: why)
      end
      HALVINGS = 24

      def zones
        Zone
          .all(@duty)
          .filter_map do |zone|
            zone
              .entered(@duty.crane.path_stations)
              &.then do |between, share, at|
                Trip.new(between: between, share: share, at: at, why: "zone #{zone.name}")
              end
          end
      end
    end
  end
end
