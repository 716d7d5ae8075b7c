module Api
  # What would make the ladder of a document better, with the house's gear and charts: for its weakest rung, or the one
  # that is named, or for all that stops. Told line by line as it is found. Nothing is kept.
  class WaysOutController < BaseController
    include LineByLine

    self.policy = LookPolicy

    MOST_S = 60.0
    LONGEST = 40

    def create
      stock = OwnStock.on(document, day: day_of(document), plan: plan_named)
      base = DustLadder::Advice::Base.new(document, stock: stock, house: house)
      rung = body["rung"].to_s.slice(0, LONGEST) if body["rung"]
      ways = DustLadder::Advice::WaysOut.new(base, rung: rung, whole: body["whole"] == true)
      line_by_line(most_s: MOST_S, cut: method(:cut)) { |tell| search(ways, tell) }
    end

    private

    def document = @document ||= super
    def house = OwnHouse.of(document, plan: plan_named)

    def search(ways, tell)
      ways.each { |way, far| tell.(line(way: way&.as_json, far: far)) }
      tell.(line(told: told(ways)))
    end

    # Of what came to no end nothing is said to have been tried.
    def cut(why) = line(told: { question: [], tried: [], misses: [], pairs: 0, left: 0, cut: why })

    # What was tried and is not enough, at the end.
    def told(ways)
      {
        question: ways.question,
        tried: ways.tried,
        misses: ways.misses.map(&:as_json),
        pairs: ways.pairs_tried.to_i,
        left: ways.pairs_left.to_i,
        cut: nil
      }
    end

    # Every line has all of them; nil for what it does not tell.
    def line(way: nil, far: nil, told: nil) = { way:, far:, told: }
  end
end
