module Api
  # Many pieces of the store changed in the same fields: first shown, then kept as they were shown.
  class PieceChangesController < BaseController
    self.policy = PieceChangePolicy
    self.by_hand = %w[create]

    include PieceFaults

    rescue_from Piece::Together::Overtaken do
      fault = { pointer: "", message: "some of them changed meanwhile", expected: "a look at them as they are now" }
      overtaken([ fault ], nil)
    end

    # body: "asked" as a list is narrowed, "fields", and "seen" where what was shown is to be kept.
    def create
      together = Piece::Together.new(asked, fields)
      if together.too_many?
        return refuse("these are more than #{Piece::Together::MOST} pieces", "a narrower list", :unprocessable_content)
      end
      if together.nothing?
        return refuse("nothing is to be changed", Piece::Together::FIELDS.join(", "), :unprocessable_content)
      end

      kept = body["seen"] ? together.take(body["seen"].to_s) : nil
      render json: JSON.generate(kept ? { "kept" => kept } : together.preview)
    end

    private

    def asked
      given = body["asked"]
      raise ActionController::ParameterMissing, :asked unless given.is_a?(Hash)

      Piece.narrowed(given.symbolize_keys, SiteClock.today.iso8601)
    end

    def fields = body["fields"].is_a?(Hash) ? body["fields"] : raise(ActionController::ParameterMissing, :fields)
  end
end
