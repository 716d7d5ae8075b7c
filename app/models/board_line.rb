# What the board shows of a plan: verdict, headline and small ladder of its newest revision. Stale once the plan is
# saved anew, a piece of it changes in the store, or another core climbs the ladder; nothing stale is ever shown as a
# verdict.
class BoardLine < ApplicationRecord
  # What climbs the ladders: every rule and every line of it.
  CORE =
    Dir[File.join(Gem.loaded_specs["dust_ladder"].full_gem_path, "lib/**/*.{rb,yml,json}")]
      .sort
      .reduce(Digest::SHA256.new) { |digest, path| digest.file(path) }
      .hexdigest
      .first(16)
  # Worst first; what is being worked out before all.
  RANKS = { "stop" => 1, "not_known" => 2, "tight" => 3, "holds" => 4 }.freeze
  LONGEST_WORDS = 1000
  # Of one plan, s of the processor: the others wait for it.
  MOST_S = 5.0

  belongs_to :plan

  scope :fresh, -> { where(stale: false, core: CORE) }
  scope :old, -> { where(stale: true).or(where.not(core: CORE)) }
  scope :held, -> { where(state: Plan::Life::HELD) }
  # In these a lift has its gear and crane to itself at its hours.
  TAKING = %w[draft checked issued lifting].freeze
  scope :taking, -> { where(state: TAKING, archived: false) }
  scope :held_first, -> { order(Arel.sql("board_lines.state NOT IN ('#{Plan::Life::HELD.join("', '")}')")).by_day }
  scope :by_day, -> { order(Arel.sql("board_lines.lift_at IS NULL"), :lift_at, :plan_id) }
  # Where nothing is being worked out, as on most days, an index has them in this order.
  scope :weakest_first, -> { (old.exists? ? order(Arel.sql(WORKING_FIRST)) : all).order(:rank).by_day }
  # By every word of what plans are found by; by fewer letters than that goes by, in what the board shows.
  scope :about,
    ->(words) {
      where(
        PlanText.matching(words) || [ "board_lines.words LIKE ? ESCAPE '\\'",
          "%#{sanitize_sql_like(words.downcase)}%" ]
      )
    }
  scope :with_piece,
    ->(number) {
      where("board_lines.pieces LIKE ? ESCAPE '\\'", "%|#{sanitize_sql_like(number)}|%")
    }
  WORKING_FIRST = "NOT (board_lines.stale OR board_lines.core <> '#{CORE}')".freeze

  # A plan was saved: what was known of it is no more.
  def self.outdate(plan, number, document)
    PlanText.keep(plan, document)
    line = find_or_initialize_by(plan: plan)
    line.update!(
      revision: number,
      stale: true,
      core: CORE,
      turn: line.turn + 1,
      # What was signed is not this; whether it is again, is seen when it is worked out.
      state: line.state == "withdrawn" ? "withdrawn" : "draft",
      # Nor is it known what waits for whom.
      waits: [],
      waiting: false,
      lift_at: plan.lift_at,
      words: plan.title.downcase,
      **taken_by(document)
    )
  end

  # What the plan takes and until when, what it rests on, and what it asks of the house.
  def self.taken_by(document)
    taken = DustLadder::Life::Bookings.taken(document)
    {
      pieces: marks(document),
      asks: OwnHouse.names(document),
      taken: taken.to_h.slice(:pieces, :cranes, :people, :names),
      ends: taken.from && DustLadder::Life::Bookings.ends(taken)
    }
  end

  # What other lifts that are not over want at the same hours as a document, as of DustLadder::Life::Bookings.
  # except: id of its own plan.
  def self.overlaps(document, except:) = overlaps_of(DustLadder::Life::Bookings.taken(document), except: except)

  # own: what the document takes, as of DustLadder::Life::Bookings.
  def self.overlaps_of(own, except:)
    return [] if own.from.nil? || own.all.empty?

    Unchanged.of(:overlaps, except, own) { overlapping(own, except) }
  end

  # All that other lifts take at a document's hours: numbers of pieces, and cranes as DustLadder::Life::Bookings calls
  # them. except: as above.
  def self.busy(document, except:)
    own = DustLadder::Life::Bookings.taken(document)
    return [] if own.from.nil?

    meanwhile(own, except).flat_map { |other| [ *other.pieces, *other.cranes ] }.uniq
  end

  # What lifts take whose hours meet those of another one, by day. Those of a day and the few that take several are
  # looked up each in an index of its own: whoever begins long before is not gone through.
  def self.meanwhile(own, except)
    till, day = DustLadder::Life::Bookings.ends(own), own.from[0, 10]
    asked = { states: TAKING, except: except.to_i, from: own.from, till: till, day: day }
    connection
      .select_rows(sanitize_sql([ MEANWHILE, asked ]))
      .map { |at, ends, taken, title| taken_from(title, at, ends, JSON.parse(taken)) }
  end
  MEET = <<~SQL.freeze
    SELECT lift_at, ends, taken, plan_id FROM board_lines
    WHERE +state IN (:states) AND NOT +archived AND plan_id <> :except AND lift_at < :till AND ends > :from
  SQL
  MEANWHILE = <<~SQL.freeze
    SELECT met.lift_at, met.ends, met.taken, plans.title FROM (
      #{MEET} AND lift_at >= :day AND substr(ends, 1, 10) <= substr(lift_at, 1, 10)
      UNION ALL
      #{MEET} AND substr(ends, 1, 10) > substr(lift_at, 1, 10)
    ) AS met JOIN plans ON plans.id = met.plan_id ORDER BY met.lift_at, met.plan_id
  SQL

  def self.overlapping(own, except) = DustLadder::Life::Bookings.of(own, meanwhile(own, except))

  # A lift as DustLadder::Life::Bookings has it. taken: as a line keeps it.
  def self.taken_from(title, at, ends, taken)
    of = taken.symbolize_keys.slice(:pieces, :cranes, :people, :names)
    DustLadder::Life::Bookings::Taken.new(title: title, from: at, until: ends, **of)
  end
  private_class_method :meanwhile, :overlapping

  def as_taken = self.class.taken_from(plan.title, lift_at, ends, taken)

  # A piece of the store was changed, added or is gone.
  # Plans by which somebody may lift are looked at again at once, the others when they are asked for.
  def self.outdate_with(number)
    with_piece(number).update_all("stale = TRUE, turn = turn + 1")
    look_again if with_piece(number).held.exists?
  end

  def self.look_again = BoardJob.perform_later

  # Where there is something to work out, as whoever looks at lists finds it.
  def self.catch_up = Unchanged.of(:old_lines) { old.exists? } && look_again

  # Plans by which somebody may lift and that nobody looked at on a day are looked at again. Returns how many.
  def self.outdate_days_before(today)
    held
      .where("looked_on IS NULL OR looked_on < ?", today)
      .update_all("stale = TRUE, turn = turn + 1")
      .tap { |count| look_again if count.positive? }
  end

  def fresh? = !stale && core == CORE

  # The pieces, charts and sites of the house that change what is said of a plan.
  def self.marks(document)
    kept = ->(kind) { document.dig("snapshots", kind).to_h.keys }
    charts, sites = kept.("charts").map { |id| chart_mark(id) }, kept.("sites").map { |id| Site.mark(id) }
    people = kept.("people").map { |id| person_mark(id) }
    rules = kept.("rule_sets").map { |id| OwnRules.mark(id) }
    "|#{[ *DustLadder::Plan::NamedGear.numbers(document), *charts, *sites, *people, *rules ].join("|")}|"
  end

  # How a person is named there, by the name they sign in with.
  def self.person_mark(login) = "person #{login}"

  # How a chart is named among what a plan rests on.
  def self.chart_mark(identifier) = "chart #{identifier}"

  # The plans that rest on a chart, the next to be lifted first.
  def self.resting_on(identifier) = resting_on_mark(chart_mark(identifier))

  # The same of a site, a chart or a piece by how it is named here.
  def self.resting_on_mark(mark)
    with_piece(mark)
      .includes(:plan)
      .order(Arel.sql("board_lines.lift_at IS NULL, board_lines.lift_at, plan_id"))
      .limit(MOST_TOLD)
      .map { |line| { id: line.plan_id, title: line.plan.title, lift_at: line.lift_at, verdict: line.verdict } }
  end
  MOST_TOLD = 200

  # Climbs the plan's ladder, of the line as it was read. A revision saved meanwhile, or a piece changed, leaves the
  # line stale.
  def work_out
    newest = Revision.find_by!(plan_id: plan_id, number: revision)
    looked = { looked_on: SiteClock.today, stale: false }
    self.class.where(id: id, turn: turn).update_all(**told(newest.document), **looked)
  end

  private

  # One climb of a plan's ladder serves its line and its life, and whoever opens the plan next; those only where this is
  # what they would open.
  def climbed(document)
    Plan::Answer.new(plan_id).leave do |now|
      now.current.number == revision ? climb(now.document, plan_id) : (return climb(document))
    end
  end

  # plan: as of OwnHouse.
  def climb(document, plan = nil)
    DustLadder.check(DustLadder::PlanFile.accept(document), **OwnHouse.of(document, plan: plan), most_s: MOST_S)
  end

  # How its life stands, once what holds no more was withdrawn.
  def stands(ladder)
    life = Plan::Life.new(plan, ladder: ladder)
    return Plan::Life::UNWRITTEN if life.chain.records.empty?

    life = Plan::Life.new(plan, ladder: ladder) if life.withdraw_broken
    life.stands
  end

  def told(document)
    PlanText.keep(plan, document) unless looked_on
    ladder = climbed(document)
    cranes = document["cranes"].map { |one| document.dig("snapshots", "charts", one["chart"], "data", "title") }
    words = [ plan.title, document["site"], document.dig("load", "name"), *cranes ]
    {
      core: CORE,
      lift_at: plan.lift_at,
      verdict: ladder.verdict,
      rank: RANKS.fetch(ladder.verdict),
      crane: cranes.first,
      words: words.compact.join(" ").downcase.first(LONGEST_WORDS),
      **self.class.taken_by(document),
      **stands(ladder),
      shown: summary(document, ladder, cranes.compact.join(" and ").presence)
    }
  rescue StandardError => error
    # One plan that cannot be climbed hides no other.
    logger.error("plan #{plan_id} could not be worked out for the board: #{error.full_message(highlight: false)}")
    fault = "it could not be worked out: open it"
    nothing = { verdict: "not_known", headline: { metric: "Not known: #{fault}", us: "Not known: #{fault}" } }
    {
      core: CORE,
      verdict: "not_known",
      rank: RANKS["not_known"],
      crane: nil,
      shown: {
        site: "", load: "", legs: 0, chart: nil, planned: nil, governs: [], rungs: [], needs: [ fault ], **nothing
      }
    }
  end

  def summary(document, ladder, crane)
    {
      site: document["site"],
      load: document.dig("load", "name"),
      legs: document.dig("rigging", "legs").size,
      chart: crane,
      planned: ladder.rung("load").working.find { |line| line.symbol == "W" }&.result,
      verdict: ladder.verdict,
      headline: ladder.headlines,
      governs: ladder.governing.map(&:id),
      rungs:
        ladder.rungs.map { |rung|
          { id: rung.id, label: rung.label, verdict: rung.verdict, percent: rung.percent }
        },
      needs: ladder.rungs.flat_map(&:missing).map(&:what).uniq.first(3)
    }
  end
end
