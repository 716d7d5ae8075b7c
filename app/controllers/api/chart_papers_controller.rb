module Api
  # A chart as its page has it, for whoever reads it against the paper, block by block.
  class ChartPapersController < BaseController
    self.policy = ChartPaperPolicy

    def show
      render json: whole
    end

    # One block was read, or found otherwise; with read false that is taken back.
    def update
      chart.read_block(
        body["block"].to_s,
        by: body["by"].to_s,
        at: Time.current,
        read: body["read"] != false,
        differs: body["differs"].to_s
      )
      render json: whole
    end

    private

    def chart = @chart ||= Chart.find(params[:chart_id])

    def whole
      {
        blocks: chart.paper.blocks.map { |block|
          { **block.to_h.except(:table), of: block.table, said: chart.readings[block.id] }
        },
        tables: chart.paper.tables,
        lines: chart.paper.lines,
        printed: chart.paper.printed?,
        faults: chart.paper.faults
      }
    end
  end
end
