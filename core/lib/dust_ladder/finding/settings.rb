module DustLadder
  module Finding
    # How the crane could be used: which machine, boom and parts of line; where it stands and how it turns; on which
    # mats. Machines that stand fixed, and those that go by two booms, only as planned. A grid; what of it holds is for
    # others to find out.
    class Settings < Advice::Choices
      # Parts of line of another machine that are tried.
      MOST_PARTS_TRIED = 8
      PARTS = [ 1, 2, 4, -1, -2 ].freeze

      # base: an Advice::Base; may: a May; far: the FarPlaces of the same.
      def initialize(base, may, far = FarPlaces.new(base))
        super(base, base.now.ids - %w[chart])
        @may = may
        @far = far
      end

      # Options of each, least to do first; what is planned among them, where anything is.
      def racks = @racks ||= sorted([ *planned_racks, *set_ups, *machines ])
      def spots = @spots ||= sorted([ *turned(place("", [])), *places.flat_map { |one| turned(one) } ])
      # Spots farther off on the site: it takes a while to look for them.
      def far_spots = @far_spots ||= @may.move ? sorted(@far.changes.flat_map { |change| turned(option(change)) }) : []
      # Of the least that any of them takes, minutes.
      FAR_MINUTES = Advice::Efforts.of("stand")["minutes"]

      def matting = @matting ||= sorted([ place("", []), *laid ])

      private

      def sorted(options) = options.uniq(&:id).sort_by.with_index { |one, at| [ one.minutes, at ] }
      def place(id, changes, **more) = Option.new(id: id, changes: changes, **more)
      def option(*changes, **more) = place(changes.map(&:id).join("+"), changes, **more)

      def planned_racks
        return [] unless crane.chosen?

        name = machine_name(crane.chart_data)
        [ nil, *known(:other_booms) ].flat_map do |boom|
          [ nil, *known(:other_parts) ].map do |parts|
            option(*[ boom, parts ].compact, name: name, reads: boom&.values.to_s, parts: count_of(parts))
          end
        end
      end

      def machine_name(data) = data["identity"].to_h["model"] || data["title"]

      def other_booms
        return [] unless crane.family?("mobile")

        now = crane.booms.max
        crane.chart.booms.reject { |length| (length - now).abs < STEP_M }.map { |length| boomed(length) }
      end

      def other_parts
        return [] if crane.family?("tower") || crane.family?("platform_jib")

        now = crane.parts_of_line
        PARTS.map { |more| now + more }.select(&:positive?).flat_map do |count|
          reeved(count > now ? "parts" : "fewer", [ count ])
        end
      end

      # Parts of line with a change of them, or as planned; nil where that is not known.
      def count_of(change) = change ? change.values.values.first : DustLadder.known { crane.parts_of_line }

      # Other charts of the same machine, set up as they say.
      def set_ups
        return [] unless crane.chosen? && crane.family?("mobile")

        each_length(own_charts) do |chart, length|
          set_up = charted(:set_up, chart, length)
          [ nil, *known(:other_parts) ].map do |parts|
            made = { name: machine_name(chart["data"]), reads: set_up.id, parts: count_of(parts) }
            option(*[ set_up, parts ].compact, **made)
          end
        end
      end

      def each_length(charts, &block)
        charts.flat_map { |chart| lengths(chart["data"]).flat_map { |length| block.call(chart, length) } }
      end

      # Other machines, reeved as is wanted.
      def machines
        return [] unless @may.machines && (!crane.chosen? || crane.family?("mobile"))

        each_length(other_charts) do |chart, length|
          fetched = charted(:machine, chart, length)
          (1..MOST_PARTS_TRIED).map do |count|
            made = { name: machine_name(chart["data"]), reads: fetched.id, parts: count }
            option(reeved_as(fetched, count), **made)
          end
        end
      end

      def reeved_as(fetched, count)
        words = fetched.words
        Advice::Change.new(
          id: "#{fetched.id}-#{count}",
          knob: fetched.knob,
          words: both { |system| "#{words[system]}; #{count} part#{"s" if count > 1} of line" },
          values: { **fetched.values, crane.pointer("parts_of_line") => count }
        )
      end

      def as_rigged(_, identity) = identity

      # Elsewhere on its site, pick and set where they are.
      def places
        return [] unless @may.move

        [ *known(:stand), *known(:bearing) ].map { |change| option(marked(change, *figures_of_stand(change))) }
      end

      # By a name of its own: a knob's changes share one.
      def marked(change, *marks) = change.dup.tap { |one| one.id = [ change.id, *marks ].join("-") }

      def figures_of_stand(change)
        change.values.filter_map { |at, value| value[/-?[\d.]+/] if at.start_with?(crane.stand.pointer) }
      end

      def turned(spot)
        other = known(:turn)
        [ spot, *other.map { |change| option(*spot.changes, change) } ]
      end

      def laid
        found = known(:mats)
        found += known(:wide_mats) if @may.hire
        found.map { |change| option(marked(change, *side_of(change))) }
      end

      def side_of(change) = change.values.values.grep(Hash).filter_map { |mat| mat["side"] }.first
    end
  end
end
