require "icalendar"

# Lifts, ends of competences and examinations of gear as a calendar (RFC 5545). Hours are the site's own and carry no
# zone, as in the plans.
class SiteCalendar
  MOST = 5_000
  AHEAD = 400.days
  # A finding of a state by which nobody lifts is no booking.
  NOT_LIFTED = %w[closed withdrawn].freeze

  # from: a Date; what is before it is over.
  def initialize(from: SiteClock.today)
    @from = from
  end

  def to_ical
    calendar = Icalendar::Calendar.new
    calendar.prodid = "-//Dust Ladder//Site calendar//EN"
    calendar.append_custom_property("X-WR-CALNAME", "Dust Ladder")
    [ *lifts, *competences, *examinations ].first(MOST).each { |event| calendar.add_event(event) }
    calendar.to_ical
  end

  private

  def lifts
    BoardLine
      .where(archived: false)
      .where.not(state: NOT_LIFTED)
      .where("ends >= ? AND lift_at < ?", @from.iso8601, (@from + AHEAD).iso8601)
      .by_day
      .includes(:plan)
      .select { |line| [ line.lift_at, line.ends ].all? { |at| there?(at) } }
      .map { |line| lift(line) }
  end

  def there?(at)
    DateTime.iso8601(at)
  rescue Date::Error
    false
  end

  def lift(line)
    event("lift-#{line.plan_id}", "#{line.plan.title} (#{line.state})", line.crane.to_s).tap do |one|
      one.dtstart = Icalendar::Values::DateTime.new(line.lift_at.delete("-:") + "00")
      one.dtend = Icalendar::Values::DateTime.new(line.ends.delete("-:") + "00")
    end
  end

  def competences
    Person.where(active: true).order(:name).flat_map do |person|
      person.competences.select { |one| one["until"] >= @from.iso8601 }.map do |one|
        all_day(
          "competence-#{person.login}-#{one["kind"].parameterize}",
          one["until"],
          "#{person.name}: competence as #{one["kind"]} ends",
          one["by"]
        )
      end
    end
  end

  # What is scrapped or lost is examined no more.
  def examinations
    Piece.due_from(@from.iso8601).limit(MOST).map do |piece|
      all_day("examination-#{piece.number}", piece.due, "#{piece.number}: examination due", piece.place)
    end
  end

  def all_day(uid, day, summary, description)
    event(uid, summary, description).tap { |one| one.dtstart = Icalendar::Values::Date.new(day.delete("-")) }
  end

  def event(uid, summary, description)
    Icalendar::Event.new.tap do |one|
      one.uid = "#{uid}@dust-ladder"
      one.summary = summary
      one.description = description
    end
  end
end
