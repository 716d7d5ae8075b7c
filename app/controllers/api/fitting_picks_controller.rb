module Api
  # What of the store can serve as one fitting of a document's leg. Nothing is kept.
  class FittingPicksController < BaseController
    self.policy = LookPolicy

    # So many are looked at: those that are ready and strong enough first, the lightest rated of them before the others.
    MOST = 400

    rescue_from(DustLadder::NotKnown) do |error|
      fault = { pointer: error.pointer.to_s, message: error.what, expected: "a leg whose pull on it is known" }
      render json: { errors: [ fault ] }, status: :unprocessable_content
    end
    rescue_from(IndexError) { refuse "there is no such fitting", "a leg's fitting", :unprocessable_content }
    # That is an IndexError too.
    rescue_from(ActionController::ParameterMissing) do |error|
      refuse "#{error.param} is missing", "a request with #{error.param}", :bad_request
    end
    # That is a NotKnown too, and no fault of the plan.
    rescue_from DustLadder::Budget::Spent, with: :took_too_long

    def create
      pick = pick(of_kind.to_a)
      render json: JSON.generate(pick.as_json.merge("in_store" => of_kind.except(:limit).count))
    end

    private

    # Accepted once, however often it is asked for.
    def document = @document ||= super

    def pick(pieces)
      leg, fitting = index("leg"), index("fitting")
      DustLadder::Gear::FittingPick.new(document, pieces.map(&:for_choosing), leg: leg, fitting: fitting)
    end

    def of_kind
      kind = document.dig("rigging", "legs", index("leg"), "fittings", index("fitting"), "kind")
      raise KeyError, "no kind" unless kind

      ready = Piece.sanitize_sql_array([ "pieces.state <> ?, pieces.rating IS NULL, pieces.rating", "ready" ])
      Piece.where(kind: kind).order(Arel.sql(ready), :number).limit(MOST)
    end

    def index(name)
      number = body[name]
      raise ActionController::ParameterMissing, name.to_sym unless number.is_a?(Integer) && number.between?(0, 40)

      number
    end
  end
end
