module DustLadder
  # A site's own rule set beside the shipped one that it was copied from: which of its values are stricter, which are
  # looser, and who stands for these (handbook, section 14). What a file says of itself is not believed: every value is
  # held against the shipped one.
  class OwnRules
    # One figure, word or yes and no that differs: the value's name, its place in it, such as allowance/weighed, and
    # both sides; way: stricter or looser. by, why: who stands for it, or nil.
    Leaf = Struct.new(:name, :place, :before, :after, :way, :by, :why, keyword_init: true) do
      def words = "#{place.tr("/_", "  ")} #{before.inspect} → #{after.inspect}".delete('"')
      def looser? = way == "looser"
      def as_json(*) = to_h.transform_keys(&:to_s)
    end
    STRICTER = YAML.safe_load_file(File.expand_path("rules/stricter.yml", __dir__)).freeze
    # What a set is held against that names none that ships.
    OTHERWISE = "strict".freeze

    attr_reader :data

    # data: of a rule set.
    def initialize(data)
      @data = data
    end

    # Is it one that ships, or shipped once under this name and version?
    def shipped?
      id, version = data.values_at("id", "version")
      return false unless RuleSet::SHIPPED.include?(id)

      digest = PlanFile::Digest.of(data)
      RuleSet.shipped(id).digest == digest || RuleSet.shipped_once?(id, version, digest)
    end

    # The shipped set that it is held against.
    def base
      from = data.dig("from", "id")
      RuleSet.shipped(RuleSet::SHIPPED.include?(from) ? from : OTHERWISE)
    end

    # Every leaf that differs from the base, by name and place.
    def leaves
      @leaves ||=
        if shipped?
          []
        else
          self.class.between(base.data, data, data["changes"].to_a).reject { |leaf| newer?(leaf) }
        end
    end

    # Names of values that the shipped set has since this one was copied: no one took them away. Without them nothing
    # holds that asks for them; the next change takes them.
    def newer
      return [] unless data.dig("from", "version").to_i.between?(1, base.version - 1)

      base.data["values"].keys - data["values"].keys
    end

    def looser = leaves.select(&:looser?)
    # Those that nobody stands for by name and reason.
    def nameless = looser.reject { |leaf| [ leaf.by, leaf.why ].all? { |words| words.to_s.match?(/[[:alpha:]]/) } }

    # What differs between the values of two sets. changes: who changed what, as a set keeps it.
    def self.between(before, after, changes = [])
      names = before["values"].keys | after["values"].keys
      names.flat_map do |name|
        one, other = [ before, after ].map { |data| leaves_under(data, name) }
        (one.keys | other.keys).filter_map do |place|
          next if same?(one[place], other[place])

          told = changes.reverse.find { |change| change["place"] == place && same?(change["after"], other[place]) }
          Leaf.new(
            name: name,
            place: place,
            before: one[place],
            after: other[place],
            way: way(place, one[place], other[place]),
            by: told&.fetch("by"),
            why: told&.fetch("why")
          )
        end
      end
    end

    # Every leaf of a set, { place => value }.
    def self.leaves(data) = data["values"].keys.map { |name| leaves_under(data, name) }.reduce({}, :merge)

    # Those of one value of a set; none where it has no such value.
    def self.leaves_under(data, name)
      data["values"].key?(name) ? leaves_of(data["values"][name]["value"], name) : {}
    end

    # Places of a value's leaves, { place => figure, word or yes and no }.
    def self.leaves_of(value, place)
      case value
      when Hash then value.flat_map { |key, one| leaves_of(one, "#{place}/#{key}").to_a }.to_h
      when Array then leaves_of(value.each_with_index.to_h { |one, index| [ index, one ] }, place)
      else { place => value }
      end
    end

    # stricter where it is known to be; looser otherwise, and where something came or is gone.
    def self.way(place, before, after)
      keys = place.split("/")
      _, stricter = STRICTER.find { |pattern, _| matches?(pattern.split("/"), keys) }
      known =
        case stricter
        when "up" then [ before, after ].all?(Numeric) && after > before
        when "down" then [ before, after ].all?(Numeric) && after < before
        when "yes" then before == false && after == true
        end
      known ? "stricter" : "looser"
    end

    def self.matches?(pattern, keys)
      pattern.size == keys.size && pattern.zip(keys).all? { |one, key| one == "*" || one == key }
    end

    # Numbers of JSON are the same whether they have a point or not.
    def self.same?(one, other) = one.is_a?(Numeric) && other.is_a?(Numeric) ? one == other : one.eql?(other)
    private_class_method :leaves_under, :leaves_of, :way, :matches?, :same?

    # The next version of a set. changes: { place => value }. by: a name. why: { place => reason }. Raises
    # PlanFile::Invalid, at the places that are wrong.
    def changed(changes, by:, why:, on:)
      start = with_newer
      copy = JSON.parse(JSON.generate(start))
      faults = changes.filter_map { |place, value| put(copy["values"], place, value) }
      raise PlanFile::Invalid, faults if faults.any?

      leaves = self.class.between(start, copy)
      refuse("/changes", "nothing differs", "another value") if leaves.empty?
      told =
        leaves.map do |leaf|
          who = { "by" => by, "why" => why[leaf.place].to_s.strip, "on" => on.iso8601 }
          { "place" => leaf.place, "before" => leaf.before, "after" => leaf.after, **who }
        end
      self.class.accept(copy.merge("version" => data["version"] + 1, "changes" => [ *data["changes"].to_a, *told ]))
    end

    # A copy under a name of the site's own, as version 1.
    def copied(id:, title:)
      from = data["from"] || { "id" => data["id"], "version" => data["version"] }
      own = { "id" => id, "title" => title, "version" => 1, "from" => from, "changes" => data["changes"].to_a }
      self.class.accept(data.merge(own))
    end

    # Raises PlanFile::Invalid for data that are no sound rule set.
    def self.accept(data)
      errors = PlanFile::Schema.rule_set_errors(data)
      errors = PlanFile::RuleFaults.of(data) if errors.empty?
      raise PlanFile::Invalid, errors if errors.any?

      data
    end

    private

    def newer?(leaf) = newer.include?(leaf.name)

    # Its data with what its shipped set has newly.
    def with_newer
      return data if newer.empty?

      values = data["values"].merge(base.data["values"].slice(*newer))
      data.merge("values" => values, "from" => data["from"].merge("version" => base.version))
    end

    # Puts a leaf in its place; a fault where there is none, or what is put there is of another kind.
    def put(values, place, value)
      name, *keys = place.to_s.split("/").map { |key| key.match?(/\A\d+\z/) ? key.to_i : key }
      entry = values[name] or return fault(place, "there is no such value", "one of the set's own")
      holder = keys[0..-2].reduce(entry["value"]) { |data, key| data.is_a?(Enumerable) ? data[key] : nil } if keys.any?
      holder, key = keys.any? ? [ holder, keys.last ] : [ entry, "value" ]
      before = holder.is_a?(Enumerable) ? (holder[key] rescue nil) : nil
      return fault(place, "there is no such value", "one of the set's own") if before.nil? || before.is_a?(Enumerable)
      return fault(place, "#{value.inspect} is of another kind", kind_of(before)) unless alike?(before, value)

      holder[key] = value
      nil
    end

    def alike?(before, value)
      return value.is_a?(Numeric) && value.to_f.finite? if before.is_a?(Numeric)
      return [ true, false ].include?(value) if [ true, false ].include?(before)

      value.is_a?(String)
    end

    def kind_of(before)
      return "a number" if before.is_a?(Numeric)

      before.is_a?(String) ? "a word" : "yes or no"
    end

    def fault(place, message, expected)
      { "pointer" => "/values/#{place}", "message" => message, "expected" => expected }
    end

    def refuse(pointer, message, expected)
      raise PlanFile::Invalid, [ { "pointer" => pointer, "message" => message, "expected" => expected } ]
    end
  end
end
