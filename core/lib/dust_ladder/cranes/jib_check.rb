module DustLadder
  module Cranes
    # Does the small jib of a platform machine hold its load at every angle that the dry run touched?
    class JibCheck < Ladder::Check
      include DryRun
      ID = "crane"
      LABEL = "Jib"
      FLIGHT = "crane"
      PER = "crane"
      IN_HEADLINE = "crane at %<subject>s"

      def self.applies?(duty) = duty.crane.family?("platform_jib")

      private

      def examine
        applies!
        machine, (lower, upper) = duty.crane.family, ranges
        radius = duty.crane.platform[:load_radius].positive
        reading = machine.read(lower: lower, upper: upper, radius: radius, aboard_kg: aboard.sum(&:last))
        gross = duty.gross.kg
        line("r", Figure.m(radius, :up), source: "load radius of the jib")
        if reading.allowed_kg.nil?
          return stop(
            both do |system|
              "nothing allowed: lower boom #{span(lower)}, upper boom #{span(upper)}, at " \
                "#{Figure.m(radius, :up).shown(system)}"
            end
          )
        end

        work(reading, machine)
        line("G", Figure.kg(gross, :up), source: "load and its rigging: #{duty.gross.items.map(&:name).join(", ")}")
        judge(
          Figure.kg(gross, :up),
          Figure.kg(reading.allowed_kg, :down),
          attention: rules[:attention, :crane],
          note:
            both do |system|
              "#{Figure.kg(gross, :up).bare(system)} of #{Figure.kg(reading.allowed_kg, :down).shown(system)}, zone " \
                "#{reading.zones.join(" and ")}, column #{Figure.m(reading.column).shown(system)}"
            end
        )
      end

      def span((from, to)) = "#{Figure.deg(from, :near)} to #{Figure.deg(to, :near)}"

      def work(reading, machine)
        line("column", Figure.m(reading.column, :up), source: "next larger load radius of the chart")
        line(
          "c",
          Figure.kg(reading.chart_kg, :down),
          source:
            "least of zone #{reading.zones.join(" and ")} and of the bands #{reading.bands.map { |band|
              span(band)
            }.join(", ")} of the upper boom, all that the dry run touched"
        )
        from = {
          c: Figure.kg(reading.chart_kg, :down),
          u: Figure.kg(reading.unused_kg, :down),
          k: Figure.factor(machine.credit_share, :down)
        }
        line("u", from[:u], source: "of the platform's rating unused")
        line(
          "k",
          from[:k],
          source:
            (
              if machine.credit_share.zero?
                "the chart credits nothing of it to the jib"
              else
                "share of it that the chart credits to the jib"
              end
            )
        )
        credited =
          line(
            "s",
            Figure.kg(reading.chart_kg + machine.credit_share * reading.unused_kg, :down),
            formula: "c + k × u",
            from: from
          )
        line("cap", Figure.kg(reading.cap_kg, :down), source: "most that the jib may carry in this column")
        line(
          "C",
          Figure.kg(reading.allowed_kg, :down),
          source: credited > reading.cap_kg ? "the cap governs" : "chart and credit, within the cap"
        )
      end
    end
  end
end
