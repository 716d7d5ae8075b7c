# A name by which a person's own scripts ask, in place of a session. Only its digest is kept; it may do what the person
# may, but for what wants their hand: signing, people, and names like this one.
class ApiToken < ApplicationRecord
  MOST = 20
  BYTES = 32

  belongs_to :person

  validates :name, presence: true, length: { maximum: 80 }

  # A new one of a person, with its text, which is told once. Raises ActiveRecord::RecordInvalid.
  def self.give(person, name)
    text = SecureRandom.urlsafe_base64(BYTES)
    [ create!(person: person, name: name.to_s.squish, digest: digest_of(text)), text ]
  end

  # Whose a text is; nil for nobody's.
  def self.person_of(text)
    token = find_by(digest: digest_of(text)) or return
    return unless token.person.active_for_authentication?

    token.update_columns(used_at: Time.current) if token.used_at.nil? || token.used_at < 1.minute.ago
    token.person
  end

  def self.digest_of(text) = Digest::SHA256.hexdigest(text.to_s)

  def shown = { id: id, name: name, created_at: created_at.iso8601, used_at: used_at&.iso8601 }
end
