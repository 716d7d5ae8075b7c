# All that a screen shows of one piece: what it is, how it stands, what is looked at, what was found and done, and which
# plans rest on it.
class PieceSheet
  MOST_RECORDS = 100
  MOST_TWINS = 5

  # person: who looks; what they may do with it is told.
  def initialize(piece, person)
    @piece = piece
    @person = person
  end

  def as_json(*)
    {
      now: @piece.shown,
      kind: kind.words,
      state: @piece.state,
      stands: stands,
      examination: { wanted: due.wanted?, day: due.day, words: due.words },
      rules: rules.title,
      today: SiteClock.today.iso8601,
      inspection: PieceLook.judged(@piece, {}).as_json,
      looks: @piece.looks.reorder(id: :desc).limit(MOST_RECORDS).map(&:shown),
      acts: @piece.acts.reorder(id: :desc).limit(MOST_RECORDS).includes(:plan).map(&:shown),
      may: DustLadder::Gear::Acts.open(@piece.state, @person.roles).map { |act| act_json(act) },
      plans: BoardLine.resting_on_mark(@piece.number),
      twins: twins,
      squares: LabelSheet.squares(@piece).map { |row| row.map { |dark| dark ? "1" : "0" }.join },
      history: @piece.history
    }
  end

  private

  def rules = StoreRules.current
  def kind = @piece.kind_of_gear
  def due = @due ||= @piece.fitness.due

  # May it be used today, by the rules of the store, and why.
  def stands
    answer = @piece.fitness.answer(on: SiteClock.today.iso8601)
    { verdict: answer.verdict, words: answer.both }
  end

  def act_json(act) = { act: act.name, words: act.words, needs: act.needs, looked: act.looked == true }

  # Others that are just like it, ready and in date: what could stand in for it.
  def twins
    today = SiteClock.today.iso8601
    Piece
      .where(alike: @piece.alike, state: "ready")
      .where.not(id: @piece.id)
      .where("due >= ?", today)
      .order(due: :desc)
      .limit(MOST_TWINS)
      .select { |one| one.fitness.answer(on: today).holds? }
      .map { |one| { id: one.id, number: one.number, due: one.due, place: one.place } }
  end
end
