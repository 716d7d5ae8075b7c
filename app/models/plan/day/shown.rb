class Plan
  class Day
    # A day as it is sent to whoever looks at it.
    class Shown
      MOST_LINES = 400

      # day: a Plan::Day.
      def initialize(day)
        @day = day
        @course = day.course
      end

      def as_json(*)
        {
          title: plan.title,
          state: @day.state,
          revision: @day.life.course.revision,
          why: stopped_by_plan,
          at: plan.lift_at,
          number: @day.log.events.last&.number || 0,
          headline: @day.ladder.headlines,
          names: load.points.map(&:name),
          points: load.points.map { |point| DustLadder.known { point.at.first(2) } },
          size: DustLadder.known { load.size.first(2) },
          limits: { tilt: rules[:tilt_limit_deg], aim: rules[:tilt_aim_deg] },
          brief: @day.brief.as_json,
          phases: @course.phases.map { |one| phase(one) },
          open: @course.open&.phase&.id,
          signaller: @course.signaller,
          stop: @course.stop && stop,
          trial: trial,
          tried: @course.tries.size,
          rigged: rigged,
          measures: DustLadder.known { DustLadder::Day::AsMeasured.asked(@day.ladder.lift) },
          turning: turning,
          wind: wind,
          closed: closed,
          gear: gear,
          lines: @day.log.events.last(MOST_LINES).map { |event| line(event) }
        }
      end

      private

      def plan = @day.plan
      def load = @day.ladder.lift.load
      def rules = @day.ladder.lift.rules

      # What bars the day as a whole; nil where nothing does.
      def stopped_by_plan
        return if %w[issued lifting closed].include?(@day.state)
        return "withdrawn: #{@day.life.course.reason}" if @day.state == "withdrawn"

        @day.issued? ? "it was written anew and is #{@day.state}" : "it is #{@day.state}: nobody has issued it"
      end

      def said(event)
        { name: event.name.presence || event.by["name"], by: event.by["name"], at: event.at, number: event.number }
      end

      def answer(one)
        return unless one

        {
          answer: one.answer,
          word: one.event.told("word").to_s,
          **said(one.event),
          against: one.against.map { |event| { answer: event.told("answer"), **said(event) } }
        }
      end

      def phase(one)
        {
          **one.phase.to_h.slice(:id, :label, :by),
          items: one.phase.items.map { |item| { id: item.id, ask: item.ask, said: answer(one.items[item.id]) } },
          heard: one.phase.once ? @course.hearers.map { |role, name|
            { role: role, name: name, said: answer(one.heard[name]) }
          } : [],
          held: answer(one.held),
          done: one.done?,
          no: one.no?,
          trial: one.phase.trial || false,
          measured: one.phase.measured || false
        }
      end

      # Numbers of the pieces that it is rigged with, for whoever writes what was found of one.
      def gear = DustLadder::Plan::NamedGear.numbers(plan.document)

      def stop = { words: @course.stop.words, **said(@course.stop.event) }

      def trial
        return if @day.tries.empty?

        tries = @day.tries
        @day.trial_told.merge("at" => tries.map { |one| said(one) }, "read" => tries.map { |one| one.told("try") })
      end

      def rigged
        event = @course.measured or return
        @day.rigged_told(event).merge("said" => said(event), "measured" => event.told("measured"))
      end

      # Hold points of a lift by two cranes, and what was read there.
      def turning
        told = @day.turning or return
        events = @course.turned
        readings = events.zip(told.readings(events)).map { |event, one| { **one.as_json, "said" => said(event) } }
        told.as_json(events).merge("readings" => readings.last(MOST_READINGS))
      end
      MOST_READINGS = 40

      def wind
        limit = @day.brief.most_wind
        last = @course.winds.last
        {
          limit: limit && DustLadder::Quantity::Figure.speed(limit, :down).as_json,
          said: last && { gust: last.told("gust"), **said(last), over: @day.too_windy?(last) }
        }
      end

      def closed
        event = @course.closed
        event && { lifted: event.told("lifted"), why: event.told("why").to_s, **said(event) }
      end

      def line(event)
        why = why_of(event)
        aside = unknown?(event) ? "the store knows no #{event.told("piece").strip}: nothing was taken out of use" : nil
        { id: event.id, kind: event.kind, about: event.about, why: why, aside: aside, got: event.got, **said(event) }
      end

      # Was something found to be out that the store does not know by this number?
      def unknown?(event)
        return false unless event.kind == "finding" && event.told("out") == "yes"

        @in_store ||= Piece.where(number: outs.map { |one| one.told("piece").strip }).pluck(:number)
        !@in_store.include?(event.told("piece").strip)
      end

      def outs = @day.log.events.select { |event| event.kind == "finding" && event.told("out") == "yes" }

      # Of what was said before this revision was issued nothing counts.
      def why_of(event) = whys.key?(event.number) ? whys[event.number] : "it was said of another revision"

      def whys = @whys ||= @course.lines.to_h { |one| [ one.event.number, one.why ] }
    end
  end
end
