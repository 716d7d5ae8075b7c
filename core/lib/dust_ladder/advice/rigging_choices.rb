module DustLadder
  module Advice
    # How high the hook hangs, how long the legs are, how a choke is pulled.
    module RiggingChoices
      RAISES_M = [ 0.1, 0.2, 0.4, 0.8, 1.6, 3.2 ].freeze
      LESS = [ 0.9, 0.8, 0.7, 0.6, 0.5 ].freeze
      MORE = [ 1.1, 1.25, 1.5, 2.0 ].freeze
      LEVEL_DEG = 0.5
      MOST_LEVEL = 4
      LEAST_LEG_M = 0.3

      private

      def hook
        return unless @lift.rigging.by_hook_height?

        height = @lift.bridle.hook_set
        along(height, RAISES_M.map { |more| height + more }) { |metres| hook_at("hook", up(metres)) }
      end

      def lower
        return unless @lift.rigging.by_hook_height?

        height = @lift.bridle.hook_set
        lower = RAISES_M.map { |less| height - less }.select { |metres| metres > @lift.load.size[2] }
        along(height, lower) { |metres| hook_at("lower", down(metres)) }
      end

      def hook_at(knob, metres)
        verb, legs = knob == "hook" ? %w[Raise longer] : %w[Lower shorter]
        words = both do |system|
          "#{verb} the hook to #{Figure.m(metres).shown(system)} above the load's base: #{legs} legs"
        end
        change(knob, knob, words, { @lift.rigging.pointer("hook_height") => written(metres) })
      end

      # Where lengths are given: all legs longer, or shorter, by as much.
      def legs = by_length("legs", RAISES_M)
      def shorter = by_length("shorter", RAISES_M.map(&:-@))

      def by_length(knob, steps)
        return unless @lift.rigging.by_lengths? && @lift.beam.nil?

        lengths = @lift.bridle.lengths
        able = steps.select { |more| lengths.min + more > LEAST_LEG_M }
        along(0.0, able) { |more| legs_by(knob, lengths, more) }
      end

      # The words tell what they lead to, worked out only where somebody reads them.
      def legs_by(knob, lengths, more)
        made = lengths.map { |length| length + more }
        values = @lift.legs.zip(made).to_h { |leg, length| [ leg.pointer("length"), format("%.3f m", length) ] }
        words = both do |system|
          "Legs #{more.positive? ? "longer" : "shorter"} by #{Figure.m(more.abs, :up).shown(system)}, the longest " \
            "#{Figure.m(made.max, :up).shown(system)}#{hung_words(values, system)}"
        end
        change(knob, knob, words, values)
      end

      # How they hang then; nothing where they cannot.
      def hung_words(values, system)
        @hung_so ||= {}
        bridle = @hung_so[values] ||= @base.state(values).lift.bridle
        ": #{Figure.deg(bridle.flattest_deg.min)} from horizontal, " \
          "#{Figure.kg(bridle.worst.map(&:tension).max, :up).shown(system)} at most"
      rescue NotKnown
        ""
      end

      # Less height between hook and beam, or more: the slings above it stand flatter, or steeper.
      def headroom = above_beam("headroom", LESS, "Shorter slings", :down)
      def above = above_beam("above", MORE, "Longer slings", :up)

      def above_beam(knob, shares, what, round)
        return unless @lift.beam && @lift.rigging.by_hook_height?

        now, hook = @lift.beam.headroom, @lift.bridle.hook_set
        shares.map do |share|
          room = now * share
          words = both do |system|
            "#{what} above the beam: the hook #{Figure.m(room, round).shown(system)} above it"
          end
          change(
            knob,
            knob,
            words,
            {
              @lift.beam.pointer("headroom") => written(room),
              @lift.rigging.pointer("hook_height") => written(hook + room - now)
            }
          )
        end
      end

      # A choke that is not pulled tight keeps all of the choker rating.
      def choke
        full = @lift.rules[:choke_angle_bands].first.first
        tight = @lift.legs.select { |leg| tight?(leg, full) }
        return if tight.empty?

        values =
          tight.reduce({}) do |all, leg|
            beaten = leg["beaten_down"] ? { leg.pointer("beaten_down") => false } : {}
            all.merge(leg.pointer("choke_angle") => "#{full.round}°", **beaten)
          end
        change(:choke, "choke", both("Loosen the choke to #{full.round}° or more at the eye"), values)
      end

      def tight?(leg, full)
        angle = leg.choke_angle
        leg.choker? && (leg["beaten_down"] || (angle.known? && angle.value < full))
      end

      # One leg shorter or longer, in whole links where it is chain, so that the load hangs level.
      def level
        return unless @lift.bridle.pose.tilt_deg > LEVEL_DEG

        advices = Rigging::LevelAdvice.new(@document, pieces: @base.stock.slings).options
        advices.first(MOST_LEVEL).map do |advice|
          words = both { |system| "#{advice.words[system]}: it hangs #{Figure.deg(advice.tilt_deg, :up)} off level" }
          change(:level, "level-#{advice.id}", words, advice.changes)
        end
      end
    end
  end
end
