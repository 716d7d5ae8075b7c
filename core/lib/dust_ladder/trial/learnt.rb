module DustLadder
  module Trial
    # What follows from the tries of one load: weight and centre of gravity with how sure they are, what cannot be told,
    # and which instrument may be wrong (handbook, section 10).
    class Learnt
      include Ladder::Sentences

      WIDE_WEIGHT = 0.15
      # Part of the load's size beyond which a place of the CG is not told.
      WIDE_PLACE = 0.1
      # Part of what was thought of the height before that must be left for it to count as told.
      NARROWED = 0.5
      AXES = %w[along across height].freeze

      attr_reader :lift, :tries

      # tries: of one load, without faults, the last one last. Raises NotKnown where nothing can be said.
      def initialize(lift, tries)
        @lift = lift
        @tries = tries
        suspicion
      end

      def hanging = @hanging ||= Hanging.new(rig)
      def fit = suspicion.suspect&.fit || @fit
      def agrees? = suspicion.agrees?
      def suspects = suspicion.suspects
      # May it be told at all? Where readings do not agree, only with the one that explains it put right.
      def told? = agrees? || !suspicion.suspect.nil?

      # kg and m; nil where it cannot be told. The error is the greatest that is likely, either way.
      def weight = told? && weight_error <= WIDE_WEIGHT * fit.weight ? fit.weight : nil
      def weight_error = Instruments::TOLD * fit.weight_error
      def cg_errors = fit.cg_error.map { |error| Instruments::TOLD * error }
      def cg = @cg ||= [ 0, 1, 2 ].map { |axis| place?(axis) ? fit.cg[axis] : nil }

      # Off the planned place, m, by axis; nil where it is not told.
      def off = cg.zip(lift.load.cg).map { |is, planned| is && is - planned }
      # Does it lie outside its planned box, for sure, on that axis?
      def outside?(axis) = off[axis] && off[axis].abs - cg_errors[axis] > lift.load.cg_half_width[axis]

      # Sentences.
      def cannot_tell
        [
          ("the weight" unless weight),
          *[ 0, 1 ].filter_map { |axis| "where the CG is #{AXES[axis]}" unless cg[axis] },
          ("how high the CG is: that needs a tilt in a second pose" unless cg[2]),
          ("whether cells that read nearly the same stand in each other's place" if cells?)
        ].compact.map { |text| both(text) }
      end

      # In words what does not agree; nil where all does.
      def doubt
        return if agrees?
        if suspects.empty?
          return both("The readings do not agree, and no one instrument explains it: look at all of them.")
        end

        both(
          "The readings do not agree. It would be explained by #{suspects.map { |one|
            said(one)
          }.join(", or by ")}."
        )
      end

      # The lengths of the lines in the last try, m.
      def rests = seen.last.rests

      def as_json(*)
        {
          "weight" => weight && figure_pair(Figure.kg(weight), Figure.kg(weight_error, :up)),
          "cg" => [ 0, 1, 2 ].map { |axis| place(axis) },
          "cannot_tell" => cannot_tell.map(&:as_json),
          "doubt" => doubt&.as_json
        }
      end

      # Name of a line, as people say it.
      def name_of(line) = lift.bridle.strand_names[legs_of(line)[0] || 0].to_s

      # Legs, by index, that a line of the rig is part of; none of one above a beam.
      def legs_of(line) = lift.legs.each_index.select { |leg| lift.bridle.line_index(leg) == line }

      private

      def cells? = tries.any? { |try| try.cells.compact.size > 1 }

      def place?(axis)
        return false unless told?
        return cg_errors[2] < NARROWED * Instruments::TOLD * trust.height if axis == 2

        cg_errors[axis] <= WIDE_PLACE * lift.load.size[axis]
      end

      def place(axis)
        return unless cg[axis]

        {
          **figure_pair(Figure.m(cg[axis]), Figure.m(cg_errors[axis], :up)),
          "off" => Figure.m(off[axis]).as_json,
          "outside" => outside?(axis) || false
        }
      end

      def figure_pair(figure, error) = { "figure" => figure.as_json, "error" => error.as_json }

      def said(suspect)
        names = suspect.lines.map { |line| name_of(line) }
        case suspect.what
        when "swapped" then "the cells of #{names.join(" and ")} standing in each other's place"
        when "cell" then "a wrong cell at #{names[0]}"
        when "load" then "a wrong indicator, or something hanging that the plan does not know of"
        else "a tilt read wrong"
        end
      end

      def suspicion
        @suspicion ||=
          begin
            @fit = fit_of(seen)
            Suspicion.new(@fit) { |mended| fit_of(mended) }
          end
      end

      def fit_of(some) = Fit.new(hanging, some, size: lift.load.size, trust: trust)
      def trust = @trust ||= Instruments.trust(lift)

      def seen
        @seen ||=
          tries.map do |try|
            Seen.new(
              cells: hanging.rests.each_index.map { |line| cell(try, line) },
              load: DustLadder.known { try.load_kg },
              pitch: try.tilt? ? try.along : nil,
              roll: try.tilt? ? try.across : nil,
              rests: hanging.rests.each_with_index.map { |rest, line| length(try, line) || rest }
            )
          end
      end

      # A reeved sling is one line, whichever of its legs has the cell.
      def cell(try, line) = legs_of(line).filter_map { |leg| try.cells[leg] }.first

      def length(try, line)
        legs = legs_of(line)
        lengths = legs.map { |leg| try.lengths[leg] || lift.bridle.lengths[leg] }
        legs.any? ? lengths.sum : nil
      end

      def rig = Rigging::AsRig.of(lift)
    end
  end
end
