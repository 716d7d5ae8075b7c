module Api
  # Reads files of charts, JSON or CSV, and tells chart by chart what they say, as it goes: one JSON object a line.
  # Nothing is kept.
  class ChartReadingsController < BaseController
    self.policy = LookPolicy

    LARGEST = 40.megabytes
    MOST_FILES = 300

    def create
      files = Array(params[:files]).select { |file| file.respond_to?(:read) }
      return refuse("no file came", "chart files, JSON or CSV", :bad_request) if files.empty?
      return refuse("there are #{files.size} files", "#{MOST_FILES} at most", :bad_request) if files.size > MOST_FILES

      response.headers.merge!(
        "Content-Type" => "application/x-ndjson",
        "Cache-Control" => "no-store",
        "Last-Modified" => Time.current.httpdate
      )
      texts = files.map { |file| [ file.original_filename.to_s, file.read ] }
      identities = Chart.identities
      self.response_body =
        Enumerator.new do |lines|
          texts.each_with_index do |(name, text), index|
            tell(lines, name, text, identities, index / texts.size.to_f, texts.size)
          end
        end
    end

    private

    def tell(lines, name, text, identities, before, files)
      read = 0
      DustLadder::Cranes::ChartFile.read(text, name) do |reading, count|
        read += 1
        entry = reading.data && Chart::Entry.new(reading.data, {}, identities)
        said = {
          file: name,
          share: before + read / count.to_f / files,
          reading: reading.as_json,
          printed: reading.printed,
          known: entry&.before && {
            version: entry.before.version,
            title: entry.before.data["title"],
            same: entry.same?
          },
          refused: entry ? entry.of_another_machine("") : []
        }
        lines << "#{JSON.generate(said)}\n"
      end
    end

    def largest = LARGEST
  end
end
