module DustLadder
  module Gear
    # What the plan format makes of a beam's fields.
    module BeamReading
      private

      def beam
        sizes = Piece::OF_BEAM.to_h { |field, (kind, key)| [ key, quantity(field, kind, required: field == "depth") ] }
        spans =
          pairs("span_ratings", :length, "ratings by span, such as 3.0 m: 6 t; 3.6 m: 5 t").map do |span, kg|
            { "span_m" => span, "kg" => kg }
          end
        pushed = fields["kind"] == "spreader" && !fields["compression"].empty?
        if spans.empty? && fields["span_ratings"].empty? && !pushed
          problem(
            "span_ratings",
            "no rating is given",
            "ratings by span, such as 3.0 m: 6 t; 3.6 m: 5 t; or, of a spreader, the greatest push along it"
          )
        end
        holes, eyes, bails = %w[holes eyes bails].map { |field| list(field) }
        if fields["kind"] == "lifting_beam" && fields["holes"].empty?
          problem(
            "holes",
            "a lifting beam hangs its legs from holes: none are given",
            "places from its middle, such as -1.5 m; 1.5 m"
          )
        end
        {
          "number" => fields["number"],
          "kind" => Piece::BEAMS.fetch(fields["kind"]),
          "size" => fields["size"],
          **sizes.slice("mass_kg", "depth_m"),
          "spans" => spans,
          "holes_m" => holes,
          "eyes_m" => eyes,
          **(bails.empty? ? {} : { "bails_m" => bails }),
          "bending_kg_m" => nil,
          **sizes.slice("end_kg", "compression_kg", "least_deg_from_horizontal")
        }.merge(standing)
      end

      def list(field)
        parts(field).map { |text| Quantity::Reader.read(text, :length) }
      rescue Quantity::Unreadable => error
        problem(field, error.message, error.expected)
        []
      end
    end
  end
end
