module Api
  # The gear store. What is wrong with a piece is told field by field, and nothing that was typed is lost.
  class PiecesController < BaseController
    self.policy = PiecePolicy

    rescue_from ActiveRecord::RecordInvalid do |error|
      faults =
        error.record.errors.map do |one|
          if one.options[:problem]
            {
              pointer: "/fields/#{one.options[:problem]["field"]}",
              **one.options[:problem].slice("message", "expected")
            }
          else
            {
              pointer: "/fields/number",
              message: "a piece of this number is in the store already",
              expected: "a number of its own"
            }
          end
        end
      render json: { errors: faults.uniq }, status: :unprocessable_content
    end

    # Somebody was faster: how the piece stands now.
    rescue_from ActiveRecord::StaleObjectError do
      fault = { pointer: "/fields", message: "somebody changed this piece meanwhile", expected: "a look at both" }
      overtaken([ fault ], Piece.find(params[:id]).shown)
    end
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

    def index
      day = on or return refuse(
        "#{params[:on].to_s.first(40)} is not a day",
        "a day such as 2026-12-14",
        :unprocessable_content
      )

      render json: JSON.generate(Piece.in_order.map { |piece| piece.shown(on: day) })
    end

    # With what was written of it before.
    def show
      piece = Piece.find(params[:id])
      render json: { now: piece.shown, history: piece.history }
    end

    def create
      return render(json: Piece.take(rows, from: file_name).map(&:shown), status: :created) if body.key?("rows")

      render json: Piece.create!(fields: fields).shown, status: :created
    end

    def update
      piece = Piece.find(params[:id])
      piece.rewrite(fields, lock_version: lock_version)
      render json: piece.shown
    end

    private

    # The day that pieces are to be in date, today when none is asked for; nil for what is no day.
    def on
      asked = params[:on].presence || Date.current.iso8601
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
