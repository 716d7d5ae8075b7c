module Api
  # The ladder of a document that is being edited, with its take-off when that is asked for; in haste without the worst
  # cases that take long, which are then told to be pending. Nothing is kept.
  class ChecksController < BaseController
    def create
      render json: JSON.generate(answer)
    end

    private

    def answer
      look = body["take_off"]
      return DustLadder.check(
        document,
        hasty: body["hasty"] == true,
        standing: Piece.standing(document)
      ).as_json unless look.is_a?(Hash)

      of, row = look.values_at("of", "row").map { |index| index if index.is_a?(Integer) && !index.negative? }
      refuse_group(of) if of && document.dig("load", "take_off", "groups", of).nil?
      DustLadder.check_with_take_off(document, of: of, row: row, standing: Piece.standing(document))
    end

    def refuse_group(index)
      raise DustLadder::PlanFile::Invalid,
        [
          {
            "pointer" => "/load/take_off/groups/#{index}",
            "message" => "there is no such group",
            "expected" => "one of the take-off's own"
          }
        ]
    end
  end
end
