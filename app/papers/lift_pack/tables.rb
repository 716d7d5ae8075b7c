class LiftPack < Paper
  # Head, rigging list, ladder and working of a pack.
  module Tables
    CODE_MM = 24

    private

    def head
      pdf.float { code }
      width = pdf.bounds.width - CODE_MM * Paper::MM - 8
      pdf.bounding_box([ 0, pdf.cursor ], width: width) do
        pdf.text(printable(plan.title), size: 17, style: :bold)
        line("#{state_words}. #{plan.document["site"]}, #{when_words}.")
        pdf.move_down(3)
        pdf.text(printable(told(ladder.headlines)), size: 12, style: :bold)
      end
      pdf.move_down(4)
      not_issued unless %w[issued lifting closed].include?(day.state)
      signatures
      marks
      line("The tag on the sling, the chart in the cab, local codes and a qualified person come before this paper.")
    end

    def state_words = "Revision #{life.course.revision || "none"}, #{day.state}"
    def when_words = [ plan.document["lift_at"], plan.document["lift_until"] ].compact.join(" to ").tr("T", " ")

    # A square of its address, to open it by.
    def code
      squares = RQRCode::QRCode.new(@address, level: :m).modules
      side = CODE_MM * Paper::MM / squares.size
      left, top = pdf.bounds.width - CODE_MM * Paper::MM, pdf.cursor
      squares.each_with_index do |row, y|
        row.each_with_index { |dark, x| pdf.fill_rectangle([ left + x * side, top - y * side ], side, side) if dark }
      end
    end

    def not_issued
      pdf.text("NOT ISSUED: nobody lifts by this paper.", size: 13, style: :bold)
    end

    def signatures
      rows =
        life.chain.records.map do |record|
          [ record.number.to_s, record.at.tr("T", " "), record.by["name"], record.role, record.act, record.short ]
        end
      heading("Signatures")
      table([ %w[no. at by as what digest], *rows.last(14) ], size: 7.5)
    end

    # What stands by a name, by word, or makes it critical.
    def marks
      critical = ladder.critical.found.map { |_, words| told(words) }
      word = ladder.by_word.map { |rung| "#{rung.label}: by word of #{rung.word["by"]}, #{rung.word["says"]}" }
      names = life.deviations.map { |one|
        "#{one.words} (#{life.course.named?(one.id, one.value) ? "named" : "NOT named"})"
      }
      { "Critical" => critical, "Deviations" => names, "By word" => word }.each do |title, lines|
        next if lines.empty?

        heading(title)
        lines.each { |text| bullet(text) }
      end
    end

    def rigging
      heading("Load and rigging")
      load = lift.load
      line("Load: #{known { told(DustLadder::Figure.kg(load.planned_kg, :up)) }} planned, #{load["weight"]["source"]}")
      list = DustLadder::Gear::RiggingList.new(lift.document.data, {})
      rows =
        list.lines.map do |one|
          mass = one.kg && told(DustLadder::Figure.kg(one.kg, :up))
          [ one.count.to_s, one.number, one.what, mass || "not known", one.due, one.to_do ]
        end
      table([ [ "", "number", "what", "each", "due", "still to do" ], *rows ])
    end

    def known
      yield
    rescue DustLadder::NotKnown
      "not known"
    end

    # The weakest first; of as weak ones in their order.
    def rungs
      heading("Ladder, the weakest rung first")
      order = ladder.rungs.each_with_index.sort_by do |rung, at|
        [ DustLadder::Ladder::Verdict.rank(rung.verdict), -(rung.utilisation || 0), at ]
      end
      rows =
        order.map do |rung, _|
          [ rung.verdict.tr("_", " "), rung.label, told(rung.percent), told(rung.note) ]
        end
      table([ [ "verdict", "rung", "", "" ], *rows ], widths: [ 56, 110, 44, pdf.bounds.width - 210 ])
    end

    # Every line of arithmetic, rung by rung.
    def annex
      pdf.start_new_page
      pdf.text("Annex: the working", size: 14, style: :bold)
      left = LiftPack::MOST_WORKING
      ladder.rungs.each do |rung|
        lines = rung.working.first(left)
        next if lines.empty?

        left -= lines.size
        heading("#{rung.label}: #{rung.verdict.tr("_", " ")} #{told(rung.percent)}")
        table(lines.map { |one| worked(one) }, size: 7.5, head: false, widths: [ 40, 190, 80, pdf.bounds.width - 310 ])
      end
      line("More is left out here; all of it stands on the screen.") if left.zero?
    end

    def worked(one)
      by = one.formula ? "#{one.formula} = #{one.substituted(@system.to_sym)}" : ""
      [ one.symbol.to_s, by, told(one.result), one.source.to_s ]
    end
  end
end
