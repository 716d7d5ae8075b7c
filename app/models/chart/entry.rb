class Chart
  # One chart as somebody enters it: its data, and what they say of its figures that do not go with those beside them.
  # Which chart it is a version of its identity decides, never its title.
  class Entry
    attr_reader :data

    # One id, or one machine as it stands, twice in one go.
    def self.twice(entries)
      entries.each_index.filter_map do |index|
        entry = entries[index]
        next unless entry.data.is_a?(Hash)

        if entries.first(index).any? { |other| other.data.is_a?(Hash) && other.data["id"] == entry.data["id"] }
          Chart.fault(
            "/charts/#{index}/id",
            "another of these charts is called #{entry.data["id"].inspect} too",
            "an id of its own"
          )
        elsif entry.whole? && entries.first(index).any? { |other|
          other.whole? && entry.same_identity?(other.data["identity"])
        }
          Chart.fault(
            "/charts/#{index}/identity",
            "another of these charts is of the same machine",
            "each of them once"
          )
        end
      end
    end

    # data: of a chart. answers: { text of a warning => word }. identities: of the library, as of Chart.identities.
    # printed: the CSV grid of its page, or nil; with one the data are what stands there, whatever else is said.
    def initialize(data, answers = {}, identities = Chart.identities, printed: nil)
      @reading = printed && read(printed)
      @printed = printed
      @data = @reading ? @reading.data : data
      @answers = answers.to_h.transform_values { |word| word.to_s.strip.first(400) }
      @identities = identities
    end

    # What keeps it from being taken. index: its place among those that are entered. why: it takes another's place.
    def faults(index, why)
      place = "/charts/#{index}"
      wrong = @reading ? @reading.faults : DustLadder::Cranes::ChartFile.errors(data)
      return wrong.map { |one| one.merge("pointer" => within(place, one["pointer"])) } if wrong.any?

      [ *of_another_machine(place), *unanswered(place, index), *without_reason(why) ]
    end

    # The newest version of the chart that this is one of, or nil.
    def before
      return @before if defined?(@before)

      own = Chart.where(identifier: data["id"]).order(:version).last
      same = @identities.find { |_, identity| same_identity?(identity) } if own.nil? && lacking.empty?
      @before = own || (same && Chart.find(same.first))
    end

    # Are its figures here already, in a version that counts?
    def same? = (before && before.withdrawn.nil? && before.says?(data)) || false
    # Is it sound, and does it say all that its family must?
    def whole? = data.is_a?(Hash) && data["identity"].is_a?(Hash) && lacking.empty?
    def same_identity?(other) = identity.same_as?(other)

    # A chart called like another machine's: what is wrong with it.
    def of_another_machine(place)
      return [] if before.nil? || same_identity?(before.data["identity"])

      names = identity.differs_from(before.data["identity"]).map { |name| name.tr("_", " ") }
      [
        Chart.fault(
          "#{place}/id",
          "#{data["id"].inspect} is the chart of another machine: #{names.join(", ")} differ#{"s" if names.one?}",
          "an id of its own"
        )
      ]
    end

    # Keeps it as a new version, where its figures are not here already.
    def keep(by, on, why)
      return before if same?

      version = (before&.version || 0) + 1
      id = before&.identifier || data["id"]
      record = {
        "version" => version,
        "entered_by" => by,
        "entered_on" => on.iso8601,
        "checked_by" => nil,
        "checked_on" => nil,
        "source" => data.dig("record", "source").to_s,
        "answers" => asked.map { |text| { "what" => text, "word" => @answers[text] } }
      }
      record["why"] = why if before
      Chart.create!(
        identifier: id,
        version: version,
        data: data.merge("id" => id, "record" => record),
        why: why,
        printed: @printed
      )
    end

    private

    # Of a page a fault is told by its line.
    def within(place, pointer) = pointer.match?(%r{\A[^/]}) ? "#{place}: #{pointer}" : "#{place}#{pointer}"
    def identity = @identity ||= DustLadder::Cranes::Identity.of(data)
    def lacking = identity.lacking

    # Of a page in its own words, as whoever enters it was asked.
    def asked
      @asked ||= (@reading&.warnings || DustLadder::Cranes::ChartWarnings.of(data)).select(&:answer).map(&:text)
    end

    def read(printed) = DustLadder::Cranes::ChartGrid.new(printed.b, "page.csv").read

    def unanswered(place, index)
      return [] if same?

      asked
        .reject { |text| @answers[text].present? }
        .map { |text| Chart.fault("/answers/#{index}", text, "a word on why it stands, or the figure mended") }
    end

    def without_reason(why)
      return [] if before.nil? || same? || why.strip.present?

      [ Chart.fault("/why", "why it takes the place of version #{before.version} is not given", "a reason") ]
    end
  end
end
