module DustLadder
  module Fittings
    # May each leg's fittings carry its worst pull in the direction in which they are really pulled? One part a
    # fitting. Demand: tension; capacity: what the direction leaves of its rating.
    class FittingsCheck < Ladder::Check
      ID = "fittings"
      LABEL = "Fittings"
      FLIGHT = "rigging"
      WORDS = {
        "hook" => "hook",
        "shackle" => "shackle",
        "eyebolt_plain" => "eyebolt without shoulder",
        "eyebolt_shouldered" => "shouldered eyebolt",
        "hoist_ring" => "hoist ring"
      }.freeze
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
      def self.applies?(lift) = lift.legs.any? { |leg| straight?(leg) || leg["fittings"]&.any? }
      def self.straight?(leg) = leg["hitch"] == "vertical"

      # A fitting in words: which one, of which leg.
      def self.name_of(lift, leg, index)
        "#{WORDS.fetch(lift.legs[leg]["fittings"][index]["kind"])} of the #{lift.load.points[leg].name} leg"
      end

      private

      def examine
        bare = lift.legs.index { |leg| self.class.straight?(leg) && !joined?(leg) }
        if bare
          raise NotKnown.new(
            "what holds the #{lift.load.points[bare].name} leg to the load is not given",
            pointer: "/rigging/legs/#{bare}/fittings"
          )
        end

        @unknown = nil
        placed =
          lift.legs.each_index.flat_map do |leg|
            lift.legs[leg]["fittings"].to_a.each_index.filter_map { |index| known { place(leg, index) } }
          end
        own_ends
        if lift.legs.none? { |leg| leg["fittings"]&.any? }
          return answer("holds", note: both("each sling's own end holds the load, rated with its sling"))
        end

        placed.each { |one| show(one) }
        placed.sort_by { |one| -one.share }.each { |one| @working.later(one.words) { |working| work(working, one) } }
        advise(placed)
        settle(placed.max_by(&:share))
      end

      # Is there something that holds a leg to the load?
      def joined?(leg) =
        leg["load_end"] == "own" || leg["fittings"].to_a.any? { |fitting| fitting["end"] == "load" }

      def own_ends
        lift.legs.each_with_index do |leg, index|
          next unless self.class.straight?(leg) && leg["load_end"] == "own"

          part(
            name: "own end of the #{lift.load.points[index].name} sling",
            verdict: "holds",
            note: both("rated with the sling by its tag")
          )
        end
      end

      # What can be told; the first that cannot is kept, and outranks all but a stop.
      def known
        yield
      rescue NotKnown => error
        raise if error.is_a?(Rigging::Bridle::Pending)

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

      def place(leg, index)
        data = lift.legs[leg]["fittings"][index]
        path = [ "rigging", "legs", leg, "fittings", index ]
        name = self.class.name_of(lift, leg, index)
        wll = lift.document.mass("the rating of the #{name}", *path, "wll").positive
        at, off, planned_at = angles(leg, data, path, name)
        fitting = Fitting.new(data["kind"], wll: wll, rules: rules)
        outcome = data["plane"] == "across" ? fitting.across : fitting.outcome(at, off_plane_deg: off)
        seated(data, path, name) if Fitting::OF_AN_EYE.include?(data["kind"]) && !outcome.stop?
        Placed.new(
          leg: leg,
          words: name,
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
      def seated(data, path, name)
        at = ->(key) { "/#{[ *path, key ].join("/")}" }
        if data["into"].to_s.strip.empty?
          raise NotKnown.new(
            "what the #{name} is screwed into, and who says that it holds, is not given",
            pointer: at.("into")
          )
        end
        return if data["through"]

        shank, thread, hole = %w[shank thread hole].map { |key|
          lift.document.size("the #{SEATING.fetch(key)} of the #{name}", *path, key).value
        }
        needed = shank + thread / 2
        return if hole >= needed - 1e-9

        deep, least = Figure.m(hole, :down), Figure.m(needed, :up)
        raise Shallow.new(
          "the hole of the #{name} is #{deep} deep, #{least} at least are needed",
          pointer: at.("hole")
        )
      end
      SEATING = {
        "shank" => "length of the shank",
        "thread" => "diameter of the thread",
        "hole" => "depth of the tapped hole"
      }.freeze
      # Known, and too little.
      class Shallow < NotKnown
      end

      # Degrees off its axis and out of its plane, the worst of every pose; for a hook the share of the way to its tip.
      def angles(leg, data, path, name)
        return off_centre(data, path, name), 0.0, nil if data["kind"] == "hook"
        if data["kind"] == "shackle"
          if data["plane"].nil?
            raise NotKnown.new(
              "whether the #{name} is pulled in the plane of its bow is not given",
              pointer: "/#{[ *path, "plane" ].join("/")}"
            )
          end
          return 0.0, 0.0, nil if data["axis"].nil?
        end

        axis = AXES[data["axis"]] or
          raise NotKnown.new("which way the #{name} points is not given", pointer: "/#{[ *path, "axis" ].join("/")}")
        normal = AXES[data["across"]]
        if normal.nil? && Fitting::OF_AN_EYE.include?(data["kind"])
          raise NotKnown.new(
            "how the eye of the #{name} stands is not given",
            pointer: "/#{[ *path, "across" ].join("/")}"
          )
        end

        found = lift.bridle.poses.map { |pose| Fitting.angles(pull(leg, pose), axis, normal) }
        planned = Fitting.angles(pull(leg, lift.bridle.as_made), axis, normal).first
        [ *found.transpose.map(&:max), planned ]
      end

      def pull(leg, pose) = lift.bridle.direction(pose, leg)

      def off_centre(data, path, name)
        field =
          lift.document.field(
            :share,
            "how far off its bowl the load sits in the #{name}",
            *path,
            "off_centre",
            at_least: 0
          )
        field.value
      end

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
