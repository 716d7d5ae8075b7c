module Api
  # The tables of the trade as a rule set has them, to read and to print.
  class TradeTablesController < BaseController
    self.policy = RulesPolicy

    def show
      data = OwnRules.data_of(params[:rule_set_id]) or raise ActiveRecord::RecordNotFound
      tables = DustLadder::Trade::Tables.new(DustLadder::RuleSet.new(data))
      render json: tables.as_json.merge("by" => current_person.name, "on" => SiteClock.today.iso8601)
    end
  end
end
