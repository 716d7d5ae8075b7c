module DustLadder
  module Gear
    # A piece as its keeper would write it.
    module PieceFields
      module_function

      # A piece's fields from data of the plan format, as a keeper would write them.
      def of(data)
        quantity = ->(value, unit) { value.nil? ? "" : "#{format("%.4f", value).sub(/\.?0+\z/, "")} #{unit}" }
        base = {
          "number" => data["number"],
          "kind" => Piece::BEAMS.key(data["kind"]) || data["kind"],
          "size" => data["size"],
          "mass" => quantity.(data["mass_kg"], "kg"),
          "state" => data["state"] || "ready",
          "due" => data["due"].to_s,
          "examined" => data["examined"].to_s,
          **%w[use set own_swl_why].to_h { |field| [ field, data[field].to_s ] },
          "own_swl" => quantity.(data["own_swl_kg"], "kg")
        }
        return base.merge(beam_fields(data, quantity)) if data["spans"]
        return base.merge(other_fields(data, quantity)) unless data["tag"]

        tag = data["tag"]
        base.merge(
          "legs" => data["legs"].to_i.to_s,
          "reach" => quantity.(data["reach_m"], "m"),
          "link_pitch" => quantity.(data["link_pitch_m"], "m"),
          "diameter" => quantity.(data["diameter_m"], "m"),
          "ends" => data["ends"].to_s,
          "legible" => tag["legible"] ? "yes" : "no",
          "bands" =>
            tag["multi_leg"]
              .map { |band| "#{band["upto_deg_from_plumb"]}°: #{quantity.(band["kg"], "kg")}" }
              .join("; "),
          **%w[outer_wire eye strand_wire].to_h { |field| [ field, quantity.(data[Kinds::FIELDS[field].key], "m") ] },
          **Piece::OF_TAG.to_h { |field, key| [ field, quantity.(tag[key], "kg") ] },
          **(Piece::CHOICES.keys + Piece::IN_WORDS).to_h { |field| [ field, data[field].to_s ] },
          "stretch" => quantity.(data["stretch_at_wll"] && data["stretch_at_wll"] * 100, "%")
        )
      end

      def beam_fields(data, quantity)
        list = ->(places) { places.map { |at| quantity.(at, "m") }.join("; ") }
        {
          "depth" => quantity.(data["depth_m"], "m"),
          "span_ratings" =>
            data["spans"].map { |one| "#{quantity.(one["span_m"], "m")}: #{quantity.(one["kg"], "kg")}" }.join("; "),
          "holes" => list.(data["holes_m"]),
          "eyes" => list.(data["eyes_m"]),
          "bails" => list.(data["bails_m"].to_a),
          "end_rating" => quantity.(data["end_kg"], "kg"),
          "compression" => quantity.(data["compression_kg"], "kg"),
          "least_angle" => data["least_deg_from_horizontal"] ? "#{data["least_deg_from_horizontal"]}°" : ""
        }
      end

      UNITS = { "mass" => "kg", "length" => "m", "pressure" => "kPa" }.freeze

      # Of what is neither sling nor beam: field by field of its kind.
      def other_fields(data, quantity)
        fields = Kinds.of(data["kind"]).fields.map { |name| Kinds::FIELDS[name] }.select(&:read)
        read =
          fields.to_h do |field|
            unit = UNITS[field.read]
            [ field.name, unit ? quantity.(data[field.key], unit) : data[field.key].to_s ]
          end
        read.merge("legible" => data["legible"] == false ? "no" : "yes")
      end
      private_class_method :beam_fields, :other_fields
    end
  end
end
