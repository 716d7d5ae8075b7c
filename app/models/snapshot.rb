# What plans carry of charts, slings, beams, sites and rule sets, kept once by its digest however many revisions
# carry it.
class Snapshot < ApplicationRecord
  self.primary_key = "digest"

  LEVEL = 9
  KINDS = %w[charts slings beams gear sites people].freeze

  class << self
    # A document with the digests of its snapshots alone; their data is kept here. One whose digest is not that of its
    # data stays as it is.
    def lean(document)
      kept = {}
      lean = each_of(document) { |one| ({ "digest" => one["digest"] } if keep?(one, kept)) }
      known = where(digest: kept.keys).pluck(:digest)
      kept.except(*known).each { |digest, data| create!(digest: digest, body: Zstd.compress(data, level: LEVEL)) }
      lean
    end

    # The document as it was before `lean`.
    def whole(lean)
      asked = []
      each_of(lean) { |one| asked << one["digest"] unless one.key?("data") }
      kept = where(digest: asked).to_h { |one| [ one.digest, one.data ] }
      each_of(lean) { |one| { "digest" => one["digest"], "data" => kept.fetch(one["digest"]) } unless one.key?("data") }
    end

    private

    # The document with what the block makes of each snapshot; where it makes nothing, as it is.
    def each_of(document)
      snapshots = document["snapshots"]
      return document unless snapshots.is_a?(Hash)

      changed =
        snapshots.to_h do |kind, named|
          next [ kind, named ] unless KINDS.include?(kind) && named.is_a?(Hash)

          [ kind, named.transform_values { |one| (yield one if one.is_a?(Hash) && one["digest"]) || one } ]
        end
      document.merge("snapshots" => changed)
    end

    # Only what its digest leads back to may be kept by it.
    def keep?(one, kept)
      digest, data = one.values_at("digest", "data")
      return false unless one.keys.sort == %w[data digest] && DustLadder::PlanFile::Digest.of(data) == digest

      kept[digest] = JSON.generate(data)
    end
  end

  def data = JSON.parse(Zstd.decompress(body))
end
