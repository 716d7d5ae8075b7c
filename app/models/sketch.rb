# A photo or a sketch that goes with a plan.
class Sketch < ApplicationRecord
  include KeptFile

  MOST = 60

  belongs_to :plan
  has_one_attached :file, dependent: false

  # Raises KeptFile::Unfit.
  def self.add(plan, upload)
    blob = store(upload)
    transaction do
      raise KeptFile::Unfit, "this plan has #{MOST} already" if plan.sketches.count >= MOST

      create!(plan: plan, file: blob)
    end
  rescue StandardError
    blob&.purge
    raise
  end
end
