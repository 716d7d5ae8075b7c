# What the columns and words of somebody else's list of gear mean here, remembered for the next list of these headings.
class SheetMatch < ApplicationRecord
  MOST = 500
  LARGEST = 50_000

  # texts: the headings as they stand in the file.
  def self.mark(texts) = Digest::SHA256.hexdigest(texts.map { |text| text.to_s.strip.downcase }.join("\u001f"))

  # What was remembered for these headings; {} for nothing.
  def self.of(texts) = find_by(headings: mark(texts))&.fields || {}

  # Remembers it; the eldest is forgotten where there are too many.
  def self.remember(texts, match)
    kept = DustLadder::Gear::SheetMatch.new(match).as_json
    return if kept.empty? || JSON.generate(kept).bytesize > LARGEST

    find_or_initialize_by(headings: mark(texts)).update!(fields: kept)
    order(updated_at: :desc).offset(MOST).destroy_all
  end
end
