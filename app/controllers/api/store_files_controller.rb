module Api
  # The gear store as a CSV file.
  class StoreFilesController < BaseController
    self.policy = PiecePolicy

    def show
      send_data DustLadder::Gear::StoreSheet.write(Piece.in_order.map(&:fields)),
        filename: "gear-store.csv",
        type: "text/csv; charset=utf-8"
    end
  end
end
