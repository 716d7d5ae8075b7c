module Api
  # Reads a CSV file as pieces of the store and tells row by row what it says. Nothing is kept.
  class StoreReadingsController < BaseController
    self.policy = LookPolicy

    def create
      return refuse("no file came", "a CSV file", :bad_request) unless params[:file].respond_to?(:read)

      pieces = Hash.new { |known, number| known[number] = Piece.find_by(number: number) }
      fields = Hash.new { |_, number| pieces[number]&.fields }
      read = DustLadder::Gear::StoreSheet.new(params[:file].read, known: fields).read
      rows =
        read["rows"].map do |row|
          row.merge("lock_version" => (pieces[row["fields"]["number"]].lock_version if row["known"]))
        end
      render json: JSON.generate(read.merge("rows" => rows))
    end
  end
end
