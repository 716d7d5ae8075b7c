# A record with a file of its own, a picture or a page. The file is on the disk before the record names it, in one
# commit; what never got its record, because the power or the process ended between, is swept up later.
module KeptFile
  extend ActiveSupport::Concern

  KINDS = %w[image/jpeg image/png image/webp application/pdf].freeze
  LARGEST = 12.megabytes
  LONGEST_NAME = 200
  # A file without a record may still be on its way for so long; one without an entry may belong to a database that is
  # about to be put back.
  ON_ITS_WAY = 1.hour
  STRAY = 30.days

  class_methods do
    # upload: what a request brought. What kind it is, its own bytes tell, not its name. Returns the blob, or raises
    # Unfit with what is wrong. The caller gives it to a record, or purges it.
    def store(upload)
      name = upload.original_filename.to_s.first(LONGEST_NAME)
      raise Unfit, "#{name} is empty" if upload.size.zero?
      raise Unfit, "#{name} is #{upload.size} bytes" if upload.size > LARGEST

      kind = Marcel::MimeType.for(upload.tempfile)
      raise Unfit, "#{name} is no photo or sketch (#{kind})" unless KINDS.include?(kind)

      upload.rewind
      blob =
        ActiveStorage::Blob.create_and_upload!(io: upload.tempfile, filename: name, content_type: kind, identify: false)
      blob.tap { KeptFile.to_disk(blob) }
    end

    # Makes a record of an upload. among: those that there are already, MOST at most. Raises Unfit.
    def keep(upload, among:, **attributes)
      blob = store(upload)
      transaction do
        raise Unfit, "there are #{self::MOST} already" if among.count >= self::MOST

        create!(**attributes, file: blob)
      end
    rescue StandardError
      blob&.purge
      raise
    end
  end

  class Unfit < StandardError
    def expected = "JPEG, PNG, WebP or PDF, at most #{LARGEST / 1.megabyte} MB"
  end

  # Waits until the file is on the disk, and the folders that lead to it.
  def self.to_disk(blob)
    path = blob.service.path_for(blob.key)
    [ path, File.dirname(path), File.dirname(path, 2) ].each { |place| File.open(place, &:fsync) }
  end

  # Takes away entries that no record names, with their files, and files without an entry. Returns how many.
  def self.sweep(now: Time.current)
    entries = ActiveStorage::Blob.unattached.where(created_at: ...(now - ON_ITS_WAY)).find_each.count(&:purge)
    stray = files_before(now - STRAY).each_slice(200).flat_map { |paths| paths - with_entries(paths) }
    stray.each(&:delete)
    entries + stray.size
  end

  def self.files_before(time)
    Pathname(ActiveStorage::Blob.service.root).glob("??/??/*").select { |path| path.mtime < time }
  end

  def self.with_entries(paths)
    known = ActiveStorage::Blob.where(key: paths.map { |path| path.basename.to_s }).pluck(:key)
    paths.select { |path| known.include?(path.basename.to_s) }
  end
  private_class_method :files_before, :with_entries

  # The file goes once its record is gone for good.
  def destroy_with_file!
    blob = file.blob
    transaction { destroy! }
    blob&.purge
  end
end
