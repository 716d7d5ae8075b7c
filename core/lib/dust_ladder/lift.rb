module DustLadder
  # One plan, measured: what the checks share, each part worked out once and only when asked for.
  # What is missing raises NotKnown in whoever asks.
  class Lift
    attr_reader :document, :rules, :load, :crane, :choke_angles, :basket_widths, :bends, :rounds, :surroundings, :beam

    # data: a plan document as PlanFile.read returns it. hasty: may worst cases that take long be left pending?
    def initialize(data, hasty: false)
      @document = PlanFile::Document.new(data)
      @rules = RuleSet.new(data.dig("snapshots", "rule_sets", data["rules"], "data"))
      @slings = {}
      @load = Load::PlannedLoad.new(document, rules)
      @crane = Cranes::Crane.new(document, rules)
      @beam = Rigging::PlannedBeam.of(document)
      @bridle = bridle_of(->(index) { sling_of(legs[index]) })
      @bridle.hasty = hasty
      @choke_angles = legs.each_index.map { |index|
        document.angle(
          "the angle of choke of the #{load.points[index].name} leg",
          "rigging",
          "legs",
          index,
          "choke_angle"
        )
      }
      @basket_widths = legs.each_index.map { |index|
        document.length(
          "the basket width of the #{load.points[index].name} leg",
          "rigging",
          "legs",
          index,
          "basket_width"
        )
      }
      @bends = legs.each_index.map { |index|
        document.length("what the #{load.points[index].name} leg is bent round", "rigging", "legs", index, "bend")
      }
      @rounds = legs.each_index.map { |index|
        document.length(
          "what of the #{load.points[index].name} sling goes round the load",
          "rigging",
          "legs",
          index,
          "round"
        )
      }
      @surroundings = Slings::Surroundings.new(document, rules) if document.dig("rigging", "surroundings")
    end

    # The same load and rigging under another crane. data: a plan that differs from this one in its crane alone.
    def with_crane(data) = dup.tap { |lift| lift.send(:take_crane, data) }

    def legs = document.dig("rigging", "legs")
    def sling_of(leg)
      leg["sling"] && (@slings[leg["sling"]] ||= DustLadder.floats(
        document.dig(
          "snapshots",
          "slings",
          leg["sling"],
          "data"
        )
      ))
    end
    def bridle = @measured_bridle ||= @bridle.measure

    # The stack from the load up: load, slings, block, rope, and what the chart or the plan deducts.
    def gross
      @gross ||= Cranes::GrossLoad.new([ load_item, *sling_items, *beam_items, *block_and_rope, *deduction_items ])
    end

    # Largest row of the chart that holds the gross load in every sector on the way, with the boom of the governing place,
    # m, or nil.
    def largest_radius
      @largest_radius ||= crane.path.sectors.map { |sector|
        sector.largest_radius(
          gross.kg,
          crane.path.tightest.at.boom
        ) || 0.0
      }.min&.then { |radius| radius.zero? ? nil : radius }
    end

    # Least margin in radius along the way, m: each place against the largest row of its own sectors that holds the gross
    # load. Below nothing where it stands too far out; nil where no row holds it.
    def room_m
      return @room_m if defined?(@room_m)

      largest = Hash.new { |known, (sector, boom)| known[[ sector, boom ]] = sector.largest_radius(gross.kg, boom) }
      rooms = crane.path.places.map do |place|
        ends = place.sectors.map { |sector| largest[[ sector, place.at.boom ]] }
        ends.min - place.at.radius unless ends.empty? || ends.any?(&:nil?)
      end
      @room_m = rooms.any?(&:nil?) ? nil : rooms.min
    end

    private

    def bridle_of(slings)
      return Rigging::UnderBeam.new(
        document,
        load,
        rules,
        slings,
        beam,
        ->(index) {
          sling_of(beam.uppers[index].data)
        }
      ) if beam
      return Rigging::SpaceBridle.new(document, load, rules, slings) if load.points.size > 2 || document.dig(
        "rigging",
        "reeved",
        "pairs"
      ).to_a.any?

      Rigging::Bridle.new(document, load, rules)
    end

    def take_crane(data)
      bridle
    rescue NotKnown
      nil
    ensure
      @document = PlanFile::Document.new(data)
      @crane = Cranes::Crane.new(@document, rules)
      @gross = @largest_radius = nil
      remove_instance_variable(:@room_m) if defined?(@room_m)
    end

    def item(...) = Cranes::GrossLoad::Item.new(...)

    def load_item = item(symbol: "W", name: "the load", kg: load.planned_kg, source: "planned weight", on_hook: true)

    def sling_items
      below = legs.each_index.map { |index| [ Slings::Leg.of(self, index).sling, "/rigging/legs/#{index}/sling" ] }
      above = beam ? Slings::UpperLeg.all(self).map { |leg| [ leg.sling, leg.pointer ] } : []
      (below + above).uniq { |sling, _| sling["number"] }.each_with_index.map do |(sling, pointer), index|
        mass = sling["mass_kg"] or raise NotKnown.new(
          "the mass of sling #{sling['number']} is not known",
          pointer: pointer
        )
        item(
          symbol: "s#{index + 1}",
          name: "sling #{sling['number']}",
          kg: mass.to_f,
          source: "gear store",
          on_hook: true
        )
      end
    end

    def beam_items
      beam ? [ item(
        symbol: "t",
        name: "beam #{beam.number}",
        kg: beam.mass.to_f,
        source: "as marked",
        on_hook: true
      ) ] : []
    end

    # Hook block and rope, where the machine's rating does not begin below them.
    def block_and_rope
      return [] if crane.chosen? && !crane.family.hoists?

      crane.chart_data
      hoist, block, parts = crane.part("hoist"), crane.part("hook_block"), crane.parts_of_line
      hanging = [ crane.most_rope_m(bridle.hook_range.first), 0.0 ].max
      [ item(symbol: "b", name: "hook block", kg: block["mass_kg"].to_f, source: "as marked", on_hook: true),
        rope("r", "rope below the tip", parts, hanging, hoist, true), *idle_line(hoist) ]
    end

    def rope(symbol, name, parts, hanging, hoist, on_hook)
      item(
        symbol: symbol,
        name: name,
        kg: Cranes::GrossLoad.rope_kg(parts, hanging, hoist["rope_kg_per_m"]),
        on_hook: on_hook,
        source: "#{parts} part#{'s' if parts > 1} × #{Figure.m(
          hanging,
          :up
)} × #{Figure.new(hoist['rope_kg_per_m'], :kg_per_m, :up)}"
      )
    end

    # A second line that hangs idle: as far as it is known to hang, else as long as the boom.
    def idle_line(hoist)
      line = crane.idle_line or return []
      parts = line["parts"] or raise NotKnown.new(
        "the parts of the idle line are not given",
        pointer: "/crane/idle_line/parts"
      )
      [ rope(
        "i",
        "idle line",
        parts,
        crane.idle_hanging.given? ? crane.idle_hanging.not_negative : crane.booms.max,
        hoist,
        false
      ) ]
    end

    def deduction_items
      chart = (crane.chart_data["deductions"] || []).map { |entry|
        [ entry["what"], entry["kg"].to_f, "the chart's own list" ]
      }
      own = crane.deductions.map { |what, mass| [ what, mass.not_negative, "the plan" ] }
      (chart + own).each_with_index.map { |(what, kg, source), index|
        item(symbol: "e#{index + 1}", name: what, kg: kg, source: source, on_hook: false)
      }
    end
  end
end
