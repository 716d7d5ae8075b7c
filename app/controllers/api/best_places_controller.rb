module Api
  # Where else the crane of a document could stand, as it is found: one JSON object a line, row by row of a grid, and at
  # the end the best of them, each climbed rung by rung. Nothing is kept.
  class BestPlacesController < BaseController
    include LineByLine

    self.policy = LookPolicy

    MOST_S = 20.0

    def create
      found = document
      house = OwnHouse.of(found)
      line_by_line(most_s: MOST_S, cut: method(:cut)) { |tell| search(found, house, tell) }
    end

    private

    def search(found, house, tell)
      lift = DustLadder::Lift.new(found)
      raise DustLadder::NotKnown, "the plan stands on no site" unless lift.survey
      raise DustLadder::NotKnown, "no other place is looked for: the crane is not mobile" unless lift.duty.on_site?

      search = DustLadder::Site::PlaceSearch.new(lift.duty)
      search.each_row do |places, row|
        tell.(line(share: (row + 1) / search.rows.size.to_f, places: places.map { |place| told(place) }))
      end
      held, stopped = search.climbed(found, **house)
      tell.(line(share: 1, best: held.map { |offer| offered(search, offer) }, refused: refused(held, stopped)))
    rescue DustLadder::NotKnown => error
      tell.(line(share: 1, missing: { what: error.what, pointer: error.pointer }))
    end

    def cut(why) = line(share: 1, missing: { what: why, pointer: nil })

    # Every line has all of them; nil for what it does not tell.
    def line(share:, places: nil, best: nil, missing: nil, refused: nil)
      cell = DustLadder::Site::PlaceSearch::CELL_M
      { share:, cell_m: cell, places:, best:, missing:, refused: }
    end

    def told(place) = { at: place.at, margin: place.margin&.round(3), governs: place.governs }

    def offered(search, offer)
      {
        at: offer.place.at,
        words: search.words(offer.place).as_json,
        changes: offer.changes,
        verdict: offer.ladder.verdict,
        headline: offer.ladder.headlines
      }
    end

    # Where nothing that looked well holds when it is climbed: how many were, and what the best of them says.
    def refused(held, stopped)
      { tried: stopped.size, headline: stopped[0].ladder.headlines } if held.empty? && stopped.any?
    end
  end
end
