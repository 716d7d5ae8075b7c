module DustLadder
  module Slings
    # How the grip of a basket's sides comes about, line by line.
    module GripWorking
      private

      def work(figures)
        figures
          .sort_by { |_, demand, capacity| -demand.value / capacity.value }
          .each do |name, demand, capacity, leg, side|
            @working.later(name) do |working|
              about = "leg:#{leg.index}"
              %w[T1 T2].zip(side.tensions.sort.reverse) do |symbol, tension|
                working.line(
                  symbol,
                  Figure.kg(tension, symbol == "T1" ? :up : :down),
                  source: "#{symbol == "T1" ? "fuller" : "other"} side, gripped; #{side.corner}",
                  about: about
                )
              end
              if demand.unit == :kg
                next(
                  working.line(
                    "C",
                    capacity,
                    source: "half of #{leg.tag.rating("basket").source}, and what bend, heat and site leave",
                    about: about
                  )
                )
              end

              turn, mu = Figure.factor(side.bend), Figure.factor(friction(leg))
              if demand.value.finite?
                working.line(
                  "q",
                  demand,
                  formula: "T1 / T2",
                  from: {
                    T1: Figure.kg(side.tensions.max, :up),
                    T2: Figure.kg(side.tensions.min, :down)
                  },
                  source: "how far the sides pull apart",
                  about: about
                )
              end
              working.line("θ", turn, source: "bend over both edges, radians", about: about)
              working.line("μ", mu, source: rules.cite(:grip), about: about)
              working.line(
                "Q",
                capacity,
                formula: leg.prevention.round.nil? ? "2.718281828459045^(μ × θ)" : nil,
                from: {
                  μ: mu,
                  θ: turn
                },
                source: leg.prevention.round ? "prevented by #{leg.prevention.round}" : "what friction holds",
                about: about
              )
            end
          end
      end
    end
  end
end
