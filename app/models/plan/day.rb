class Plan
  # The day of a plan's lift: what was said and done, and how it stands by that.
  class Day
    # Somebody tells of the day of a plan that was never issued.
    NotIssued = Class.new(StandardError)

    # Pages as they were worked out, by all that they depend on: twenty phones ask for the same one.
    PAGES = DustLadder::Snapshots::Store.new(bytes: 16 * 1024 * 1024)
    # Whoever may do nothing else may still say these.
    ANYBODY = DustLadder::Day::Event::ANYBODY
    HANDS = %w[rigger planner keeper appointed engineer].freeze
    MOST_AT_ONCE = 200

    # uid of an event; its number, or what is wrong with it.
    Taken = Struct.new(:uid, :number, :faults, keyword_init: true)

    attr_reader :plan

    def initialize(plan)
      @plan = plan
    end

    def life = @life ||= plan.life
    def state = life.state
    # Was it ever issued? Then what is told of its day is kept, whatever became of it.
    def issued? = life.faults.empty? && life.chain.records.any? { |record| record.act == "issued" }
    def log = @log ||= DustLadder::Day::Log.new(rows.map(&:data))
    def phases = @phases ||= DustLadder::Day::Phases.of(ladder.lift)
    def brief = @brief ||= DustLadder::Day::Brief.new(ladder)
    def ladder = @ladder ||= plan.ladder

    # Keeps what was said, each once, in its order. Returns a Taken for each. Raises NotIssued.
    def keep(said, person, at: Time.current)
      raise NotIssued unless issued?

      before = number
      taken = said.map { |one| keep_one(one, person, at) }
      forget
      follow(person)
      new = log.events.drop(before)
      Findings.new(plan, person).follow(new)
      PlanText.keep(plan, plan.document) if new.any? { |event| PlanText::LEARNT.include?(event.kind) }
      taken
    end

    # Of the last event, or nothing.
    def number = DayEvent.where(plan_id: plan.id).maximum(:number) || 0

    # How it stands, by its events under the revision that stands.
    def course
      @course ||=
        DustLadder::Day::Course
          .new(
            phases,
            crew: brief.crew.map { |one| one.values_at("role", "name") },
            supervisors: Person.where(login: brief.supervisors).ids.map(&:to_s),
            trial: ->(events) { trial_verdict(events) }
          )
          .take(events_now)
    end

    # Tries of every revision: what they teach is of the load.
    def tries = log.events.select { |one| one.kind == "tried" }

    # All of it as it is shown; the same bytes as long as nothing happened.
    def page
      key = page_key
      PAGES[key] || PAGES.keep(key, text = JSON.generate(shown), bytes: text.bytesize)
    end

    # What it all depends on, for whoever has it already: the plan, its records, the day's events, and what the house
    # said of it last.
    def page_key
      looked = BoardLine.where(plan_id: plan.id).pick(:updated_at, :stale)
      last = DayEvent.where(plan_id: plan.id).order(:number).last&.data&.fetch("digest")
      [ plan.id, plan.lock_version, life.chain.head, last, *looked, SiteClock.today, DustLadder::VERSION ].join("-")
    end

    # The tries so far with one more that is still being typed.
    def tried(try = nil)
      all = tries.map { |event| event.told("try") }
      DustLadder::Trial::Tries.new(ladder.lift.document.data, [ *all, *[ try ].compact ], pieces: pieces)
    end

    def measured(data) = DustLadder::Day::AsMeasured.new(ladder.lift.document.data, data)

    private

    def rows = DayEvent.where(plan_id: plan.id).order(:number)
    def revision = life.course.revision.to_s
    def events_now = rows.select { |row| row.revision == revision }.map(&:event)
    def pieces = GearRack.few(on: (ladder.lift.last_day || SiteClock.today).iso8601)
    def forget = @log = @course = @life = nil

    def trial_verdict(_events)
      tried.judged.last.verdict
    rescue DustLadder::NotKnown, DustLadder::PlanFile::Invalid
      "not_known"
    end

    # Sent twice is kept once; what cannot be is told with its place.
    def keep_one(said, person, at)
      uid = said.is_a?(Hash) ? said["id"].to_s : ""
      known = DayEvent.find_by(uid: uid)
      return Taken.new(uid: uid, number: known.number, faults: []) if known && known.plan_id == plan.id

      faults = known ? [ twice ] : faults_of(said, person)
      return Taken.new(uid: uid, faults: faults) if faults.any?

      Taken.new(uid: uid, number: add(said, person, at), faults: [])
    end

    def add(said, person, at)
      plan.with_lock do
        log = DustLadder::Day::Log.new(rows.last(1).map(&:data))
        by = { "id" => person.id.to_s, "name" => person.name }
        event = log.next(said, by: by, got: at, number: number + 1)
        DayEvent.create!(
          plan: plan,
          number: event.number,
          uid: event.id,
          kind: event.kind,
          revision: revision,
          words: event.about.values.grep(String).join(" ").first(500),
          data: event.as_json,
          created_at: at
        )
        event.number
      end
    rescue ActiveRecord::RecordNotUnique, ActiveRecord::RecordInvalid
      # Sent twice at the same moment: the other one kept it.
      DayEvent.find_by!(uid: said["id"]).number
    end

    def twice
      { "pointer" => "/id", "message" => "another lift has an event with this mark", "expected" => "a new one" }
    end

    def faults_of(said, person)
      faults = DustLadder::Day::Event.faults(said, phases)
      return faults if faults.any?
      unless ANYBODY.include?(said["kind"]) || person.any_role?(HANDS)
        return [ { "pointer" => "/kind", "message" => "this is not for a reader", "expected" => HANDS.join(" or ") } ]
      end

      inner(said)
    end

    # What was read or measured is looked at too.
    def inner(said)
      place, found =
        case said["kind"]
        when "tried" then [ "/about/try", DustLadder::Trial::Try.new(ladder.lift, said["about"]["try"]).faults ]
        when "rigged" then [ "/about/measured", measured(said["about"]["measured"]).faults ]
        else [ "", [] ]
        end
      found.map { |one| one.merge("pointer" => "#{place}#{one["pointer"]}") }
    end

    # The plan's own records follow: lifting begins, and the day ends.
    def follow(person)
      course = self.course
      if course.closed && %w[issued lifting].include?(state)
        about = course.closed.about
        begin_lifting(person) if about["lifted"] == "yes" && state == "issued"
        act(person, "closed", "lifted" => about["lifted"], "reason" => about["why"].to_s)
      elsif course.begun? && state == "issued"
        begin_lifting(person)
      end
    end

    def begin_lifting(person) = act(person, "began")

    # What may not be is left: the day shows how the plan stands.
    def act(person, name, about = {})
      life.act(person, name, seen: life.seen, about: about)
      forget
    rescue DustLadder::Life::Chain::Refused, Life::Overtaken => error
      Rails.logger.info("plan #{plan.id}: #{name} did not follow from its day: #{error.message}")
    end

    def shown = Shown.new(self).as_json
  end
end
