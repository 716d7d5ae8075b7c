module DustLadder
  module Day
    # How a day stands by its events: nothing of it is kept beside them. An event that may not count is kept all the
    # same, and says why it does not: nothing that was said on the day is lost.
    class Course
      include Hearing

      # An event with why it does not count, in words, or nil.
      Line = Struct.new(:event, :why, keyword_init: true)
      Stop = Struct.new(:event, :words, keyword_init: true)

      NEVER = ->(_) { "not_known" }

      attr_reader :phases, :lines, :stop, :tries, :turned, :measured, :winds, :findings, :closed, :signaller

      # phases: of Phases.of. crew: [[role, name]] as named in the plan. supervisors: ids of the people whom it names as
      # supervisor, who alone may go on; nil where it names nobody whom the house keeps. Callables, asked only where it
      # matters: trial: verdict of the tries so far; rigged: verdict of what was measured last; too_windy: is a wind
      # event over the limit?
      def initialize(phases, crew:, supervisors: nil, trial: NEVER, rigged: NEVER, too_windy: ->(_) { false }, **hooks)
        @phases = phases.map { |phase| Standing.new(phase) }
        @crew = crew.dup
        @supervisors = supervisors
        @trial, @rigged, @too_windy = trial, rigged, too_windy
        @hooks_stop, @hooks_bar = hooks.values_at(:hooks_stop, :hooks_bar)
        @lines, @tries, @turned, @winds, @findings = [], [], [], [], []
        @signaller = named("signaller")[0]
      end

      # events: Events in their order.
      def take(events)
        events.each { |event| lines << Line.new(event: event, why: taken(event)) }
        self
      end

      # The phase that is open now; nil where all are done, or the day is closed.
      def open = closed ? nil : phases.find { |one| !one.done? }
      def stopped? = !stop.nil?
      def done? = phases.all?(&:done?)
      def conflicts = phases.flat_map(&:conflicts)
      def notes = of_kind("note")
      def lessons = of_kind("lesson")
      # Was the lift begun?
      def begun? = phases.any? { |one| one.phase.begins && (one.begun? || one.done?) }
      def named(role) = @crew.select { |one, _| one == role }.map(&:last)

      # Everybody who has to hear the briefing: [[role, name]], each name once in each role; "" where nobody is named.
      def hearers
        bare = Plan::Crew::ROLES.reject { |role| named(role).any? }
        @crew.uniq + bare.map { |role| [ role, "" ] }
      end

      private

      def of_kind(kind) = lines.select { |line| line.event.kind == kind }.map(&:event)
      def standing(event) = phases.find { |one| one.phase.id == event.told("phase") }

      # What comes of a kind; what needs nothing to go before is taken as it comes.
      HANDS = {
        "stop" => :call_stop,
        "went_on" => :go_on,
        "answered" => :answer,
        "heard" => :hear,
        "held" => :hold,
        "signaller" => :hand_over,
        "tried" => :try,
        "closed" => :close
      }.freeze
      FREE = %w[stop went_on signaller].freeze
      AFTER = %w[note lesson finding].freeze

      # Why it does not count; nil where it does.
      def taken(event)
        return "it came after the day was closed" if closed && !AFTER.include?(event.kind)

        hand = HANDS[event.kind] or return keep(event)
        FREE.include?(event.kind) ? send(hand, event) : unless_stopped(event) { send(hand, event) }
      end

      def keep(event)
        case event.kind
        when "named" then return name(event)
        when "wind" then blow(event)
        when "turned" then turn(event)
        when "rigged" then @measured = event
        when "finding" then findings << event
        end
        nil
      end

      # So does more in a hook than is planned there.
      def turn(event)
        turned << event
        words = @hooks_stop&.call(event)
        @stop ||= Stop.new(event: event, words: words) if words
      end

      # Wind over the limit stops by itself, whoever writes it down.
      def blow(event)
        winds << event
        @stop ||= Stop.new(event: event, words: "wind, #{event.told("gust")}") if @too_windy.call(event)
      end

      # Somebody for what the plan names nobody for, or for more beside it; never another supervisor or operator.
      def name(event)
        role = event.told("role")
        one = ALONE.include?(role) && named(role)[0]
        return "the plan names #{one} as #{role}" if one

        @crew << [ role, event.name ]
        @signaller ||= event.name if role == "signaller"
        nil
      end
      ALONE = %w[supervisor operator].freeze

      # Signals pass to one of the crew who has heard the briefing, where it was held; whether the operator sees or
      # hears the new one is asked again.
      def hand_over(event)
        one = event.name
        words = bars_from_signals(one)
        return words if words

        phases.each { |standing| standing.ask_anew(standing.phase.items.select(&:hand)) } if one != signaller
        @signaller = one
        nil
      end

      def bars_from_signals(one)
        return "#{one} is not named for this day: who joins is named first, and briefed" unless crew_names.include?(one)
        return "#{one} is the operator" if named("operator").include?(one)

        "#{one} has not said yes to the briefing" if briefing.done? && deaf.include?(one)
      end

      def unless_stopped(event)
        # Where it was not lifted, nobody has to go on first.
        return yield unless stop && !(event.kind == "closed" && event.told("lifted") == "no")

        "stop is called: the supervisor says first that it goes on"
      end

      def call_stop(event)
        words = event.told("gut") == "yes" ? "a gut feeling" : event.told("why").to_s.strip
        # Whoever called it says why a moment later; who stopped it, and when, stays.
        told = [ stop&.words, words ].find { |one| one.to_s != "" }.to_s
        @stop = Stop.new(event: stop ? stop.event : event, words: told)
        nil
      end

      # What was said in the phase that was stopped is asked again, and whether the area is clear.
      def go_on(event)
        return "no stop is called" unless stop
        return "nobody is named as supervisor" if named("supervisor").empty?
        return "going on is for the supervisor, #{named("supervisor").join(" or ")}" unless supervisor?(event)
        return "the stop at number #{stop.event.number} was not seen" unless event.saw?(stop.event)

        @stop = nil
        phases.each { |one| one.begin_anew if one.phase.anew || !one.done? }
        nil
      end

      def supervisor?(event)
        named("supervisor").include?(event.name) && (@supervisors.nil? || @supervisors.include?(event.by["id"]))
      end

      def answer(event)
        one = standing(event)
        earlier(one) || (one.answered(event) && nil)
      end

      def hear(event) = earlier(briefing) || (briefing.hears(event) && nil)
      def briefing = phases.find { |standing| standing.phase.once }

      # What is behind is not said before what comes first.
      def earlier(one)
        before = phases.take(phases.index(one)).find { |other| !other.done? } or return
        "“#{before.phase.label}” comes first"
      end

      def hold(event)
        one = standing(event)
        return earlier(one) if earlier(one)

        event.told("answer") == "no" ? (one.hold(event) && nil) : end_it(one, event)
      end

      def end_it(one, event)
        left = one.unanswered
        return "not yet answered with yes: #{left.map(&:ask).join("; ")}" if left.any?

        words = not_yet(one) || not_joined(one)
        return words if words

        one.hold(event)
        nil
      end

      # What the phase itself asks.
      def not_yet(one)
        return not_all_heard if one.phase.once
        return no_trial(one) if one.phase.trial || (@hooks_bar && one.phase.begins)

        not_as_planned if one.phase.measured
      end

      # What was measured beyond tolerance, or makes a rung worse than it may be, is put right or planned first.
      def not_as_planned
        return "nothing was measured yet" if measured.nil?

        verdict = @rigged.call(measured)
        %w[holds tight].include?(verdict) ? nil : "as it was measured it is: #{Ladder::Verdict.words(verdict)}"
      end

      # What was not known is no pass. Two cranes are held instead, and both hooks read.
      def no_trial(one)
        return @hooks_bar.call(turned, one.phase.trial ? :first : :all) if @hooks_bar
        return "nothing was tried yet" if tries.empty?

        verdict = @trial.call(tries)
        %w[holds tight].include?(verdict) ? nil : "the last try is: #{Ladder::Verdict.words(verdict)}"
      end

      def try(event)
        one = phases.find { |standing| standing.phase.trial }
        words = earlier(one)
        # Whatever was read is kept and learnt from; the trial is not over with it.
        tries << event
        one.begin_anew if one.done?
        words
      end

      def close(event)
        return "not all is done: “#{open.phase.label}” is not ended" if event.told("lifted") == "yes" && open

        @closed = event
        nil
      end
    end
  end
end
