module DustLadder
  # What a plan took from the house: charts, slings, beams and rule sets, each with its digest. They never change, so
  # each is looked through and made ready once, and shared by every check of whatever plan.
  module Snapshots
    BYTES = 24 * 1024 * 1024

    @store = Store.new(bytes: BYTES)

    module_function

    # Keeps those of a document that were found sound. snapshots: { kind => { id => { "digest", "data" } } }.
    def remember(snapshots)
      snapshots.each do |kind, all|
        all.each_value do |one|
          next if known?(kind, one)

          text = JSON.generate(one["data"])
          @store.keep([ kind, one["digest"] ], Kept.new(JSON.parse(text)), bytes: 2 * text.bytesize)
        end
      end
    end

    # Was this very data found sound before?
    def known?(kind, snapshot) = snapshot.is_a?(Hash) && snapshot.size == 2 && !kept(kind, snapshot).nil?

    # Its data with floats; nil for none.
    def floats(kind, snapshot)
      return if snapshot.nil?

      kept(kind, snapshot)&.floats || DustLadder.floats(snapshot["data"])
    end

    # The RuleSet of a snapshot.
    def rule_set(snapshot) = kept("rule_sets", snapshot)&.rule_set || RuleSet.new(snapshot["data"])

    # The Site::Survey of a snapshot.
    def survey(snapshot) = kept("sites", snapshot)&.survey || Site::Survey.new(DustLadder.floats(snapshot["data"]))

    # A digest alone is a claim: it must be the very same data.
    def kept(kind, snapshot)
      found = @store[[ kind, snapshot["digest"] ]]
      found if found && (found.data.equal?(snapshot["data"]) || found.data == snapshot["data"])
    end

    # A document in which whatever is kept here is the very thing that is kept: what is equal is then seen at once.
    def shared(document)
      snapshots =
        document["snapshots"].to_h do |kind, all|
          [ kind, all.transform_values { |one| (data = kept(kind, one)&.data) ? one.merge("data" => data) : one } ]
        end
      document.merge("snapshots" => snapshots)
    end

    # Frozen all through.
    def frozen(data)
      case data
      when Hash
        data.each_value { |value| frozen(value) }
      when Array
        data.each { |value| frozen(value) }
      end
      data.freeze
    end
  end
end
