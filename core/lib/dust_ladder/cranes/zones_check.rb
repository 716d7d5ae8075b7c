module DustLadder
  module Cranes
    # Do the load, and the trolley or boom tip, stay out of the zones that are closed to them, all along the way?
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
          part(
            name: zone.name,
            verdict: entry ? "stop" : "holds",
            note: entry ? said(entry) : both("closed to #{zone.who}")
          )
        end
        caution(
          "zones",
          "A limiter that stops motion at a zone is a last help, not a plan: the operator and the signal person know " \
            "the zones before the lift."
        )
        wrong = entries.find { |_, entry| entry }
        if wrong
          return stop(
            both { |system| "#{wrong[0].who} enters #{wrong[0].name}: #{said(wrong[1])[system]}" },
            subject: wrong[0].name
          )
        end

        kept = entries.map { |zone, _| zone.who.delete_prefix("the ") }.uniq.join(" and ")
        answer("holds", note: both("#{kept} clear of #{entries.size} zone#{"s" if entries.size > 1}"))
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
