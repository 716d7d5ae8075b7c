# Proves what the house keeps: that the database is whole, that every revision of every plan can be read, that every
# record of a plan's life agrees with the one before, and that every file that is named is there.
class HouseProof
  # Told of as it goes: how many of what were proved.
  def initialize
    @faults = []
    @proved = Hash.new(0)
  end

  # { what => how many } that were proved, and what is wrong, in words.
  def call
    prove_database
    Plan.find_each { |plan| prove_plan(plan) }
    # What nothing names yet was on its way when a process ended: it is swept up later, and nobody misses it.
    ActiveStorage::Blob.where.associated(:attachments).distinct.find_each { |blob| prove_file(blob) }
    [ @proved, @faults ]
  end

  private

  def prove_database
    said = ActiveRecord::Base.connection.select_values("PRAGMA integrity_check")
    said == [ "ok" ] ? @proved["database"] += 1 : @faults.concat(said)
    broken = ActiveRecord::Base.connection.select_rows("PRAGMA foreign_key_check")
    @faults.concat(broken.map { |table, row,| "#{table} #{row} names what is not there" })
  end

  def prove_plan(plan)
    name = "plan #{plan.id}, #{plan.title}"
    plan.revisions.unscope(:order).find_each do |revision|
      prove("revisions", "#{name}, revision #{revision.number}") do
        revision.document.is_a?(Hash) ? [] : [ "it is no plan" ]
      end
    end
    return if plan.life_records.none?

    prove("lives", name) { plan.life.chain.faults.map { |fault| "record #{fault.number}: #{fault.words}" } }
    @proved["records"] += plan.life_records.count
  end

  def prove_file(blob)
    prove("files", "the file #{blob.filename} (#{blob.key})") do
      path = blob.service.path_for(blob.key)
      next [ "it is not there" ] unless File.file?(path)

      blob.checksum == OpenSSL::Digest::MD5.file(path).base64digest ? [] : [ "it was changed" ]
    end
  end

  def prove(what, name)
    wrong = yield
    wrong.empty? ? @proved[what] += 1 : @faults.concat(wrong.map { |words| "#{name}: #{words}" })
  rescue StandardError => error
    @faults << "#{name}: it cannot be read (#{error.class})"
  end
end
