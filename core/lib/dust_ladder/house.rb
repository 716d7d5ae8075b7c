module DustLadder
  # What a house keeps under the numbers and versions that a plan's snapshots carry. A plan does not vouch for itself
  # where the house knows better (handbook, section 15): other figures under a number that it keeps, a version that it
  # has superseded, a second reader whom it has not on record.
  class House
    # words: what is the matter. known: does the house know better? Else nobody here has looked at it.
    Doubt = Struct.new(:words, :known)
    OUTSIDE = "is from outside: nobody here has checked it"
    MOST_NAMED = 3
    # Of a piece, what changes from day to day; it is judged as it stands now.
    STANDING = %w[state due examined use measured].freeze

    # charts: data of every version of the charts that the house keeps. pieces: data of its gear by number; nil where
    # there is no store to hold a plan against. withdrawn: { [id, version] => words } of charts that count no more.
    # sites: the newest data of its sites by id; nil where it keeps none. people: the same of its people, each
    # { "name", "active", "competences" }. rules: the newest data of its own rule sets by id.
    def initialize(charts:, pieces: nil, withdrawn: {}, sites: nil, people: nil, rules: {})
      @rules = rules
      @pieces = pieces
      @people = people
      @sites = sites
      @withdrawn = withdrawn
      @versions = charts.group_by { |data| data["id"] }.transform_values { |all|
        all.to_h { |one|
          [ version(one), one ]
        }
      }
      @digests = {}.compare_by_identity
    end

    # Does it keep gear?
    def store? = !@pieces.nil?

    # Does it keep people? And one of them as they stand now, or nil.
    def people? = !@people.nil?
    def person(id) = @people&.dig(id)

    # What is the matter with a plan's chart, a snapshot with its digest: a Doubt; nil where the house keeps it so.
    def chart(snapshot)
      data = snapshot["data"]
      kept = versions[data["id"]] || {}
      own = kept[version(data)] or return Doubt.new("this chart #{OUTSIDE}", false)
      gone = @withdrawn[[ data["id"], version(data) ]]
      return better("version #{version(data)} of this chart is #{gone}") if gone

      newest = kept[kept.keys.reject { |number| @withdrawn.key?([ data["id"], number ]) }.max]
      return if own.equal?(newest) && snapshot["digest"] == digest_of(own)

      many = differences(figures(own), figures(data))
      return better("the house keeps another version #{version(own)} of this chart: #{many}") if many

      return better(superseded(newest, own)) if version(newest) > version(own)

      doubt = Cranes::Record.new(own["record"]).doubt
      better("by what the house keeps, #{doubt}") if doubt && Cranes::Record.new(data["record"]).doubt.nil?
    end

    # The same of a piece of gear: its number, and its data as the plan took it.
    def piece(number, data)
      return if @pieces.nil?

      own = @pieces[number] or return Doubt.new("#{number} #{OUTSIDE}", false)
      many = differences(*[ own, data ].map { |one| one.except(*STANDING) })
      better("the store has other figures for it: #{many}") if many
    end

    # The same of a plan's site. Who looked, and when, is judged by its own day.
    def site(snapshot)
      return if @sites.nil?

      data = snapshot["data"]
      own = @sites[data["id"]] or return Doubt.new("this site #{OUTSIDE}", false)
      return if snapshot["digest"] == digest_of(own)

      many = differences(own.except("version"), data.except("version"))
      return if many.nil? && own["version"] <= data["version"]

      better(
        "version #{own["version"]} of the site is not version #{data["version"]} in this plan: " \
          "#{many || "drawn again, the same"}"
      )
    end

    # The same of a plan's rule set.
    def rules(snapshot)
      data = snapshot["data"]
      return own_rules(snapshot, @rules[data["id"]]) if @rules.key?(data["id"])

      own = RuleSet::SHIPPED.include?(data["id"]) && RuleSet.shipped(data["id"])
      if own && RuleSet.shipped_once?(data["id"], data["version"], snapshot["digest"])
        return better("#{own.title} of version #{own.version} is newer than version #{data["version"]} in this plan")
      end
      unless own && own.version == data["version"]
        return Doubt.new("this rule set, #{data["title"]}, version #{data["version"]}, #{OUTSIDE}", false)
      end
      return if own.digest == snapshot["digest"]

      names = (own.data["values"].keys | data["values"].keys).reject { |name|
        alike?(*[ own.data, data ].map { |one| one["values"][name] })
      }
      named = names.first(MOST_NAMED).map { |name| name.tr("_", " ") }
      named << "#{names.size - MOST_NAMED} more" if names.size > MOST_NAMED
      better("this is not the #{own.title} of version #{own.version}: #{named.empty? ? "its words" : named.join(", ")}")
    end

    private

    # Of a rule set that the house made its own: the newest version counts.
    def own_rules(snapshot, newest)
      data = snapshot["data"]
      return if snapshot["digest"] == digest_of(newest)

      places = OwnRules.between(data, newest).map(&:words)
      more = places.size - MOST_NAMED
      named = [ *places.first(MOST_NAMED), *("#{more} more" if more.positive?) ].join(", ")
      kept = "#{newest["title"]} of version #{newest["version"]}"
      return better("this is not #{kept}: #{named}") if data["version"] >= newest["version"]

      better("#{kept} is newer than version #{data["version"]} in this plan: #{named}")
    end

    attr_reader :versions

    def digest_of(data) = @digests[data] ||= PlanFile::Digest.of(data)
    def better(words) = Doubt.new(words, true)
    def version(data) = data.dig("record", "version").to_i
    def figures(data) = data.except("record")
    def alike?(one, other) = PlanFile::Digest.of(one) == PlanFile::Digest.of(other)

    def superseded(newest, own)
      "version #{version(newest)} of the chart is newer than version #{version(own)} in this plan: " +
        (differences(figures(newest), figures(own)) || "the same figures, read again")
    end

    # In words how many figures differ, and the first of them; nil where none does.
    def differences(one, other)
      found = apart(one, other)
      return if found.empty?

      place, here, there = found.first
      many = found.one? ? "one figure differs," : "#{found.size} figures differ, first"
      "#{many} #{place.tr("/_", "  ").strip}, #{said(here)} and not #{said(there)}"
    end

    def said(value) = value.is_a?(Enumerable) ? "more than one figure" : value.inspect[0, 40].delete('"')

    def apart(one, other, place = "")
      if one.is_a?(Hash) && other.is_a?(Hash)
        (one.keys | other.keys).flat_map { |key| apart(one[key], other[key], "#{place}/#{key}") }
      elsif one.is_a?(Array) && other.is_a?(Array) && one.size == other.size
        one.each_index.flat_map { |index| apart(one[index], other[index], "#{place}/#{index}") }
      else
        one == other ? [] : [ [ place, one, other ] ]
      end
    end
  end
end
