module DustLadder
  module Day
    # What was measured beside the load before it is lifted, as it was typed (handbook, sections 10 and 18). data:
    # { "lengths", "angles" => [text or nil, one a leg], "spread" => [text or nil, one a way of Spreads], "uppers" =>
    # [text or nil, one a sling above the beam], "holes" => [hole's index or nil, one a leg], "bail" => hole's index,
    # "span", "hook_height" => text }; whatever was not measured is nil or left out. Lengths in m, angles in degrees
    # from the horizontal, holes from the load's near end, 0 first.
    class MeasuredFields
      LISTS = %w[lengths angles spread uppers].freeze
      SINGLE = { "span" => "the beam's span", "hook_height" => "how high the hook is" }.freeze
      NAMES = [ *LISTS, *SINGLE.keys, "holes", "bail" ].freeze
      MOST_TEXT = 40

      attr_reader :lift

      # lift: of the plan as it was issued. data: as above.
      def initialize(lift, data)
        @lift = lift
        @data = data.is_a?(Hash) ? data : {}
      end

      # What cannot be so, each { "pointer", "message", "expected" }.
      def faults
        unknown = @data.keys - NAMES
        found = [
          *unknown.map { |name| fault("/#{name}", "#{name} is not measured here", NAMES.join(", ")) },
          *LISTS.filter_map { |name| not_one_each(name) },
          *SINGLE.keys.filter_map { |name| fault("/#{name}", "that is no text", "text") unless text?(@data[name]) },
          *hole_faults
        ]
        return found if found.any?

        fields = [ *LISTS.flat_map { |name| list(name).values }, *SINGLE.keys.filter_map { |name| single(name) } ]
        found = fields.filter_map(&:problem).map { |one| one.slice("pointer", "message", "expected") }
        found.any? ? found : [ *nothing(fields), *too_much ]
      end

      # By index, of what was measured, m and degrees.
      def lengths = known("lengths")
      def angles = known("angles")
      def spread = known("spread")
      def uppers = known("uppers")
      # m, or nil.
      def span = single("span")&.then { |field| field.value if field.known? }
      # As typed: { index => text }; text or nil.
      def typed(name) = list(name).select { |_, field| field.known? }.transform_values(&:typed)
      def typed_one(name) = single(name)&.then { |field| field.typed if field.known? }
      # Hole's index by leg.
      def holes = @data["holes"].to_a.each_with_index.filter_map { |hole, leg| [ leg, hole ] if hole }.to_h
      def bail = @data["bail"]

      # What can be measured of this lift.
      def spreads = @spreads ||= Spreads.new(names, DustLadder.known { lift.load.points.map(&:at) } || [])
      def names = lift.load.points.map(&:name)
      def beam = lift.beam
      # Places along its beam that a leg, and its bail, may be set in; none where that is not for choice.
      def places = @places ||= told { beam.holes unless spreader? }
      def bails = @bails ||= told { beam.bails if beam.bail? && beam.bails.size > 1 }
      def spreader? = beam && DustLadder.known { beam.spreader? } || false

      private

      # Nothing can be chosen of a beam that is not known.
      def told = beam && DustLadder.known { yield } || []

      # One label an entry of a list.
      def labels(name)
        case name
        when "lengths" then names.map { |one| "the length of the #{one} leg" }
        when "angles" then names.map { |one| "the angle of the #{one} leg from the horizontal" }
        when "spread" then spreads.ways.map { |way| "the spread #{way.label}" }
        when "uppers" then beam ? beam.uppers.map { |upper| "the length of #{upper.name}" } : []
        end
      end

      def list(name)
        (@lists ||= {})[name] ||=
          labels(name).each_with_index.filter_map { |label, index|
            typed = @data[name].to_a[index].to_s[0, MOST_TEXT].strip
            [ index, field("/#{name}/#{index}", typed, name == "angles" ? :angle : :length, label) ] unless typed.empty?
          }.to_h
      end

      def single(name)
        typed = @data[name].to_s[0, MOST_TEXT].strip
        field("/#{name}", typed, :length, SINGLE[name]) unless typed.empty?
      end

      def field(pointer, typed, kind, label)
        PlanFile::Field.new(pointer, typed, kind, label, above: 0, at_most: kind == :angle ? 90 : Trial::Try::MOST_M)
      end

      def known(name) = list(name).select { |_, field| field.known? }.transform_values(&:value)

      def not_one_each(name)
        given = @data[name]
        wanted = labels(name)
        return if given.nil? || given.is_a?(Array) && given.size == wanted.size && given.all? { |one| text?(one) }

        expected = wanted.any? ? "#{wanted.size}: #{wanted.join(", ")}" : "nothing"
        fault("/#{name}", "there is not one text for each", expected)
      end

      def hole_faults
        given = @data["holes"]
        fine = given.nil? || given.is_a?(Array) && given.size == names.size && given.all? { |one| hole?(one, places) }
        [
          (fault("/holes", "that is no hole of this beam for each leg", expected(places)) unless fine),
          (fault("/bail", "that is no hole of this beam's bail", expected(bails)) unless hole?(bail, bails)),
          (fault("/span", "no beam of this plan has a span to be set", "nothing") if @data["span"] && !spreader?)
        ].compact
      end

      def hole?(one, all) = one.nil? || one.is_a?(Integer) && one.between?(0, all.size - 1)
      def expected(all) = all.any? ? "0 to #{all.size - 1}" : "nothing"

      def nothing(fields)
        return [] if fields.any?(&:given?) || holes.any? || bail

        [ fault("", "nothing was measured", "a length, an angle, a spread, a hole or the hook's height") ]
      end

      # Legs that were measured hold the hook where they do.
      def too_much
        rest = [ *lengths, *spread, *uppers, *holes, bail, span ].compact
        return [] unless single("hook_height") && rest.any?

        [ fault("/hook_height", "the hook's height follows from what else was measured", "one of the two") ]
      end

      def text?(value) = value.nil? || value.is_a?(String)
      def fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }
    end
  end
end
