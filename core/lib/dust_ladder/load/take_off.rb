module DustLadder
  module Load
    # A list of parts, each with its mass and its place: the load's weight, its centre of gravity, and how far both
    # may be off (handbook, section 2). Masses kg, places m in the load's axes.
    class TakeOff
      MOST_ROWS = 10_000
      KEPT_ROWS = 30_000
      POINTER = Plan::Load.new(nil).pointer("take_off", "parts").freeze
      Total = Struct.new(:bare, :planned, :least, :moments)
      @read = {}

      # Rows that were read before, by their text and the plan's own materials: while one row is typed the others
      # need not be read again.
      # A row on which nothing is written yet is false.
      def self.read_before(own)
        @read.clear if @read.size > 8 || @read.sum { |_, rows| rows.size } > KEPT_ROWS
        @read[own] ||= {}
      end

      attr_reader :rows, :pointer

      # data: a plan's take_off, { "parts", "groups", "materials" }. of: nil for the list itself, or the number of
      # the group to look at by itself.
      def initialize(data, rules, of: nil)
        @rules = rules
        own = data["materials"] || []
        materials = Materials.new(own)
        @pointer = of ? Plan::Load.new(nil).pointer("take_off", "groups", of, "parts") : POINTER
        groups = of ? {} : groups_of(data)
        before = self.class.read_before(own)
        @rows =
          (of ? data.dig("groups", of, "parts") || [] : data["parts"]).map do |typed|
            group = groups[typed["shape"].strip.downcase] unless groups.empty?
            next GroupRow.new(typed, materials, group.call, typed["shape"].strip) if group

            words = typed.values_at(*Row::FIELDS).join("\u001f")
            row = before.fetch(words) { before[words] = !Row.blank?(typed) && Row.new(typed, materials) }
            row || nil
          end
      end

      def parts = @parts ||= rows.compact
      def leaves = @leaves ||= parts.flat_map(&:leaves)
      def solids = parts.flat_map(&:solids)

      # Weight of all parts as reckoned, kg. Raises NotKnown when the mass of one is not known.
      def bare_kg = total.bare
      # The same with every row's allowance and the heavy end of its material: what everything is checked with.
      def planned_kg = total.planned
      # The light end: allowances taken off, the light end of the materials.
      def least_kg = total.least

      # Centre of gravity, [x, y, z] in m. Raises NotKnown.
      def cg =
        @cg ||=
          begin
            whole = bare_kg
            lost_place
            total.moments.map { |moment| moment / whole }
          end

      # The bare weight and CG, or nil.
      def cg_or_nil
        cg
      rescue NotKnown
        nil
      end

      # By how much the centre of gravity may be off on each axis because of what the rows leave open: ranges of
      # material, rows known worse than by calculation, fluids that are free to move. m, [x, y, z].
      def cg_reach =
        @cg_reach ||= [ 0, 1, 2 ].map { |axis| [ farthest(axis, 1) - cg[axis], cg[axis] - farthest(axis, -1) ].max }

      # The box that holds every part, [low, high], or nil when nothing has a place yet.
      def outline
        added = solids.reject(&:cut)
        return if added.empty?

        [ 0, 1, 2 ].map { |axis| added.map { |solid| solid.low[axis] }.min }
          .zip([ 0, 1, 2 ].map { |axis| added.map { |solid| solid.high[axis] }.max })
          .transpose
      end

      # Size of the load by its parts, from the corner where x, y and z are 0: [length, width, height] in m.
      def size
        lost_place
        far = outline&.last or raise NotKnown.new("no part of the take-off has a size", pointer: pointer)
        far
      end

      # Why the mass is not known, in words, or nil.
      def trouble
        bare_kg
        nil
      rescue NotKnown => error
        error.what
      end

      # The rows with the most to say in the total, largest first: indices into rows.
      def largest(most = 5) =
        rows.each_index.select { |index| rows[index]&.kg }.max_by(most) { |index| rows[index].kg.abs }

      # Do all rows share one allowance and no range of material? Then the whole is bare × (1 + allowance).
      def plain? =
        parts.all? { |row| row.basis == parts.first.basis } &&
          leaves.all? { |leaf| leaf.low == leaf.high && leaf.basis == parts.first.basis }
      def allowance_of(basis) = (@allowances ||= {})[basis] ||= @rules[:allowance, basis]

      private

      def groups_of(data)
        (data["groups"] || []).each_with_index.to_h do |group, index|
          made = nil
          [ group["title"].strip.downcase, -> { made ||= TakeOff.new(data, @rules, of: index) } ]
        end
      end

      def total
        @total ||=
          begin
            lost = rows.index { |row| row&.mass_problem }
            raise lost_row(lost, rows[lost].mass_problem) if lost
            raise NotKnown.new("the take-off has no parts yet", pointer: pointer) if parts.empty?

            sum
          end
      end

      # What adds is marked up by its own allowance; a cut-out by the least on the sheet, so that it never takes away
      # more than it surely does.
      def sum
        adding = leaves.reject { |leaf| leaf.kg.negative? }
        raise NotKnown.new("there are only cut-outs in the take-off", pointer: pointer) if adding.empty?

        shares = adding.map(&:basis).uniq.to_h { |basis| [ basis, allowance_of(basis) ] }
        little = shares.values.min
        bare = planned = least = x = y = z = 0.0
        leaves.each do |leaf|
          kg, at = leaf.kg, leaf.at
          share = kg.negative? ? little : shares[leaf.basis]
          bare += kg
          planned += leaf.high * (1 + share)
          least += leaf.low * (1 - share)
          next unless at

          x += kg * at[0]
          y += kg * at[1]
          z += kg * at[2]
        end
        unless bare.positive?
          raise NotKnown.new("the cut-outs take away as much as there is, or more", pointer: pointer)
        end

        Total.new(bare, planned, [ least, 0.0 ].max, [ x, y, z ])
      end

      def lost_place
        lost = rows.index { |row| row&.place_problem }
        raise lost_row(lost, rows[lost].place_problem) if lost

        loose =
          leaves.any? { |leaf| leaf.at.nil? } && rows.index { |row| row && row.leaves.any? { |leaf| leaf.at.nil? } }
        if loose
          raise NotKnown.new(
            "row #{loose + 1}, #{rows[loose].name}: a part of this group has no place",
            pointer: "#{pointer}/#{loose}/shape"
          )
        end
      end

      def lost_row(index, problem)
        NotKnown.new(
          "row #{index + 1}, #{rows[index].name}: #{problem.message}",
          pointer: "#{pointer}/#{index}/#{problem.field}"
        )
      end

      # The largest (side 1) or least (side −1) place of the centre on an axis, with every mass anywhere in its
      # range and every fluid anywhere in its tank. Each step takes the end of every range that helps from where
      # the last one got; it ends when none helps any more.
      def farthest(axis, side)
        return cg[axis] if uncertain.empty?

        kg = bare_kg - uncertain.sum { |leaf, _, _| leaf.kg }
        moment = bare_kg * cg[axis] - uncertain.sum { |leaf, _, _| leaf.kg * leaf.at[axis] }
        at = cg[axis]
        20.times do
          mass, turning = kg, moment
          uncertain.each do |leaf, low, high|
            place = leaf.at[axis] + side * (leaf.slack ? leaf.slack[axis] : 0.0)
            part = (place - at) * side > 0 ? high : low
            mass += part
            turning += part * place
          end
          return at unless mass.positive?

          further = turning / mass
          return further if (further - at).abs < 1e-12

          at = further
        end
        at
      end

      # Leaves whose mass or place is open, each with the ends of its mass.
      def uncertain
        @uncertain ||=
          begin
            usual = allowance_of("calculated")
            extras =
              leaves
                .map(&:basis)
                .uniq
                .to_h { |basis| [ basis, allowance_of(basis) > usual ? allowance_of(basis) : 0.0 ] }
            leaves.filter_map do |leaf|
              extra = extras[leaf.basis]
              next unless leaf.slack || leaf.low < leaf.high || extra.positive?

              [
                leaf,
                *[
                  leaf.low * (1 - extra),
                  leaf.high * (1 + extra),
                  leaf.low * (1 + extra),
                  leaf.high * (1 - extra)
                ].minmax
              ]
            end
          end
      end
    end
  end
end
