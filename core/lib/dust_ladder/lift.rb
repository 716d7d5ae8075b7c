module DustLadder
  # One plan, measured: what the checks share, each part worked out once and only when asked for.
  # What is missing raises NotKnown in whoever asks.
  class Lift
    attr_reader :document,
      :rules,
      :load,
      :rigging,
      :surroundings,
      :beam,
      :scope,
      :line_word,
      :house,
      :crew,
      :overlaps,
      :tandem

    # data: a plan document as PlanFile.read returns it. hasty: may worst cases that take long be left pending?
    # standing: how pieces stand in the store now, { number => { "state", "due" } }; those that are not told of are
    # judged as the plan took them.
    # house: a House, or nil.
    # overlaps: what other lifts want at the same hours, as of Life::Bookings.
    def initialize(data, hasty: false, standing: {}, house: nil, overlaps: [])
      @overlaps = overlaps
      @standing = standing
      @house = house
      @document = PlanFile::Document.new(data)
      @rules = Snapshots.rule_set(document.snapshot("rule_sets", data["rules"]))
      read_scope
      @crew = Plan::Crew.new(document)
      @line_word = Plan::LineWord.new(document, Site::PowerLinesCheck::ID, Site::PowerLinesCheck::ASKS)
      @slings = {}
      @load = Load::PlannedLoad.new(document, rules)
      @rigging = Plan::Rigging.new(document).read
      @tandem = Plan::Tandem.new(document) if document.dig("tandem")
      @beam = Rigging::PlannedBeam.of(document)
      @bridle = bridle_of(->(index) { sling_of(legs[index]) })
      @bridle.hasty = hasty
      duties
      @surroundings = Slings::Surroundings.new(document, rules) if @rigging.surroundings.given?
    end

    def inspect = "#<#{self.class.name} #{document.dig("title").inspect}>"

    # The same load and rigging under another crane. data: a plan that differs from this one in its cranes alone.
    def with_crane(data) = dup.tap { |lift| lift.send(:take_crane, data) }

    # What each crane of the plan has to do; and the only one's.
    def duties
      @duties ||= document.dig("cranes").each_index.map { |index| (tandem ? Tailing : Cranes)::Duty.new(self, index) }
    end

    def duty = duties.first

    # Do two cranes carry it? And what they do with it then, a Tailing::Turn.
    def tandem? = !tandem.nil?
    def turn = @turn ||= Tailing::Turn.of(self)

    # Where each crane stands, a Plan::Stand each.
    def stands = duties.map { |duty| duty.crane.stand }

    # When the lift is, in the site's own time, such as 2026-12-14T06:30; or nil.
    def at = document.dig("lift_at")

    # The day of the lift at its site, or nil. Raises NotKnown when there is no such day.
    def day
      return unless at

      Date.iso8601(at.slice(0, 10))
    rescue Date::Error
      raise NotKnown.new("#{at.slice(0, 10)} is not a day", pointer: Plan.pointer("lift_at"))
    end

    # The day on which it ends, a Date: the day of the lift where nobody says more. Raises NotKnown where it would end
    # before it begins, or on what is no day.
    def last_day
      ends = document.dig("lift_until")
      return day unless day && ends
      raise NotKnown.new("the lift ends before it begins", pointer: Plan.pointer("lift_until")) if ends <= at

      Date.iso8601(ends.slice(0, 10))
    rescue Date::Error
      raise NotKnown.new("#{ends.slice(0, 10)} is not a day", pointer: Plan.pointer("lift_until"))
    end

    # The Site::Survey of the site that the lift takes place on; nil where the plan has none.
    def survey
      id = document.dig("site_document") or return
      @survey ||= Snapshots.survey(document.snapshot("sites", id))
    end

    def standing(number) = @standing[number]
    # What the house says against the plan's rule set, its site, a crane's chart, or a piece of gear: a House::Doubt;
    # nil for nothing.
    def rules_doubt = @house&.rules(document.snapshot("rule_sets", document.dig("rules")))
    def chart_doubt(id) = @house&.chart(document.snapshot("charts", id))
    def site_doubt = @house&.site(document.snapshot("sites", document.dig("site_document")))
    def piece_doubt(number, data) = @house&.piece(number, data)
    # A person as the house has them now, { "name", "active", "competences" }; nil where it keeps none of that id.
    def person(id) = id && @house&.person(id)
    def legs = rigging.legs
    # All that a sling is chosen for: legs, slings above a beam, and the others of two side by side.
    def strands = [ *legs, *beam&.uppers, *tandem&.ends&.filter_map(&:second) ]
    # leg: a section of the plan with a sling. Its data as the plan took it, or nil.
    def sling_of(leg) =
      leg.sling && (@slings[leg.sling] ||= Snapshots.floats("slings", document.snapshot("slings", leg.sling)))
    def bridle = @measured_bridle ||= @bridle.measure

    # What hangs in a hook with this load and rigging, as items of a stack.
    def hung_items = @hung_items ||= [ load_item, *sling_items, *fitting_items, *beam_items ]

    # Mass of a sling that is chosen at a place of the plan, kg. Raises NotKnown.
    def sling_kg(sling, pointer)
      raise NotKnown.new("no sling is chosen", pointer: pointer) unless sling

      sling["mass_kg"]&.to_f or
        raise NotKnown.new("the mass of sling #{sling["number"]} is not known", pointer: pointer)
    end

    # The fittings of a leg with their masses. Raises NotKnown for one that is not given.
    def fittings_of(leg) =
      leg.fittings.map { |fitting| item(name: fitting.name, kg: fitting.weight.positive, hangs: :in_hook) }

    private

    def bridle_of(slings)
      return Tailing::Hang.new(self) if tandem

      above = ->(index) { sling_of(beam.uppers[index]) }
      Rigging::Arrangement.of(
        rigging,
        load,
        rules,
        slings,
        beam: beam,
        above: above,
        hung_below: method(:hung_below_kg)
      )
    end

    # What hangs below a beam with one of its legs, beside the load: its sling, or its part of one, and its fittings.
    def hung_below_kg(index)
      leg = legs[index]
      shared = legs.count { |one| one.sling == leg.sling }
      sling_kg(sling_of(leg), leg.pointer("sling")) / shared + fittings_of(leg).sum(&:kg)
    end

    def take_crane(data)
      bridle
      hung_items
    rescue NotKnown
      nil
    ensure
      @document = PlanFile::Document.new(data)
      @duties = @turn = nil
      read_scope
      duties
    end

    def read_scope
      @scope = Plan::Scope.new(document, rules, hoist: -> { duty.crane.family?("fixed_hoist") })
    end

    def item(...) = Cranes::GrossLoad::Item.new(...)

    def load_item = item(symbol: "W", name: "the load", kg: load.planned_kg, source: "planned weight", hangs: :in_hook)

    def sling_items
      below = legs.each_index.map { |index| [ Slings::Leg.of(self, index).sling, legs[index].pointer("sling") ] }
      above = beam ? Slings::UpperLeg.all(self).map { |leg| [ leg.sling, leg.pointer ] } : []
      (below + above)
        .uniq { |sling, _| sling["number"] }
        .each_with_index
        .map do |(sling, pointer), index|
          kg = sling_kg(sling, pointer)
          item(symbol: "s#{index + 1}", name: "sling #{sling["number"]}", kg: kg, source: "gear store", hangs: :in_hook)
        end
    end

    # Fittings of all legs in one, as long as there are any.
    def fitting_items
      all = legs.flat_map { |leg| fittings_of(leg) }
      return [] if all.empty?

      [ item(
        symbol: "f",
        name: "fittings",
        kg: all.sum(&:kg),
        source: "#{all.size} of them, as typed",
        hangs: :in_hook
      ) ]
    end

    def beam_items
      return [] unless beam

      [ item(symbol: "t", name: "beam #{beam.number}", kg: beam.mass.to_f, source: "as marked", hangs: :in_hook) ]
    end
  end
end
