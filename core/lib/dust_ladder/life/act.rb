module DustLadder
  module Life
    # What may be done with a plan: by whom, in which state, and which state comes of it (handbook, section 17).
    # to: nil where the state stays. wants: what a record of it tells beside who, when and what was seen.
    class Act < Struct.new(:name, :from, :to, :roles, :wants)
      STATES = %w[draft checked issued lifting closed withdrawn].freeze
      # "house": what Dust Ladder does by itself when a plan no longer holds.
      ROLES = %w[reader rigger planner keeper appointed engineer admin house].freeze

      ALL =
        [
          [ "wrote", [ nil, *%w[draft checked issued withdrawn] ], "draft", %w[planner], %w[flights] ],
          [ "flight", %w[draft], nil, %w[rigger planner appointed engineer], %w[flight] ],
          [ "second", %w[draft checked], nil, %w[engineer], [] ],
          [ "deviation", %w[draft checked], nil, %w[appointed], %w[deviation value reason] ],
          [ "issued", %w[checked], "issued", %w[appointed], %w[from until cranes critical deviations] ],
          [ "began", %w[issued], "lifting", %w[rigger planner appointed], [] ],
          [ "closed", %w[issued lifting], "closed", %w[rigger planner appointed], %w[lifted reason] ],
          [ "withdrawn", %w[issued lifting], "withdrawn", %w[appointed house], %w[reason] ],
          [ "archived", %w[draft checked closed withdrawn], nil, %w[planner appointed], [] ]
        ].to_h { |name, *rest| [ name, new(name, *rest).freeze ] }.freeze

      def self.named(name) = ALL[name]

      # Who may do it, in words.
      def by_words
        named = roles.map { |role| role == "house" ? "Dust Ladder itself" : role }
        [ named[0..-2].join(", "), named[-1] ].reject(&:empty?).join(" or ")
      end
    end
  end
end
