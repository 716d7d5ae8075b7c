module DustLadder
  module Finding
    # What is known to fall out without being worked out again: of a rack, a rack in its spot, or a whole Setting, under
    # what hangs at least so heavy (handbook, section 6: more in the hook never helps).
    class Deadwood
      # What rungs of a crane depend on, beside what hangs in its hook; others on the whole Setting.
      OF_RACK = %w[chart hook].freeze
      OF_SPOT = %w[hoist wraps side_pull crane jib platform wind].freeze
      # However it is reeved.
      OF_BOOM = %w[height boom power_lines obstacles clearance tail_swing zones].freeze
      # Those that ask nothing of what hangs in the hook.
      OF_NO_HOLD = %w[chart].freeze
      # Those that go by weight alone, rope and all, however it is shaped: the lower the hook and the more parts, the
      # more rope.
      OF_WEIGHT = %w[pads tracks].freeze

      # What fell: kg in the hook, its height in m, parts of line or nil, and its Judge::Fall.
      Row =
        Struct.new(:kg, :hook, :parts, :fall) do
          # Is another at least as heavy?
          def under?(other)
            other.kg >= kg && other.hook <= hook && (parts == other.parts || (parts && other.parts.to_i >= parts))
          end
        end

      def initialize
        @shaped = Hash.new { |all, key| all[key] = {} }
        @heavy = Hash.new { |all, key| all[key] = [] }
      end

      # setting: a Setting; rig: a Rig that stands; fall: a Judge::Fall of both; more: kg that hung in the hook beside.
      def add(setting, rig, fall, more = 0.0)
        return add_heavy(setting, rig, fall, more) if OF_WEIGHT.include?(fall.id)

        rows = @shaped[key(setting, fall.id)]
        shape = OF_NO_HOLD.include?(fall.id) ? nil : rig.shape
        before, kg = rows[shape], rig.kg + more
        rows[shape] = [ kg, fall ] if before.nil? || kg < before[0]
      end

      # The Judge::Fall of a Setting under a Rig and so much more in the hook, kg; nil where it is not known to fall.
      def fall(setting, rig, more = 0.0) = by_weight(setting, rig, more) || by_shape(setting, rig, more)

      private

      def add_heavy(setting, rig, fall, more)
        rows, row = @heavy[of_ground(setting)], row(setting, rig, more, fall)
        return if rows.any? { |one| one.under?(row) }

        rows.reject! { |one| row.under?(one) }
        rows << row
      end

      def row(setting, rig, more, fall = nil) = Row.new(rig.kg + more, rig.hook, setting.rack.parts, fall)

      def by_weight(setting, rig, more)
        key = of_ground(setting)
        return unless @heavy.key?(key)

        own = row(setting, rig, more)
        @heavy[key].find { |one| one.under?(own) }&.fall
      end

      def by_shape(setting, rig, more)
        [ of_rack(setting), of_boom(setting), of_spot(setting), whole(setting) ].each do |key|
          rows = @shaped.key?(key) ? @shaped[key] : next
          return rows[nil][1] if rows[nil]

          least, fall = rows[rig.shape]
          return fall if least && rig.kg + more >= least
        end
        nil
      end

      def key(setting, id)
        return of_rack(setting) if OF_RACK.include?(id)
        return of_boom(setting) if OF_BOOM.include?(id)

        OF_SPOT.include?(id) ? of_spot(setting) : whole(setting)
      end

      def of_rack(setting) = setting.rack.id
      def of_boom(setting) = [ :boom, setting.rack.reads, setting.spot.id ]
      def of_ground(setting) = [ setting.rack.reads, setting.spot.id, setting.mats.id ]
      def of_spot(setting) = [ setting.rack.id, setting.spot.id ]
      def whole(setting) = setting.to_a.map(&:id)
    end
  end
end
