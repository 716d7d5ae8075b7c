module DustLadder
  module Gear
    # What is kept of a piece that is neither sling nor beam: a fitting, a special leg, a mat, a device or a machine.
    # Its kind says which fields are read, and how.
    module OtherReading
      READ = { "mass" => :mass, "length" => :length, "pressure" => :pressure }.freeze
      MOST_COUNT = 100

      private

      def other
        read = kind.fields.to_h { |name| [ name, reading(Kinds::FIELDS[name]) ] }
        kind.needs.each do |name|
          next unless fields[name].empty?

          field = Kinds::FIELDS[name]
          problem(name, "it is not given", "#{field.label.downcase}, such as #{field.example}")
        end
        wrong_way_round(read)
        {
          "number" => fields["number"],
          "kind" => fields["kind"],
          "size" => fields["size"],
          **read.compact.to_h { |name, value| [ Kinds::FIELDS[name].key, value ] },
          **(legible ? {} : { "legible" => false }),
          **held_lower(read["wll"]),
          **standing
        }
      end

      # A field's value as its kind of reading has it; nil where it is empty, cannot be read or is read elsewhere.
      def reading(field)
        text = fields[field.name]
        case field.read
        when nil then nil
        when "words", "day" then text.empty? ? nil : text
        when "count" then count(field.name)
        else quantity(field.name, READ.fetch(field.read))
        end
      end

      def count(name)
        return if fields[name].empty?

        number = Integer(fields[name], 10, exception: false)
        return number if number&.between?(1, MOST_COUNT)

        problem(name, "“#{fields[name][0, 40]}” is not a number of them", "a whole number from 1 on")
      end

      # A plate clamp that grips from 25 mm to 10 mm grips nothing.
      def wrong_way_round(read)
        from, to = read.values_at("grips_from", "grips_to")
        return unless from && to && to < from

        problem("grips_to", "it is less than where it begins", "more than #{fields["grips_from"]}")
      end
    end
  end
end
