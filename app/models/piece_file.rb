# A file of a piece: its maker's certificate, a report of an examination, a photo of a finding.
class PieceFile < ApplicationRecord
  include KeptFile

  MOST = 40

  belongs_to :holder, polymorphic: true
  has_one_attached :file, dependent: false

  # Raises KeptFile::Unfit.
  def self.add(holder, upload) = keep(upload, among: where(holder: holder), holder: holder)
end
