module DustLadder
  module Day
    # How one phase stands: what was answered to each of its items, who of the crew has heard it, and who ended it.
    class Standing
      # Of an item, one of the crew, or the phase itself: yes or no, who said it, with what word, and the Event.
      # against: events that say otherwise and had not seen it.
      Answer = Struct.new(:answer, :event, :against, keyword_init: true) do
        def name = event.name.empty? ? event.by["name"] : event.name
        # Where two say otherwise who had not seen each other, the worse counts until somebody says it anew.
        def yes? = answer == "yes" && against.empty?
        def no? = !yes?
      end

      attr_reader :phase, :items, :heard, :held

      def initialize(phase)
        @phase = phase
        begin_anew
      end

      def begin_anew
        @items, @heard, @held = {}, {}, nil
      end

      # What was said to these items is asked again, and with it whether the phase is ended.
      def ask_anew(some)
        return if some.empty?

        some.each { |item| items.delete(item.id) }
        @held = nil
      end

      def answered(event) = items[event.told("item")] = said(items[event.told("item")], event)
      def hears(event) = heard[event.name] = said(heard[event.name], event)
      def hold(event) = @held = said(held, event)

      def no? = all.any?(&:no?)
      def done? = held&.yes? || false
      def begun? = items.any? || heard.any? || !held.nil?
      def unanswered = phase.items.reject { |item| items[item.id]&.yes? }
      # Answers that two gave otherwise, without having seen each other's.
      def conflicts = all.reject { |one| one.against.empty? }

      private

      def all = [ *items.values, *heard.values, *[ held ].compact ]

      def said(before, event)
        against =
          if before && !event.saw?(before.event)
            other = event.told("answer") != before.answer
            [ *before.against, *(other ? [ before.event ] : []) ]
          else
            []
          end
        answer = against.any? ? "no" : event.told("answer")
        Answer.new(answer: answer, event: event, against: against)
      end
    end
  end
end
