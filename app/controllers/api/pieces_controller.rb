module Api
  # The gear store. What is wrong with a piece is told field by field, and nothing that was typed is lost.
  class PiecesController < BaseController
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

    def index
      day = on or return refuse(
        "#{params[:on].to_s.first(40)} is not a day",
        "a day such as 2026-12-14",
        :unprocessable_content
      )

      render json: JSON.generate(Piece.in_order.map { |piece| piece.shown(on: day) })
    end

    def create
      return render(json: Piece.take(rows).map(&:shown), status: :created) if body.key?("rows")

      render json: Piece.create!(fields: fields).shown, status: :created
    end

    def update
      piece = Piece.find(params[:id])
      piece.update!(fields: fields)
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

    def rows
      if body["rows"].is_a?(Array) && body["rows"].all?(Hash)
        body["rows"].first(DustLadder::Gear::StoreSheet::MOST)
      else
        raise(ActionController::ParameterMissing, :rows)
      end
    end
  end
end
