module DustLadder
  module Rigging
    # The beam between hook and legs as a plan has it: which one, how it is set, and the slings above it. Places along
    # it in m from its middle, x along the load; heights above the bearing of its holes.
    class PlannedBeam < Plan::Beam
      # A bail goes straight on the hook: as good as no length, as good as stiff.
      BAIL_M = 0.02
      BAIL_STIFF = 1000.0

      # The plan's beam, or nil.
      def self.of(document) = new(document).then { |beam| beam if beam.given? }

      # How many holes and eyes a beam of the store has, from its data.
      def self.places(data)
        return { "holes" => 2, "eyes" => 2 } if data["kind"] == "spreader"

        { "holes" => data["holes_m"].to_a.size, "eyes" => data["eyes_m"].to_a.size }
      end

      # The beam that the plan took from the store, or nil.
      attr_reader :piece

      def initialize(document)
        super
        @piece = Snapshots.floats("beams", document.snapshot("beams", self["beam"]))
        @span = length("the beam's span", "span")
        @headroom = length("the hook's height above the beam", "headroom")
        @legs_below = Plan::Rigging.new(document).legs
        uppers.each(&:long)
      end

      def uppers = legs
      def chosen = @piece || missing("which beam it is is not given", "beam")
      def number = chosen["number"]
      def kind = chosen["kind"]
      def spreader? = kind == "spreader"
      def bail? = !spreader? && chosen["eyes_m"].empty?
      def depth = chosen["depth_m"]
      def mass =
        chosen["mass_kg"] || missing("the mass of beam #{number} is not known", "beam")
      def span = @span.positive
      def headroom = @headroom.positive

      # Where the legs may hang, and where the slings above it hold it.
      def holes = spreader? ? [ -span / 2, span / 2 ] : chosen["holes_m"].sort
      def eyes = spreader? ? holes : chosen["eyes_m"].sort

      # Where along the beam its bail is pinned, m from the middle. Raises NotKnown where it could be in several places.
      def bail_at
        return 0.0 if bails.empty?

        at = self["bail"] or missing("which of its holes the bail of beam #{number} is in is not given", "bail")
        bails[at] or
          missing("the bail of beam #{number} has #{bails.size} holes; it is planned in the #{at + 1}th", "bail")
      end

      # Holes for the bail, from the middle; none for one that is fixed there.
      def bails = chosen["bails_m"].to_a.sort

      # Hole of a leg. Raises NotKnown without one, or when the beam has no such hole.
      def hole(leg)
        below, at = @legs_below[leg], hole_index(leg)
        holes[at] or
          below.missing("beam #{number} has #{holes.size} holes; leg #{leg + 1} is planned on the #{at + 1}th", "hole")
      end

      # Which of its holes it is, 0 first. Raises NotKnown without one.
      def hole_index(leg)
        below = @legs_below[leg]
        below["hole"] or below.missing("which hole of the beam leg #{leg + 1} hangs from is not given", "hole")
      end

      # Distance between the outermost holes in use.
      def used_span = @legs_below.each_index.map { |leg| hole(leg) }.minmax.then { |low, high| high - low }

      # As many slings as there are eyes to hold it by.
      def sound
        wanted = bail? ? 0 : eyes.size
        bail_at if bail?
        return if uppers.size == wanted

        raise Impossible.new(
          "beam #{number} is held by #{wanted.zero? ? "its bail" : "#{wanted} slings"}; the plan has " \
            "#{uppers.size} above it",
          pointer: pointer("legs")
        )
      end

      # The beam as something with ratings. below: kg that hang from the hole of each leg beside the load.
      def rated(below = [])
        Beam.new(
          kind,
          mass: mass,
          spans: chosen["spans"].map { |one| one.values_at("span_m", "kg") },
          end_rating: chosen["end_kg"],
          compression_rating: chosen["compression_kg"],
          bending_rating: chosen["bending_kg_m"],
          hung: below.each_with_index.map { |kg, leg| [ hole(leg), kg ] }
        )
      end

      def least_deg = chosen["least_deg_from_horizontal"]

      # As a body of a rig, its points "hole 0", "eye 1", "bail". below: kg that hang from the hole of each leg beside
      # the load, and count as the beam's own.
      def body(below = [])
        points = holes.each_with_index.to_h { |x, index| [ "hole #{index}", [ x, 0.0, 0.0 ] ] }
        eyes.each_with_index { |x, index| points["eye #{index}"] = [ x, 0.0, depth ] }
        points["bail"] = [ bail_at, 0.0, depth ] if bail?
        whole = mass.to_f + below.sum
        along = below.each_with_index.sum { |kg, leg| kg * hole(leg) } / whole
        up = mass * depth / 2 / whole
        Statics::Rig::Body.new(name: "beam", mass: whole, cg: [ along, 0.0, up ], points: points)
      end

      # The node that a leg hangs from.
      def node(leg) = "beam.hole #{holes.index(hole(leg))}"
    end
  end
end
