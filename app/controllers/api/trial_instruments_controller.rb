module Api
  # The instruments of a trial lift: load cells in the legs, a level on the load, the crane's indicator. What they say
  # right now, each by itself; and what the stand-ins are told. What the load really is, they know alone.
  class TrialInstrumentsController < BaseController
    self.policy = DevicePolicy

    # A screen that listens by itself is nobody at work.
    prepend_before_action(only: :show) { request.env["devise.skip_trackable"] = true }

    rescue_from(DeviceLink::Refused) do |error|
      refuse error.message, "instruments that answer", :unprocessable_content
    end
    rescue_from(DustLadder::NotKnown) do |error|
      refuse error.what, "a plan whose rigging is known", :unprocessable_content
    end

    SET = %w[do noise drift offset dead swapped trouble].freeze

    def show
      render json: said
    end

    # do: hang (the load of a plan, on legs of these lengths), down, or set.
    def update
      words = body["do"] == "hang" ? hung : body.slice(*SET)
      [ DeviceLink.cells, DeviceLink.level ].each { |link| link.command(words) }
      indicator(words) if words["do"] == "hang"
      render json: said
    end

    private

    def said
      { cells: DeviceLink.cells.answer, level: DeviceLink.level.answer, indicator: DeviceLink.indicator.answer }
    end

    def hung
      @plan = Plan.find(body["plan"])
      @lift = @plan.ladder.lift
      @truth = HiddenLoad.of(@lift, @plan.title)
      {
        "do" => "hang",
        "plan" => @lift.document.data,
        "truth" => @truth.to_h.transform_keys(&:to_s),
        "lengths" => lengths
      }
    end

    # m by leg, nil where a leg is as planned; nil for all of what is no such list.
    def lengths
      given = body["lengths"]
      return unless given.is_a?(Array)

      given if given.all? { |one| one.nil? || (one.is_a?(Numeric) && one.positive?) }
    end

    # The crane's indicator follows the plan and shows what hangs there really. Where there is none, the rest reads.
    def indicator(words)
      gross = @lift.duty.gross.kg
      DeviceLink.indicator.command("do" => "follow", "plan" => words["plan"])
      DeviceLink.indicator.command("do" => "set", "offset" => (@truth.weight - @lift.load.planned_kg) / gross)
    rescue DeviceLink::Refused
      nil
    end
  end
end
