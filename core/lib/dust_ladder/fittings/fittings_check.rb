module DustLadder
  module Fittings
    # May each leg's fittings carry its worst pull in the direction in which they are really pulled? One part a
    # fitting. Demand: tension; capacity: what the direction leaves of its rating.
    class FittingsCheck < Ladder::Check
      ID = "fittings"
      LABEL = "Fittings"
      FLIGHT = "rigging"
      AXES = { "x" => [ 1.0, 0.0, 0.0 ], "y" => [ 0.0, 1.0, 0.0 ], "z" => [ 0.0, 0.0, 1.0 ] }.freeze
      # One fitting in its place: what it is, and what it comes to at its worst and as planned.
      Placed =
        Struct.new(
          :leg,
          :words,
          :fitting,
          :tension,
          :nominal,
          :at,
          :planned_at,
          :off_plane,
          :outcome,
          keyword_init: true
        ) do
          def share = outcome.stop? ? Float::INFINITY : tension / outcome.capacity

          # On its band as planned, and pushed over it by what is open.
          def pushed_over
            return unless planned_at && planned_at < at
            planned = fitting.outcome(planned_at)
            return if planned.stop? || (!outcome.stop? && planned.factor == outcome.factor)

            "#{planned_at.round(1)}° as planned, #{(at + 0.05).round(1)}° at worst: the next band counts"
          end
        end

      # A basket or a choke goes round the load itself.
      def self.applies?(lift) = lift.legs.any? { |leg| leg.straight? || leg.fittings.any? }

      # One fitting of a leg as it is pulled at its worst: a Placed. Raises NotKnown as the check does.
      def placed_at(leg, index) = place(leg, lift.legs[leg].fittings.fetch(index))

      private

      def examine
        bare = lift.legs.find { |leg| leg.straight? && !leg.joined? }
        bare&.missing("what holds the #{bare.name} leg to the load is not given", "fittings")

        @unknown = nil
        placed =
          lift.legs.flat_map { |leg| leg.fittings.filter_map { |fitting| known { place(leg.index, fitting) } } }
        own_ends
        if lift.legs.none? { |leg| leg.fittings.any? }
          return answer("holds", note: both("each sling's own end holds the load, rated with its sling"))
        end

        placed.each { |one| show(one) }
        placed.sort_by { |one| -one.share }.each { |one| @working.later(one.words) { |working| work(working, one) } }
        advise(placed)
        settle(placed.max_by(&:share))
      end

      def own_ends
        lift.legs.each do |leg|
          next unless leg.straight? && leg["load_end"] == "own"

          part(
            name: "own end of the #{leg.name} sling",
            verdict: "holds",
            note: both("rated with the sling by its tag")
          )
        end
      end

      # What can be told; the first that cannot is kept, and outranks all but a stop.
      def known
        yield
      rescue NotKnown => error
        raise if error.is_a?(Rigging::Pending)

        @shallow ||= error if error.is_a?(Shallow)
        @unknown ||= error
        nil
      end

      def show(one)
        reason = one.outcome.reason || one.pushed_over
        part(
          name: one.words,
          verdict: Ladder::Verdict.of(one.share, rules.attention(:fittings)),
          utilisation: one.share.finite? ? one.share : nil,
          demand: Figure.kg(one.tension, :up),
          capacity: one.outcome.capacity && Figure.kg(one.outcome.capacity, :down),
          nominal: Figure.kg(one.nominal, :up),
          note: reason && both(reason)
        )
      end

      def settle(governs)
        return stop(both(@shallow.what), subject: "tapped hole") if @shallow
        raise @unknown if @unknown && (governs.nil? || governs.share <= 1 + Ladder::Verdict::SLACK)
        return stop(
          both("#{governs.words}: #{governs.outcome.reason}"),
          subject: governs.words
        ) if governs.outcome.stop?

        over = governs.pushed_over
        judge(
          Figure.kg(governs.tension, :up),
          Figure.kg(governs.outcome.capacity, :down),
          attention: rules.attention(:fittings),
          subject: governs.words,
          note:
            both do |system|
              "#{governs.words}: #{Figure.kg(governs.tension, :up).bare(system)} of " \
                "#{Figure.kg(governs.outcome.capacity, :down).shown(system)}#{"; #{over}" if over}"
            end
        )
      end

      def place(leg, planned)
        wll = planned.wll.positive
        at, off, planned_at = angles(leg, planned)
        fitting = Fitting.new(planned.kind, wll: wll, rules: rules)
        outcome = planned["plane"] == "across" ? fitting.across : fitting.outcome(at, off_plane_deg: off)
        seated(planned) if Fitting::OF_AN_EYE.include?(planned.kind) && !outcome.stop?
        Placed.new(
          leg: leg,
          words: planned.name,
          fitting: fitting,
          tension: lift.bridle.worst[leg].tension,
          nominal: lift.bridle.nominal[leg].tension,
          at: at,
          planned_at: planned_at,
          off_plane: off,
          outcome: outcome
        )
      end

      # An eyebolt holds no more than what it is screwed into, and that it is screwed in deep enough.
      def seated(planned)
        if planned["into"].to_s.strip.empty?
          planned.missing("what the #{planned.name} is screwed into, and who says that it holds, is not given", "into")
        end
        return if planned["through"]

        shank, thread, hole = planned.seating.map(&:value)
        needed = shank + thread / 2
        return if hole >= needed - 1e-9

        deep, least = Figure.m(hole, :down), Figure.m(needed, :up)
        raise Shallow.new(
          "the hole of the #{planned.name} is #{deep} deep, #{least} at least are needed",
          pointer: planned.pointer("hole")
        )
      end
      # Known, and too little.
      class Shallow < NotKnown
      end

      # Degrees off its axis and out of its plane, the worst of every pose; for a hook the share of the way to its tip.
      def angles(leg, planned)
        return planned.off_centre.value, 0.0, nil if planned.kind == "hook"

        if planned.kind == "shackle"
          if planned["plane"].nil?
            planned.missing("whether the #{planned.name} is pulled in the plane of its bow is not given", "plane")
          end
          return 0.0, 0.0, nil if planned["axis"].nil?
        end
        axis = AXES[planned["axis"]] || planned.missing("which way the #{planned.name} points is not given", "axis")
        normal = AXES[planned["across"]]
        if normal.nil? && Fitting::OF_AN_EYE.include?(planned.kind)
          planned.missing("how the eye of the #{planned.name} stands is not given", "across")
        end

        found = lift.bridle.poses.map { |pose| Fitting.angles(pull(leg, pose), axis, normal) }
        as_planned = Fitting.angles(pull(leg, lift.bridle.as_made), axis, normal).first
        [ *found.transpose.map(&:max), as_planned ]
      end

      def pull(leg, pose) = lift.bridle.direction(pose, leg)

      def work(working, one)
        about = "leg:#{one.leg}"
        rating = Figure.kg(one.fitting.wll, :down)
        working.line("R", rating, source: "as marked", about: about)
        working.line(
          "a",
          one.fitting.kind == "hook" ? Figure.percent(one.at) : Figure.deg(one.at, :up),
          source: "#{Fitting::KINDS.fetch(one.fitting.kind).last}, at worst",
          about: about
        )
        if Fitting::OF_AN_EYE.include?(one.fitting.kind)
          working.line(
            "p",
            Figure.deg(one.off_plane, :up),
            source: "out of the plane of its eye, at worst",
            about: about
          )
        end
        working.line("T", Figure.kg(one.tension, :up), source: "leg tension, at worst", about: about)
        return if one.outcome.stop?

        left = Figure.factor(one.outcome.factor, :down)
        working.line("k", left, source: one.fitting.source, about: about)
        working.line(
          "C",
          Figure.kg(one.outcome.capacity, :down),
          formula: "R × k",
          from: {
            R: rating,
            k: left
          },
          source: "in this direction"
        )
      end

      def advise(placed)
        eyes = placed.select { |one| Fitting::OF_AN_EYE.include?(one.fitting.kind) }
        if eyes.any?
          caution(
            "eyebolt",
            "Eyebolts: forged, threads clean and full, seated flush, the eye's plane in line with the pull; never " \
              "one sling through two of them."
          )
        end
        if eyes.any? { |one| one.outcome.stop? || one.outcome.factor < 0.5 }
          caution(
            "hoist_ring",
            "A hoist ring keeps its rating in any direction: use one in place of #{eyes.first.words}."
          )
        end
        if placed.any? { |one| one.fitting.kind == "shackle" }
          caution("shackle", "Shackles: the pin home, and no running line that could turn it.")
        end
      end
    end
  end
end
