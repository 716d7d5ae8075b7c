module Api
  # Where else the crane of a document could stand, as it is found: one JSON object a line, row by row of a grid, and at
  # the end the best of them, each climbed rung by rung. Nothing is kept.
  class BestPlacesController < BaseController
    MOST_S = 20.0

    def create
      found = document
      house = OwnHouse.of(found)
      response.headers.merge!(
        "Content-Type" => "application/x-ndjson",
        "Cache-Control" => "no-store",
        "Last-Modified" => Time.current.httpdate
      )
      self.response_body = Enumerator.new { |lines| DustLadder::Budget.within(MOST_S) { search(found, house, lines) } }
    end

    private

    def search(found, house, lines)
      lift = DustLadder::Lift.new(found)
      raise DustLadder::NotKnown, "the plan stands on no site" unless lift.duty.on_site?

      search = DustLadder::Site::PlaceSearch.new(lift.duty)
      search.each_row do |places, row|
        lines << line(share: (row + 1) / search.rows.size.to_f, places: places.map { |place| told(place) })
      end
      lines << line(share: 1, best: search.best.map { |place| climbed(search, place, found, house) })
    rescue DustLadder::NotKnown => error
      lines << line(share: 1, missing: { what: error.what, pointer: error.pointer })
    end

    # Every line has all of them; nil for what it does not tell.
    def line(share:, places: nil, best: nil, missing: nil)
      "#{JSON.generate({ share: share, cell_m: DustLadder::Site::PlaceSearch::CELL_M, places:, best:, missing: })}\n"
    end

    def told(place) = { at: place.at, margin: place.margin&.round(3), governs: place.governs }

    def climbed(search, place, found, house)
      changes = search.changes(place)
      ladder = DustLadder.check(DustLadder::PlanFile::Pointer.with_values(found, changes), **house)
      {
        at: place.at,
        words: search.words(place).as_json,
        changes: changes,
        verdict: ladder.verdict,
        headline: ladder.headlines
      }
    end
  end
end
