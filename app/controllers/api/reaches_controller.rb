module Api
  # What a chart answers either way round, as a plan would: the reach for what hangs in the hook, what may hang there at
  # a radius.
  class ReachesController < BaseController
    self.policy = ChartPolicy

    MOST_PARTS = 40

    rescue_from DustLadder::Quantity::Unreadable do |error|
      refuse error.message, error.expected, :unprocessable_content
    end

    def show
      hung, radius = quantity(:weight, :mass), quantity(:radius, :length)
      can_i =
        DustLadder::Cranes::CanI.new(
          Chart.find(params[:chart_id]).data,
          boom: quantity(:boom, :length),
          parts: parts,
          loaded: params[:loaded] == "true"
        )
      render json:
               JSON.generate(
                 weight: hung && DustLadder::Figure.kg(hung, :up).as_json,
                 radius: radius && DustLadder::Figure.m(radius, :up).as_json,
                 read_at: radius && DustLadder::Figure.m(can_i.read_at(radius), :up).as_json,
                 tables: can_i.answers(hung: hung, radius: radius)
               )
    end

    private

    def quantity(name, kind)
      text = params[name].presence or return

      value = DustLadder::Quantity::Reader.read(text.to_s, kind)
      unreadable(name, text, "more than nothing") unless value.positive?
      value
    end

    def parts
      text = params[:parts].presence or return

      parts = Integer(text.to_s, 10, exception: false)
      unreadable(:parts, text, "a whole number, 1 to #{MOST_PARTS}") unless parts&.between?(1, MOST_PARTS)
      parts
    end

    def unreadable(name, text, expected)
      raise DustLadder::Quantity::Unreadable.new(
        "#{name}: #{text.to_s.first(40)} cannot be",
        typed: text.to_s,
        expected: expected
      )
    end
  end
end
