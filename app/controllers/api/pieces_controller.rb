module Api
  # The gear store: a page of it, one piece with all that is known of it, and what its keeper writes. What is wrong with
  # a piece is told field by field, and nothing that was typed is lost.
  class PiecesController < BaseController
    self.policy = PiecePolicy

    include PieceFaults
    include Pagy::Backend

    PAGE = 100
    MOST_PAGE = 500

    rescue_from Piece::Changed do |error|
      faults =
        error.rows.map do |index, piece|
          {
            pointer: "/rows/#{index}",
            message: "#{piece.number} was #{piece.persisted? ? "changed or added" : "taken away"} meanwhile",
            expected: "the file read again"
          }
        end
      overtaken(faults, nil)
    end

    rescue_from DustLadder::Gear::Numbers::Unreadable do |error|
      fault = { pointer: "/fields/number", message: error.message, expected: error.expected }
      render json: { errors: [ fault ] }, status: :unprocessable_content
    end

    # Asked by words, kind, state (or overdue), sort; with numbers, those as well, whatever else is asked.
    def index
      day = on or return refuse(
        "#{params[:on].to_s.first(40)} is not a day",
        "a day such as 2026-12-14",
        :unprocessable_content
      )

      by = ASKED.map { |name| params[name].to_s }
      render_kept KeptAnswer.of(:pieces, SiteClock.today, day, by) { JSON.generate(listed(day)) }
    end

    # By these the same page is asked for, beside the day.
    ASKED = %i[words kind state sort numbers limit page].freeze

    def show
      render json: JSON.generate(PieceSheet.new(Piece.find(params[:id]), current_person).as_json)
    end

    def create
      return take_rows if body.key?("rows")
      return take_several if body.key?("numbers")

      render json: Piece.create!(fields: fields).shown, status: :created
    end

    def update
      piece = Piece.find(params[:id])
      piece.rewrite(fields, lock_version: lock_version)
      render json: piece.shown
    end

    private

    def listed(day)
      page, pieces = pagy(Piece.narrowed(params, day).in_order, limit: limit, page: [ params[:page].to_s.to_i, 1 ].max)
      listed = pieces.to_a | Piece.where(number: params[:numbers].to_s.split("|").first(40)).to_a
      {
        pieces: listed.map { |piece| piece.shown(on: day) },
        page: page.page,
        pages: page.last,
        asked: page.count,
        **Unchanged.of(:store_standing, day) { standing(day) }
      }
    end

    # Several like pieces at once: all, or none.
    def take_several
      numbers = DustLadder::Gear::Numbers.of(body["numbers"])
      pieces = Piece.transaction { numbers.map { |number| Piece.create!(fields: fields.merge("number" => number)) } }
      render json: pieces.map(&:shown), status: :created
    end

    # What a file's columns meant is remembered with it.
    def take_rows
      taken = Piece.take(rows, from: file_name)
      SheetMatch.remember(body["headings"], body["match"]) if body["headings"].is_a?(Array) && body["match"].is_a?(Hash)
      render json: taken.map(&:shown), status: :created
    end

    def limit = params[:limit].present? ? params[:limit].to_s.to_i.clamp(1, MOST_PAGE) : PAGE

    def standing(day)
      { total: Piece.count, states: Piece.group(:state).count, overdue: Piece.overdue(day).count }
    end

    # The day that pieces are to be in date, today when none is asked for; nil for what is no day.
    def on
      asked = params[:on].presence || SiteClock.today.iso8601
      return unless asked.is_a?(String) && asked.match?(/\A\d{4}-\d{2}-\d{2}\z/)

      asked if Date.valid_date?(*asked.split("-").map(&:to_i))
    end

    def fields = body["fields"].is_a?(Hash) ? body["fields"] : raise(ActionController::ParameterMissing, :fields)

    def file_name = body["file"].to_s.strip.first(200).presence || "a file"

    def rows
      rows = body["rows"]
      unless rows.is_a?(Array) && rows.all? { |row| row.is_a?(Hash) && row["fields"].is_a?(Hash) }
        raise ActionController::ParameterMissing, :rows
      end

      rows.first(DustLadder::Gear::StoreSheet::MOST)
    end
  end
end
