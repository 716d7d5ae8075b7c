module Api
  # The lifts of some days by crane, as the board shows them.
  class DaysController < BaseController
    self.policy = LookPolicy

    DAYS = 4
    MOST = 200

    def show
      from = day or return refuse(
        "#{params[:from].to_s.first(40)} is no day",
        "such as 2026-12-14",
        :unprocessable_content
      )

      BoardLine.catch_up
      render_kept KeptAnswer.of(:days, from.iso8601, SiteClock.minute) { JSON.generate(days(from)) }
    end

    private

    def days(from)
      lines = on(from)
      {
        today: SiteClock.today.iso8601,
        now: SiteClock.minute,
        days: Array.new(DAYS) { |index| (from + index).iso8601 },
        before: day_of(dated.where("board_lines.lift_at < ?", from.iso8601).maximum(:lift_at)),
        after: day_of(dated.where("board_lines.lift_at >= ?", (from + DAYS).iso8601).minimum(:lift_at)),
        lifts: lines.first(MOST).then { |some| some.map { |line| shown(line, some) } },
        more: [ lines.size - MOST, 0 ].max,
        undated: BoardLine.where(lift_at: nil, archived: false).count,
        plans: BoardLine.count,
        begun: begun,
        working: BoardLine.old.count
      }
    end

    # Before any lift has a day: what there is of what a first one rests on, where any of that is missing or there is no
    # plan yet.
    def begun
      there = dated.exists? ? {} : rested_on
      there if there.any? && (BoardLine.none? || there.values.any?(0))
    end

    def rested_on
      charts = Chart.counting
      {
        people: Person.where(active: true).count,
        charts: charts.count,
        checked: charts.count { |chart| chart.data.dig("record", "checked_by").present? },
        pieces: Piece.count,
        sites: Site.count
      }
    end

    # The day asked for; today where there is a lift on the days shown, else the day of the next lift, or of the last
    # one; nil for what is no day.
    def day
      asked = params[:from].to_s
      return asked.match?(/\A\d{4}-\d{2}-\d{2}\z/) && known_day(asked) unless asked.empty?

      today = SiteClock.today
      next_one = known_day(dated.where("ends >= ?", today.iso8601).minimum(:lift_at))
      return next_one if next_one && next_one >= today + DAYS

      next_one ? today : known_day(dated.maximum(:lift_at)) || today
    end

    def known_day(text)
      Date.iso8601(text.to_s.first(10))
    rescue Date::Error
      nil
    end

    def day_of(time) = time&.first(10)

    def dated = BoardLine.where(archived: false).where.not(lift_at: nil)

    # Lifts that take place on the days, those too that began before.
    def on(from)
      dated
        .where("board_lines.lift_at < ? AND board_lines.ends > ?", (from + DAYS).iso8601, from.iso8601)
        .by_day
        .includes(:plan)
        .to_a
    end

    def shown(line, lines)
      taken = line.as_taken
      {
        id: line.plan_id,
        title: line.plan.title,
        state: line.state,
        lift_at: line.lift_at,
        ends: line.ends,
        cranes: taken.cranes.to_a.map { |id| { id: id, name: taken.called(id) } },
        twice: twice(line, lines),
        what: line.crane.to_s[/,\s*(.+)\z/, 1].to_s,
        **(line.fresh? ? worked(line) : {
          working: true,
          verdict: "not_known",
          rungs: [],
          governs: [],
          said: "working"
        })
      }
    end

    # What else on these days wants its crane at its hours.
    def twice(line, lines)
      return [] unless BoardLine::TAKING.include?(line.state)

      others = lines.select { |one| one.id != line.id && BoardLine::TAKING.include?(one.state) }
      own = cranes_of(line)
      beside = others.map { |one| cranes_of(one) }.select { |one| own.cranes.to_a.intersect?(one.cranes.to_a) }
      DustLadder::Life::Bookings.of(own, beside).map { |both| { crane: both.what, from: both.from, until: both.until } }
    end

    # What a line takes of cranes alone, made once.
    def cranes_of(line)
      (@cranes ||= {})[line.id] ||= line.as_taken.tap { |taken| taken.pieces = taken.people = [] }
    end

    def worked(line)
      shown = line.shown
      governs = shown["rungs"].find { |rung| shown["governs"].include?(rung["id"]) }
      {
        working: false,
        verdict: shown["verdict"],
        rungs: shown["rungs"].map { |rung| rung.slice("id", "label", "verdict") },
        governs: shown["governs"],
        said: governs ? governs["label"].downcase : shown["needs"].first.to_s,
        percent: governs && governs["percent"]
      }
    end
  end
end
