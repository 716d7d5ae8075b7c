module Api
  # What is printed of the gear store, as PDF: labels, the card of a sling or its set, the register.
  class PapersController < BaseController
    self.policy = LookPolicy

    MOST_RECORDS = 60_000

    rescue_from(DustLadder::NotKnown) do |error|
      refuse error.what, "a sling whose tag can be read", :unprocessable_content
    end

    def show
      made =
        case params[:id]
        when "labels" then labels
        when "card" then card
        when "register" then register
        when "records" then records
        else raise ActiveRecord::RecordNotFound
        end
      return if performed?
      return csv(made) if made.is_a?(RegisterSheet)

      send_data made.render, filename: "#{params[:id]}.pdf", type: "application/pdf", disposition: "inline"
    end

    private

    # Of pieces by their ids, or of whatever a list is narrowed to.
    def labels
      ids = params[:pieces].to_s.split(",").first(LabelSheet::MOST)
      pieces = ids.any? ? Piece.where(id: ids) : asked
      return too_many(pieces.count, LabelSheet::MOST) if pieces.count > LabelSheet::MOST
      return refuse("there is no such piece", "pieces of the store", :unprocessable_content) if pieces.none?

      LabelSheet.new(pieces.in_order.to_a, single: params[:form] == "single", system: params[:units].to_s)
    end

    def card
      piece = Piece.find(params[:piece])
      set = piece.belongs.empty? ? [ piece ] : Piece.where(belongs: piece.belongs).in_order.to_a
      SlingCard.new(set, rules, system: params[:units].to_s)
    end

    # The school that the crew asks for; the store's own otherwise.
    def rules
      name = params[:rules].to_s
      DustLadder::RuleSet::SHIPPED.include?(name) ? DustLadder::RuleSet.shipped(name) : StoreRules.current
    end

    def register
      return too_many(asked.count, GearRegister::MOST) if asked.count > GearRegister::MOST

      GearRegister.new(asked.in_order.includes(:looks).to_a)
    end

    # The register as a table, record by record.
    def records
      return too_many(asked.count, MOST_RECORDS) if asked.count > MOST_RECORDS

      RegisterSheet.new(asked.in_order.includes(:looks, :acts).to_a)
    end

    def csv(sheet) = send_data(sheet.render, filename: "gear-register.csv", type: "text/csv; charset=utf-8")

    def asked = Piece.narrowed(params, SiteClock.today.iso8601)

    def too_many(count, most)
      refuse("these are #{count} pieces", "#{most} at most: narrow the list", :unprocessable_content)
    end
  end
end
