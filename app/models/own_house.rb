# What is kept here under the numbers that a plan's snapshots carry, to hold them against; and how its pieces stand now.
# Made anew when one of them changed: a hand that drags asks for it many times a second.
class OwnHouse
  LOCK = Mutex.new
  KEPT = {}
  MOST = 64
  KINDS = %w[charts sites people rule_sets].freeze
  # Of .names: pieces, and each kind.
  PARTS = 1 + KINDS.size

  class << self
    # As DustLadder.check takes it: { house:, standing:, overlaps: }. plan: id of the plan that the document is of;
    # where it is of none, nobody asks what others want at its hours.
    def of(document, plan: nil)
      found = names(document).then { |names| Unchanged.of(:house, *names) { kept(*names) } }
      found.merge(overlaps: plan ? BoardLine.overlaps(document, except: plan) : [])
    end

    # All that .of rests on for a plan, as data. names: of .names; taken: what it takes, as of BoardLine.
    def mark(names, taken, plan:)
      [ names, state_of(rows_of(*names)), BoardLine.overlaps_of(taken, except: plan).map(&:to_h) ]
    end

    # What a document names of the house: its pieces, and what it carries of each kind.
    def names(document)
      [ DustLadder::Plan::NamedGear.numbers(document), *KINDS.map { |kind| document.dig("snapshots", kind).to_h.keys } ]
    end

    private

    def kept(*asked)
      rows = rows_of(*asked)
      state = state_of(rows)
      LOCK.synchronize { KEPT[state] } || keep(state, made(*rows))
    end

    def rows_of(numbers, charts, sites, people, rules)
      [
        Chart.where(identifier: charts).order(:id),
        Piece.where(number: numbers).order(:id),
        Site.where(identifier: sites).order(:id),
        Person.where(login: people).order(:id),
        OwnRules.newest.where(identifier: rules)
      ]
    end

    # How the rows stand, as data, asked for at once: rows of each kind as of .rows_of.
    def state_of(rows)
      each = rows.zip(STATES).map { |all, columns| "SELECT * FROM (#{all.select(columns).to_sql})" }
      ActiveRecord::Base.connection.select_rows(each.join(" UNION ALL "))
    end
    STATES = [ "1, id, 0, updated_at", "2, id, lock_version, updated_at", "3, id, lock_version, 0",
      "4, id, 0, updated_at", "5, id, 0, 0" ].freeze

    # Made outside the lock: two who make the same one at once do no harm.
    def keep(state, house)
      LOCK.synchronize do
        KEPT.shift while KEPT.size >= MOST
        KEPT[state] = house
      end
    end

    def house(charts, pieces, sites, people, rules)
      DustLadder::House.new(
        charts: charts.map(&:data),
        pieces: pieces.to_h { |one| [ one.number, one.data ] },
        sites: sites.to_h { |one| [ one.identifier, one.data ] },
        people: people.to_h { |one| [ one.login, one.standing ] },
        rules: rules.to_h { |one| [ one.identifier, one.data ] },
        withdrawn: charts.select(&:withdrawn).to_h { |one| [ [ one.identifier, one.version ], one.withdrawn ] }
      )
    end

    def made(charts, pieces, sites, people, rules)
      {
        house: house(charts, pieces, sites, people, rules),
        standing: pieces.to_h { |one| [ one.number, one.standing ] }
      }
    end
  end
end
