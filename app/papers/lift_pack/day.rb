class LiftPack < Paper
  # Briefing, lists and signals of a pack, and what became of them.
  module Day
    EMERGENCY = "Emergency: call stop. Set the load down if that is safe, keep people out, call the site's number " \
      "and say " \
      "where you are. Nobody touches a crane or a load that has touched a line.".freeze
    HAND = 0.5
    IN_A_ROW = 5

    private

    def course = day.course

    def briefing
      pdf.text("Briefing", size: 14, style: :bold)
      rows = course.hearers.map { |role, name| [ role, name, heard(name) ] }
      table([ %w[role name heard], *rows ])
      said("The way", day.brief.route)
      said("What stops the lift", day.brief.stops)
      said("To be watched", day.brief.cautions)
      line(EMERGENCY)
    end

    def heard(name)
      answer = course.phases.find { |one| one.phase.once }&.heard&.dig(name)
      answer ? answered(answer) : ""
    end

    def answered(answer) = "#{answer.answer}, #{answer.name}, #{clock(answer.event.at)}"
    def clock(at) = at.sub("T", " ").sub(/:\d\d(\.\d+)?Z/, " UTC")

    def said(title, sentences)
      return if sentences.empty?

      heading(title)
      sentences.each { |one| bullet(told(one)) }
    end

    def lists
      course.phases.each do |one|
        heading("#{one.phase.label}, ended by the #{one.phase.by}")
        rows = one.phase.items.map { |item| [ item.ask, one.items[item.id] ? answered(one.items[item.id]) : "" ] }
        rows << [ "It is so", one.held ? answered(one.held) : "name:" ]
        table(rows, head: false, widths: [ 320, pdf.bounds.width - 320 ])
      end
    end

    def signals
      pdf.start_new_page
      pdf.text("Signals by hand", size: 14, style: :bold)
      line(
        "One signaller at a time; a stop is for anybody. Where the site or the country has set its own, those " \
          "count."
      )
      pdf.move_down(6)
      top, wide = pdf.cursor, pdf.bounds.width / IN_A_ROW
      DustLadder::Day::Brief::SIGNALS.each_with_index do |one, at|
        signal(one, at % IN_A_ROW * wide, top - at / IN_A_ROW * 130, wide)
      end
      pdf.move_cursor_to(top - 270)
    end

    def signal(one, left, top, wide)
      x, y = left + wide / 2, top - 40
      body(x, y, one)
      words(one["name"], x: left, y: top - 84, width: wide - 4, height: 12, size: 9, style: :bold, align: :center)
      words(one["words"], x: left + 2, y: top - 96, width: wide - 8, height: 24, size: 7, align: :center)
    end

    def body(x, y, one)
      pdf.line_width(2.5)
      pdf.cap_style(:round)
      pdf.fill_circle([ x, y + 11 ], 6)
      pdf.stroke_line([ x, y ], [ x, y - 22 ])
      [ -6, 6 ].each { |side| pdf.stroke_line([ x, y - 22 ], [ x + side, y - 40 ]) }
      hands = %w[left right].to_h { |side| [ side, one[side].zip([ x, y ]).map { |at, from| from + at * HAND * 1.5 } ] }
      hands.each_value { |hand| pdf.stroke_line([ x, y ], hand) }
      pdf.line_width(1)
      hands.each { |side, hand| does(one["does"], hand) if [ side, "both" ].include?(one["at"]) }
    end

    ARROWS = { "up" => [ 0, 10 ], "down" => [ 0, -10 ], "left" => [ -10, 0 ], "right" => [ 10, 0 ] }.freeze

    def does(what, (x, y))
      case what
      when "circle" then pdf.stroke_circle([ x, y ], 6)
      when "across" then [ [ 9, 0 ], [ -9, 0 ] ].each { |by| arrow(x, y - 7, by) }
      when *ARROWS.keys then arrow(x, y - 6, ARROWS[what])
      end
    end

    def arrow(x, y, by)
      to = [ x + by[0], y + by[1] ]
      pdf.stroke_line([ x, y ], to)
      side = by.map { |part| part / 10.0 * 3 }
      [ 1, -1 ].each { |way| pdf.stroke_line(to, [ to[0] - side[0] - way * side[1], to[1] - side[1] - way * side[0] ]) }
    end

    # What was said and done, in its order, with what did not count.
    def record
      pdf.start_new_page
      pdf.text("Record of the day", size: 14, style: :bold)
      line("#{day.log.events.size} events, the last of them #{day.log.head.to_s.delete_prefix("sha256:").first(8)}.")
      rigged
      trial
      whys = course.lines.to_h { |one| [ one.event.number, one.why ] }
      rows =
        day.log.events.map do |event|
          said = whys.fetch(event.number, "it was said of another revision")
          why = said ? " Does not count: #{said}." : ""
          [ event.number.to_s, clock(event.at), event.name.presence || event.by["name"], event.kind.tr("_", " "),
            "#{told_of(event)}#{why}" ]
        end
      table([ %w[no. at by what words], *rows ], widths: [ 28, 92, 90, 60, pdf.bounds.width - 270 ], size: 7.5)
    end

    # What it tells, its phase and item in their own words.
    def told_of(event)
      phase = course.phases.map(&:phase).find { |one| one.id == event.told("phase") }
      asked = phase&.item(event.told("item"))&.ask || phase&.label
      rest = event.about.except("phase", "item").values
      read = rest.grep(Hash).flat_map { |one| one.map { |name, value| read(name, value) } }
      [ asked, *rest.grep(String), *read ].compact.join("; ")
    end

    # What stands in the record by its index is counted from 1 on paper; what was not read is a dash.
    COUNTED = %w[holes bail slack].freeze

    def read(name, value)
      all = value.is_a?(Array) ? value : [ value ]
      all = all.map { |one| one.is_a?(Integer) ? one + 1 : one } if COUNTED.include?(name)
      "#{name.tr("_", " ")} #{all.map { |one| one.nil? ? "-" : one }.join(", ")}"
    end

    def rigged
      event = course.measured or return
      stands = day.rigged_told(event)
      heading("As rigged")
      bullet("#{event.name.presence || event.by["name"]}, #{clock(event.at)}: #{stands["verdict"].tr("_", " ")}.")
      stands["beyond"].each { |one| bullet(told(one)) }
      bullet(stands["missing"]) if stands["missing"]
    end

    AXES = %w[along across high].freeze

    # Of what the tries teach: weight and CG, each with its uncertainty, and what they do not tell.
    def learnt(all)
      weight, cg = all.values_at("weight", "cg")
      bullet(told(all["doubt"])) if all["doubt"]
      bullet("Learnt: weight #{told(weight["figure"])}, give or take #{told(weight["error"])}.") if weight
      AXES.zip(cg.to_a).each do |axis, place|
        next unless place

        box = place["outside"] ? ", outside its box" : ""
        bullet("CG #{axis} at #{told(place["figure"])}, give or take #{told(place["error"])}#{box}.")
      end
      bullet("Not told: #{all["cannot_tell"].map { |one| told(one) }.join("; ")}.") if all["cannot_tell"].to_a.any?
    end

    def trial
      return if day.tries.empty?

      tried = day.tried
      heading("Trial lift")
      tried.judged.each_with_index do |one, at|
        advice = tried.advised_after(at)
        bullet("Try #{at + 1}: #{one.verdict.tr("_", " ")}. #{told(one.worst.words)}")
        bullet("What to change after it: #{told(advice)}.") if advice
      end
      learnt(tried.learnt.as_json) if tried.learnt
    rescue DustLadder::NotKnown, DustLadder::PlanFile::Invalid => error
      line("The tries cannot be judged: #{error.message}")
    end
  end
end
