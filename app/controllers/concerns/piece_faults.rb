# How what is wrong with a piece of gear, or with what was found on it, is told: each at its field.
module PieceFaults
  extend ActiveSupport::Concern

  included do
    rescue_from ActiveRecord::RecordInvalid do |error|
      faults =
        error.record.errors.map do |one|
          if one.options[:problem]
            problem = one.options[:problem]
            {
              pointer: "/fields/#{problem["field"]}",
              message: which_of_many(error.record) + problem["message"],
              expected: problem["expected"]
            }
          else
            {
              pointer: "/fields/number",
              message: "a piece of this number is in the store already: #{error.record.number}",
              expected: "a number of its own"
            }
          end
        end
      render json: { errors: faults.uniq }, status: :unprocessable_content
    end

    # Somebody was faster: how the piece stands now.
    rescue_from ActiveRecord::StaleObjectError do
      fault = { pointer: "/fields", message: "somebody changed this piece meanwhile", expected: "a look at both" }
      overtaken([ fault ], Piece.find(params[:piece_id] || params[:id]).shown)
    end

    rescue_from PieceLook::Faulty do |error|
      faults = error.problems.map { |one| { pointer: "/#{one.field}", **one.to_h.slice(:message, :expected) } }
      render json: { errors: faults }, status: :unprocessable_content
    end

    rescue_from PieceAct::Refused do |error|
      faults = error.refusals.map { |one| { pointer: "/#{one.field}", message: one.message, expected: one.expected } }
      render json: { errors: faults }, status: :unprocessable_content
    end
  end

  private

  # Of many at once it is told which one is meant.
  def which_of_many(piece) = body.key?("rows") || body.key?("numbers") ? "#{piece.number}: " : ""
end
