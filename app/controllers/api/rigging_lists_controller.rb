module Api
  # Everything that a document's lift is rigged with, and what is still to be done about each. Nothing is kept.
  class RiggingListsController < BaseController
    self.policy = LookPolicy

    def create
      lift = document
      numbers = DustLadder::Plan::NamedGear.numbers(lift)
      store =
        Piece
          .where(number: numbers)
          .to_h { |piece| [ piece.number, piece.standing.merge("place" => piece.place) ] }
      render json: JSON.generate(DustLadder::Gear::RiggingList.new(lift, store).as_json)
    end
  end
end
