module Api
  # Reads a CSV file as a take-off and tells row by row what it says, as it goes: one JSON object a line. Nothing is
  # kept.
  class TakeOffReadingsController < BaseController
    self.policy = LookPolicy

    LARGEST = 40.megabytes

    def create
      return refuse("no file came", "a CSV file", :bad_request) unless params[:file].respond_to?(:read)

      sheet =
        DustLadder::Load::CsvSheet.new(
          params[:file].read,
          decimal_comma: params[:decimal_comma] == "true",
          groups: Array(params[:groups]).map(&:to_s).first(200)
        )
      response.headers.merge!(
        "Content-Type" => "application/x-ndjson",
        "Cache-Control" => "no-store",
        "Last-Modified" => Time.current.httpdate
      )
      self.response_body = Enumerator.new { |lines| sheet.read { |part| lines << "#{JSON.generate(part)}\n" } }
    end

    private

    def largest = LARGEST
  end
end
