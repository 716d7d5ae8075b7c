module DustLadder
  module Cranes
    # Is there height enough under the tip at pick and set, and over what stands in the way?
    # Demand: hook bearing height needed, m; capacity: highest the hook may go before the block is too near the tip.
    class HeightCheck < Ladder::Check
      ID = "height"
      LABEL = "Hook height"
      FLIGHT = "crane"
      PER = "crane"
      IN_HEADLINE = "hook height, %<subject>s,"
      Place = Struct.new(:name, :needed, :parts, :tip, :available, keyword_init: true)
      SUPPORTS = {
        "over the obstacle" => "highest thing on the way",
        "as carried" => "the load's underside on the way"
      }.freeze

      def self.applies?(duty) = !duty.crane.family?("platform_jib")

      private

      def examine
        crane = duty.crane
        crane.chart_data
        @block = crane.family.hoists? ? crane.part("hook_block")["length_m"].to_f : 0.0
        @gap = crane.part("least_block_to_tip_m").to_f
        # Between stations the tip's height bends downward and the hook's changes evenly: the stations are the worst
        # of the way.
        places =
          crane.stations.each_with_index.map do |station, index|
            tip = crane.tip_height(crane.loaded_radius(index), index)
            at(station.name, station.support_height.value, 0.0, tip, hook: duty.hook_above(index))
          end
        places << at(
          "over the obstacle",
          crane.obstacle_height.value,
          rules[:obstacle_clearance_m],
          places.map(&:tip).min
        )
        places << at("as carried", duty.carried, 0.0, places.map(&:tip).min) if duty.on_site?
        worst = places.max_by { |place| share(place) }
        told(places, worst).each { |place| show(place) }
        work(worst)
        left = worst.available - worst.needed
        unless worst.available.positive?
          return stop(
            both { |system| "block #{Figure.m(left.abs, :up).shown(system)} too near the tip, #{worst.name}" },
            subject: worst.name
          )
        end

        if left.between?(0, 1)
          caution(
            "two_block",
            both { |system| "Only #{Figure.m(left, :down).shown(system)} before the block is too near the tip." }
          )
        end
        judge(
          Figure.m(worst.needed, :up),
          Figure.m(worst.available, :down),
          attention: rules[:attention, :height],
          subject: worst.name,
          note:
            both do |system|
              if left.negative?
                "#{Figure.m(-left, :up).shown(system)} short, #{worst.name}"
              else
                "#{Figure.m(left, :down).shown(system)} left, #{worst.name}"
              end
            end
        )
      end

      def at(name, support, spare, tip, hook: duty.hook_range.last)
        Place.new(
          name: name,
          needed: support + spare + hook,
          parts: [ support, spare, hook ],
          tip: tip,
          available: tip - @block - @gap
        )
      end

      # Of a way with many stations the first, the last, the worst and what is none.
      def told(places, worst)
        return places if places.size <= MOST_TOLD

        many = duty.crane.stations.size
        [ places.first, places[many - 1], *places.drop(many), worst ].uniq
      end
      MOST_TOLD = 14

      def share(place) = place.available.positive? ? place.needed / place.available : Float::INFINITY

      def show(place)
        used = share(place)
        part(
          name: place.name,
          verdict: Ladder::Verdict.of(used, rules[:attention, :height]),
          utilisation: used.finite? ? used : nil,
          demand: Figure.m(place.needed, :up),
          capacity: Figure.m(place.available, :down)
        )
      end

      def work(place)
        support, spare, hook = place.parts
        line(
          "z",
          Figure.m(support, :up),
          source: SUPPORTS.fetch(place.name, "support at #{place.name}")
        )
        line("c", Figure.m(spare, :up), source: rules.cite(:obstacle_clearance_m)) if spare.positive?
        line(
          "k",
          Figure.m(hook, :up),
          source: "hook bearing above the load's lowest corner, at worst",
          about: "hook"
        )
        operands = { z: Figure.m(support, :up), k: Figure.m(hook, :up) }
        operands[:c] = Figure.m(spare, :up) if spare.positive?
        line(
          "N",
          Figure.m(place.needed, :up),
          formula: spare.positive? ? "z + c + k" : "z + k",
          from: operands,
          source: "hook height needed, #{place.name}",
          about: "hook"
        )
        tip_lines(place)
      end

      def tip_lines(place)
        line("tip", Figure.m(place.tip, :down), source: duty.crane.family.tip_source)
        tip, block, needed = Figure.m(place.tip, :down), Figure.m(@block, :up), Figure.m(place.needed, :up)
        line(
          "A",
          Figure.m(place.available, :down),
          formula: "tip − l − g",
          from: {
            tip: tip,
            l: block,
            g: Figure.m(@gap, :up)
          },
          source: "less block length and the least block-to-tip gap"
        )
        line(
          "gap",
          Figure.m(place.tip - @block - place.needed, :down),
          formula: "tip − l − N",
          from: {
            tip: tip,
            l: block,
            N: needed
          },
          source: "block to tip with the hook this high; at least #{Figure.m(@gap, :up)}"
        )
      end
    end
  end
end
