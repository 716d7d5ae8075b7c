module DustLadder
  # One school's values, each with its reason. Made from data: shipped YAML or a plan's snapshot.
  class RuleSet
    FOLDER = File.expand_path("rules", __dir__)
    SHIPPED = %w[strict level-side plumb-side].freeze

    # What a set climbs that does not say so itself: the rungs there were before sets named theirs.
    FIRST_RUNGS = %w[
      load level angle points thrust fittings loop sharing slings grip beam upper blocks hook hoist wraps height boom
      side_pull chart platform crane stand wind zones gear
    ].freeze

    attr_reader :data

    # name: one of SHIPPED. Raises KeyError otherwise.
    def self.shipped(name)
      raise KeyError, "no rule set called #{name}; there are #{SHIPPED.join(", ")}" unless SHIPPED.include?(name)

      @shipped ||= {}
      @shipped[name] ||= new(merged(name))
    end

    def self.merged(name)
      own = YAML.safe_load_file(File.expand_path("#{name}.yml", FOLDER))
      base = YAML.safe_load_file(File.expand_path("#{own.delete("from")}.yml", FOLDER))
      own.merge("values" => base["values"].merge(own["values"]))
    end
    private_class_method :merged

    # Did a set of this name, version and digest ship once?
    def self.shipped_once?(id, version, digest)
      @past ||= YAML.safe_load_file(File.expand_path("past.yml", FOLDER))
      @past.dig(id, version).to_a.include?(digest)
    end

    def initialize(data)
      @data = data
      @values = data.fetch("values")
      @floats = {}
    end

    def id = data["id"]
    def title = data["title"]
    def version = data["version"]
    def digest = @digest ||= PlanFile::Digest.of(data)

    # It held against what ships; a set that many plans share is held against it once.
    def own = @own ||= OwnRules.new(data)

    # Does it know a rung?
    def climbs?(rung_id) = (@values.dig("climbs", "value") || FIRST_RUNGS).include?(rung_id)

    # Ids of the rungs that a plan of a narrower scope may leave out.
    def left_out(scope) = @values.dig("scopes", "value", scope) || []

    # Names of the identity fields that a chart of a family needs; none in a set of before there was such a rule.
    def chart_identity(family) = @values.dig("chart_identity", "value", family) || []

    # The attention line of a kind of check; where an older set has none for it, the lowest that it has.
    def attention(kind) = self[:attention][kind.to_s] || self[:attention].values.min

    # The value under a name, or one entry of it. Raises NotKnown when this set does not have it.
    def [](name, entry = nil)
      value = @floats[name] ||= DustLadder.floats(@values.dig(name.to_s, "value"))
      value = value[entry.to_s] if entry && value
      if value.nil?
        raise(
          NotKnown.new(
            "rule set #{id} has no figure for #{[ name, entry ].compact.join(" ").tr("_", " ")}",
            pointer: Plan.pointer("rules")
          )
        )
      else
        value
      end
    end

    # Does it have a value of this name?
    def value?(name) = @values.key?(name.to_s)

    # Who says so: the set, its version and the reason it gives. For a line of working.
    def cite(name) = "rule set #{id}: #{@values.dig(name.to_s, "reason")}"
  end
end
