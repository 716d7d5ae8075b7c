module DustLadder
  module Trial
    # A made-up load with a weight, a centre of gravity and slings of its own that nobody sees, which is tried as a real
    # one would be: for practice, for stand-ins of instruments, and to prove what is inferred from readings.
    class Simulated
      # weight: kg; cg: [x, y, z], m; lengths: by how much of its length each line is longer than told; stiff: by how
      # much all are stiffer than their kind.
      Truth = Struct.new(:weight, :cg, :lengths, :stiff, keyword_init: true)
      # The wrongs of instruments. cells: share by line; indicator: share; pitch, roll: degrees, each the same at every
      # try; dead: lines; swapped: pairs of lines.
      Wrongs = Struct.new(:cells, :indicator, :pitch, :roll, :dead, :swapped, keyword_init: true)

      attr_reader :lift, :truth, :wrongs

      # lift: as planned.
      def initialize(lift, truth, wrongs = nil)
        @lift = lift
        @truth = truth
        @hanging = Hanging.new(Rigging::AsRig.of(lift))
        @wrongs = wrongs || Wrongs.new(cells: [ 0.0 ] * rests.size, indicator: 0.0, pitch: 0.0, roll: 0.0)
      end

      # A truth and wrongs by chance, as far off as plans and instruments commonly are. off: how far, 1.0 as a rule.
      def self.by_chance(lift, random, off: 1.0)
        any = ->(most) { most * off * (2 * random.rand - 1) }
        load = lift.load
        lines = Rigging::AsRig.of(lift).lines.size
        truth =
          Truth.new(
            weight: load.planned_kg * (1 - 0.06 + any.(0.08)),
            cg: load.cg.each_with_index.map { |at, axis| at + any.(0.08) * load.size[axis] },
            lengths: Array.new(lines) { any.(lift.rules[:leg_length_tolerance]) },
            stiff: 1 + any.(0.3)
          )
        wrongs =
          Wrongs.new(
            cells: Array.new(lines) { any.(Instruments::DATA.dig("cell", "share")) },
            indicator: any.(Instruments::DATA.dig("indicator", "share")),
            pitch: any.(Instruments::DATA.dig("level", "deg")),
            roll: any.(Instruments::DATA.dig("level", "deg"))
          )
        new(lift, truth, wrongs)
      end

      def rests = @hanging.rests

      # How it hangs on legs of these lengths, m; as planned where none are told. Raises NotKnown where it would not.
      def hung(lengths = nil)
        told = rests.each_with_index.map { |rest, line| on_line(lengths, line) || rest }
        longer = told.zip(truth.lengths).map { |rest, share| rest * (1 + share) }
        @hanging.hung(weight: truth.weight, cg: truth.cg, rests: longer, stiff: truth.stiff)
      end

      # What would be read of it, data as of Try. leave: names of what is not read.
      def try(lengths = nil, leave: [])
        hung = hung(lengths)
        read = shown(hung)
        data = {
          "cells" => lift.legs.each_index.map { |leg| read[lift.bridle.line_index(leg)] },
          "indicator" => "#{(on_hook * (1 + wrongs.indicator)).round} kg",
          "shows" => "without_block",
          "along" => format("%.1f°", hung.pitch + wrongs.pitch),
          "across" => format("%.1f°", hung.roll + wrongs.roll),
          "tight" => hung.tensions.all?(&:positive?) ? "yes" : "no",
          "brakes" => "held",
          "swing" => "none"
        }
        data["lengths"] = lengths.map { |long| long && format("%.3f m", long) } if lengths
        data.except(*leave)
      end

      private

      def on_line(lengths, line)
        return unless lengths

        legs = lift.legs.each_index.select { |leg| lift.bridle.line_index(leg) == line }
        legs.empty? ? nil : legs.sum { |leg| lengths[leg] || lift.bridle.lengths[leg] }
      end

      def on_hook = truth.weight + lift.duty.gross.shown_beside_load(with_block: false).sum(&:kg)

      def shown(hung)
        read = hung.tensions.zip(wrongs.cells).map { |kg, share| "#{(kg * (1 + share)).round} kg" }
        wrongs.swapped.to_a.each { |one, other| read[one], read[other] = read[other], read[one] }
        wrongs.dead.to_a.each { |line| read[line] = Try::DEAD }
        read
      end
    end
  end
end
