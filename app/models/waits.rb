# What waits for people: of the lives of all plans, of charts, of questions, and of lifts that want one crane. Soonest
# first, by the lift's time.
class Waits
  # What is to be done: act, a plan or a chart with its title, the lift's time, and in words, { "metric", "us" }.
  Wait =
    Struct.new(:act, :plan, :chart, :title, :at, :words, :rung, keyword_init: true) do
      # A text reads the same in either system; so does what was kept before there were two.
      def initialize(words:, **more)
        super(words: words.is_a?(String) ? { "metric" => words, "us" => words } : words, **more)
      end
    end
  MOST = 400

  # at: now, a Time of the site's own.
  def initialize(at: SiteClock.now)
    @now = at.strftime("%Y-%m-%dT%H:%M")
    @today = @now.first(10)
  end

  # Those of a Person.
  def of(person)
    all.select { |wait, whose| whose.call(person) && wait }.map(&:first)
  end

  # How many wait for each of the others, by person; none where none do.
  def counts(people) = people.index_with { |one| of(one).size }.reject { |_, count| count.zero? }

  private

  # Every wait with whose it is.
  def all
    @all ||=
      [ *of_lives, *of_overlaps, *of_questions, *of_charts ].sort_by { |wait, _| [ wait.at || LAST, wait.title ] }
  end
  # Of what has no day.
  LAST = "9"

  def of_lives
    lines = BoardLine.where(archived: false)
    coming = lines.where(waiting: true).where("lift_at IS NULL OR lift_at >= ?", @today)
    over = lines.held.where("ends < ?", @now)
    [ *coming.by_day.limit(MOST).includes(:plan).flat_map { |line| kept(line) },
      *over.by_day.limit(MOST).includes(:plan).map { |line| closed(line) } ]
  end

  def kept(line)
    waits = line.waits.map { |one| DustLadder::Life::Waits::Wait.new(**one.symbolize_keys) }
    # What two lifts want is said first, and bars the issue.
    waits.reject! { |one| one.act == "issued" } if overlaps.key?(line.plan_id)
    waits.map { |one| [ told(line, one), whose(one) ] }
  end

  def closed(line)
    one = DustLadder::Life::Waits.close(line.state == "lifting")
    [ told(line, one), whose(one) ]
  end

  def told(line, one)
    Wait.new(act: one.act, plan: line.plan_id, title: line.plan.title, at: line.lift_at, words: one.words)
  end

  def whose(one) = ->(person) { one.for?(person.id.to_s, person.roles) }

  # What two lifts want at the same hours, by the plan that it is of. Each pair is told of the earlier one.
  def overlaps
    @overlaps ||=
      begin
        lines = BoardLine.taking.where("ends > ?", @now).by_day.limit(MOST).includes(:plan).to_a
        lines.each_with_index.with_object({}) do |(line, index), found|
          # In the order of their beginnings: whatever begins after its end wants nothing of it.
          beside = lines[index + 1..].take_while { |other| other.lift_at < line.ends }
          beside.each do |other|
            both = DustLadder::Life::Bookings.of(line.as_taken, [ other.as_taken ])
            next if both.empty?

            (found[line.plan_id] ||= []) << [ line, both ]
            found[other.plan_id] ||= []
          end
        end
      end
  end

  def of_overlaps
    overlaps.values.flatten(1).map do |line, both|
      what = both.map(&:what).uniq.to_sentence
      words = "and #{both.first.title} both want #{what}, #{both.first.from.last(5)} to #{both.first.until.last(5)}"
      one = Wait.new(act: "overlap", plan: line.plan_id, title: line.plan.title, at: line.lift_at, words: words)
      [ one, ->(person) { person.any_role?(%w[planner appointed]) } ]
    end
  end

  def of_questions
    Question.open.includes(:plan, :asker, :asked).order(:id).limit(MOST).map do |question|
      one =
        Wait.new(
          act: "answer",
          plan: question.plan_id,
          title: question.plan.title,
          at: question.plan.lift_at,
          words: "#{question.asker.name} asks: #{question.words}",
          rung: question.rung
        )
      [ one, question.method(:for?) ]
    end
  end

  # Charts that nobody has read against their paper, soonest where a lift rests on them.
  def of_charts
    Chart.counting.where(UNREAD).map do |chart|
      typist = chart.data.dig("record", "entered_by").to_s
      typists = typist.split(DustLadder::Cranes::Record::BOTH)
      first = BoardLine.with_piece(BoardLine.chart_mark(chart.identifier)).where(
        "lift_at >= ?",
        @today
      ).minimum(:lift_at)
      words = "typed by #{typist}, not read against its paper"
      one = Wait.new(act: "read", chart: chart.id, title: chart.data["title"], at: first, words: words)
      readers = ChartPaperPolicy.allowed[:update]
      [ one, ->(person) { person.any_role?(readers) && typists.exclude?(person.name) } ]
    end
  end

  UNREAD = "COALESCE(TRIM(json_extract(charts.data, '$.record.checked_by')), '') = ''".freeze
  private_constant :UNREAD
end
