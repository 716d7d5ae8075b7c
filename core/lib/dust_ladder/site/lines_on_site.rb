module DustLadder
  module Site
    # Power lines as they are drawn on the site: each kept at its distance along the whole way. For a check with a duty.
    module LinesOnSite
      include LookedFor

      private

      def on_site
        setup.standing
        lines = setup.line_rooms
        far = setup.reach + rules[:power_lines]["zone_m"]["above"]
        return no_line(far) if lines.empty?

        head_caution
        too_near = lines.filter_map { |one| too_near(one) }.first
        return too_near if too_near

        unknown = lines.filter_map { |one| unknown_of(one) }.first
        raise unknown if unknown

        live_cautions unless lines.all?(&:dead)
        looked!("lines", far)
        held_by_all(lines)
      end

      def no_line(far)
        looked!("lines", far)
        said = survey.looked("lines")
        note =
          both do |system|
            "none within #{Figure.m(far, :down).shown(system)} of the axis, looked by #{said["by"]} on #{said["on"]}"
          end
        answer("holds", note: note)
      end

      # The rung where a line is too near already, whatever else is not known of it.
      def too_near(one)
        needed = one.clearance || rules[:power_lines]["zone_m"]["below"]
        near = one.nearest_known
        return stop(near_words(one, near, needed), subject: one.name) if near.m < needed - Ladder::Verdict::SLACK

        wanted, there = one.standoff
        return if wanted.nil? || there >= wanted - Ladder::Verdict::SLACK

        stop(
          both do |system|
            "#{one.name} #{Figure.m(there, :down).shown(system)} from the axis; " \
              "#{Figure.m(wanted, :up).shown(system)} unless its operator agrees"
          end,
          subject: one.name
        )
      end

      def near_words(one, near, needed)
        live = one.kilovolts || one.dead ? "" : " of unknown voltage"
        both do |system|
          "#{near.part} #{Figure.m(near.m, :up).shown(system)} from #{one.name}#{live}, wants " \
            "#{Figure.m(needed, :up).shown(system)}"
        end
      end

      # What is not known of a line that is not too near as far as one knows, as a NotKnown; or nil.
      def unknown_of(one)
        site = Plan.pointer("site_document")
        return NotKnown.new("the voltage of #{one.name}", pointer: site) unless one.kilovolts || one.dead
        return NotKnown.new("who says what voltage #{one.name} has", pointer: site) unless one.vouched?

        unless one.clearance
          words = "above #{rules[:power_lines]["clearance_m"].last.first.round} kV an engineer registered for it and " \
            "the utility decide"
          return NotKnown.new(words, pointer: site)
        end
        return NotKnown.new("how far the wind blows #{one.name} out", pointer: site) unless one.blown
        return if one.dead || one.nearest.m >= one.zone || setup.stand.watcher

        NotKnown.new("who watches #{one.name} and does nothing else", pointer: setup.stand.pointer("watcher"))
      end

      def live_cautions
        caution(
          "lines_live",
          "A line is live until it is proved dead. Nobody touches crane or load on the ground near it."
        )
        caution(
          "lines_watch",
          "Brief the crew on the line, mark it, hold the load by dry tag lines that do not conduct."
        )
      end

      def held_by_all(lines)
        lines.each do |one|
          share = one.clearance / one.nearest.m
          part(
            name: one.name,
            verdict: Ladder::Verdict.of(share, attention),
            utilisation: share,
            demand: Figure.m(one.clearance, :up),
            capacity: Figure.m(one.nearest.m, :down),
            note: both(one.dead ? "proved dead: #{one.dead}" : "nearest: #{one.nearest.part}")
          )
        end
        show_line(lines.max_by { |one| one.clearance / one.nearest.m })
      end

      TAKEN_OFF = { "boom" => "half the boom's thickness", "boom head" => "what the boom's head measures" }.freeze

      def show_line(one)
        near = one.nearest
        line("V", Figure.new(one.kilovolts, :kv, :up), source: one.name) if one.kilovolts
        line(
          "c",
          Figure.m(one.clearance, :up),
          source: one.dead ? "proved dead: #{one.dead}" : rules.cite(:power_lines)
        )
        off = Figure.m(one.off(near.part), :up)
        line("s", off, source: TAKEN_OFF.fetch(near.part) { rules.cite(:line_sway_deg) })
        line("w", Figure.m(one.blown.to_f, :up), source: "blown out by the wind, of the wire")
        line("d", Figure.m(near.m, :down), source: "#{near.part} to #{one.name}, true in space, s and w taken off")
        if near.m < one.zone
          line("z", Figure.m(one.zone), source: "working zone: #{setup.stand.watcher || "nobody"} watches the line")
        end
        judge(
          Figure.m(one.clearance, :up),
          Figure.m(near.m, :down),
          attention: attention,
          subject: one.name,
          note: both { |system|
            "#{near.part} #{Figure.m(near.m, :down).shown(system)} from #{one.name}, wants " \
              "#{Figure.m(one.clearance, :up).shown(system)}"
          }
        )
      end
    end
  end
end
