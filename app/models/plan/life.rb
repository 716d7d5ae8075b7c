class Plan
  # How a plan stands by its records, and what may be done with it next.
  class Life
    # As these it stands as it was signed.
    FROZEN = %w[issued lifting closed].freeze
    # In these an edit takes the plan back to draft, before anybody writes it down.
    OPEN = [ nil, "draft", "checked" ].freeze

    # By these somebody may lift.
    HELD = %w[issued lifting].freeze
    HOUSE = { "id" => "house", "name" => "Dust Ladder" }.freeze

    # What nobody does with what they wrote last.
    CHECKS = %w[flight second].freeze

    # What a board line keeps of a plan that nobody wrote down yet.
    UNWRITTEN = { state: "draft", archived: false, waits: [], waiting: false }.freeze

    # Somebody signs what is not there any more.
    Overtaken = Class.new(StandardError)

    attr_reader :plan

    # Courses of plans that are being edited, by plan: a hand that drags asks many times a second, and a record never
    # changes once made. Their links are looked at where somebody opens the life, or signs.
    LOCK = Mutex.new
    COURSES = {}
    MOST_COURSES = 64

    # Puts who has signed at the top of a ladder of a changed document. plan: its id.
    def self.sign(ladder, plan, document)
      course = Unchanged.of(:course, plan) { course_of(plan) }
      # What nobody wrote down yet is not compared with anything.
      ladder.signed(course: course, document: course&.revision && DustLadder::Life::Seen.document(document))
    end

    # nil where its records do not agree.
    def self.course_of(plan)
      records = LifeRecord.where(plan_id: plan)
      last = records.order(number: :desc).pick(:data) or return DustLadder::Life::Course.new

      head, course = LOCK.synchronize { COURSES[plan] }
      return course if head == last["digest"]

      chain = DustLadder::Life::Chain.new(records.order(:number).map(&:data))
      course = chain.faults.empty? ? chain.course : nil
      LOCK.synchronize do
        COURSES.shift while COURSES.size >= MOST_COURSES
        COURSES[plan] = [ chain.head, course ]
      end
      course
    end
    private_class_method :course_of

    # ladder: the plan's as it stands, where it was climbed a moment ago.
    def initialize(plan, ladder: nil)
      @plan = plan
      @ladder = ladder
    end

    def chain = @chain ||= DustLadder::Life::Chain.new(plan.life_records.order(:number).map(&:data))
    def faults = @faults ||= chain.faults
    def course = chain.course

    def state = written? || OPEN.exclude?(course.state) ? course.state || "draft" : "draft"
    def written? = course.document == document

    # Why the document may not be changed as it stands; nil where it may.
    def frozen_as
      return "kept with records that do not agree" if faults.any?

      course.archived? ? "archived" : FROZEN.find { |state| state == course.state }
    end

    def document = @document ||= DustLadder::Life::Seen.document(@ladder&.lift&.document&.data || plan.document)
    def ladder = @ladder ||= plan.ladder
    def seen = @seen ||= { "document" => document, "ladder" => DustLadder::Life::Seen.ladder(ladder) }
    def bars = @bars ||= DustLadder::Life::Bars.new(course: course, ladder: ladder, document: document)
    # The ladder with who has signed it at its top.
    def signed = ladder.signed(course: (course if faults.empty?), document: document)

    def deviations = @deviations ||= DustLadder::Life::Deviations.of(ladder)

    # What a board line keeps of it.
    def stands
      waits = DustLadder::Life::Waits.new(course: course, bars: bars, document: document, writers: plan.writers).all
      { state: state, archived: course.archived?, waits: waits.map(&:as_json), waiting: waits.any? }
    end

    # Names of the acts that a person may do now.
    def acts(person)
      DustLadder::Life::Act::ALL.each_value.filter_map do |act|
        next unless act.from.include?(course.state) && person.any_role?(act.roles) && open?(act.name)

        act.name unless CHECKS.include?(act.name) && course.writers.include?(person.id.to_s)
      end
    end

    # Does an act for a person, who saw what `seen` says. Raises Overtaken where that is not what is there any more,
    # DustLadder::Life::Chain::Refused where it may not be. Returns the Life after it. What takes long is worked out
    # before anybody has to wait.
    def act(person, name, seen:, about: {}, words: "", at: Time.current)
      raise Overtaken unless self.seen == seen

      keep(made(person, name, about: about, words: words, at: at), at)
    end

    # What was issued and holds no more is withdrawn by the house itself, with what stops it. Returns whether it was. A
    # check that took too long tells nothing: it is left as it is, and shown so.
    def withdraw_broken(at: Time.current)
      return false if faults.any? || HELD.exclude?(course.state) || ladder.cut_short? || bars.of_ladder.empty?

      of = { document: course.document, ladder: seen["ladder"], about: { "reason" => in_words(bars.of_ladder) } }
      keep(chain.with(act: "withdrawn", by: HOUSE, role: "house", at: at, **of), at)
      true
    rescue Overtaken
      false
    end

    private

    # longer: the chain with one record more. Raises Overtaken where somebody saved or signed since this was read.
    def keep(longer, at)
      version, record = plan.lock_version, longer.records.last
      plan.with_lock do
        raise Overtaken if plan.lock_version != version || plan.life_records.count != chain.records.size
        # Of two lifts that want one crane, the other may have been issued a moment ago.
        raise Overtaken if record.act == "issued" && BoardLine.overlaps(plan.document, except: plan.id).any?

        plan.life_records.create!(number: record.number, data: record.as_json, created_at: at)
        plan.update_columns(writers: []) if record.act == "wrote"
        BoardLine.where(plan_id: plan.id).update_all(state: longer.course.state, archived: longer.course.archived?)
      end
      PlanText.keep(plan, plan.document)
      Life.new(plan, ladder: ladder).tap { |after| BoardLine.where(plan_id: plan.id).update_all(**after.stands) }
    end

    # The chain with what somebody does.
    def made(person, name, about:, words:, at:)
      act = DustLadder::Life::Act.named(name) or refused("nobody knows the act #{name}")
      role = (act.roles & person.roles).first or refused("#{name} is for #{act.by_words}")
      refused("its records do not agree") if faults.any?
      by = { "id" => person.id.to_s, "name" => person.name }
      of = { document: document, ladder: seen["ladder"], about: told(name, about), words: words }
      chain.with(act: name, by: by, role: role, at: at, **of)
    end

    # Everybody who wrote in it since it was last written down; and where nobody did, who wrote what stands there.
    def writers = (written? ? course.writers : []) | plan.writers

    def refused(words) = raise(DustLadder::Life::Chain::Refused, words)

    # Does an act still wait for somebody?
    def open?(name)
      case name
      when "wrote"
        OPEN.exclude?(course.state) || !written?
      when "flight"
        written? && course.unsigned.any?
      when "second"
        written? && course.second.nil? && ladder.critical.found.any?
      when "deviation"
        written? && deviations.any? { |one| !course.named?(one.id, one.value) }
      when "issued"
        bars.none?
      when "began"
        bars.of_ladder.empty?
      else
        !course.archived?
      end
    end

    def in_words(bars) = bars.map { |bar| bar.words["metric"] }.join("; ").truncate(400)

    # What the house knows itself is not asked of whoever signs.
    def told(name, about)
      case name
      when "wrote"
        { "flights" => ladder.flights.map { |flight| flight["id"] }.join(" "), "writers" => writers.join(" ") }
      when "issued"
        refused(in_words(bars.all)) unless bars.none?
        bars.about
      when "began"
        refused("it does not hold any more: #{in_words(bars.of_ladder)}") if bars.of_ladder.any?
        {}
      when "deviation"
        deviation = deviations.find { |one| one.id == about["deviation"] } or refused("it has no such deviation")
        about.slice("deviation", "reason").merge("value" => deviation.value)
      else
        about.slice("flight", "lifted", "reason")
      end
    end
  end
end
