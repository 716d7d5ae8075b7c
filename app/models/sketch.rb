# A photo or a sketch that goes with a plan.
class Sketch < ApplicationRecord
  include KeptFile

  MOST = 60

  belongs_to :plan
  has_one_attached :file, dependent: false

  # Raises KeptFile::Unfit.
  def self.add(plan, upload) = keep(upload, among: plan.sketches, plan: plan)
end
