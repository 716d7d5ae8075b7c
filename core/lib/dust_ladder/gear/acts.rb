module DustLadder
  module Gear
    # How a piece goes from state to state: what may be done with it, by whom and from where. What is scrapped never
    # comes back, and what was out of use comes back only when somebody found it sound since (handbook, section 9).
    module Acts
      Act = Struct.new(:name, :words, :from, :to, :who, :needs, :looked, keyword_init: true)
      ALL =
        YAML
          .safe_load_file(File.expand_path("acts.yml", __dir__))
          .to_h { |name, data| [ name, Act.new(name: name, **data.transform_keys(&:to_sym)) ] }
          .freeze
      ASKS = {
        "with" => [ "to whom it goes is not given", "a name" ],
        "why" => [ "why is not given", "a reason in words" ]
      }.freeze
      Refusal = Struct.new(:field, :message, :expected)
      UNSOUND = Refusal.new("act", "nobody found it sound since", "a look or an examination").freeze

      module_function

      # Acts that a piece's state lets anybody of some roles do, in order.
      def open(state, roles) = ALL.values.select { |act| act.from.include?(state) && act.who.intersect?(roles) }

      # Why an act cannot be done, a Refusal each. piece: as of Fitness. given: { "with", "why" } as typed. roles: of
      # who asks. sound_since: was it found sound since it went out of use? on: the day, "2026-11-30".
      def refusals(name, piece, given, roles:, sound_since:, on:, rules:)
        act = ALL[name] or return [ Refusal.new("act", "“#{name.to_s[0, 40]}” is no act", ALL.keys.join(", ")) ]

        state = piece["state"] || "ready"
        found = [ barred(act, state), unpermitted(act, roles), *lacking(act, given) ]
        found << UNSOUND if act.looked && !sound_since
        found << unfit(piece, on, rules) if name == "hand_out" && state == "ready"
        found << unfit(piece, nil, rules) if act.looked && sound_since
        found.compact
      end

      def barred(act, state)
        return if act.from.include?(state)

        never = state == "scrapped" ? ": what is scrapped never comes back" : ""
        Refusal.new("act", "it is #{state}#{never}", "a piece that is #{act.from.join(" or ")}")
      end

      def unpermitted(act, roles)
        Refusal.new("act", "this is not for #{roles.join(", ")}", act.who.join(" or ")) unless act.who.intersect?(roles)
      end

      def lacking(act, given)
        act.needs.filter_map do |name|
          Refusal.new(name, *ASKS.fetch(name)) unless given[name].to_s.match?(/[[:alnum:]]/)
        end
      end

      # Nothing goes out that may not be used today.
      def unfit(piece, on, rules)
        answer = Fitness.new(piece.merge("state" => "ready"), rules).answer(on: on)
        Refusal.new("act", answer.words, "a piece that may be used today") unless answer.holds?
      end
      private_class_method :barred, :unpermitted, :lacking, :unfit
    end
  end
end
