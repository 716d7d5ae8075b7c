module DustLadder
  module Day
    # What was measured beside the load before it is lifted, by tape and inclinometer: judged at once and shown beside
    # the plan (handbook, sections 10 and 18). data: { "lengths" => [text or nil, one a leg], "angles" => [text or
    # nil, one a leg, from the horizontal], "hook_height" => text or nil }.
    class AsMeasured
      include Ladder::Sentences

      NAMES = %w[lengths angles hook_height].freeze
      # Degrees by which an angle that was read may differ from the one that the lengths make.
      READ_DEG = 2.0

      def initialize(document, data)
        @document = document
        @data = data.is_a?(Hash) ? data : {}
        @lift = Lift.new(document)
        @names = @lift.load.points.map(&:name)
      end

      # What cannot be so, each { "pointer", "message", "expected" }.
      def faults
        unknown = @data.keys - NAMES
        shapes = %w[lengths angles].reject { |name| list?(@data[name]) }
        found = [
          *unknown.map { |name| fault("/#{name}", "#{name} is not measured here", NAMES.join(", ")) },
          *shapes.map { |name| fault("/#{name}", "there is not one text for each leg", @names.join(", ")) }
        ]
        return found if found.any?
        if fields.none?(&:given?)
          return [ fault("", "nothing was measured", "a length, an angle or the hook's height") ]
        end

        fields.filter_map(&:problem).map { |one| one.slice("pointer", "message", "expected") }
      end

      # Legs beyond the tolerance of their lengths, a sentence each.
      def beyond
        @beyond ||=
          lengths.each_with_index.filter_map do |field, leg|
            next unless field&.known?

            planned = @lift.bridle.lengths[leg]
            off = field.value - planned
            next if off.abs <= @lift.rules[:leg_length_tolerance] * planned + Ladder::Verdict::SLACK

            both do |system|
              by = Figure.m(off.abs, :up).shown(system)
              "#{@names[leg]} is #{by} #{off.positive? ? "longer" : "shorter"} than planned."
            end
          end
      end

      # Angles that do not agree with the lengths: a length, a point or the angle was misread. A sentence each.
      def misread
        rigged.angles_beside.filter_map do |leg, read, worked|
          next if (read - worked).abs <= READ_DEG

          both("#{@names[leg]} was read as #{Figure.deg(read)}, its length makes #{Figure.deg(worked)}.")
        end
      rescue NotKnown
        []
      end

      # What is beyond tolerance, or misread, stops; else as good as the worst of what changed.
      def verdict
        return "stop" if beyond.any? || misread.any?

        changed.empty? ? "holds" : Ladder::Verdict.weakest(changed.map { |one| one.measured.verdict })
      end

      # Rungs whose figure or verdict is not the plan's.
      def changed
        @changed ||=
          rigged.beside.select do |one|
            one.planned.verdict != one.measured.verdict ||
              one.planned.percent&.shown != one.measured.percent&.shown
          end
      end

      def as_json(*)
        {
          "verdict" => verdict,
          "beyond" => [ *beyond, *misread ].map(&:as_json),
          "changed" =>
            changed.map do |one|
              {
                "id" => one.id,
                "label" => one.label,
                "planned" => said(one.planned),
                "measured" => said(one.measured),
                "worse" => one.worse?
              }
            end
        }
      end

      private

      def said(rung)
        {
          "verdict" => rung.verdict,
          "utilisation" => rung.percent&.as_json,
          "note" => rung.note&.as_json
        }
      end

      def rigged
        @rigged ||=
          Rigging::AsRigged.new(
            @document,
            lengths: known(lengths).transform_values(&:typed),
            angles: known(angles).transform_values(&:value),
            hook_height: hook_height.known? ? hook_height.typed : nil
          )
      end

      def known(fields) = fields.each_with_index.filter_map { |one, leg| [ leg, one ] if one&.known? }.to_h
      def fields = [ *lengths, *angles, hook_height ].compact

      def lengths
        @lengths ||=
          each_leg("lengths") do |leg, typed|
            PlanFile::Field.new(
              "/lengths/#{leg}",
              typed,
              :length,
              "the length of the #{@names[leg]} leg",
              above: 0,
              at_most: Trial::Try::MOST_M
            )
          end
      end

      def angles
        @angles ||=
          each_leg("angles") do |leg, typed|
            label = "the angle of the #{@names[leg]} leg from the horizontal"
            PlanFile::Field.new("/angles/#{leg}", typed, :angle, label, above: 0, at_most: 90)
          end
      end

      def hook_height
        typed = @data["hook_height"]
        @hook_height ||=
          PlanFile::Field.new(
            "/hook_height",
            typed.is_a?(String) ? typed[0, 40] : nil,
            :length,
            "how high the hook is",
            above: 0,
            at_most: Trial::Try::MOST_M
          )
      end

      def each_leg(name)
        @names.each_index.map do |leg|
          typed = @data[name]&.at(leg).to_s[0, 40].strip
          yield(leg, typed) unless typed.empty?
        end
      end

      def list?(list)
        return true if list.nil?

        list.is_a?(Array) && list.size == @names.size && list.all? { |one| one.nil? || one.is_a?(String) }
      end

      def fault(pointer, message, expected) = { "pointer" => pointer, "message" => message, "expected" => expected }
    end
  end
end
