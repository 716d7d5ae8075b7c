module Api
  # The life of a plan: how it stands, what bars it from being issued, its records; and what somebody does with it next,
  # signed with their password.
  class LivesController < BaseController
    self.policy = LifePolicy
    self.by_hand = %w[create]

    MOST_WORDS = 500

    rescue_from DustLadder::Life::Chain::Refused do |error|
      refuse "this may not be: #{error.message}", "what its records allow", :unprocessable_content
    end
    rescue_from Plan::Life::Overtaken do
      message = "it is not what you saw any more: somebody changed it, or what it rests on"
      overtaken([ { pointer: "", message: message, expected: "a look at it as it is now" } ], nil)
    end

    # Whoever opens it finds it as it stands now: what holds no more is withdrawn.
    def show
      found = plan.life
      render json: told(found.withdraw_broken ? plan.life : found)
    end

    def create
      # Nobody else signs with a screen that was left alone.
      return unknown_hand unless known_hand?

      done =
        plan.life.act(
          current_person,
          text("act"),
          seen: body["seen"].is_a?(Hash) ? body["seen"].slice("document", "ladder") : {},
          about: about,
          words: text("words").first(MOST_WORDS)
        )
      render json: told(done), status: :created
    end

    private

    def plan = @plan ||= Plan.find(params[:plan_id])
    def text(name) = body[name].to_s

    def about
      given = body["about"].is_a?(Hash) ? body["about"] : {}
      given.select { |_, words| words.is_a?(String) && words.length <= 2000 }
    end

    def told(life)
      course = life.course if life.faults.empty?
      {
        faults: life.faults.map { |fault| "record #{fault.number}: #{fault.words}" },
        state: course ? life.state : "draft",
        revision: course&.revision,
        archived: course&.archived? || false,
        seen: life.seen,
        headline: life.ladder.headlines,
        asks_password: !SignedIn.picking?,
        pattern: life.plan.pattern,
        records: life.chain.records.map { |record| line(record, course) },
        **(course ? open(life, course) : { flights: [], critical: [], deviations: [], bars: [], acts: [] })
      }
    end

    def open(life, course)
      {
        flights: flights(life, course),
        critical: life.ladder.critical.found.map { |_, words| words.as_json },
        deviations: life.deviations.map { |one| deviation(one, course) },
        bars: life.bars.all.map { |bar| { words: bar.words, way: bar.way, roles: bar.roles } },
        acts: life.acts(current_person)
      }
    end

    def line(record, course)
      record.as_json.slice("number", "at", "role", "act", "about", "words", "revision", "digest").merge(
        "by" => record.by["name"],
        "short" => record.short,
        "lapsed" => course ? course.lapsed.include?(record.number) : false
      )
    end

    def flights(life, course)
      current = course.document == life.document
      life.ladder.flights.map do |flight|
        record = course.signed[flight["id"]] if current
        { id: flight["id"], label: flight["label"], by: record&.by&.fetch("name"), at: record&.at }
      end
    end

    def deviation(one, course)
      record = course.names[one.id] if course.named?(one.id, one.value)
      { id: one.id, words: one.words, value: one.value, by: record&.by&.fetch("name") }
    end
  end
end
