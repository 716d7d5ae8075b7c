module Api
  # Photos and papers that go with something: listed, shown, added and taken away. What they go with says each
  # controller: files, of which model; add(upload); address(record).
  class KeptFilesController < BaseController
    LARGEST = KeptFile::LARGEST + 65_536

    rescue_from ActiveStorage::FileNotFoundError do
      refuse "the file of this #{what} is missing", "a #{what} whose file is still here: add it again", :not_found
    end
    rescue_from(KeptFile::Unfit) { |error| refuse error.message, error.expected, :unprocessable_content }

    # A PDF is shown inside our own pages, and in nobody else's.
    content_security_policy(only: :show) { |policy| policy.frame_ancestors :self }
    after_action(only: :show) { response.headers["X-Frame-Options"] = "SAMEORIGIN" }

    def index
      render json: files.with_attached_file.map { |record| summary(record) }
    end

    def show
      file = files.find(params[:id]).file
      raise ActiveStorage::FileNotFoundError unless file.attached?

      send_data file.download, filename: file.filename.to_s, type: file.content_type, disposition: "inline"
    end

    def create
      upload = params[:file]
      return refuse("no file came", "a photo or a #{what}", :bad_request) unless upload.respond_to?(:read)

      render json: summary(add(upload)), status: :created
    end

    def destroy
      files.find(params[:id]).destroy_with_file!
      head :no_content
    end

    private

    def largest = LARGEST
    def summary(record)
      file = record.file
      {
        id: record.id,
        name: file.attached? ? file.filename.to_s : "its file is missing",
        kind: file.attached? ? file.content_type : "",
        bytes: file.attached? ? file.byte_size : 0,
        added_at: record.created_at.iso8601,
        address: address(record)
      }
    end
  end
end
