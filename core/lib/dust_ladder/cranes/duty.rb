module DustLadder
  module Cranes
    # What one crane of a plan has to do: its part of the load, what hangs from its tip, and its way. The whole load
    # where the plan has one crane.
    class Duty
      attr_reader :lift, :crane

      # index: which of the plan's cranes.
      def initialize(lift, index)
        @lift = lift
        @crane = Crane.new(lift.document, lift.rules, index)
      end

      # Does it share the load with another? And which of both it is, in words.
      def tandem? = false
      def who = nil

      # What hangs in its hook with the load.
      def hung_items = lift.hung_items
      # Its hook above the load's lowest corner at a station, at worst; the least and the most of the way, m.
      def hook_above(_index) = lift.bridle.hook_range.last
      def hook_range = lift.bridle.hook_range
      # Gross load at a station, kg.
      def gross_at(_index) = gross.kg
      # From the plumb line to the farthest of the load, along and across, wherever in its box the CG is; and however it
      # is turned, m.
      def arms
        load = lift.load
        [ 0, 1 ].map { |axis| [ load.cg[axis], load.size[axis] - load.cg[axis] ].max + load.cg_half_width[axis] }
      end

      def load_reach = lift.load.reach
      # How high the load's underside is carried over the crane's ground, m.
      def carried = crane.stand.carried.value
      # From the hook to the farthest of a load that turns below it, m; nil where it stays as it hangs.
      def farthest = nil
      # How the load lies while it is carried: as of Site::Room::Box; and toward where, degrees clockwise.
      def load_turned = { "with_boom" => "with_boom", "held" => "fixed_bearing" }[crane.stand.load_turned]
      def load_axis = crane.stand.load_axis.value
      # Does the load come to stand where its way ends? Its outline there; nil: as it hangs.
      def sets_down? = true
      def set_down = nil
      # What its line may be from plumb beside what is planned, degrees.
      def plumb_deg = 0.0

      # Is it worked out where the crane stands, or told in words? Of a crane that hangs, or stands on a mast, by word.
      def on_site? = !lift.survey.nil? && crane.family?("mobile")

      # The crane as it stands on the plan's site.
      def setup = @setup ||= Site::Setup.new(self, lift.survey)

      # The tip at its highest on the way, above the crane's ground, m; of a family that has a tip.
      def highest_tip = crane.stations.each_index.map { |index| crane.tip_height(crane.radius(index), index) }.max

      # The stack from the load up: load, rigging and what hangs in the hook, block, rope, and what the chart or the
      # plan deducts.
      def gross = @gross ||= GrossLoad.new([ *in_hook.items, *block_and_rope, *deduction_items ])

      # What of it hangs in the hook.
      def in_hook
        @in_hook ||= GrossLoad.new([ *hung_items, *hanging_items ])
      end

      # Largest row of the chart that holds the gross load in every sector on the way, with the boom of the governing
      # place, m, or nil.
      def largest_radius
        @largest_radius ||=
          crane
            .path
            .sectors
            .map { |sector| sector.largest_radius(gross.kg, crane.path.tightest.at.boom) || 0.0 }
            .min
            &.then { |radius| radius.zero? ? nil : radius }
      end

      # Least margin in radius along the way, m: each place against the largest row of its own sectors that holds the
      # gross load. Below nothing where it stands too far out; nil where no row holds it.
      def room_m
        return @room_m if defined?(@room_m)

        of_boom = ->(sector) { Hash.new { |known, boom| known[boom] = sector.largest_radius(gross.kg, boom) } }
        largest = Hash.new { |known, sector| known[sector] = of_boom.(sector) }.compare_by_identity
        rooms =
          crane.path.places.map do |place|
            ends = place.sectors.map { |sector| largest[sector][place.at.boom] }
            ends.min - place.at.radius unless ends.empty? || ends.any?(&:nil?)
          end
        @room_m = rooms.any?(&:nil?) ? nil : rooms.min
      end

      private

      def item(...) = GrossLoad::Item.new(...)

      # What the plan hangs in the hook beside load and rigging. Where it is not said where it hangs, it is there.
      def hanging_items
        hung, = crane.deductions.partition { |one| one.hangs != "elsewhere" }
        hung.each_with_index.map do |one, index|
          where = one.hangs ? "the plan, hangs on the hook" : "the plan; where it hangs is not said, so on the hook"
          item(symbol: "h#{index + 1}", name: one.what, kg: one.mass.positive, source: where, hangs: :in_hook)
        end
      end

      # Hook block and rope, where the machine's rating does not begin below them.
      def block_and_rope
        return [] if crane.chosen? && !crane.family.hoists?

        crane.chart_data
        hoist, block, parts = crane.part("hoist"), crane.part("hook_block"), crane.parts_of_line
        hanging = [ crane.most_rope_m(hook_range.first), 0.0 ].max
        [
          item(symbol: "b", name: "hook block", kg: block["mass_kg"].to_f, source: "as marked", hangs: :above_hook),
          rope("r", "rope below the tip", parts, hanging, hoist, :above_hook),
          *idle_line(hoist)
        ]
      end

      def rope(symbol, name, parts, hanging, hoist, hangs)
        item(
          symbol: symbol,
          name: name,
          kg: GrossLoad.rope_kg(parts, hanging, hoist["rope_kg_per_m"]),
          hangs: hangs,
          source:
            "#{parts} part#{"s" if parts > 1} × #{Figure.m(hanging, :up)} × " \
            "#{Figure.new(hoist["rope_kg_per_m"], :kg_per_m, :up)}"
        )
      end

      # A second line that hangs idle: as far as it is known to hang, else as long as the boom.
      def idle_line(hoist)
        line = crane.idle_line or return []
        parts = line["parts"] or
          raise NotKnown.new("the parts of the idle line are not given", pointer: crane.pointer("idle_line/parts"))
        [
          rope(
            "i",
            "idle line",
            parts,
            crane.idle_hanging.given? ? crane.idle_hanging.not_negative : crane.booms.max,
            hoist,
            :elsewhere
          )
        ]
      end

      def deduction_items
        chart =
          (crane.chart_data["deductions"] || [])
            .select { |entry| entry["when"].nil? || crane.deduction_case?(entry["when"]) }
            .map { |entry|
            [ entry["what"], entry["kg"].to_f,
              [ "the chart's own list", entry["when"] ].compact.join(", ") ]
          }
        elsewhere = crane.deductions.select { |one| one.hangs == "elsewhere" }
        own = elsewhere.map { |one| [ one.what, one.mass.positive, "the plan, hangs elsewhere" ] }
        (chart + own).each_with_index.map do |(what, kg, source), index|
          item(symbol: "e#{index + 1}", name: what, kg: kg, source: source, hangs: :elsewhere)
        end
      end
    end
  end
end
