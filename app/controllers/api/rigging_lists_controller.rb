module Api
  # Everything that a document's lift is rigged with, and what is still to be done about each. Nothing is kept.
  class RiggingListsController < BaseController
    self.policy = LookPolicy

    def create
      numbers = DustLadder::Plan::NamedGear.numbers(document)
      store =
        Piece
          .where(number: numbers)
          .to_h { |piece| [ piece.number, piece.standing.merge("place" => piece.place) ] }
      render json: JSON.generate(DustLadder::Gear::RiggingList.new(document, store).as_json)
    end
  end
end
