module Api
  # Reads a CSV file as pieces of the store and tells row by row what it says. Nothing is kept.
  class StoreReadingsController < BaseController
    def create
      return refuse("no file came", "a CSV file", :bad_request) unless params[:file].respond_to?(:read)

      render json:
               JSON.generate(
                 DustLadder::Gear::StoreSheet.new(
                   params[:file].read,
                   known: Piece.all.to_h { |piece| [ piece.number, piece.fields ] }
                 ).read
               )
    end
  end
end
