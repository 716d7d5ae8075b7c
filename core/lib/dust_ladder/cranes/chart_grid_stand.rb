module DustLadder
  module Cranes
    # The lines of a CSV grid that say how the machine stands: its slewing axis, pads or tracks, masses, tail. Places
    # are forward and to the right of the deck's origin.
    module ChartGridStand
      # First word or words of a line; where its figures go, and what kind each is. The rest of the first cell is a
      # name.
      LINES = {
        "slewing axis" => %i[length length],
        "pad" => %i[length length length],
        "tracks" => %i[length length length length length],
        "part" => %i[mass length length],
        "boom mass" => %i[length mass length],
        "jib mass" => %i[mass length],
        "total mass" => %i[mass],
        "tail" => %i[length length length]
      }.freeze
      # Where that goes of which there is one.
      ONCE = {
        "slewing axis" => "axis_m",
        "tracks" => "tracks",
        "jib mass" => "jib",
        "total mass" => "total_kg",
        "tail" => "tail"
      }.freeze
      LINE = /\A(?<what>slewing axis|pad|tracks|part|boom mass|jib mass|total mass|tail)(?: (?<name>.+))?\z/i

      module_function

      # The lines of a chart's stand, cells each.
      def lines(stand)
        return [] unless stand

        tracks, jib, tail = stand.values_at("tracks", "jib", "tail")
        [
          [ "slewing axis", *metres(*stand["axis_m"]) ],
          *stand["pads"].to_a.map { |pad| [ "pad #{pad["name"]}", *metres(*pad["at_m"], pad["side_m"]) ] },
          *(tracks && [ [ "tracks",
            *metres(*tracks.values_at("length_m", "width_m", "gauge_m"), *tracks["middle_m"]) ] ]),
          *stand["parts"].to_a.map { |part| part_line(part) },
          *stand["booms"].to_a.map { |boom|
            [ "boom mass", *metres(boom["length_m"]), kg(boom), *metres(boom["along_m"]) ]
          },
          *(jib && [ [ "jib mass", kg(jib), *metres(jib["along_m"]) ] ]),
          *(stand["total_kg"] && [ [ "total mass", kg("kg" => stand["total_kg"]) ] ]),
          *(tail && [ [ "tail", *metres(*tail.values_at("radius_m", "bottom_m", "top_m")) ] ])
        ]
      end

      def part_line(part) = [ "part #{part["what"]}", kg(part), *metres(*(part["at_m"] || part["toward_boom_m"])) ]
      def metres(*figures) = figures.map { |figure| "#{BigDecimal(figure.to_s).to_s("F").delete_suffix(".0")} m" }
      def kg(part) = "#{BigDecimal(part["kg"].to_s).to_s("F").delete_suffix(".0")} kg"

      # What keeps a line from being taken: [column, what is wrong, what was expected], or nil. texts: of its figures;
      # stand: what was taken before. A hole among them would bring every later figure to another place.
      def trouble(what, first, texts, stand)
        hole = texts.index(&:empty?)
        return hole + 2, "#{first} lacks a figure", "all of them, in their order" if hole
        return 1, "#{what} is said twice", "one line of it" if stand.key?(ONCE[what])

        few = what == "part" ? [ 2, 3 ] : [ LINES.fetch(what).size ]
        return if few.include?(texts.size)

        [ 2, "#{first} has #{texts.size} figures", "#{few.join(" or ")}, each with its unit" ]
      end

      # Takes one line into a chart's stand. figures: those of its cells, in m and kg.
      def take(stand, what, name, figures)
        case what
        when "slewing axis"
          stand["axis_m"] = figures
        when "pad"
          (stand["pads"] ||= []) << { "name" => name, "at_m" => figures.first(2), "side_m" => figures[2] }
        when "tracks"
          long, wide, gauge, *middle = figures
          stand["tracks"] = { "length_m" => long, "width_m" => wide, "gauge_m" => gauge, "middle_m" => middle }
        when "part"
          kg, *place = figures
          where = place.size == 2 ? { "at_m" => place } : { "toward_boom_m" => place[0] }
          (stand["parts"] ||= []) << { "what" => name, "kg" => kg, **where }
        when "boom mass"
          (stand["booms"] ||= []) << %w[length_m kg along_m].zip(figures).to_h
        when "jib mass"
          stand["jib"] = %w[kg along_m].zip(figures).to_h
        when "total mass"
          stand["total_kg"] = figures[0]
        when "tail"
          stand["tail"] = %w[radius_m bottom_m top_m].zip(figures).to_h
        end
      end
      private_class_method :part_line, :metres, :kg
    end
  end
end
