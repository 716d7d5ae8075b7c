class Plan
  # The lifts of one day beside one another, as whoever looks after all of them sees it: how far each is, what its
  # wind may be, who waits for whom, and where stop is called.
  class Today
    # In these a lift has a day.
    SHOWN = %w[issued lifting closed withdrawn].freeze
    OVER = %w[closed withdrawn].freeze
    MOST = 40

    # on: a Date, by the site's own clock.
    def initialize(on)
      @on = on
    end

    def as_json(*)
      { on: @on.iso8601, lifts: lines.first(MOST).map { |line| shown(line) }, more: [ lines.size - MOST, 0 ].max }
    end

    private

    def lines
      @lines ||=
        BoardLine.where(state: SHOWN, archived: false)
          .where("board_lines.lift_at >= ? AND board_lines.lift_at < ?", @on.iso8601, (@on + 1).iso8601)
          .includes(:plan)
          .by_day
          .to_a
    end

    def shown(line)
      day = JSON.parse(Day.new(line.plan).page)
      phases = day["phases"]
      open = phases.find { |phase| phase["id"] == day["open"] }
      {
        id: line.plan_id,
        title: line.plan.title,
        at: line.lift_at,
        ends: line.ends,
        state: day["state"],
        why: day["why"],
        crane: line.crane,
        phase: open&.fetch("label"),
        done: phases.count { |phase| phase["done"] },
        phases: phases.size,
        no: phases.any? { |phase| phase["no"] },
        stop: day["stop"]&.slice("words", "name", "at"),
        signaller: day["signaller"],
        wind: {
          limit: day.dig("wind", "limit"),
          gust: day.dig("wind", "said", "gust"),
          over: day.dig("wind", "said", "over")
        },
        waits_for: waits_for(line)
      }
    end

    # The lift before it on the same crane, or with a piece that it takes too, as long as that is not over.
    def waits_for(line)
      before = lines.take_while { |one|
        one != line
      }.reverse.find { |one| OVER.exclude?(one.state) && shares?(one, line) }
      before && { id: before.plan_id, title: before.plan.title }
    end

    def shares?(one, other)
      %w[cranes pieces].any? { |what| one.taken[what].to_a.intersect?(other.taken[what].to_a) }
    end
  end
end
