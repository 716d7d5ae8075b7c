module DustLadder
  module Site
    # What the ground of a site bears by a rule set: what was measured counts, what was only looked at counts when a
    # named person confirmed it (handbook, sections 7 and 16).
    class Soils
      # What presses on the ground: kpa of an outline; the weakest zone under it that is known, or nil; what is not
      # known of it, in words.
      Footing =
        Struct.new(:name, :kpa, :weakest, :doubts, keyword_init: true) do
          def share = weakest && kpa / weakest.kpa

          def verdict(attention)
            return "stop" if weakest && Ladder::Verdict.of(share, nil) == "stop"

            doubts.any? || weakest.nil? ? "not_known" : Ladder::Verdict.of(share, attention)
          end
        end

      SAID = { "by_eye" => "judged by eye", "table" => "from a table" }.freeze

      def initialize(survey, rules)
        @rules = rules
        @features = survey.all("ground").to_h { |zone| [ zone["name"], zone ] }
        @zones =
          Ground::Zones.new(
            @features.values.map do |zone|
              Ground::Zones::Zone.new(name: zone["name"], outline: zone["outline_m"], kpa: bears(zone))
            end
          )
      end

      # Those that count: what is to be confirmed, or not known, bears nothing for a search.
      def zones
        Ground::Zones.new(
          @features.values.map do |zone|
            kpa = doubt(zone) ? nil : bears(zone)
            Ground::Zones::Zone.new(name: zone["name"], outline: zone["outline_m"], kpa: kpa)
          end
        )
      end

      # outline: of what presses; kpa: how much.
      def footing(name, outline, kpa)
        under = @zones.under(outline)
        doubts = under.zones.filter_map { |zone| doubt(@features[zone.name]) }
        doubts.unshift("#{name} stands partly on ground that nobody tells of") if under.bare
        Footing.new(name: name, kpa: kpa, weakest: under.weakest, doubts: doubts)
      end

      # Who says what a zone bears, for a line of working.
      def source(name)
        zone = @features.fetch(name)
        found = zone["allowable_kpa"] ? zone["found"] : "table, #{zone["soil"]}"
        [ name, found&.tr("_", " "), zone["by"], zone["on"], confirmed(zone)&.then { |who| "confirmed by #{who}" } ]
          .reject { |words| words.to_s.empty? }.join(", ")
      end

      # Is a zone to be confirmed on site still, by whoever reads the plan there?
      def unconfirmed?(name) = confirmed(@features.fetch(name)).nil?

      private

      def bears(zone) = zone["allowable_kpa"] || @rules[:ground_kpa][zone["soil"].to_s]

      def doubt(zone)
        return "what #{zone["name"]} bears is not known: ask an engineer" unless bears(zone)

        return "nobody says what #{zone["name"]} bears" unless confirmed(zone) || zone["by"].to_s.match?(/[[:alpha:]]/)

        found = zone["allowable_kpa"] ? zone["found"].to_s : "table"
        return if @rules[:ground_found][found] == "counts" || confirmed(zone)

        "what #{zone["name"]} bears is #{SAID.fetch(found, "of no known source")}: nobody confirmed it"
      end

      def confirmed(zone) = zone["confirmed_by"].to_s[/.*[[:alpha:]].*/]
    end
  end
end
