module Api
  # Rule sets: those that ship, and the site's own. An own one is copied, tightened, and loosened by an appointed person
  # alone, who gives name, reason and password.
  class RuleSetsController < BaseController
    self.policy = RulesPolicy
    self.by_hand = %w[create update]

    rescue_from OwnRules::Overtaken do
      fault = { pointer: "", message: "somebody made another version meanwhile", expected: "a look at it as it is now" }
      overtaken([ fault ], nil)
    end

    # The newest of each, as plans take them.
    def index
      shipped = DustLadder::RuleSet::SHIPPED.map { |id| DustLadder::RuleSet.shipped(id).data }
      render json: [ *shipped, *OwnRules.newest.map(&:data) ].map { |data| DustLadder::PlanFile::Digest.snapshot(data) }
    end

    def show
      render json: told(params[:id])
    end

    def create
      kept = OwnRules.copy(body["of"].to_s, title: body["title"].to_s, by: current_person.name)
      render json: told(kept.identifier), status: :created
    end

    def update
      set = OwnRules.newest.find_by!(identifier: params[:id])
      appointed = current_person.any_role?(%w[appointed])
      changes, why = hash("changes"), hash("why")
      return unknown_hand if appointed && loosens?(set, changes) && !known_hand?

      OwnRules.change(
        set.identifier,
        changes,
        why: why,
        by: current_person.name,
        version: body["version"],
        appointed: appointed
      )
      render json: told(set.identifier)
    end

    private

    def hash(name) = body[name].is_a?(Hash) ? body[name].first(MOST_CHANGES).to_h : {}
    MOST_CHANGES = 200
    private_constant :MOST_CHANGES

    def loosens?(set, changes)
      data = DustLadder::OwnRules.new(set.data).changed(changes, by: "", why: {}, on: Date.current)
      OwnRules.looser(data, set.data).any?
    end

    def told(id)
      data = OwnRules.data_of(id) or raise ActiveRecord::RecordNotFound
      own = DustLadder::OwnRules.new(data)
      {
        data: data,
        own: !own.shipped?,
        base: own.shipped? ? nil : own.base.data.slice("id", "version", "title"),
        leaves: DustLadder::OwnRules.leaves(data).map { |place, value| { place: place, value: value } },
        differs: own.leaves.map(&:as_json),
        versions: OwnRules.where(identifier: id).order(version: :desc).map { |one| version(one) },
        plans: BoardLine.resting_on_mark(OwnRules.mark(id))
      }
    end

    def version(one)
      changes = one.data["changes"].to_a
      own = changes.drop(one.version == 1 ? changes.size : before(one))
      { version: one.version, by: one.by, at: one.created_at.iso8601, changes: own }
    end

    # How many changes the version before had.
    def before(one) = OwnRules.find_by!(identifier: one.identifier, version: one.version - 1).data["changes"].to_a.size
  end
end
