module DustLadder
  module Cranes
    # Does the load stay out of the zones that are closed to it, all along the way?
    class ZonesCheck < Ladder::Check
      ID = "zones"
      LABEL = "Zones"
      FLIGHT = "ground_and_site"
      PER = "crane"

      def self.applies?(duty) = duty.crane.zones.any?

      private

      def examine
        crane = duty.crane
        entries =
          Zone
            .all(duty)
            .map { |zone| [ zone, zone.entered(crane.path_stations) || zone.entered(crane.unloaded_stations) ] }
        entries.each do |zone, entry|
          part(name: zone.name, verdict: entry ? "stop" : "holds", note: entry && said(entry))
        end
        caution(
          "zones",
          "A limiter that stops motion at a zone is a last help, not a plan: the operator and the signal person know " \
            "the zones before the lift."
        )
        wrong = entries.find { |_, entry| entry }
        if wrong
          return stop(
            both { |system| "the load enters #{wrong[0].name}: #{said(wrong[1])[system]}" },
            subject: wrong[0].name
          )
        end

        answer("holds", note: both("clear of #{entries.size} zone#{"s" if entries.size > 1}, load and all"))
      end

      def said((between, _, station))
        both do |system|
          "between #{duty.crane.stations[between].name} and #{duty.crane.stations[between + 1].name}, at " \
            "#{Figure.m(station.radius).shown(system)} and #{Figure.deg(station.slew % 360, :near).shown(system)}"
        end
      end
    end
  end
end
