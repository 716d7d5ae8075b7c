# Documents that somebody changes, shared between the processes of the service: a hand that drags asks now this one and
# now that one. What a process does not know it reads from where the others put it; there it stays for a while.
module SharedBases
  DIGEST = /\Asha256:\h{64}\z/
  STORE = BoundedFiles.new(Rails.root.join("tmp/cache/bases"), most: 96.megabytes, lasts: 30.minutes)

  module_function

  # Keeps an accepted document. Returns the digest to ask for it by. Where it cannot be shared, the process that knows
  # it still does: whoever asks another one is told to send it whole.
  def keep(document)
    kept = DustLadder::PlanFile::Bases.keep(document)
    STORE.write(kept.digest, kept.text) if kept.fresh
    kept.digest
  end

  # As of DustLadder::PlanFile::Bases; nil where no process knows the document any more.
  def changed(digest, changes, gone)
    return unless digest.is_a?(String) && digest.match?(DIGEST)

    fetch(digest)
    DustLadder::PlanFile::Bases.changed(digest, changes, gone)
  end

  # What lies there is kept by the digest that it has, whatever it is called.
  def fetch(digest)
    return if DustLadder::PlanFile::Bases.known?(digest)

    text = STORE.read(digest) or return
    DustLadder::PlanFile::Bases.keep(JSON.parse(text))
  rescue JSON::ParserError
    nil # as if it were not there
  end
  private_class_method :fetch
end
