module DustLadder
  module Plan
    # Places of a plan in plain words: "West leg sling", "set radius".
    class Names
      # nil: it goes without saying.
      WORDS = {
        "bare" => nil,
        "load" => nil,
        "rigging" => nil,
        "by_word" => nil,
        "cg" => "centre of gravity",
        "size" => "load",
        "stand" => "crane's stand",
        "load_end" => "joined by",
        "legs" => "leg",
        "points" => "point",
        "stations" => "place on the way",
        "parts" => "row",
        "zones" => "zone",
        "lift_at" => "time of the lift",
        "lift_until" => "end of the lift",
        "site_document" => "site drawn",
        "wll" => "rating",
        "take_off" => "take-off",
        "says" => "by word",
        "on" => "said on"
      }.freeze
      KINDS = {
        "charts" => "chart",
        "slings" => "sling",
        "beams" => "beam",
        "gear" => "piece",
        "sites" => "site",
        "people" => "person",
        "rule_sets" => "rule set"
      }.freeze
      # By what a member of a list is called, where it has a name of its own.
      OWN = %w[name role title words].freeze

      # documents: the plan's, the one first whose names count.
      def initialize(*documents)
        @documents = documents
      end

      def kind(kind) = KINDS.fetch(kind, kind)

      # place: keys on the way to it.
      def of(place)
        words =
          place.each_index.filter_map do |index|
            key, before = place[index], index.zero? ? nil : place[index - 1]
            key.is_a?(Integer) ? member(place[0..index], before) : plain(key, place[index + 1])
          end
        words.empty? ? place.join(" ") : words.join(" ")
      end

      # A whole member that came or went.
      def of_whole(data)
        named = OWN.filter_map { |key| data[key] }
        return named.join(" ") if named.any?

        data.values.grep(String).reject(&:empty?).first(3).join(", ")
      end

      # What a snapshot is, by its data.
      def of_snapshot(kind, data)
        version = data["version"] || data.dig("record", "version")
        title = data["title"] || data["name"] || data["size"]
        [ title, version && "version #{version}" ].compact.join(", ")
      end

      private

      # The name of the list stands before its member's number alone.
      def plain(key, following)
        return if following.is_a?(Integer)

        WORDS.fetch(key) { key.tr("_", " ") }
      end

      def member(place, list)
        index = place.last
        case list
        when "legs"
          "#{name_at([ *%w[load points], index, "name" ]) || index + 1} leg"
        when "points"
          "point #{name_at([ *place, "name" ]) || index + 1}"
        when "cranes"
          nil
        when "crew"
          name_at([ *place, "role" ])
        else
          name_at([ *place, "name" ]) || "#{WORDS.fetch(list, list).to_s.tr("_", " ")} #{index + 1}".strip
        end
      end

      def name_at(place)
        @documents.lazy.filter_map { |document|
          document.dig(*place).to_s.strip.then { |name| name unless name.empty? }
        }.first
      rescue TypeError
        nil
      end
    end
  end
end
