module DustLadder
  module Fittings
    # May each leg's fittings carry its worst pull in the direction in which they are really pulled? One part a
    # fitting. Demand: tension; capacity: what the direction leaves of its rating.
    class FittingsCheck < Ladder::Check
      ID = "fittings"
      LABEL = "Fittings"
      WORDS = {
        "hook" => "hook",
        "shackle" => "shackle",
        "eyebolt_plain" => "eyebolt without shoulder",
        "eyebolt_shouldered" => "shouldered eyebolt",
        "hoist_ring" => "hoist ring"
      }.freeze
      AXES = { "x" => [ 1.0, 0.0, 0.0 ], "y" => [ 0.0, 1.0, 0.0 ], "z" => [ 0.0, 0.0, 1.0 ] }.freeze
      # One fitting in its place: what it is, and what it comes to at its worst.
      Placed = Struct.new(:leg, :name, :words, :fitting, :tension, :at, :off_plane, :outcome, keyword_init: true) do
        def share = outcome.stop? ? Float::INFINITY : tension / outcome.capacity
      end

      def self.applies?(lift) = lift.legs.any? { |leg| leg["fittings"]&.any? }

      private

      def examine
        bare = lift.legs.index { |leg| leg["fittings"].to_a.none? { |fitting| fitting["end"] == "load" } }
        raise NotKnown.new(
          "what holds the #{lift.load.points[bare].name} leg to the load is not given",
          pointer: "/rigging/legs/#{bare}/fittings"
        ) if bare

        placed = lift.legs.each_index.flat_map { |leg|
          lift.legs[leg]["fittings"].each_index.map { |index|
            place(leg, index)
          }
        }
        placed.each { |one|
          part(
            name: one.words,
            verdict: Ladder::Verdict.of(one.share, rules[:attention, :slings]),
            utilisation: one.share.finite? ? one.share : nil,
            demand: Figure.kg(one.tension, :up),
            capacity: one.outcome.capacity && Figure.kg(one.outcome.capacity, :down),
            nominal: nil,
            note: one.outcome.reason && both(one.outcome.reason)
          )
        }
        placed.sort_by { |one| -one.share }.each { |one| @working.later(one.words) { |working| work(working, one) } }
        advise(placed)
        governs = placed.max_by(&:share)
        return stop(
          both("#{governs.words}: #{governs.outcome.reason}"),
          subject: governs.words
        ) if governs.outcome.stop?

        judge(
          Figure.kg(governs.tension, :up),
          Figure.kg(governs.outcome.capacity, :down),
          attention: rules[:attention, :slings],
          subject: governs.words,
          note: both { |system|
            "#{governs.words}: #{Figure.kg(governs.tension, :up).bare(system)} of " \
              "#{Figure.kg(governs.outcome.capacity, :down).shown(system)}"
          }
        )
      end

      def place(leg, index)
        data = lift.legs[leg]["fittings"][index]
        path = [ "rigging", "legs", leg, "fittings", index ]
        name = "#{WORDS.fetch(data['kind'])} of the #{lift.load.points[leg].name} leg"
        wll = lift.document.mass("the rating of the #{name}", *path, "wll").positive
        at, off = angles(leg, data, path, name)
        fitting = Fitting.new(data["kind"], wll: wll, rules: rules)
        Placed.new(
          leg: leg,
          words: name,
          fitting: fitting,
          tension: lift.bridle.worst[leg].tension,
          at: at,
          off_plane: off,
          outcome: fitting.outcome(at, off_plane_deg: off)
        )
      end

      # Degrees off its axis and out of its plane, the worst of every pose; for a hook the share of the way to its tip.
      def angles(leg, data, path, name)
        return [ off_centre(data, path, name), 0.0 ] if data["kind"] == "hook"
        return [ 0.0, 0.0 ] if data["kind"] == "shackle" && data["axis"].nil?

        axis = AXES[data["axis"]] or raise NotKnown.new(
          "which way the #{name} points is not given",
          pointer: "/#{[ *path, 'axis' ].join('/')}"
        )
        normal = AXES[data["across"]]
        raise NotKnown.new(
          "how the eye of the #{name} stands is not given",
          pointer: "/#{[ *path, 'across' ].join('/')}"
        ) if normal.nil? && Fitting::OF_AN_EYE.include?(data["kind"])

        found = lift.bridle.poses.map { |pose| Fitting.angles(pull(leg, pose), axis, normal) }
        found.transpose.map(&:max)
      end

      def pull(leg, pose) = lift.bridle.direction(pose, leg)

      def off_centre(data, path, name)
        field = lift.document.field(:share, "how far off its bowl the load sits in the #{name}", *path, "off_centre")
        field.given? ? field.not_negative : 0.0
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
        working.line(
          "p",
          Figure.deg(one.off_plane, :up),
          source: "out of the plane of its eye, at worst",
          about: about
        ) if Fitting::OF_AN_EYE.include?(one.fitting.kind)
        working.line("T", Figure.kg(one.tension, :up), source: "leg tension, at worst", about: about)
        return if one.outcome.stop?

        left = Figure.factor(one.outcome.factor, :down)
        working.line("k", left, source: one.fitting.source, about: about)
        working.line(
          "C",
          Figure.kg(one.outcome.capacity, :down),
          formula: "R × k",
          from: { R: rating, k: left },
          source: "in this direction"
        )
      end

      def advise(placed)
        eyes = placed.select { |one| Fitting::OF_AN_EYE.include?(one.fitting.kind) }
        caution(
          "eyebolt",
          "Eyebolts: forged, threads clean and full, seated flush, the eye's plane in line with the pull; never one " \
            "sling " \
            "through two of them."
        ) if eyes.any?
        caution(
          "hoist_ring",
          "A hoist ring keeps its rating in any direction: use one in place of #{eyes.first.words}."
        ) if eyes.any? { |one|
               one.outcome.stop? || one.outcome.factor < 0.5
             }
        caution("shackle", "Shackles: the pin home, and no running line that could turn it.") if placed.any? { |one|
          one.fitting.kind == "shackle"
        }
      end
    end
  end
end
