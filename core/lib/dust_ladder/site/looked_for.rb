module DustLadder
  module Site
    # Who looked over the site for what is not drawn on it. For a check with a duty.
    module LookedFor
      # What a site's keeper calls the things looked for.
      KINDS = { "lines" => "power line", "cuts" => "cut", "obstacles" => "obstacle", "people" => "walkway" }.freeze

      # It is no less than that, and may be more.
      BOTH_WAYS =
        "Between two cranes the load is taken to reach as far behind each hook as before it, and as low at every tilt."
          .freeze

      private

      # Above this share of what the ground bears, or of the room there is, it is tight.
      def attention = rules[:attention, :ground]

      # What reaches beyond the boom's middle line at its tip is for somebody to look at where the chart is silent.
      def head_caution
        return if setup.head_known?

        caution("boom_head", "How big the boom's head is the chart does not say: it is taken as thick as the boom.")
      end

      # Raises NotKnown where the house knows the site otherwise than the plan does.
      def setup
        @setup ||=
          begin
            doubt = lift.site_doubt
            nobody(doubt.words) if doubt&.known
            caution("site_from_outside", "#{doubt.words.sub("this", "This")}.") if doubt
            caution("both_ways", BOTH_WAYS) if duty.tandem?
            duty.setup
          end
      end

      def survey = setup.survey

      # Somebody looked for everything of a kind as far as it counts, m from the slewing axis, not too long before the
      # lift. Raises NotKnown.
      def looked!(kind, far)
        said, words = survey.looked(kind), KINDS.fetch(kind)
        by = said && said["by"].to_s[/.*[[:alpha:]].*/]
        nobody("nobody says that every #{words} is drawn") unless by && said["on"]
        seen = survey.seen_from(setup.standing.axis.first(2), kind)
        if seen < far - Ladder::Verdict::SLACK
          nobody(
            "#{by} looked #{Figure.m([ seen, 0.0 ].max, :down)} far round the crane; " \
              "every #{words} within #{Figure.m(far, :up)} counts"
          )
        end
        in_time(Date.iso8601(said["on"]), by, rules[:looked_days, kind].to_i)
        line("n", Figure.m(far, :up), source: "within which a #{words} counts, from the slewing axis")
        line("o", Figure.m(seen, :down), source: "as far as every #{words} is drawn: #{by}, #{said["on"]}")
      end

      def in_time(on, by, days)
        day = lift.day or raise NotKnown.new("the day of the lift", pointer: Plan.pointer("lift_at"))
        nobody("#{by} looked on #{on}, after the lift on #{day}") if on > day
        nobody("what #{by} saw on #{on} counts until #{on + days}, the lift is on #{day}") if on + days < day
      end

      def nobody(what) = raise(NotKnown.new(what, pointer: Plan.pointer("site_document")))
    end
  end
end
