# A version of a crane's chart, as the plan format describes one. Its figures never change: other figures are another
# version. It may be used for an issued plan only when a second person has read it against the paper.
class Chart < ApplicationRecord
  include SecondReading

  Invalid = DustLadder::PlanFile::Invalid
  MOST = 500
  LONGEST_NAMES = 400

  # A chart that is entered or checked changes what is said of plans that carry it; a block that is read does not.
  after_commit do
    if (saved_changes.keys - %w[readings lock_version updated_at]).any?
      BoardLine.outdate_with(BoardLine.chart_mark(identifier))
    end
  end

  # Of the paper that it was typed from.
  has_many :pictures, class_name: "ChartPicture", as: :holder

  validates :identifier, presence: true, uniqueness: { scope: :version }
  # Of each chart the newest version that counts; where all were withdrawn, the newest of those.
  scope :newest,
    -> do
      of_same = "SELECT MAX(other.version) FROM charts other WHERE other.identifier = charts.identifier"
      where("version = COALESCE((#{of_same} AND other.withdrawn_by IS NULL), (#{of_same}))").order(:identifier)
    end
  # To choose a crane from.
  scope :counting, -> { newest.where(withdrawn_by: nil) }

  # Takes charts as someone entered them, each an Entry: all of them or none. draft: the ChartDraft of the only one, and
  # the state that was seen of it. Raises PlanFile::Invalid.
  def self.enter(entries, by:, on:, why: "", draft: nil)
    raise Invalid, [ fault("/entered_by", "who enters the charts is not given", "a name") ] if by.strip.empty?
    unless entries.size.between?(1, MOST)
      raise Invalid, [ fault("/charts", "there are #{entries.size} charts", "1 to #{MOST}") ]
    end

    transaction do
      faults = entries.each_with_index.flat_map { |entry, index| entry.faults(index, why) } + Entry.twice(entries)
      raise Invalid, faults if faults.any?

      writers = writers(by.strip, draft&.first)
      entries
        .map { |entry| entry.keep(writers, on, why.strip.first(400)) }
        .tap { |charts| draft&.first&.become(charts.first, draft.last) }
    end
  end

  # Everybody who stands for what is entered. Raises PlanFile::Invalid where there is no room for all: none is left out.
  def self.writers(by, draft)
    names = draft ? draft.writers(by) : [ by ]
    all = names.join(DustLadder::Cranes::Record::BOTH)
    return all if all.size <= LONGEST_NAMES

    raise Invalid,
      [ fault("/entered_by", "#{names.size} people typed it, with #{all.size} letters", "at most #{LONGEST_NAMES}") ]
  end
  private_class_method :writers

  def self.fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }

  # Someone has read its figures against the paper. Raises PlanFile::Invalid when that is whoever entered it, or nobody.
  def check(by:, on:)
    refuse_reader(by)
    refuse_unread(by)
    update!(
      data:
        data.merge("record" => data["record"].merge("checked_by" => by.strip.first(200), "checked_on" => on.iso8601))
    )
  end

  # It counts no more: plans that carry it are told. Raises PlanFile::Invalid without a name or a reason.
  def withdraw(by:, why:, on:)
    refuse("who withdraws it is not given", "a name", "/withdrawn_by") if by.strip.empty?
    refuse("why it is withdrawn is not given", "a reason", "/why") if why.strip.empty?
    refuse("it was withdrawn by #{withdrawn_by} already", "a version that counts", "/withdrawn_by") if withdrawn_by

    update!(withdrawn_by: by.strip.first(200), withdrawn_on: on, withdrawn_why: why.strip.first(400))
  end

  # In words, or nil.
  def withdrawn = withdrawn_by && "withdrawn by #{withdrawn_by} on #{withdrawn_on}: #{withdrawn_why}"

  # Why no plan holds on it, in words, or nil.
  def doubt = withdrawn || (record.doubt && [ record.doubt, *found_otherwise ].join("; "))

  def record = DustLadder::Cranes::Record.new(data["record"])
  def snapshot = DustLadder::PlanFile::Digest.snapshot(data)

  # Are these the very figures of it, whoever entered them, and whatever their tables are called?
  def says?(other)
    one, two = [ data, JSON.parse(JSON.generate(other)) ].map { |chart| chart.except("id") }
    DustLadder::Cranes::ChartDifferences.between(one, two).empty?
  end

  # { id of the newest version of each chart => its identity }
  def self.identities
    newest.reorder(:id).pluck(:id, Arel.sql("json_extract(data, '$.identity')")).to_h.transform_values { |text|
      JSON.parse(text)
    }
  end

  # A line of the library.
  def line
    {
      id: id,
      identifier: identifier,
      version: version,
      title: data["title"],
      family: data["family"] || "mobile",
      identity: data["identity"],
      record: data["record"],
      doubt: doubt,
      withdrawn: withdrawn,
      lacking: lacking,
      most: most
    }
  end

  # The whole of it, as the crane room shows it.
  def whole
    {
      **line,
      **snapshot,
      diagram: DustLadder::Cranes::RangeDiagram.new(data).as_json,
      warnings: doubts.map(&:as_json),
      differences: differences,
      rests: BoardLine.resting_on(identifier),
      versions:
        versions.map do |one|
          { id: one.id, version: one.version, record: one.data["record"], doubt: one.doubt }
        end
    }
  end

  # What is to be looked at again in it, in the page's own words where it has one.
  def doubts = printed ? paper.warnings : DustLadder::Cranes::ChartWarnings.of(data)

  # What its family's charts must say of the machine and this one does not.
  def lacking = DustLadder::Cranes::Identity.of(data).lacking

  private

  def versions = Chart.where(identifier: identifier).order(:version)

  # From the version before, cell by cell.
  def differences
    before = versions.where(version: ...version).last
    before ? DustLadder::Cranes::ChartDifferences.between(before.data, data) : []
  end

  def refuse(message, expected, pointer = "/checked_by") = raise(Invalid, [ Chart.fault(pointer, message, expected) ])

  # The largest figure in it, for the library.
  def most
    kg = [
      data["tables"]&.values,
      data.dig("tower", "falls")&.values&.map { |set| set["max_kg"] },
      data.dig("fixed_hoist", "wll_kg"),
      data.dig("platform_jib", "jib_cap_kg")
    ].flatten.compact.max
    kg && DustLadder::Figure.kg(kg, :down).as_json
  end
end
