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
            supervisors: supervisors,
            trial: ->(_events) { trial_told["tries"].last&.fetch("verdict") || "not_known" },
            rigged: ->(event) { rigged_told(event)["verdict"] },
            too_windy: ->(event) { too_windy?(event) },
            **hooks
          )
          .take(events_now)
    end

    # Tries of every revision, as far as they are of legs that the plan still has: what they teach is of the load.
    def tries
      @tries ||=
        log.events.select do |one|
          one.kind == "tried" && DustLadder::Trial::Try.new(ladder.lift, one.told("try")).faults.empty?
        end
    end

    # All tries judged, and what they teach, as they are shown; worked out once for everybody who asks.
    def trial_told = told("trial", tries.last&.digest, NOTHING) { tried.as_json }
    NOTHING = { "names" => [], "tries" => [], "learnt" => nil, "advice" => nil, "taken" => nil }.freeze

    # What was measured, of an event.
    def rigged_told(event)
      told("rigged", event.digest, "verdict" => "not_known", "beyond" => [], "changed" => [], "note" => nil) do
        measured(event.told("measured")).as_json
      end
    end

    # What both hooks showed, of a lift by two cranes; nil of one crane's.
    def turning = ladder.lift.tandem? ? @turning ||= DustLadder::Day::Turning.new(ladder.lift) : nil

    # One reading of both hooks, judged while it is typed.
    def read(data) = DustLadder::Tailing::Reading.new(ladder.lift, data)

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

    # Is a gust over what the plan allows? nil where that cannot be told.
    def too_windy?(event)
      most = brief.most_wind or return
      DustLadder::Quantity::Reader.read(event.told("gust"), :speed) > most + DustLadder::Ladder::Verdict::SLACK
    rescue DustLadder::Quantity::Unreadable
      nil
    end

    def measured(data) = DustLadder::Day::AsMeasured.new(ladder.lift.document.data, data)

    private

    def hooks
      return {} unless turning

      {
        hooks_stop: ->(event) { turning.stop_words(event) },
        hooks_bar: ->(events, which) { turning.bar(events, which) }
      }
    end

    def rows = DayEvent.where(plan_id: plan.id).order(:number)
    # Whatever is said before a revision is issued is of none.
    def revision = life.course.issue ? life.course.revision.to_s : ""
    def events_now = revision.empty? ? [] : rows.where(revision: revision).map(&:event)
    def pieces = GearRack.few(on: (ladder.lift.last_day || SiteClock.today).iso8601)
    def forget = @log = @course = @life = @tries = nil

    # Whom the plan names and the house does not keep any more can say nothing here.
    def supervisors
      logins = brief.supervisors
      logins.any? ? Person.where(login: logins).ids.map(&:to_s) : nil
    end

    # otherwise: what stands in its place, beside why, where it cannot be told.
    def told(name, digest, otherwise)
      gear = [ PieceAct.maximum(:id), PieceLook.maximum(:id) ]
      key = [ name, plan.id, plan.lock_version, digest, *gear, SiteClock.today, DustLadder::VERSION ].join("-")
      text =
        PAGES[key] ||
          begin
            made = JSON.generate(yield)
            PAGES.keep(key, made, bytes: made.bytesize)
          end
      JSON.parse(text)
    rescue DustLadder::NotKnown, DustLadder::PlanFile::Invalid => error
      { **otherwise, "missing" => error.message }
    end

    # Sent twice is kept once; what cannot be is told with its place.
    def keep_one(said, person, at)
      uid = said.is_a?(Hash) ? said["id"].to_s : ""
      known = DayEvent.find_by(uid: uid)
      return Taken.new(uid: uid, number: known.number, faults: []) if known && known.plan_id == plan.id

      faults = known ? [ twice ] : [ *full, *faults_of(said, person) ]
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

    def full
      return [] if number < DustLadder::Day::Log::MOST

      [ { "pointer" => "", "message" => "this day has #{number} events", "expected" => "another day" } ]
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
        when "turned" then [ "/about/read", read(said["about"]["read"]).faults ]
        when "wind" then [ "", unreadable("/about/gust", said["about"]["gust"]) ]
        else [ "", [] ]
        end
      found.map { |one| one.merge("pointer" => "#{place}#{one["pointer"]}") }
    end

    def unreadable(pointer, gust)
      field = DustLadder::PlanFile::Field.new(pointer, gust, :speed, "the gust", at_least: 0, at_most: MOST_GUST)
      [ field.problem&.slice("pointer", "message", "expected") ].compact
    end
    MOST_GUST = 100

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
