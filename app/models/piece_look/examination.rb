# A thorough examination or a retest as its keeper writes it down: by whom, on which day, what was found and what
# becomes of the piece.
class PieceLook::Examination
  RESULTS = %w[passed failed].freeze
  Problem = DustLadder::Gear::Piece::Problem

  # given: { "sort", "day", "by", "result", "words" (defects), "remedy", "due", "findings" } as they were typed.
  def initialize(piece, given, person:)
    @piece = piece
    @given = given
    @person = person
    @problems = []
  end

  # Raises PieceLook::Faulty.
  def keep
    day, due, found = read
    raise PieceLook::Faulty, @problems if @problems.any?

    @piece.with_lock do
      look = record(day, due, found)
      @piece.update!(
        measured: @piece.measured.merge(found.measured),
        fields: dated(day, due),
        change_note: "#{sort.tr("_", " ")} on #{day}: #{result}"
      )
      PieceLook.out_of_use(@piece, @person, "#{sort} failed: #{text("words")}") if result == "failed"
      look
    end
  end

  private

  def text(name) = @given[name].to_s.squish.first(PieceLook::LONGEST)
  def sort = text("sort")
  def result = text("result")

  def read
    asked("sort", sort, %w[thorough retest], "it is neither an examination nor a retest")
    asked("result", result, RESULTS, "what came of it is not given")
    problem("by", "who examined it is not given", "a name, or a firm") unless text("by").match?(/[[:alpha:]]/)
    problem("words", "what was found is not given", "the defect") if result == "failed" && text("words").empty?
    day, due = day_of("day", required: true), day_of("due")
    problem("day", "#{day} is not yet", "today or before") if day && day > SiteClock.today
    problem("due", "it falls before the examination", "a day after #{day}") if day && due && due <= day
    [ day, due, judged ]
  end

  def asked(name, typed, words, message)
    problem(name, message, words.join(" or ")) unless words.include?(typed)
  end

  # Nobody passes what is out by its own findings.
  def judged
    found = PieceLook.judged(@piece, findings)
    out = found.out
    found.problems.each { |one| problem("findings/#{one.field}", one.message, one.expected) }
    if result == "passed" && out.any?
      problem("result", "it is out: #{found.reasons.first["metric"]}", "failed, or other findings")
    end
    found
  end

  def findings = @given["findings"].is_a?(Hash) ? @given["findings"].select { |_, one| one.is_a?(Hash) } : {}

  def problem(field, message, expected)
    @problems << Problem.new(field: field, typed: @given[field].to_s.first(80), message: message, expected: expected)
    nil
  end

  def day_of(name, required: false)
    typed = text(name)
    return required ? problem(name, "no day is given", "such as 2026-11-30") : nil if typed.empty?
    raise Date::Error unless typed.match?(/\A\d{4}-\d{2}-\d{2}\z/)

    Date.iso8601(typed)
  rescue Date::Error
    problem(name, "“#{typed.first(40)}” is not a day", "year, month and day, such as 2026-11-30")
  end

  # An examination that is written down late moves no later one back; one that failed moves none.
  def dated(day, due)
    fields = @piece.fields
    return fields if result == "failed" || fields["examined"].to_s > day.iso8601

    fields.merge("examined" => day.iso8601, "due" => due&.iso8601.to_s)
  end

  def record(day, due, found)
    @piece.looks.create!(
      sort: sort,
      day: day.iso8601,
      by: text("by").first(200),
      person: @person,
      result: result,
      rules: StoreRules.current.title.first(200),
      findings: findings,
      measured: found.measured,
      told: found.told,
      words: text("words"),
      remedy: text("remedy"),
      due: due&.iso8601
    )
  end
end
