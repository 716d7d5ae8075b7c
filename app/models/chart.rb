# A version of a crane's chart, as the plan format describes one. Its figures never change: other figures are another
# version. It may be used for an issued plan only when a second person has read it against the paper.
class Chart < ApplicationRecord
  Invalid = DustLadder::PlanFile::Invalid
  MOST = 500

  # A chart that is entered or checked changes what is said of plans that carry it.
  after_commit { BoardLine.outdate_with(BoardLine.chart_mark(identifier)) }

  validates :identifier, presence: true, uniqueness: { scope: :version }
  scope :newest,
    -> do
      where(
        "version = (SELECT MAX(other.version) FROM charts other WHERE other.identifier = charts.identifier)"
      ).order(:identifier)
    end

  # Takes charts' data as entered by someone, each as a new version where it is known already. All of them or none.
  # Those whose figures are here already are left as they are. Raises PlanFile::Invalid.
  def self.enter(all, by:, on:)
    raise Invalid, [ fault("/entered_by", "who enters the charts is not given", "a name") ] if by.strip.empty?
    unless all.size.between?(1, MOST)
      raise Invalid, [ fault("/charts", "there are #{all.size} charts", "1 to #{MOST}") ]
    end

    faults =
      all.each_with_index.flat_map do |data, index|
        DustLadder::Cranes::ChartFile
          .errors(data)
          .map { |one| one.merge("pointer" => "/charts/#{index}#{one["pointer"]}") }
      end
    ids = all.map { |data| data["id"] if data.is_a?(Hash) }
    faults +=
      ids
        .each_index
        .select { |index| ids.first(index).include?(ids[index]) }
        .map do |index|
          fault(
            "/charts/#{index}/id",
            "another of these charts is called #{ids[index].inspect} too",
            "an id of its own"
          )
        end
    raise Invalid, faults if faults.any?

    transaction { all.map { |data| add(data, by.strip.first(200), on) } }
  end

  def self.add(data, by, on)
    newest = where(identifier: data["id"]).order(:version).last
    return newest if newest&.says?(data)

    version = (newest&.version || 0) + 1
    record = {
      "version" => version,
      "entered_by" => by,
      "entered_on" => on.iso8601,
      "checked_by" => nil,
      "checked_on" => nil,
      "source" => data.dig("record", "source").to_s
    }
    create!(identifier: data["id"], version: version, data: data.merge("record" => record))
  end
  private_class_method :add

  def self.fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }

  # Someone has read its figures against the paper. Raises PlanFile::Invalid when that is whoever entered it, or nobody.
  def check(by:, on:)
    refuse("who has read it against the paper is not given", "a name") if by.strip.empty?
    refuse("#{by.strip} entered this chart", "another person, who did not enter it") if record.same?(by)
    refuse("who entered it is not on record", "a chart that someone entered here") if record.entered_by.empty?
    refuse("it was checked by #{record.checked_by} already", "a version that is not yet checked") unless record.doubt

    update!(
      data:
        data.merge("record" => data["record"].merge("checked_by" => by.strip.first(200), "checked_on" => on.iso8601))
    )
  end

  def record = DustLadder::Cranes::Record.new(data["record"])
  def snapshot = DustLadder::PlanFile::Digest.snapshot(data)

  # Are these the very figures of it, whoever entered them?
  def says?(other) = data.except("record") == JSON.parse(JSON.generate(other.except("record")))

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
      doubt: record.doubt,
      most: most
    }
  end

  # The whole of it, as the crane room shows it.
  def whole
    {
      **line,
      **snapshot,
      diagram: DustLadder::Cranes::RangeDiagram.new(data).as_json,
      warnings: DustLadder::Cranes::ChartWarnings.of(data),
      versions:
        Chart
          .where(identifier: identifier)
          .order(:version)
          .map { |one| { id: one.id, version: one.version, record: one.data["record"], doubt: one.record.doubt } }
    }
  end

  private

  def refuse(message, expected) = raise(Invalid, [ Chart.fault("/checked_by", message, expected) ])

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
