module Api
  # Certificates, reports and photos of a piece. What was added stays.
  class PieceFilesController < KeptFilesController
    self.policy = PieceFilePolicy

    private

    def what = "file of the piece"
    def piece = @piece ||= Piece.find(params[:piece_id])
    def files = piece.files
    def add(upload) = PieceFile.add(piece, upload)
    def address(file) = api_piece_file_path(piece, file)
  end
end
