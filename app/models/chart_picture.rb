# A photo or a scan of the paper that a chart was typed from, of a chart or of one that is still being typed.
class ChartPicture < ApplicationRecord
  include KeptFile

  MOST = 20

  belongs_to :holder, polymorphic: true
  has_one_attached :file, dependent: false

  # holder: a Chart or a ChartDraft. Raises KeptFile::Unfit.
  def self.add(holder, upload) = keep(upload, among: holder.pictures, holder: holder)

  # The same paper for another holder; the file itself is kept once.
  def copy_to(holder) = ChartPicture.create!(holder: holder, file: file.blob)
end
