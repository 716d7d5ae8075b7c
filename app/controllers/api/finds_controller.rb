module Api
  # Lifts that hold, sought from a document's load, pick, set and site with the house's gear and machines: told line by
  # line as they are found, with where the search stands, so that it can go on from there. Nothing is kept.
  class FindsController < BaseController
    include LineByLine
    include TellsFaults

    self.policy = LookPolicy

    MOST_S = 120.0
    MAY = %w[machines move hire hold].freeze
    LONGEST_MINUTES = 14 * 24 * 60
    Finding = DustLadder::Finding

    def create
      wanted, begun = may, from
      base = DustLadder::Advice::Base.new(
        document,
        stock: OwnStock.on(document, day: day_of(document), plan: plan_named),
        house: OwnHouse.of(document, plan: plan_named)
      )
      search = Finding::Search.new(base, may: wanted, from: begun)
      line_by_line(most_s: MOST_S, cut: ->(why) { line(cut: why) }) { |tell| seek(search, begun, tell) }
    rescue DustLadder::NotKnown => error
      raise if error.is_a?(DustLadder::Budget::Spent)

      refuse_asked("/document#{error.pointer}", error.what, "what every lift is sought by")
    end

    private

    def document = @document ||= super

    def may
      given = body["may"] || {}
      refuse_asked("/may", "it says nothing of what may be changed", "an object") unless given.is_a?(Hash)

      flags = MAY.to_h { |name| [ name.to_sym, flag(given, name) ] }
      Finding::May.new(**flags, minutes: minutes(given.fetch("minutes", Finding::May.new.minutes)))
    end

    def flag(given, name)
      value = given.fetch(name, true)
      return value if [ true, false ].include?(value)

      refuse_asked("/may/#{name}", "it is neither yes nor no", "true or false")
    end

    def minutes(value)
      return value if value.is_a?(Integer) && value.between?(0, LONGEST_MINUTES)

      refuse_asked("/may/minutes", "it is no number of minutes", "0 to #{LONGEST_MINUTES}")
    end

    def from
      body["from"] ? Finding::Position.of(body["from"]) : Finding::Position::START
    rescue ArgumentError => error
      refuse_asked("/from", error.message, "where a search was stopped, as it was told")
    end

    def seek(search, from, tell)
      tell.(line(anew: !from.mark.nil? && !search.taken_up?))
      search.each { |lift, far| tell.(line(lift: lift&.as_json, **standing(search, far))) }
      tell.(line(**standing(search, nil), wider: wider(search), done: true))
    end

    # Where it stands.
    def standing(search, far)
      {
        far: far&.as_json,
        few: search.few.as_json,
        position: search.position.as_json,
        fallen: search.fallen.as_json,
        nearest: search.fallen.nearest&.as_json
      }
    end

    def wider(search) = search.grid.wider.map { |words, count| { words: words, count: count } }

    # Every line has all of them; nil for what it does not tell. few and why: of those that are shown.
    def line(
      lift: nil,
      far: nil,
      few: nil,
      position: nil,
      fallen: nil,
      nearest: nil,
      wider: nil,
      anew: false,
      cut: nil,
      done: false
    )
      { lift:, far:, few:, position:, fallen:, nearest:, wider:, anew:, cut:, done: }
    end
  end
end
