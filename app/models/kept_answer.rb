# The text of an answer that many ask for, as it goes over the line: made once for as long as nothing changes in the
# database, compressed, and known by its digest, so that whoever has it already is not sent it again.
class KeptAnswer
  attr_reader :zipped, :digest

  # key: all that it depends on beside the database. The block answers with the text.
  def self.of(*key) = Unchanged.of(:answer, *key) { new(yield) }

  def initialize(text)
    @zipped = ActiveSupport::Gzip.compress(text)
    @digest = Digest::SHA256.hexdigest(text)
  end

  def text = ActiveSupport::Gzip.decompress(zipped).force_encoding(Encoding::UTF_8)

  # What it weighs.
  def bytesize = zipped.bytesize
end
