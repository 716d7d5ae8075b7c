module DustLadder
  module Advice
    # One figure of a plan that may be asked about: what it is called, what it is now, and how another value of it is
    # written. Values in kg, m or m/s; step is the least that counts, and every value asked for lies on it.
    class Input
      KINDS = {
        mass: { step: 1.0, least: 1.0, most: 5_000_000.0, text: "%d kg", figure: :kg },
        length: { step: 0.01, least: 0.01, most: 500.0, text: "%.2f m", figure: :m },
        place: { step: 0.01, least: -500.0, most: 500.0, text: "%.2f m", figure: :m },
        speed: { step: 0.1, least: 0.0, most: 60.0, text: "%.1f m/s", figure: :speed }
      }.freeze

      # All that a plan has of them.
      def self.all(lift)
        [
          weight(lift),
          *cg(lift),
          hook(lift),
          *lift.duties.flat_map { |duty| crane(duty, lift) }
        ].compact
      end

      # The one of an id among some. at: where the id was given. Raises Faulty.
      def self.named(inputs, id, at)
        inputs.find { |one| one.id == id } or
          raise Faulty.new(at, "the plan has no such figure", inputs.map(&:id).join(", "))
      end

      class << self
        # The load's weight; nil where it is not known, or comes from the take-off.
        def weight(lift)
          load = lift.load
          return if load.from_take_off?(:weight)

          of("weight", "Bare weight", :mass, load.pointer("weight", "bare")) { load.bare_kg }
        end

        private

        def cg(lift)
          return [] if lift.load.from_take_off?(:cg)

          %w[x y z].each_with_index.map do |axis, at|
            within = DustLadder.known { [ 0.0, lift.load.size[at] ] }
            pointer = lift.load.pointer("cg", axis)
            of("cg_#{axis}", "Centre of gravity, #{axis}", :place, pointer, within) { lift.load.cg[at] }
          end
        end

        def hook(lift)
          return unless lift.rigging.by_hook_height?

          of("hook", "Hook above the load's base", :length, lift.rigging.pointer("hook_height")) do
            lift.rigging.hook_height.value
          end
        end

        def crane(duty, lift)
          crane, who = duty.crane, duty.who
          mark = ->(id) { lift.tandem? ? "#{id}-#{crane.index}" : id }
          said = ->(words) { who ? "#{who}: #{words.downcase}" : words }
          [
            *(lift.tandem? ? [] : stations(crane)),
            of(mark.("wind"), said.("Gust"), :speed, crane.pointer("wind")) { crane.wind.value },
            of(mark.("obstacle"), said.("Highest thing on the way"), :place, crane.pointer("obstacle_height")) do
              crane.obstacle_height.value
            end,
            *stand(duty, mark, said)
          ]
        end

        def stations(crane)
          crane.stations.each_with_index.flat_map do |station, at|
            place, name = crane.pointer("stations", at), station.name
            radius = of("radius-#{at}", "Radius at #{name}", :length, "#{place}/radius") { station.radius.value }
            on = "Height of what it stands on at #{name}"
            height = of("support-#{at}", on, :place, "#{place}/support_height") { station.support_height.value }
            [ crane.placed(at) ? nil : radius, height ]
          end
        end

        def stand(duty, mark, said)
          return [] unless duty.on_site?

          stand = duty.crane.stand
          mat = of(mark.("mat"), said.("Side of a mat"), :length, stand.pointer("mat", "side")) { stand.mat_side.value }
          [
            of(mark.("carried"), said.("Load carried over the ground"), :length, stand.pointer("carried")) do
              stand.carried.value
            end,
            (mat if stand.mats?)
          ]
        end

        # nil where the plan does not have it, or it is not known.
        def of(id, label, kind, pointer, within = nil)
          DustLadder.known { new(id: id, label: label, kind: kind, pointer: pointer, now: yield, within: within) }
        end
      end

      attr_reader :id, :label, :kind, :pointer, :now

      # within: [least, most] where it can be no farther, or nil.
      def initialize(id:, label:, kind:, pointer:, now:, within: nil)
        @id = id
        @label = label
        @kind = kind
        @pointer = pointer
        @now = now
        @within = within
      end

      def step = KINDS.fetch(kind)[:step]
      def least = @within&.first || KINDS.fetch(kind)[:least]
      def most = @within&.last || KINDS.fetch(kind)[:most]
      # The nearest value that can be written.
      def round(value) = ((value / step).round * step).round(6)
      def values(value) = { pointer => format(KINDS.fetch(kind)[:text], value) }
      def figure(value, round = :near) = Figure.public_send(KINDS.fetch(kind)[:figure], value, round)

      # [from, to] of a range that was typed. names: of both where they were typed. Raises Faulty.
      def range(from, to, names: %w[from to])
        ends = names.zip([ from, to ]).map { |name, typed| read(name, typed) }
        if ends[0] >= ends[1]
          raise Faulty.new("/#{names[1]}", "#{to} is not more than #{from}", "the range from less to more")
        end

        ends
      end

      def as_json(*)
        { "id" => id, "label" => label, "kind" => kind.to_s, "pointer" => pointer, "now" => figure(now).as_json }
      end

      private

      def read(name, typed)
        value = round(Quantity::Reader.read(typed, kind == :place ? :length : kind))
        return value if value.between?(least, most)

        raise Faulty.new("/#{name}", "#{typed} is out of bounds", "#{figure(least)} to #{figure(most)}")
      rescue Quantity::Unreadable => error
        raise Faulty.new("/#{name}", error.message, error.expected)
      end
    end
  end
end
