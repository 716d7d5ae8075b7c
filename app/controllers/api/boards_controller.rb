module Api
  # The board: what is planned, by day or the weakest first, a page at a time.
  class BoardsController < BaseController
    self.policy = LookPolicy

    include Pagy::Backend

    PAGE = 50
    # How long whoever looks waits for lines that are not worked out yet; the rest comes when it is asked again.
    PATIENCE_S = 0.4

    # By these the same page is asked for.
    ASKED = %i[archived pattern words crane day verdict order page].freeze

    def show
      BoardLine.catch_up
      render_kept KeptAnswer.of(:board, ASKED.map { |name| params[name].to_s }) { JSON.generate(board) }
    end

    private

    def board
      page, lines = pagy(in_order(asked), limit: PAGE, page: [ params[:page].to_s.to_i, 1 ].max)
      lines = lines.preload(:plan).to_a
      work_out(lines)
      {
        lines: lines.map { |line| shown(line) },
        page: page.page,
        pages: page.last,
        asked: page.count,
        **Unchanged.of(:standing) { standing }
      }
    end

    # Lines that are asked for; what is being worked out is never hidden by a verdict that it may not have.
    def asked
      lines = params[:archived] == "any" ? BoardLine.all : BoardLine.where(archived: params[:archived] == "yes")
      lines = lines.where(plan_id: Plan.where(pattern: true).select(:id)) if params[:pattern] == "yes"
      lines = lines.about(params[:words].to_s.first(200)) if params[:words].present?
      lines = lines.where(crane: params[:crane].to_s) if params[:crane].present?
      lines = lines.where("board_lines.lift_at LIKE ?", "#{day}%") if day
      return lines unless BoardLine::RANKS.key?(params[:verdict])

      lines.where(verdict: params[:verdict]).or(lines.merge(BoardLine.old))
    end

    def day
      params[:day].to_s.then { |day| day if day.match?(/\A\d{4}-\d{2}-\d{2}\z/) }
    end

    def in_order(lines) = params[:order] == "weakest" ? lines.weakest_first : lines.by_day

    def work_out(lines)
      limit = now + PATIENCE_S
      lines.reject(&:fresh?).each do |line|
        break if now > limit

        line.work_out
        line.reload
      end
    rescue ActiveRecord::ActiveRecordError => error
      # It stays to be worked out; whoever looks sees the others.
      logger.error("the board could not be worked out: #{error.full_message(highlight: false)}")
    end

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    # How all plans stand, and which cranes they name.
    def standing
      open = BoardLine.where(archived: false)
      counts = open.fresh.group(:verdict).count
      {
        plans: open.count,
        archived: BoardLine.where(archived: true).count,
        counts: BoardLine::RANKS.keys.index_with { |verdict| counts[verdict] || 0 },
        working: BoardLine.old.count,
        cranes: BoardLine.where.not(crane: nil).distinct.order(:crane).pluck(:crane)
      }
    end

    def shown(line)
      stands = { revision: line.revision, state: line.state }
      own = {
        id: line.plan_id,
        title: line.plan.title,
        lift_at: line.plan.lift_at,
        pattern: line.plan.pattern,
        **stands
      }
      line.fresh? ? { **line.shown.symbolize_keys, **own, working: false } : { **own, working: true }
    end
  end
end
