module Api
  # The ladder of a document that is being edited, with its take-off when that is asked for; in haste without the worst
  # cases that take long, which are then told to be pending; with the working of those rungs that are open; in one
  # system of units where that is asked for. The document is sent whole, or as changes of one that was sent a moment
  # ago, named by what its answer called it. Nothing is kept for good.
  class ChecksController < BaseController
    self.policy = LookPolicy

    # More rows or groups than any take-off has.
    MOST = 1_000_000

    def create
      render json: JSON.generate(answer)
    end

    private

    def answer
      look = body["take_off"]
      return ladder unless look.is_a?(Hash)

      of, row = look.values_at("of", "row").map { |index| index if index.is_a?(Integer) && index.between?(0, MOST) }
      refuse_group(of) if of && document.dig("load", "take_off", "groups", of).nil?
      DustLadder.check_with_take_off(document, of: of, row: row, **house) { |checked| sign(checked) }
    end

    def ladder
      checked =
        DustLadder.check(
          document,
          hasty: body["hasty"] == true,
          **house,
          most_s: Plan::MOST_S
        )
      sign(checked)
      open = body["open"] if body["open"].is_a?(Array)
      DustLadder::Quantity::Systems.only(units) { checked.as_json(open: open) }.merge("base" => base)
    end

    def house = OwnHouse.of(document, plan: plan_named)
    def sign(ladder) = plan_named && Plan::Life.sign(ladder, plan_named, document)

    # Of any other word both are told.
    def units = DustLadder::Quantity::Systems::BOTH.find { |system| system.name == body["units"] }

    # What the whole document is kept by; where only changes were sent, what they are changes of.
    def base = body["base"] || SharedBases.keep(document)

    def document = @document ||= body["base"] ? changed : super

    def changed
      changes = body["changes"].is_a?(Hash) ? body["changes"] : {}
      gone = body["gone"].is_a?(Array) ? body["gone"].grep(String) : []
      SharedBases.changed(body["base"], changes, gone) or raise Forgotten
    end

    # The document that was sent before is no longer kept: it is to be sent whole.
    Forgotten = Class.new(StandardError)
    rescue_from Forgotten do
      refuse "the document that this changes is no longer kept", "the whole document", :gone
    end

    def refuse_group(index)
      raise DustLadder::PlanFile::Invalid,
        [
          {
            "pointer" => "/load/take_off/groups/#{index}",
            "message" => "there is no such group",
            "expected" => "one of the take-off's own"
          }
        ]
    end
  end
end
