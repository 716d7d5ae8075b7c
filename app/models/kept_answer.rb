# The text of an answer that many ask for, as it goes over the line: compressed, and known by its digest, so that
# whoever has it already is not sent it again. It is made once for as long as nothing changes in the database; and where
# all that it rests on can be named, once for as long as nothing of that does, for all processes of the service.
class KeptAnswer
  STORE = BoundedFiles.new(Rails.root.join("tmp/cache/answers"), most: 512.megabytes, lasts: 30.days, swept_every: 1000)
  # What makes the answers: another application makes others.
  CODE =
    Rails.root
      .glob("{app,lib}/**/*.rb")
      .sort
      .reduce(Digest::SHA256.new.update(BoardLine::CORE)) { |digest, path| digest.file(path) }
      .hexdigest

  attr_reader :zipped, :digest

  # key: all that it depends on beside the database. The block answers with the text, or with one that was kept.
  def self.of(*key)
    Unchanged.of(:answer, *key) { yield.then { |told| told.is_a?(self) ? told : new(told) } }
  end

  # rests_on: a proc, which answers with all that it depends on, as data. The block answers with the text.
  def self.resting(rests_on, &)
    name = name_of(rests_on)
    kept = STORE.read(name)
    kept.is_a?(self) && kept.sound? ? kept : anew(rests_on, name, &)
  end

  # The same, whatever was kept; nothing where the block answers with none. What was changed while it was made is kept
  # by no name: it may be of neither.
  def self.anew(rests_on, name = name_of(rests_on))
    text = yield or return
    new(text).tap { |fresh| STORE.write(name, fresh) if name_of(rests_on) == name }
  end

  # As the database is now, not as the request has read it before.
  def self.name_of(rests_on)
    ApplicationRecord.uncached { Digest::SHA256.hexdigest(Marshal.dump([ CODE, *rests_on.call ])) }
  end
  private_class_method :name_of

  def initialize(text)
    @zipped = ActiveSupport::Gzip.compress(text)
    @digest = Digest::SHA256.hexdigest(text)
    @seal = seal
  end

  def text = ActiveSupport::Gzip.decompress(zipped).force_encoding(Encoding::UTF_8)

  # Is it what it was when it was made?
  def sound? = @seal == seal

  # What it weighs.
  def bytesize = zipped.bytesize

  private

  def seal = Digest::SHA256.hexdigest("#{digest} #{zipped}")
end
