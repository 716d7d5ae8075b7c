module DustLadder
  module Gear
    # What the plan format makes of a sling's fields.
    module SlingReading
      private

      def sling
        legs = Integer(fields["legs"].empty? ? "1" : fields["legs"], exception: false)
        problem("legs", "“#{fields["legs"]}” is not a number of legs", "1, 2, 3 or 4") unless (1..4).cover?(legs)
        known = legible
        sizes = Piece::OF_SLING.to_h { |field, (kind, key)| [ key, quantity(field, kind, required: field == "reach") ] }
        tag = {
          "legible" => known,
          **Piece::OF_TAG.to_h { |field, key| [ key, quantity(field, :mass) ] },
          "multi_leg" => bands
        }
        if known && tag.values_at(*Piece::OF_TAG.values).none? && Piece::OF_TAG.keys.all? { |field|
          fields[field].empty?
        }
          problem(
            "vertical",
            "the tag can be read but no rating is given",
            "a rating for at least one hitch, or legible: no"
          )
        end
        made = {
          "number" => fields["number"],
          "kind" => fields["kind"],
          "size" => fields["size"],
          "legs" => legs,
          "reach_m" => sizes["reach_m"],
          "mass_kg" => sizes["mass_kg"],
          "link_pitch_m" => sizes["link_pitch_m"],
          "tag" => tag
        }
        made["diameter_m"] = sizes["diameter_m"] if sizes["diameter_m"]
        made["set"] = fields["set"] unless fields["set"].empty?
        made.merge!(sizes_new, held_lower(tag["vertical_kg"]))
        made["ends"] = fields["ends"] unless fields["ends"].empty?
        made.merge(makeup)
      end

      # Can its tag be read? nil, and a problem, for what is neither yes nor no.
      def legible
        Piece::WORDS.fetch(fields["legible"].downcase) do
          problem(
            "legible",
            "“#{fields["legible"]}” is neither yes nor no",
            "yes where the tag can be read, no where it cannot"
          )
        end
      end

      # Sizes new that wear is held against.
      def sizes_new =
        %w[outer_wire eye strand_wire].to_h { |field|
          [ Kinds::FIELDS[field].key, quantity(field, :length) ]
        }.compact

      # What its keeper holds it to, below what is stamped on it, and why.
      def held_lower(stamped)
        own = quantity("own_swl", :mass)
        problem("own_swl_why", "why it is held lower is not given", "a reason") if own && fields["own_swl_why"].empty?
        if own && stamped && own > stamped
          problem("own_swl", "it is more than the piece is rated for", "#{Figure.kg(stamped, :down)} at most")
        end
        own ? { "own_swl_kg" => own, "own_swl_why" => fields["own_swl_why"] } : {}
      end

      # What it is made of, as far as it is known, and how it stands.
      def makeup
        chosen = Piece::CHOICES.keys.to_h { |field| [ field, choice(field) ] }
        words = Piece::IN_WORDS.to_h { |field| [ field, fields[field].empty? ? nil : fields[field] ] }
        chosen.merge(words, "stretch_at_wll" => quantity("stretch", :share), **standing).compact
      end

      def choice(field)
        text = fields[field].downcase.sub(/\A(?:grade|gr\.?)\s*/, "")
        return if text.empty? || text == "unknown"
        return text if Piece::CHOICES.fetch(field).include?(text)

        problem(
          field,
          "“#{fields[field]}” is not one of its kinds",
          "#{Piece::CHOICES.fetch(field).join(", ")}, or empty where it is not known"
        )
      end

      # "45°: 5.6 t; 60°: 4 t", degrees from plumb.
      def bands
        pairs("bands", :angle, "bands from plumb, such as 45°: 5600 kg; 60°: 4000 kg").map do |deg, kg|
          { "upto_deg_from_plumb" => deg, "kg" => kg }
        end
      end
    end
  end
end
