module Api
  # What is to be examined in the days ahead, the first one first: overdue, never examined, and due until then.
  class DuePiecesController < BaseController
    self.policy = LookPolicy

    MOST = 200
    MOST_DAYS = 400
    WITHIN = 60

    def index
      today = SiteClock.today
      days = params[:within].present? ? params[:within].to_s.to_i.clamp(0, MOST_DAYS) : WITHIN
      due = Piece.due_until((today + days).iso8601)
      render json: {
        today: today.iso8601,
        until: (today + days).iso8601,
        due: due.limit(MOST).map { |piece| piece.shown(on: today.iso8601) },
        due_count: due.count,
        never: Piece.never_examined.in_order.limit(MOST).map { |piece| piece.shown(on: today.iso8601) },
        never_count: Piece.never_examined.count
      }
    end
  end
end
