# What is kept here under the numbers that a plan's snapshots carry, to hold them against; and how its pieces stand now.
# Made anew when one of them changed: a hand that drags asks for it many times a second.
class OwnHouse
  LOCK = Mutex.new
  KEPT = {}
  MOST = 64
  KINDS = %w[charts sites people rule_sets].freeze
  # Of .names: pieces, and each kind.
  PARTS = 1 + KINDS.size
  # In the order of .names: where they are kept, under which name, and by what a row is known to be as it was.
  ROWS = [
    [ -> { Piece.all }, "number", "lock_version || ' ' || updated_at" ],
    [ -> { Chart.all }, "identifier", "updated_at" ],
    [ -> { Site.all }, "identifier", "lock_version" ],
    [ -> { Person.all }, "login", "updated_at" ],
    [ -> { OwnRules.newest }, "identifier", "version" ]
  ].freeze

  class << self
    # As DustLadder.check takes it: { house:, standing:, overlaps: }. plan: id of the plan that the document is of;
    # where it is of none, nobody asks what others want at its hours.
    def of(document, plan: nil)
      found = names(document).then { |names| Unchanged.of(:house, *names) { kept(*names) } }
      found.merge(overlaps: plan ? BoardLine.overlaps(document, except: plan) : [])
    end

    # All that .of rests on for a plan, as data. names: of .names; taken: what it takes, as of BoardLine.
    def mark(names, taken, plan:)
      [ names, state_of(names), BoardLine.overlaps_of(taken, except: plan).map(&:to_h) ]
    end

    # What a document names of the house: its pieces, and what it carries of each kind.
    def names(document)
      [ DustLadder::Plan::NamedGear.numbers(document), *KINDS.map { |kind| document.dig("snapshots", kind).to_h.keys } ]
    end

    private

    def kept(*asked)
      state = state_of(asked)
      LOCK.synchronize { KEPT[state] } || keep(state, made(*rows_of(asked)))
    end

    def rows_of(asked)
      ROWS.zip(asked).map { |(all, column, _), names| all.call.where(column => names).order(:id) }
    end

    # How the rows of .rows_of stand, as data, asked for at once.
    def state_of(asked)
      lists = asked.each_with_index.to_h { |names, at| [ :"of#{at}", JSON.generate(names) ] }
      ApplicationRecord.connection.select_rows(ApplicationRecord.sanitize_sql([ state_sql, lists ]))
    end

    # The rows of the same relations, put together once.
    def state_sql
      @state_sql ||=
        ROWS.each_with_index.map { |(all, column, state), at|
          among = "#{column} IN (SELECT value FROM json_each(:of#{at}))"
          "SELECT * FROM (#{all.call.where(among).order(:id).select(at.to_s, :id, state).to_sql})"
        }.join(" UNION ALL ")
    end

    # Made outside the lock: two who make the same one at once do no harm.
    def keep(state, house)
      LOCK.synchronize do
        KEPT.shift while KEPT.size >= MOST
        KEPT[state] = house
      end
    end

    def house(pieces, charts, sites, people, rules)
      DustLadder::House.new(
        charts: charts.map(&:data),
        pieces: pieces.to_h { |one| [ one.number, one.data ] },
        sites: sites.to_h { |one| [ one.identifier, one.data ] },
        people: people.to_h { |one| [ one.login, one.standing ] },
        rules: rules.to_h { |one| [ one.identifier, one.data ] },
        withdrawn: charts.select(&:withdrawn).to_h { |one| [ [ one.identifier, one.version ], one.withdrawn ] }
      )
    end

    def made(pieces, *others)
      {
        house: house(pieces, *others),
        standing: pieces.to_h { |one| [ one.number, one.standing ] }
      }
    end
  end
end
