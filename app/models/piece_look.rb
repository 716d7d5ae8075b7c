# A look at a piece before it is used, or its thorough examination: what was found, measured and decided. Only ever
# added; what is out by it goes out of use at once.
class PieceLook < ApplicationRecord
  SORTS = %w[before_use thorough retest].freeze
  # Results by which a piece was found sound.
  SOUND = %w[stays passed].freeze
  LONGEST = 2000

  belongs_to :piece, inverse_of: :looks
  belongs_to :person, optional: true
  has_many :files, -> { order(:id) }, class_name: "PieceFile", as: :holder, dependent: nil

  before_update { throw :abort }
  before_destroy { throw :abort }

  # What was typed cannot be kept: DustLadder::Gear::Inspection::Problem each.
  class Faulty < StandardError
    attr_reader :problems

    def initialize(problems)
      @problems = problems
      super("#{problems.size} problems")
    end
  end

  # The findings of a look as the rules of the store have them; nothing is kept.
  def self.judged(piece, findings)
    DustLadder::Gear::Inspection.new(piece.kind, piece.data, findings, StoreRules.current)
  end

  # Keeps a look before use. Raises Faulty.
  def self.take_before_use(piece, findings, person:, words: "")
    found = judged(piece, findings)
    raise Faulty, [ nothing ] if found.looks.all? { |one| one.verdict == "not_looked" } && found.problems.empty?
    raise Faulty, found.problems.map { |one| at_finding(one) } if found.problems.any?

    piece.with_lock do
      look =
        piece.looks.create!(
          sort: "before_use",
          day: SiteClock.today.iso8601,
          by: person.name,
          person: person,
          result: found.result,
          rules: StoreRules.current.title.first(200),
          findings: findings,
          measured: found.measured,
          told: found.told,
          words: words.to_s.squish.first(LONGEST)
        )
      piece.update!(measured: piece.measured.merge(found.measured), change_note: "looked at: #{found.result}")
      out_of_use(piece, person, found.headline["metric"]) if found.result == "out"
      look
    end
  end

  def self.nothing
    DustLadder::Gear::Piece::Problem.new(field: "", message: "nothing was looked at", expected: "a look")
  end

  def self.at_finding(problem) = problem.dup.tap { |one| one.field = "findings/#{one.field}" }
  private_class_method :nothing, :at_finding

  # A piece that was found bad is quarantined; one that is scrapped or lost stays so.
  def self.out_of_use(piece, person, why)
    return unless %w[ready out].include?(piece.state)

    piece.move("quarantine", to: "quarantined", person: person, why: why.first(PieceAct::LONGEST))
  end

  def self.examine(piece, given, person:) = Examination.new(piece, given, person: person).keep

  def shown
    {
      id: id,
      sort: sort,
      day: day,
      at: created_at.iso8601,
      by: by,
      result: result,
      rules: rules,
      told: told,
      measured: measured,
      words: words,
      remedy: remedy,
      due: due
    }
  end
end
