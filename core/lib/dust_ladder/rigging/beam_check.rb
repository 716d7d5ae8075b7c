module DustLadder
  module Rigging
    # May the beam carry what hangs from it, at the span it is set to and between the slings above it? One part each for
    # the whole, its ends or holes, push and bending where the maker rates them, the flattest upper sling and its lean.
    class BeamCheck < Ladder::Check
      ID = "beam"
      LABEL = "Beam"
      FLIGHT = "rigging"
      OF_SLINGS = true
      # demand and capacity: Figures of one unit, or reason of a stop.
      Worst =
        Struct.new(:name, :demand, :capacity, :reason, :corner, keyword_init: true) do
          def share = reason || capacity.nil? ? Float::INFINITY : demand.value / capacity.value
        end

      def self.applies?(lift) = !lift.beam.nil?

      private

      def examine
        beam = lift.beam
        bridle = lift.bridle
        known(beam)
        all = [ *rated(beam, bridle), *flattest(beam, bridle), lean(bridle) ]
        all.each do |one|
          part(
            name: one.name,
            verdict: Ladder::Verdict.of(one.share, attention(one)),
            utilisation: one.share.finite? ? one.share : nil,
            demand: one.demand,
            capacity: one.capacity,
            nominal: nil,
            note: one.reason && both(one.reason)
          )
        end
        governs = all.max_by { |one| [ Ladder::Verdict.of(one.share, attention(one)) == "stop" ? 1 : 0, one.share ] }
        work(beam, bridle, governs)
        cautions(beam)
        return stop(both("#{governs.name}: #{governs.reason}"), subject: governs.name) if governs.reason

        judge(
          governs.demand,
          governs.capacity,
          attention: attention(governs),
          subject: governs.name,
          note:
            both { |system| "#{governs.name}: #{governs.demand.bare(system)} of #{governs.capacity.shown(system)}" }
        )
      end

      # A spreader's rating holds for upper slings of a certain steepness only: what is marked must say so.
      def known(beam)
        if beam.chosen["spans"].empty? && (!beam.spreader? || beam.chosen["compression_kg"].nil?)
          beam.missing("no rating is marked on beam #{beam.number}", "beam")
        end
        return unless beam.spreader? && beam.least_deg.nil? && beam.chosen["compression_kg"].nil?

        raise NotKnown.new(
          "for which angle of the slings above it beam #{beam.number} is rated is not given, nor how much push " \
            "it stands",
          pointer: beam.pointer("beam")
        )
      end

      def attention(one) = one.demand&.unit == :deg ? rules[:attention, :level] : rules[:attention, :slings]

      # Ratings of the beam, each at its worst corner.
      def rated(beam, bridle)
        marked = bridle.rated
        all =
          bridle.hangs.flat_map do |corner, hang|
            marked.parts(hang, UnderBeam::BEAM, beam.used_span).map { |one| [ corner, one ] }
          end
        all
          .group_by { |_, one| one.name.sub(/-?[\d.]+(?= m from)/) { |at| format("%.2f", at.to_f) } }
          .map do |name, some|
            corner, one = some.max_by { |_, part| part.share }
            unit = name == "bending" ? :kg_m : :kg
            Worst.new(
              name: name,
              demand: Figure.new(one.demand, unit, :up),
              capacity: one.capacity && Figure.new(one.capacity, unit, :down),
              reason: one.reason,
              corner: corner
            )
          end
      end

      def flattest(beam, bridle)
        return [] unless beam.least_deg && beam.uppers.any?

        index = beam.uppers.each_index.min_by { |upper| bridle.flattest_deg[bridle.points.size + upper] }
        [
          Worst.new(
            name: "upper slings from plumb",
            demand: Figure.deg(90 - bridle.flattest_deg[bridle.points.size + index], :up),
            capacity: Figure.deg(90 - beam.least_deg),
            corner: "the flattest of all corners"
          )
        ]
      end

      def lean(bridle)
        worst = bridle.hangs.map { |corner, hang| [ corner, hang.pose.tilt_deg(UnderBeam::BEAM) ] }.max_by(&:last)
        Worst.new(
          name: "lean of the beam",
          demand: Figure.deg(worst[1], :up),
          capacity: Figure.deg(rules[:tilt_limit_deg]),
          corner: worst[0]
        )
      end

      def work(beam, bridle, governs)
        line("s", Figure.m(beam.used_span), source: "between the outermost holes in use", about: "beam")
        line("m", Figure.kg(beam.mass, :up), source: "the beam itself, as marked", about: "beam")
        push(beam, bridle) if beam.uppers.size == 2
        return if governs.reason

        line("D", governs.demand, source: "#{governs.name}; #{governs.corner}", about: "beam")
        line(
          "C",
          governs.capacity,
          source: governs.name == "lean of the beam" ? rules.cite(:tilt_limit_deg) : "marked on beam #{beam.number}",
          about: "beam"
        )
      end

      # The push of the slings above into the beam, by hand: their share over the tangent of their angle.
      def push(beam, bridle)
        beam.uppers.each_with_index do |upper, index|
          pull = bridle.upper_worst(index)
          deg = Figure.deg(Math.atan2(pull.leg.height, pull.leg.run) * 180 / Math::PI)
          line(
            "V#{index + 1}",
            Figure.kg(pull.share, :up),
            source: "upward part of #{upper.name}; #{pull.corner}",
            about: "upper:#{index}"
          )
          line("h#{index + 1}", deg, source: "from horizontal, there", about: "upper:#{index}")
          line(
            "N#{index + 1}",
            Figure.kg(pull.share / Math.tan(deg.value * Math::PI / 180), :up),
            formula: "V#{index + 1} / tan(h#{index + 1})",
            from: {
              "V#{index + 1}": Figure.kg(pull.share, :up),
              "h#{index + 1}": deg
            },
            source: "what it presses along the beam, without the legs below",
            about: "beam"
          )
        end
      end

      def cautions(beam)
        caution(
          "beam",
          (
            if beam.spreader?
              "A spreader stands push, not bending: slings at its ends only, the ends locked at their marked span."
            else
              "A lifting beam is rated hole by hole: a CG off its middle loads one end more."
            end
          )
        )
      end
    end
  end
end
